// Two recipes in one text, the first set aside before the second begins: each does what it does alone, so nothing of the first may be where the second is made.
import type { Said } from './ways';

const VAGUE =
  /\b(?:all|everything|rest|remaining|ingredients|vegetables|veg|dry|wet|fruit|mixture|herbs|spices|sauce|filling|topping|dressing)\b/i;
const NO_FOOD =
  /^(?:tsp|tbsp|cups?|ml|large|small|medium|fresh|chopped|sliced|diced|grated|peeled|finely|roughly|can|tin|and|the|for|with|drained)$/;

const foodsOf = (said: Said): Set<string> =>
  new Set(said.list.flatMap((line) => line.toLowerCase().match(/\p{L}{3,}/gu) ?? []).filter((word) => !NO_FOOD.test(word)));

/** Whether two recipes can stand in one text and nobody doubts which is spoken of. */
export function apart(a: Said, b: Said): boolean {
  const [first, second] = [a.method.join(' '), b.method.join(' ')];
  if (VAGUE.test(first) || VAGUE.test(second) || (/\boven\b/i.test(first) && /\boven\b/i.test(second))) return false;
  const foods = foodsOf(a);
  return [...foodsOf(b)].every((word) => !foods.has(word));
}

/** A recipe that is not served, but stands aside at its end. */
export const setAside = (said: Said): Said => ({
  ...said,
  method: [
    ...said.method
      .map((line) =>
        line
          .split(/(?<=[.!])\s+(?=[A-Z])/)
          .filter((one) => !/\b(?:serve|serving|enjoy|eat|plates?|garnish)\b/i.test(one))
          .join(' '),
      )
      .filter((line) => line !== ''),
    'Set aside.',
  ],
});

/** One after the other in one text, plain or each under a heading of its own. */
export const together = (a: Said, b: Said, headed: boolean): Said => ({
  title: `${a.title} and ${b.title.toLowerCase()}`,
  list: headed ? [`For the ${a.title.toLowerCase()}:`, ...a.list, `For the ${b.title.toLowerCase()}:`, ...b.list] : [...a.list, ...b.list],
  method: [...a.method, ...b.method],
});

/** Cards of which there are as many for two recipes as for each: fetching, washing and measuring are shared; a bowl may be the larger one, since the other is full. */
export const ownCards = (does: readonly string[]): string[] =>
  does
    .filter((card) => !/^(?:gather|eat|serve|put-away|wash-up|wash-hands|gloves-on|measure) /.test(card))
    .map((card) =>
      card
        .replace(/ \| [^|]*$/, '')
        .replace(/\b(?:small|large)-bowl\b/, 'bowl')
        .replace(/large-pan/, 'saucepan'),
    );

/** What one list has and the other has not, whatever the order. */
export function notInBoth(a: readonly string[], b: readonly string[]): string[] {
  const left = new Map<string, number>();
  for (const one of a) left.set(one, (left.get(one) ?? 0) + 1);
  const come: string[] = [];
  for (const one of b) {
    const count = left.get(one) ?? 0;
    if (count > 0) left.set(one, count - 1);
    else come.push(`+ ${one}`);
  }
  return [...[...left].flatMap(([one, count]) => Array.from({ length: count }, () => `- ${one}`)), ...come];
}
