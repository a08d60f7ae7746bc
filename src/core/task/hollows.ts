// What is filled: the holes of a tin, the cases in it, and what had its inside taken out.
import { placeOf } from './nouns';
import { actOfKind, worksOf } from '../technique/works';
import { hasMark } from '../technique/tools';
import type { State } from './state';

/** The holes of a tin, or what lines them. */
export const EACH_HOLE =
  /^(?:the |each |every |all (?:of )?(?:the )?|\d+ |prepared )*(?:\p{L}+ )?(?:cups?|holes?|cases?|liners?|moulds?)\b(?!\s+of\b)/iu;

export const HOLLOW = /^(?:the |each |every |their )*(?:holes?|cavit(?:y|ies)|hollows?|shells?|skins)\b/i;

/** What had a part taken out and lies elsewhere than what is in hand. */
export function hollowed(state: State): { vessel: string; lots: number[] } | null {
  const hand = placeOf(state, state.objectUses);
  const lot = state.world.lots.findLast(
    (l) =>
      l.at !== null &&
      l.at !== hand &&
      l.at !== 'board' &&
      [...l.forms].some((form) => worksOf(form).traits.has('parts') && actOfKind(form) === 'ready'),
  );
  return lot ? { vessel: lot.at!, lots: [...lot.parts.keys()] } : null;
}

/** The tin with holes that is in use. */
export const eachIn = (state: State, text: string): string | null =>
  [state.prepared, state.container, ...state.steps.map((s) => s.into ?? null).reverse()].find(
    (v) => v !== null && hasMark(v, 'each') && (hasMark(v, 'shared') || !/\bholes?\b/i.test(text)),
  ) ?? null;
