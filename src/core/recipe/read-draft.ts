// What reading has found so far, and how a line is put into it: as an ingredient, a tool, a note, or as not understood.
import { readIngredientLine, stripBullet } from './ingredient-line';
import type { Section } from './headings';
import type { LineRole, NotUnderstood, Recipe } from './recipe';

/** The longest line and the most lines that are read; what is beyond is reported, not read. */
export const LONGEST_LINE = 2000;

export type Draft = {
  recipe: Recipe;
  lines: LineRole[];
  notUnderstood: NotUnderstood[];
  section: Section;
  group: string | null;
  /** A heading named the section, so its lines need not prove themselves. */
  headed: boolean;
  sawMethod: boolean;
  /** Whether an ingredient stands below this line; asked seldom, so worked out only then. */
  listBelow: (line: number) => boolean;
  /** Whether a heading of the list of ingredients is still to come. */
  listHeadBelow: (line: number) => boolean;
  /** Whether a line, by its number, may be broken off by the width of its page: the word that the next begins with had no room on it. */
  isBroken: (line: number) => boolean;
  /** Every step has its number. */
  isNumbered: boolean;
  /** ... and its full stop: what has neither goes on, whatever it begins with. */
  endsInStops: boolean;
};

export function note(draft: Draft, line: number, text: string, role: LineRole['role'], index: number | null = null): void {
  draft.lines.push({ line, text, role, index });
}

export function enter(draft: Draft, section: Section, line: number, raw: string, say = true): void {
  draft.section = section;
  draft.headed = true;
  draft.group = null;
  if (section === 'method') draft.sawMethod = true;
  if (say) note(draft, line, raw, 'heading');
}

export function refuse(draft: Draft, line: number, text: string, why: string): void {
  draft.notUnderstood.push({ line, text: text.slice(0, 200), why });
  note(draft, line, text.slice(0, 200), 'unread');
}

export function addIngredient(draft: Draft, said: string, line: number, raw: string): void {
  // a table: the amount stands in a column of its own, behind
  const column = !/\s{3}|\t/.test(said) ? null : /^(\p{L}.*?\S)(?:\s{3,}|\t+)((?:\d|[½⅓¼¾⅔]).{0,20})$/u.exec(said);
  const text = column ? `${column[2]} ${column[1]}` : said;
  const ingredients = readIngredientLine(text, draft.group);
  const unnamed = ingredients.find((one) => !one.item);
  if (unnamed) return refuse(draft, line, raw, unnamed.doubt ?? 'no food is named on this line');
  for (const ingredient of ingredients) {
    draft.recipe.ingredients.push(ingredient);
    note(draft, line, raw, 'ingredient', draft.recipe.ingredients.length - 1);
    if (ingredient.doubt) draft.notUnderstood.push({ line, text: raw.trim(), why: ingredient.doubt });
  }
}

export function addTool(draft: Draft, text: string, line: number, raw: string): void {
  for (const tool of stripBullet(text).split(/,\s+|;\s+/)) if (tool.trim()) draft.recipe.tools.push(tool.trim().replace(/[.]$/, ''));
  note(draft, line, raw, 'tool', draft.recipe.tools.length - 1);
}
