// A word by itself over amounts: "Wet", "Pickle". It heads them, though it may be a food.
import { isFoodName } from './food';
import { sectionOf } from './headings';
import { ingredientScore, stripMarks } from './line-score';
import { hasAmount } from './one-line-list';
import type { Draft } from './read-draft';

const WORD_ALONE = /^\p{Lu}\p{L}+(?: \p{L}+)?:?$/u;

/** "Wet", "Plus": a word by itself within a list, with an amount below it, that is no food. */
export function headsAmounts(draft: Draft, text: string, next: string | undefined): boolean {
  const word = stripMarks(text.trim());
  const isWord = WORD_ALONE.test(word) && sectionOf(word) === null;
  return (
    draft.recipe.ingredients.length > 0 &&
    isWord &&
    !isFoodName(word) &&
    next !== undefined &&
    hasAmount(stripMarks(next.trim())) &&
    ingredientScore(next) >= 2
  );
}

/** "Pickle" over the first amounts, where "Wraps" stands so over others: a heading, though it is a food too. */
export function headsFirst(draft: Draft, raw: readonly string[], at: number): boolean {
  const isHead = (i: number) =>
    !raw[i - 1]?.trim() && WORD_ALONE.test(stripMarks(raw[i]!.trim())) && hasAmount(stripMarks((raw[i + 1] ?? '').trim()));
  return draft.recipe.title !== '' && draft.recipe.ingredients.length === 0 && isHead(at) && raw.some((_, i) => i > at + 1 && isHead(i));
}
