// Levels of help in words that anybody understands: how it was done, and what to do the next time.
import type { Hierarchy } from '../help/hierarchy';

/** By level: how a step was done with it, and what an adult does who aims at it. `{name}` is the learner. */
const WORDS: ReadonlyMap<string, { with: string; next: string }> = new Map([
  ['independent', { with: 'alone', next: 'wait, and let {name} do it alone' }],
  ['gesture', { with: 'when somebody pointed', next: 'only point or look' }],
  ['indirect-verbal', { with: 'with a hint', next: 'only give a hint (“what’s next?”)' }],
  ['direct-verbal', { with: 'when told what to do', next: 'say what to do, and no more' }],
  ['model', { with: 'when shown how', next: 'show how, then let {name} do it' }],
  ['partial-physical', { with: 'with some help by hand', next: 'only start or steady the hand' }],
  ['full-physical', { with: 'with help by hand all the way', next: 'help by hand all the way, with consent' }],
  ['adult-does', { with: 'only by an adult', next: 'do it, and let {name} watch' }],
  ['cue', { with: 'with a sound or a touch', next: 'only give a sound or a touch' }],
  ['verbal-description', { with: 'when told what is where', next: 'say what is where, and no more' }],
  ['tactile-model', { with: 'after feeling how it is done', next: 'let {name} feel how you do it' }],
  ['hand-under-hand', { with: 'hand under hand', next: 'work with your hands under the learner’s' }],
  ['picture', { with: 'with the picture', next: 'only show the picture' }],
  ['verbal', { with: 'when told', next: 'say what to do, and no more' }],
  ['physical', { with: 'with help by hand', next: 'help by hand' }],
  ['after-prompt', { with: 'after the prompt', next: 'wait the delay, then prompt' }],
]);

/** What the class calls a level. */
export const nameOf = (id: string, hierarchy: Hierarchy) => hierarchy.levels.find((l) => l.id === id)?.name ?? id;

/** "with a hint" */
export const doneWith = (level: string, hierarchy: Hierarchy): string => WORDS.get(level)?.with ?? `at “${nameOf(level, hierarchy)}”`;
/** "only point or look" */
export const nextTime = (level: string, hierarchy: Hierarchy, learner: string): string =>
  (WORDS.get(level)?.next ?? `aim at “${nameOf(level, hierarchy)}”`).replace('{name}', learner);
