// What reading has found so far, and how a line is put into it: as an ingredient, a tool, an instruction, a note, or as not understood.
import { KITCHEN_VERBS } from './verbs';
import { readIngredientLine, stripBullet } from './ingredient-line';
import type { Section } from './headings';
import { instructionText, STEP_LABEL } from './line-score';
import { isTold, withoutLabel } from './method-lines';
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
  /** Whether a line may be broken off by the width of its page: the word that the next begins with had no room on it, or every step has its number. */
  isBroken: (line: string, next: string) => boolean;
  /** Every step has its number and its full stop: what has neither goes on, whatever it begins with. */
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

/** Lines as short as this end where their writer ended them; a page breaks longer ones (common practice: 60 to 100 characters a line). */
const WRAPS_FROM = 45;

/** Steps that bear a number, where all of them do. */
const MANY_NUMBERED = 3;
/** No page is narrower than so many characters (common practice: the column of a recipe card). */
const NARROWEST = 28;

/**
 * Tells which lines of a text its page has broken off.
 * @param lines all of the text
 */
export function brokenOffIn(lines: readonly string[]): Pick<Draft, 'isBroken' | 'endsInStops'> {
  const widest = Math.max(...lines.map((line) => line.trimEnd().length), 0);
  const steps = lines.filter((line) => /^\s*(?:step\s*)?\(?\d{1,2}[.):]\s*\p{Lu}/iu.test(line)).length;
  const isNumbered = steps >= MANY_NUMBERED;
  const isBroken: Draft['isBroken'] = (line, next) => {
    const room = widest - line.trimEnd().length - 1;
    return isNumbered || (widest >= NARROWEST && (/^\S+/.exec(next.trim())?.[0].length ?? 0) > room);
  };
  return { isBroken, endsInStops: isNumbered && lines.filter((line) => /[.!]\s*$/.test(line)).length >= steps };
}

/** No sentence ends with these: what stands on the next line belongs to them, also a number or a name. */
const OPEN_END =
  /(?:^|\s)(?:the|an?|of|for|with|and|or|to|into?|onto?|at|about|around|until|from|by|over|under|another|every|approximately|between|than|your)$/i;

/**
 * A line that the width of a page has broken off: it begins in lower case, or whatever it begins with, the one before ends in the middle of its sentence.
 * @returns whether it was joined to the line before
 */
function joinsLast(draft: Draft, text: string, line: number, raw: string): boolean {
  const last = draft.recipe.instructions.at(-1);
  const before = draft.lines.findLast((l) => l.role !== 'blank');
  if (!last || before?.role !== 'instruction' || before.line !== line - 1) return false;
  // "for 10", and on the next line "minutes"; "tip into a", and "900 g tin"
  const goesOn =
    (/^(?:\p{Ll}|\()/u.test(text) ||
      (/^[\d½¼¾⅓⅔]/.test(text) && draft.isBroken(before.text, text)) ||
      draft.endsInStops ||
      OPEN_END.test(last)) &&
    !STEP_LABEL.test(text) &&
    !/^[a-z][.)]\s/.test(text);
  // whoever begins every line in lower case begins a new one with what is to do
  const isStyle = /^\p{Ll}/u.test(draft.recipe.instructions[0] ?? '') && KITCHEN_VERBS.has(/^\p{L}+/u.exec(text)?.[0] ?? '');
  if (!goesOn || isStyle || /[.!?:;]["')]?$/.test(last)) return false;
  if (before.text.trim().length < WRAPS_FROM && !draft.isBroken(before.text, text)) return false;
  draft.recipe.instructions[draft.recipe.instructions.length - 1] = `${last} ${text.trim()}`;
  note(draft, line, raw, 'instruction', draft.recipe.instructions.length - 1);
  return true;
}

export function addInstruction(draft: Draft, text: string, line: number, raw: string): void {
  if (joinsLast(draft, text, line, raw)) return;
  const pieces = text.split(/(?<=[.!])\s+(?=\(?\d{1,2}[.)]\s+\p{L})/u);
  for (const piece of pieces) {
    const plain = instructionText(piece);
    if (!/\p{L}/u.test(plain)) continue;
    if (isTold(plain)) {
      note(draft, line, raw, 'note');
      continue;
    }
    const instruction = withoutLabel(plain.replace(/\s+/g, ' '));
    draft.recipe.instructions.push(instruction);
    note(draft, line, raw, 'instruction', draft.recipe.instructions.length - 1);
  }
}
