// Cling film over a bowl, and the holes that are made in it.
import { kindOf } from '../technique/lexicon';
import type { Located, State } from './state';

/** "Cover with cling film and pierce it". */
export function isFilm(state: State, c: Located): boolean {
  const lid = state.container === null ? null : (state.world.vessels.get(state.container)?.lid ?? null);
  return (
    lid === 'cling-film' &&
    c.mentions.length === 0 &&
    ((kindOf(c.technique?.id) === 'prick' &&
      /^(?:it|the film)?(?:\s+(?:a few|several|two|three|\d+)\s+times|\s+with (?:a|the) \p{L}+|\s+in (?:a few|several) places|\s+all over)*$/iu.test(
        c.rest.trim(),
      )) ||
      // "make a few holes"
      (c.verb === 'make' && /\b(?:holes?|slits?)\b/i.test(c.rest)))
  );
}

/** "Make two holes in it with a fork": in the film. */
export const inFilm = (rest: string): string =>
  rest.replace(/\s+in (?:it|the (?:film|cling ?film|top))\b/i, '').replace(/\b(?:holes?|slits?)\b/i, '$& in the cling film');
