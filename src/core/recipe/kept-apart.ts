// "40 g coconut, plus 2 tbsp for rolling": where the method speaks of the extra coconut, it is a thing of its own.
import { plainNumbers } from '../amount/quantity';
import { stripBullet } from './ingredient-line';
import { readAmount } from './line-amount';
import type { Ingredient } from './recipe';

const PLUS =
  /^(\d.{3,60}?),?\s+plus\s+(?:an?\s+)?(?:extra\s+)?(\d[\d\s./½¼¾⅓⅔]*\s?\p{L}+\.?)\s+(?:extra\s+|more\s+)?((?:for|to)\s+\p{L}.{2,40})$/iu;

/**
 * What such lines stand for besides, as a list would have it, with the place of the ingredient whose line it is.
 * @example keptApart([{ text: '40 g coconut, plus 2 tbsp for rolling' }], ['Roll in the extra coconut.']) // [{ of: 0, line: '2 tbsp extra coconut, for rolling' }]
 */
export function keptApart(
  ingredients: readonly Pick<Ingredient, 'text'>[],
  instructions: readonly string[],
): { of: number; line: string }[] {
  const method = instructions.join(' ');
  return ingredients.flatMap(({ text }, of) => {
    const [, first, more, use] = PLUS.exec(stripBullet(plainNumbers(text))) ?? [];
    const name = first && readAmount(first)?.rest.split(',')[0]?.trim();
    const noun = name && /\p{L}+$/u.exec(name)?.[0];
    if (!name || !noun || !readAmount(more!)?.unit) return [];
    return new RegExp(`\\bextra\\s+(?:\\p{L}+\\s+){0,2}${noun}`, 'iu').test(method) ? [{ of, line: `${more} extra ${name}, ${use}` }] : [];
  });
}
