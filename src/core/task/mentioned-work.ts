// Work that the method speaks of only in passing: "the drained beans", "the juice of the lime", "brush with beaten egg". It is done before the first use, as work of the list is.
import { table } from '../amount/table';
import { findFood, foodIs } from '../recipe/food';
import type { Food } from '../recipe/food-model';
import { preparationVerb } from '../recipe/preparation';
import type { Ingredient, Recipe } from '../recipe/recipe';
import { namesOf, type Names } from './ingredient-names';
import { mentionsIn, type Mention } from './mentions';

/** "Mix the yoghurt with the juice of the lime": it is squeezed, though neither list nor method says so by itself. */
function juicedInMethod(one: Ingredient, text: string): Ingredient | null {
  const food = findFood(one.item);
  if (food?.category !== 'citrus' || one.preparation.some((work) => /juice|zest/.test(work))) return null;
  // "a squeeze of lemon" of the list
  if (one.unit === 'splash') return { ...one, preparation: [...one.preparation, 'juiced'] };
  const name = food.names[0]!.replace(/[^\p{L}]/gu, '');
  const said = new RegExp(`([^.;,\\n]*)\\b(?:(?:juice|squeeze) of (?:[\\p{L}\\d½]+\\s+){0,3}${name}|${name} juice)\\b`, 'iu').exec(text);
  // "a squeeze of lemon" is no order
  const squeezes = new RegExp(`\\bsqueez(?!e of\\b)\\w*[^.;\\n]*\\b${name}`, 'iu').test(text);
  if (said === null || squeezes || /\bsqueez/i.test(said[1]!)) return null;
  // "the juice of half the lime": the other half is for something else
  const isHalf = /\bof half\b/i.test(said[0]) && (one.min === null || one.min === '1');
  return { ...one, preparation: [...one.preparation, isHalf ? 'half juiced' : 'juiced'] };
}

/** "The zest and juice of the lemon": it is grated off, though neither list nor method says so by itself. */
function zestedInMethod(one: Ingredient, text: string, all: readonly Ingredient[]): Ingredient | null {
  const food = findFood(one.item);
  // another line is its zest
  if (
    all.some(
      (other) => findFood(other.item)?.id === food?.id && (/zest/i.test(other.item) || other.preparation.some((work) => /zest/.test(work))),
    )
  )
    return null;
  if (
    food?.category !== 'citrus' ||
    one.unit === 'splash' ||
    one.preparation.some((work) => /zest|peel/.test(work)) ||
    /zest|juice/i.test(one.item)
  )
    return null;
  const name = food.names[0]!.replace(/[^\p{L}]/gu, '');
  const said = new RegExp(
    `([^.;\\n]*)\\bzest\\b(?: and (?:the )?juice)? of (?:[\\p{L}\\d½]+\\s+){0,3}${name}|([^.;\\n]*)\\b${name} zest\\b`,
    'iu',
  ).exec(text);
  // "grate in the zest of the lemon" says it
  const before = said?.[1] ?? said?.[2] ?? '';
  const grates = new RegExp(`\\b(?:grat|zest|peel|remov)\\w*[^.;\\n]*\\b${name}`, 'iu').test(text.replace(said?.[0] ?? '', ''));
  return !said || grates || /\b(?:grat|zest|peel|remov)/i.test(before) ? null : { ...one, preparation: ['zested', ...one.preparation] };
}

/** Words for what was done: other verbs that order it as well, and the foods that it is said of before they are cooked. */
const SHAPED = table<{ also: string; of?: (food: Food) => boolean }>({
  beaten: { also: 'whisk|whip', of: (food) => food.category === 'egg' },
  chopped: { also: 'cut|dice|slice|snip|mince' },
  snipped: { also: 'chop|cut' },
  sliced: { also: 'cut|chop', of: (food) => !foodIs(food, 'of-flour') },
  diced: { also: 'cut|chop|cube' },
  grated: { also: 'shred' },
  shredded: { also: 'grate|slice|cut|pull' },
  crushed: { also: 'press|bash|mince|break' },
  crumbled: {
    also: 'break',
    of: (food) => ['cheese', 'biscuit'].includes(food.category) || (food.category === 'stock' && food.form === 'whole'),
  },
  melted: { also: 'heat|microwave|warm', of: (food) => foodIs(food, 'fatty') },
  torn: { also: 'rip|chop' },
  halved: { also: 'cut|slice|chop|quarter', of: (food) => food.category !== 'egg' },
});
const SAID = new RegExp(`\\b(${[...SHAPED.keys()].join('|')})\\s+(?:\\p{L}+\\s+)?$`, 'iu');
/** Bought so, or not to be cut: nobody is told to do it. */
const COMES_SO =
  /\b(?:dried|ground|frozen|powdered|desiccated|flakes?|pur[ée]e|paste|sauce|cooked|smoked|ready|bought|pack|tinned|canned)\b/i;

/** By ingredient: what its first mention says of it, where neither list nor method says that it is done. */
function shapedInMethod(recipe: Recipe, text: string): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  if (!new RegExp(`\\b(?:${[...SHAPED.keys()].join('|')})\\b`, 'i').test(text)) return found;
  const names = namesOf(recipe.ingredients, text);
  const seen = new Set<number>();
  for (const line of recipe.instructions)
    for (const mention of mentionsIn(line, names, seen)) {
      const { ingredient } = mention;
      const said = seen.has(ingredient) ? null : saidOf(line, mention);
      seen.add(ingredient);
      if (said !== null && isShapedSo(recipe.ingredients[ingredient]!, said) && !isOrdered(text, names, ingredient, said))
        found.set(ingredient, said);
    }
  return found;
}

/** The word of work before a name, or at its beginning. */
const saidOf = (line: string, { at, end }: Mention): string | null =>
  (SAID.exec(line.slice(0, at))?.[1] ?? SAID.exec(`${/^\p{L}+\s/u.exec(line.slice(at, end))?.[0] ?? ''}`)?.[1])?.toLowerCase() ?? null;

/** What a fresh thing was cut into, where only its pieces are spoken of: "serve with lime wedges", "slices of lemon". */
const PIECES = table<string>({
  wedges: 'cut into wedges',
  slices: 'sliced',
  sticks: 'cut into sticks',
  quarters: 'quartered',
  cubes: 'cubed',
});
const BEHIND = new RegExp(`(?:^|\\s)(${[...PIECES.keys()].join('|')})$`, 'i');
const BEFORE = new RegExp(`\\b(${[...PIECES.keys()].join('|')})\\s+of\\s+(?:the\\s+|fresh\\s+)*$`, 'i');

/** Work that makes the pieces which a line speaks of, of a fresh thing that neither list nor method cuts up. */
function piecesOf(recipe: Recipe, text: string): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  if (![...PIECES.keys()].some((noun) => text.toLowerCase().includes(noun))) return found;
  const names = namesOf(recipe.ingredients, text);
  const seen = new Set<number>();
  for (const line of recipe.instructions)
    for (const mention of mentionsIn(line, names, seen)) {
      const one = recipe.ingredients[mention.ingredient]!;
      const noun =
        BEHIND.exec(line.slice(mention.at, mention.end + (/^\s+\p{L}+/u.exec(line.slice(mention.end))?.[0].length ?? 0)))?.[1] ??
        BEFORE.exec(line.slice(0, mention.at))?.[1];
      const isFirst = !seen.has(mention.ingredient);
      seen.add(mention.ingredient);
      if (!noun || !isFirst || one.preparation.length > 0 || !findFood(one.item)?.rinse || !isShapedSo(one, 'sliced')) continue;
      if (!isOrdered(text, names, mention.ingredient, 'halved')) found.set(mention.ingredient, PIECES.get(noun.toLowerCase())!);
    }
  return found;
}

function isShapedSo(one: Ingredient, said: string): boolean {
  const food = findFood(one.item);
  const words = `${one.item} ${one.preparation.join(' ')}`;
  const isReady =
    one.unit === 'can' || one.unit === 'slice' || COMES_SO.test(words) || [...SHAPED.keys()].some((w) => words.toLowerCase().includes(w));
  if (food === null || isReady || food.category === 'spice') return false;
  return SHAPED.get(said)!.of?.(food) ?? true;
}

/** Whether a line tells somebody to do it: the verb with this food, or with no food at all ("grate it"). */
function isOrdered(text: string, names: Names, ingredient: number, said: string): boolean {
  const orders = text.matchAll(new RegExp(`\\b(?:${preparationVerb(said)}|${SHAPED.get(said)!.also})(?:ing)?\\b([^.;\\n]*)`, 'gi'));
  return [...orders].some(([, rest]) => {
    const named = mentionsIn(rest!, names, new Set());
    return named.length === 0 || named.some((m) => m.ingredient === ingredient);
  });
}

/** "Stir in the drained beans": work that the method only mentions is work of the list. */
export function withMentionedWork(recipe: Recipe): Recipe {
  const text = recipe.instructions.join('\n');
  const work = new Map([...piecesOf(recipe, text), ...shapedInMethod(recipe, text)]);
  const ingredients = recipe.ingredients.map((one, index) => {
    const squeezed = juicedInMethod(one, text);
    const zested = zestedInMethod(squeezed ?? one, text, recipe.ingredients);
    if (zested ?? squeezed) return (zested ?? squeezed)!;
    if (one.unit !== 'can') return work.get(index) === undefined ? one : { ...one, preparation: [...one.preparation, work.get(index)!] };
    const head = one.item.toLowerCase().split(' ').at(-1)!;
    const said = [
      ...text.matchAll(
        new RegExp(`\\b(drained|rinsed)(?:\\s+and\\s+(drained|rinsed))?\\s+(?:\\p{L}+\\s+)?${head.replace(/[^\p{L}]/gu, '')}`, 'giu'),
      ),
    ];
    const done = said.flatMap((m) => [m[1]!, m[2]].filter((w): w is string => w !== undefined)).map((w) => w.toLowerCase());
    const more = done.filter((w) => !one.preparation.includes(w));
    return more.length > 0 ? { ...one, preparation: [...one.preparation, ...new Set(more)] } : one;
  });
  return { ...recipe, ingredients };
}
