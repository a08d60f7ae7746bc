// Lines that the width of a page has broken off, of a method and of a list: what belongs to the line before is put to it again.
import { findFood } from './food';
import { PART_OF_DISH } from './headings';
import { POINT, stripBullet } from './ingredient-line';
import { ingredientScore, STEP_LABEL } from './line-score';
import { isTool } from './one-line-list';
import { addIngredient, type Draft, note } from './read-draft';
import { KITCHEN_VERBS } from './verbs';

/** Lines as short as this end where their writer ended them; a page breaks longer ones (common practice: 60 to 100 characters a line). */
const WRAPS_FROM = 45;
/** Steps that bear a number, where all of them do. */
const MANY_NUMBERED = 3;
/** No column is narrower than so many characters (common practice: the column of a recipe card). */
const NARROWEST = 28;
/** How far around a line its column is looked at: a list and a method may stand in columns of two widths. */
const NEAR = 5;

/** No sentence ends with these: what stands on the next line belongs to them, also a number or a name. */
const OPEN_END =
  /(?:^|\s)(?:the|an?|of|for|with|and|or|to|into?|onto?|at|about|around|until|from|by|over|under|another|every|approximately|between|than|your)$/i;
const IS_NUMBERED = /^\s*(?:step\s*)?\(?\d{1,2}[.):]\s*\p{Lu}/iu;

/**
 * Tells which lines of a text its page has broken off.
 * @param lines all of the text
 */
export function brokenOffIn(lines: readonly string[]): Pick<Draft, 'isBroken' | 'isNumbered' | 'endsInStops'> {
  const steps = lines.filter((line) => IS_NUMBERED.test(line)).length;
  const isNumbered = steps >= MANY_NUMBERED;
  const isBroken: Draft['isBroken'] = (line) => {
    const length = (text: string | undefined) => text?.trimEnd().length ?? 0;
    const widest = Math.max(...lines.slice(Math.max(0, line - 1 - NEAR), line + NEAR).map(length), 0);
    const room = widest - length(lines[line - 1]) - 1;
    return widest >= NARROWEST && (/^\S+/.exec(lines[line]?.trim() ?? '')?.[0].length ?? 0) > room;
  };
  return {
    isBroken,
    isNumbered,
    endsInStops: isNumbered && lines.filter((line) => /[.!]\s*$/.test(line)).length >= steps,
  };
}

/**
 * A line of method that was broken off: it begins in lower case, or whatever it begins with, the one before ends in the middle of its sentence.
 * @returns whether it was joined to the line before
 */
export function joinsLast(draft: Draft, text: string, line: number, raw: string): boolean {
  const last = draft.recipe.instructions.at(-1);
  const before = draft.lines.findLast((l) => l.role !== 'blank');
  if (!last || before?.role !== 'instruction' || before.line !== line - 1) return false;
  // "for 10", and on the next line "minutes"; "tip into a", and "900 g tin"
  const isBroken = draft.isNumbered || draft.isBroken(before.line);
  const goesOn =
    (/^(?:\p{Ll}|\()/u.test(text) || (/^[\d½¼¾⅓⅔]/.test(text) && isBroken) || draft.endsInStops || OPEN_END.test(last)) &&
    !STEP_LABEL.test(text) &&
    !/^[a-z][.)]\s/.test(text);
  // whoever begins every line in lower case begins a new one with what is to do
  const isStyle = /^\p{Ll}/u.test(draft.recipe.instructions[0] ?? '') && KITCHEN_VERBS.has(/^\p{L}+/u.exec(text)?.[0] ?? '');
  if (!goesOn || isStyle || /[.!?:;]["')]?$/.test(last) || (before.text.trim().length < WRAPS_FROM && !isBroken)) return false;
  draft.recipe.instructions[draft.recipe.instructions.length - 1] = `${last} ${text.trim()}`;
  note(draft, line, raw, 'instruction', draft.recipe.instructions.length - 1);
  return true;
}

const BULLETED = new RegExp(`^\\s*(?:${POINT})\\s`, 'u');

/** "500 g chicken, cut into bite-size" and on the next line "pieces": no amount, no food, and what stands above is open or bears the bullet. */
const continues = (above: string, text: string): boolean => {
  if (!/^(?:\p{Ll}|\()/u.test(text) || /^(?:an?|some|few|half|one|two|three)\s/.test(text)) return false;
  const isOpen = OPEN_END.test(above) || /,$/.test(above) || /\([^()]*$/.test(above);
  // "sauce", by itself, heads what follows
  return isOpen || (!PART_OF_DISH.test(text) && (BULLETED.test(above) ? !/^(?:for|to)\b.*:$/i.test(text) : findFood(text) === null));
};

/**
 * A line of the list that was broken off is read again together with the one above.
 * @returns whether it was joined
 */
export function joinsItem(draft: Draft, text: string, line: number, raw: string): boolean {
  const before = draft.lines.findLast((l) => l.role !== 'blank');
  if (before?.role !== 'ingredient' || before.line !== line - 1 || before.index === null) return false;
  if (
    BULLETED.test(raw) ||
    ingredientScore(text) >= 2 ||
    isTool(text) ||
    !(draft.isBroken(before.line) || BULLETED.test(before.text)) ||
    !continues(before.text.trimEnd(), text)
  )
    return false;
  // several things on one line end where they end
  if (draft.lines.filter((l) => l.line === before.line).length > 1) return false;
  // what the line above gave, and what it left in doubt, is of half a line
  const above = before.text;
  draft.recipe.ingredients.length = before.index;
  draft.lines = draft.lines.filter((l) => l.line !== before.line);
  draft.notUnderstood = draft.notUnderstood.filter((one) => one.line !== before.line);
  addIngredient(draft, `${stripBullet(above)} ${text}`, before.line, above);
  note(draft, line, raw, 'ingredient', draft.recipe.ingredients.length - 1);
  return true;
}
