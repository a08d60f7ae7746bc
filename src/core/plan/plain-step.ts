// A step of which nothing is known but its words: what routes of the program start from.
import type { Step } from './model';

export const plainStep = (own: Pick<Step, 'key' | 'text' | 'phase'> & Partial<Step>): Step => ({
  technique: null,
  sourceLine: null,
  uses: [],
  tools: [],
  into: null,
  fillings: [],
  hazards: [],
  supervision: 'none',
  cues: [],
  minutes: { active: 0, waiting: 0 },
  demands: [],
  small: [],
  meanwhile: null,
  ...own,
});
