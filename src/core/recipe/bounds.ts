// How much of a recipe there may be. What is beyond is told line by line, never dropped without a word and never kept half.
import type { Ingredient, LineRole, Reading } from './recipe';

/** More than these is more than one recipe. */
const MOST_INGREDIENTS = 200;
const MOST_INSTRUCTIONS = 300;
const MOST_TOOLS = 100;

/** The longest texts of a reading, in characters. */
const LONGEST = { line: 2000, item: 200, phrase: 200, note: 300, tool: 120, group: 120, unread: 200 };

const cut = (text: string, most: number) => (text.length > most ? text.slice(0, most).toWellFormed() : text);
const cutAll = (texts: readonly string[], most: number, many: number) => texts.slice(0, many).map((text) => cut(text, most));

function fitIngredient(one: Ingredient): Ingredient {
  return {
    ...one,
    text: cut(one.text, LONGEST.line),
    item: cut(one.item, LONGEST.item),
    preparation: cutAll(one.preparation, LONGEST.phrase, 20),
    alternatives: cutAll(one.alternatives, LONGEST.phrase, 20),
    notes: cutAll(one.notes, LONGEST.note, 20),
    group: one.group && cut(one.group, LONGEST.group),
    doubt: one.doubt && cut(one.doubt, LONGEST.note),
  };
}

/** Which lines hold an ingredient or an instruction that is one too many. */
const beyond = (line: LineRole) =>
  line.index !== null &&
  ((line.role === 'ingredient' && line.index >= MOST_INGREDIENTS) || (line.role === 'instruction' && line.index >= MOST_INSTRUCTIONS));

/** A reading of which every part can be shown, corrected and kept. A reading of ordinary size comes back as it is. */
export function withinBounds(reading: Reading): Reading {
  const { recipe } = reading;
  const told = reading.lines.filter(beyond).map(({ line, text, role }) => ({
    line,
    text,
    why:
      role === 'ingredient'
        ? `more than ${MOST_INGREDIENTS} ingredients are more than one recipe`
        : `more than ${MOST_INSTRUCTIONS} lines of method are more than one recipe`,
  }));
  const extraTools =
    recipe.tools.length > MOST_TOOLS ? [{ line: 1, text: 'tools', why: `more than ${MOST_TOOLS} tools are more than one recipe` }] : [];
  return {
    recipe: {
      ...recipe,
      ingredients: recipe.ingredients.slice(0, MOST_INGREDIENTS).map(fitIngredient),
      tools: cutAll(recipe.tools, LONGEST.tool, MOST_TOOLS),
      instructions: cutAll(recipe.instructions, LONGEST.line, MOST_INSTRUCTIONS),
    },
    notUnderstood: [...reading.notUnderstood, ...told, ...extraTools]
      .slice(0, LONGEST.line)
      .map((n) => ({ ...n, text: cut(n.text, LONGEST.unread), why: cut(n.why, LONGEST.note) })),
    lines: reading.lines
      .slice(0, LONGEST.line)
      .map((l) => ({ ...l, text: cut(l.text, LONGEST.line), ...(beyond(l) ? { role: 'unread' as const, index: null } : {}) })),
  };
}
