// What a recipe calls its tools, so that added steps speak as the recipe does: a skillet stays a skillet.
import type { Recipe } from '../recipe/recipe';
import { findTools, hasMark, toolById, TOOLS } from '../technique/tools';

/** What stands on a ring and is called "the pan". */
export const PANS: readonly string[] = TOOLS.filter(({ id }) => hasMark(id, 'ring')).map(({ id }) => id);

const SECONDS = TOOLS.filter(({ id }) => hasMark(id, 'second'));

/** What each tool is called in the steps of a recipe: by its first name there; beside a frying pan nobody knows which of the two "the pan" is. */
export function toolCalls(recipe: Pick<Recipe, 'tools' | 'instructions'>): Map<string, string> {
  const calls = callsIn(recipe);
  const general = [...calls].find(([, call]) => call === 'pan')?.[0];
  if (general && hasTwoPans({ calls })) calls.set(general, toolById(general)!.name);
  // "another roasting tin" is the second roasting tin
  for (const { id, picture } of SECONDS) {
    const first = calls.get(picture);
    if (first !== undefined && !calls.has(id)) calls.set(id, `second ${first}`);
  }
  return calls;
}

/** The first name, singular, by which texts call each tool that they name. */
export function callsIn(recipe: Pick<Recipe, 'tools' | 'instructions'>): Map<string, string> {
  const calls = new Map<string, string>();
  const several = new Map<string, string>();
  for (const text of [...recipe.tools, ...recipe.instructions])
    for (const { tool, at, length } of findTools(text)) {
      const said = text.slice(at, at + length).toLowerCase();
      // "top each pot": what one person eats out of
      if (PANS.includes(tool.id) && /\b(?:each|every|per)\s+$/i.test(text.slice(0, at))) continue;
      // "a microwave dish" is the dish
      const own = tool.words.includes(said) ? said : tool.words.find((word) => said.endsWith(` ${word}`));
      if (!calls.has(tool.id) && own) calls.set(tool.id, own.replace(/^dutch/, 'Dutch'));
      const many = MANY.exec(text.slice(Math.max(0, at - 24), at)) && tool.words.find((word) => said === pluralOf(word));
      if (many) several.set(tool.id, said);
    }
  // spoken of as several, and never as one
  for (const [id, said] of several) if (!calls.has(id) && (toolById(id)?.holds ?? Infinity) <= OF_ONE) calls.set(id, said);
  return calls;
}

/** A recipe that speaks of more than one pan. */
export const hasTwoPans = ({ calls }: { calls: ReadonlyMap<string, string> }): boolean =>
  PANS.filter((id) => calls.has(id) && !hasMark(id, 'second')).length > 1;

/** A glass, a mug, a small bowl: what one person eats out of holds no more, in millilitres (common practice). */
const OF_ONE = 600;
/** "Into 4 glasses", "between the mugs". */
const MANY = /\b(?:\d+|two|three|four|five|six|eight|ten|twelve|the|individual|small|little|serving)\s+$/i;
const pluralOf = (word: string) => (/(?:s|sh|ch|x)$/.test(word) ? `${word}es` : `${word}s`);

/** What a tool is called in the steps of a recipe. */
export function toolCall(state: { calls: ReadonlyMap<string, string> }, id: string): string {
  return state.calls.get(id) ?? toolById(id)?.name ?? 'bowl';
}

/** Where a thing goes that is put there: "in the bowl", "on the tray". */
export function inTool(state: { calls: ReadonlyMap<string, string> }, id: string): string {
  const call = toolCall(state, id);
  return `${hasMark(id, 'flat') && !/\b(?:tin|pan|dish)$/.test(call) ? 'on' : 'in'} the ${call}`;
}
