// A sheet of paper or foil that was cut before, where a phrase speaks of it: "between the two squares".
import { hasMark } from '../technique/tools';
import type { State } from './state';

/** What a step that cuts a sheet is named. */
export const SHEET_NAME = 'paper';

/** "Share the courgette out between the two squares": the sheet that was cut for them. */
export const cutSheet = ({ steps }: Pick<State, 'steps'>, said: string): string | null =>
  SQUARES.test(said) ? (steps.findLast((s) => s.name === SHEET_NAME)?.tools?.find((id) => hasMark(id, 'under')) ?? null) : null;
const SQUARES =
  /^(?:(?:the|an?|each|every|one|both|all|two|four|six|\d+|of|paper|foil|middle|cent(?:re|er)|half|side|baking|greaseproof)\s+)*(?:squares?|sheets?|papers?|foil|parchment|rectangles?|pieces?\s+of\s+(?:paper|foil))\b(?!\s+(?:towel|cases?))/i;
