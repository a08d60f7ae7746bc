// Places that are no vessel by name: a sheet of paper, a towel on the worktop, the well in the flour, the water that boils.
import { cutSheet } from './sheet-cut';
import type { Phrase } from './slots';
import { PARCEL, type State } from './state';
import { panOfWater } from './vessels';

const SHEET = /\b(?:foil|baking paper|baking parchment|parchment|greaseproof paper|(?:squares?|sheets?|rectangles?) of paper)\b/i;
const CLOTH = /\b(?:(?:tea|dish|kitchen)[- ]?(?:towels?|cloths?)|(?:clean|dry|damp) (?:cloths?|towels?))\b/i;
const SAME_WATER = /^(?:the|that|this)\s+(?:same|boiling|hot|simmering|egg|cooking)\s+water\b/i;
const WELL = /^(?:the|this|that|your)\s+(?:well|hollow|dip)\b/i;

/** "On a clean tea towel", which is spread out before the learner. */
export const isOnCloth = ({ prep, text }: Phrase): boolean => CLOTH.test(text) && /^on(?:to)?$/.test(prep ?? '');

/** The vessel that a phrase leads to, where it speaks of a sheet, a cloth, a well or the water; null for all else. */
export function placeSaid(state: State, phrase: Phrase): string | null {
  const { text } = phrase;
  const sheet = cutSheet(state, text);
  if (sheet) return sheet;
  if (SHEET.test(text)) return /\bfoil\b/i.test(text) ? PARCEL : 'paper';
  if (isOnCloth(phrase)) return 'board';
  if (SAME_WATER.test(text) && phrase.mentions.length === 0) return panOfWater(state);
  return WELL.test(text) ? (state.steps.findLast((s) => s.technique === 'make-well')?.into ?? null) : null;
}
