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

/**
 * A technique that is done like another of the lexicon: what is not stated is as in that one. Its own words, small steps and cues are always stated.
 */
export function variant(
  of: Technique,
  id: string,
  name: string,
  verbs: string,
  own: Pick<Written, 'small' | 'cues'> & Partial<Written>,
): Technique {
  const base: Technique = { ...of };
  // what "take" and the like need beside them is for each to say
  delete base.only;
  return technique(id, name, verbs, { ...base, like: of.like ?? of.id, ...own });
}

/** The entry of a list with this id; for writing variants. */
export function entryOf(list: readonly Technique[], id: string): Technique {
  const found = list.find((t) => t.id === id);
  if (!found) throw new Error(`the lexicon has no “${id}”`);
  return found;
}
