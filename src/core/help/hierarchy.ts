// Prompt hierarchies: the ordered levels of help, most independent first, and the codes that are no level.

/** One level of help. `letter` stands on its mark, so it is one of a kind within its hierarchy. */
export type Level = { id: string; name: string; letter: string; say: string };

export type Hierarchy = { id: string; name: string; levels: Level[] };

/** Codes that are no level of help. */
export type OtherCode = 'not-offered' | 'adult' | 'refused' | 'self-corrected' | 'cleared';

export const OTHER_CODES: readonly { id: OtherCode; name: string; letter: string; say: string }[] = [
  { id: 'self-corrected', name: 'error, then self-corrected', letter: 'S', say: 'Made a mistake and put it right with no help' },
  { id: 'refused', name: 'refused', letter: 'R', say: 'Was offered the step and did not want it' },
  { id: 'adult', name: 'adult does, by plan', letter: 'A', say: 'An adult did it, as planned' },
  { id: 'not-offered', name: 'not offered', letter: 'N', say: 'The step did not come up' },
];

const level = (id: string, name: string, letter: string, say: string): Level => ({ id, name, letter, say });

/** The presets that a class can start from. No hierarchy is agreed by all (common practice); the one in force is kept with each lesson. */
export const HIERARCHIES: readonly Hierarchy[] = [
  {
    id: 'full',
    name: 'Full',
    levels: [
      level('independent', 'On my own', 'I', 'Done with no help from a person'),
      level('gesture', 'Gesture', 'G', 'You point or look'),
      level('indirect-verbal', 'Hint in words', 'V', '“What’s next?”'),
      level('direct-verbal', 'Told what to do', 'D', '“Pick up the spoon.”'),
      level('model', 'Shown how', 'M', 'You do it, then the learner does'),
      level('partial-physical', 'Some physical help', 'P', 'You start or steady the hand'),
      level('full-physical', 'Full physical help', 'F', 'Your hands all the way, with consent'),
    ],
  },
  {
    id: 'no-touch',
    name: 'No touch',
    levels: [
      level('independent', 'On my own', 'I', 'Done with no help from a person'),
      level('gesture', 'Gesture', 'G', 'You point or look'),
      level('indirect-verbal', 'Hint in words', 'V', '“What’s next?”'),
      level('direct-verbal', 'Told what to do', 'D', '“Pick up the spoon.”'),
      level('model', 'Shown how', 'M', 'You do it, then the learner does'),
      level('adult-does', 'Adult does it', 'X', 'You do it for the learner'),
    ],
  },
  {
    id: 'tactile',
    name: 'Tactile',
    levels: [
      level('independent', 'On my own', 'I', 'Done with no help from a person'),
      level('cue', 'Sound or touch cue', 'C', 'A tap on the table, a touch on the arm'),
      level('verbal-description', 'Told in words', 'V', 'You say what is where'),
      level('tactile-model', 'Feels how you do it', 'T', 'The learner’s hands over yours'),
      level('hand-under-hand', 'Hand under hand', 'H', 'Your hands under the learner’s'),
      level('adult-does', 'Adult does it', 'X', 'You do it for the learner'),
    ],
  },
  {
    id: 'pictures',
    name: 'Pictures count as help',
    levels: [
      level('independent', 'On my own', 'I', 'Done with no card and no help'),
      level('picture', 'Picture', 'C', 'You show the card'),
      level('gesture', 'Gesture', 'G', 'You point or look'),
      level('verbal', 'Told in words', 'V', 'You say what to do'),
      level('model', 'Shown how', 'M', 'You do it, then the learner does'),
      level('physical', 'Physical help', 'P', 'Your hands help'),
    ],
  },
];

/** A preset by its id; the full one where there is none of that name. */
export function hierarchyById(id: string): Hierarchy {
  return HIERARCHIES.find((h) => h.id === id) ?? HIERARCHIES[0]!;
}

/** Heights by code, for each hierarchy once: years of records ask for little else. */
const HEIGHTS = new WeakMap<Hierarchy, Map<string, number>>();

function heightsOf(hierarchy: Hierarchy): Map<string, number> {
  const known = HEIGHTS.get(hierarchy);
  if (known) return known;
  const top = hierarchy.levels.length - 1;
  const heights = new Map(hierarchy.levels.map((l, i) => [l.id, top - i]));
  heights.set('self-corrected', top);
  HEIGHTS.set(hierarchy, heights);
  return heights;
}

/** The one asked for last: records come lesson by lesson, thousands with the same levels. */
let last: { of: Hierarchy; heights: Map<string, number> } | null = null;

/** How far up the ladder a code stands: 0 is the most help, n the independent level; null for a code that is no level. */
export function heightOf(code: string, hierarchy: Hierarchy): number | null {
  if (last?.of !== hierarchy) last = { of: hierarchy, heights: heightsOf(hierarchy) };
  return last.heights.get(code) ?? null;
}
