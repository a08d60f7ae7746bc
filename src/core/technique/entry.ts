// Writes one entry of the lexicon so that it can be read at a glance.
import type { Cue, Technique } from './model';

type Cues = { see?: string; feel?: string; hear?: string; smell?: string; time?: string; measure?: string };
type Written = Omit<Technique, 'id' | 'name' | 'verbs' | 'cues'> & { cues: Cues };

const SENSES = { see: 'sight', feel: 'touch', hear: 'sound', smell: 'smell', time: 'time', measure: 'thermometer' } as const;

/**
 * One technique. `verbs` separated by "|"; `minutes` are an adult's.
 */
export function technique(id: string, name: string, verbs: string, rest: Written): Technique {
  const cues = Object.entries(rest.cues).map(([key, text]): Cue => ({ sense: SENSES[key as keyof Cues], text }));
  return { ...rest, id, name, verbs: verbs.split('|'), cues };
}
