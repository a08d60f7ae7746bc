// What a recipe calls the things of its kitchen: its tools, its foods, what it makes of them, and the dish.
import type { Calls } from '../plan/naming';
import { nameWords, singular } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { mentionsIn } from './mentions';
import { namesOf } from './ingredient-names';
import { toolCalls } from './tool-names';

/** All that cards call by the recipe's own words. */
export const callsOf = (recipe: Recipe): Calls => ({
  tools: toolCalls(recipe),
  dish: dishOf(recipe.title),
  baked: bakedOf(recipe),
  foods: foodCalls(recipe),
  made: madeCalls(recipe),
});

const MADE =
  /\b(dressing|sauce|marinade|topping|filling|crumble|batter|salsa|dip|glaze|icing|frosting|gravy|relish|pesto|vinaigrette|paste|custard)$/i;
/** What stands under a heading, "For the dressing", is the dressing once it is worked into one. */
function madeCalls({ ingredients }: Recipe): { name: string; of: Set<number> }[] {
  const made = new Map<string, Set<number>>();
  ingredients.forEach((one, i) => {
    const name = MADE.exec(one.group ?? '')?.[1]?.toLowerCase();
    if (name) made.set(name, (made.get(name) ?? new Set()).add(i));
  });
  return [...made].map(([name, of]) => ({ name, of }));
}

/** What the method calls each ingredient, where that is shorter than the list and means no other: "the mince". */
function foodCalls({ ingredients, instructions }: Recipe): Map<number, string> {
  const names = namesOf(ingredients);
  const calls = new Map<number, string>();
  const nobody: ReadonlySet<number> = new Set();
  const words = ingredients.map((one) => nameWords(one.item));
  for (const line of instructions) {
    const found = mentionsIn(line, names, nobody);
    for (const m of found) {
      const said = line.slice(m.at, m.end).toLowerCase();
      // "the sausage mixture" is no name of the meat
      if (/^\s+(?:mixture|mix|filling|paste|dough|batter)\b/i.test(line.slice(m.end))) continue;
      const item = ingredients[m.ingredient]!.item.toLowerCase();
      // what is in the bags is no tea yet
      const isPacked = /\b(?:bag|cube|sachet|pod)s?$/.test(item);
      // "the egg halves", of four eggs
      const head = item.split(' ').at(-1)!;
      const isOne = singular(head) !== head && singular(head) === said.split(' ').at(-1);
      if (isOne || calls.has(m.ingredient) || said.length >= item.length || isPacked || /juice|zest|water|sauce|cube/.test(said)) continue;
      const isAlone = found.filter((other) => other.at === m.at).length === 1;
      const saidWords = nameWords(said);
      const means = words.filter((own) => own.some((w) => saidWords.includes(w))).length;
      if (isAlone && means === 1) calls.set(m.ingredient, said);
    }
  }
  return calls;
}

const POT =
  'soup|stew|risotto|porridge|chowder|dal|dahl|casserole|bolognese|broth|ragu|jambalaya|paella|stroganoff|hotpot|(?:rice|semolina|chia) pudding|stir[- ]fry';
/** What is a food too: "sweet chilli tofu" is no chilli. */
const POT_OR_FOOD = 'curry|chilli|chili|sauce';
const DISH = new RegExp(
  `\\b(?:(${POT})\\b|(${POT_OR_FOOD})(?=\\s*(?:$|[^\\p{L}\\s]|\\s(?:with|in|on|for|from|con|and|pot|bowls?|to)\\b)))`,
  'iu',
);

/** What a pot of many things is called once it cooks: by the title, where that says it. */
function dishOf(title: string): string | null {
  const found = DISH.exec(title);
  return (found?.[1] ?? found?.[2])?.toLowerCase() ?? null;
}

/** What the dish is called after once it is baked; bread that is bought is filled, not baked. */
function bakedOf({ title, ingredients }: Recipe): string | null {
  const noun = lastBaked(title);
  const isBought = noun !== null && ingredients.some((one) => nameWords(one.item).includes(singular(noun)));
  return isBought ? null : noun;
}

/** The last thing that is baked in a title: "pasties"; null where none is. */
export const lastBaked = (title: string): string | null =>
  [
    ...title.matchAll(
      /\b(?:(?:short|cup|oat|tea)?cakes?|loaf|loaves|muffins?|bread|flatbreads?|scones?|biscuits?|cookies|buns?|brownies|flapjacks?|rolls?|damper|crackers|pittas?|naans?|bakes|bars|twists|turnovers|pasties|tarts?|pies?|quiches?|puffs|traybakes?|shortbread|knots|sponges?|crumbles?|cobblers?)\b/gi,
    ),
  ]
    .at(-1)?.[0]
    .toLowerCase() ?? null;
