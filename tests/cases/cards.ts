// Whether a text's cards are what was set down: their words and the vessel that each happens in, in order.
import { expect } from 'vitest';
import { build, own } from './built';

/** A name, a list, a method, the cards that have to come in this order, and what no card may say. */
export type Case = [name: string, ingredients: string, method: string, cards: string[], not: RegExp | null];

/** Each card as its words and the vessel that it happens in. */
const cardsOf = (ingredients: string, method: string) => own(build(ingredients, method)).map((s) => `${s.text} >${s.into ?? ''}`);

/** The wanted cards are there, in this order. */
function inOrder(cards: readonly string[], wanted: readonly string[]): void {
  let from = 0;
  for (const one of wanted) {
    const at = cards.findIndex((card, i) => i >= from && card.startsWith(one));
    expect(at, `“${one}” after card ${from} of:\n${cards.join('\n')}`).toBeGreaterThanOrEqual(0);
    from = at + 1;
  }
}

/** Reads the text and compares. */
export const check = ([, ingredients, method, wanted, not]: Case) => {
  const cards = cardsOf(ingredients, method);
  inOrder(cards, wanted);
  if (not) expect(cards.filter((card) => not.test(card))).toEqual([]);
};
