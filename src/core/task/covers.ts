// With what a vessel is covered that has no lid of its own, where the recipe only says "cover".
import { table } from '../amount/table';
import { contents } from '../kitchen/index';
import { hasMark, toolById } from '../technique/tools';
import { toolCall } from './tool-names';
import type { Located, State } from './state';

/** A dish with a lid of its own, by its name. */
const HAS_LID = /\b(?:casserole|pot|oven|cooker)\b/i;
const NAMES_COVER = /\b(?:lids?|foil|film|wrap|plate|cloth|towel|paper|parchment|saucer|dish|board|tray|with)\b/i;

/**
 * A cloth over dough that rises, foil over what is baked in, a plate over a bowl (common practice); the plate that lay there before.
 * @returns null where it has a lid, or where the words say what covers it
 */
export function coverFor(state: State, c: Located, vessel: string | null): string | null {
  if (vessel === null || hasMark(vessel, 'lid') || HAS_LID.test(toolCall(state, vessel)) || NAMES_COVER.test(c.rest)) return null;
  const before = state.world.vessels.get(vessel)?.cover ?? null;
  if (before !== null) return hasMark(before, 'covers') ? before : null;
  if (toolById(vessel)?.kind === 'surface') return 'cling-film';
  const lots = contents(state.world, vessel);
  const rises = lots.some((lot) => !lot.cooked && (lot.name === 'dough' || (lot.joined && lot.floury.size > 0)));
  if (rises) return 'cloth';
  if (!hasMark(vessel, 'bakes')) return 'plate';
  const line = state.recipe.instructions[c.line - 1] ?? '';
  // metal sparks in a microwave
  if (MICROWAVED.test([state.recipe.title, ...state.recipe.instructions].join(' '))) return 'plate';
  return CHILLS.test(line) ? 'cling-film' : 'foil';
}

const MICROWAVED = /\bmicrowave\b/i;
const CHILLS = /\b(?:chill|fridge|refrigerat\p{L}*|overnight|freeze\p{L}*)\b/iu;

const SAID = table<string>({
  cloth: 'a clean cloth',
  foil: 'foil',
  plate: 'a plate',
  'cling-film': 'cling film',
  paper: 'baking paper',
});

/** "With a clean cloth", for a clause that does not say what covers it; empty where it does, or where there is a lid. */
export function withCover(state: State, c: Located, vessel: string | null): string {
  const cover = c.technique?.id === 'cover' ? coverFor(state, c, vessel) : null;
  return cover !== null && SAID.has(cover) ? ` with ${SAID.get(cover)!}` : '';
}
