// Finds which of a recipe's ingredients a piece of instruction speaks of, and how much of each.
import { remembering } from '../amount/remembering';
import type { Quantity } from '../amount/quantity';
import type { Unit } from '../amount/units';
import { findFood, nameWords, singular } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { amountBefore, WHOLE } from './amount-before';
import { FORM_WORDS, type Name, type Names } from './ingredient-names';

/** An ingredient spoken of, with the place of its words in the text. */
export type Mention = {
  ingredient: number;
  at: number;
  end: number;
  quantity: Quantity | null;
  unit: Unit | null;
  part: 'some' | 'rest' | 'all';
  /** What stays behind: "1 tbsp", of "all but 1 tbsp of the seeds"; empty, where most goes in. */
  but?: string;
  /** What of a fruit is meant, where that is said. */
  says?: 'zest' | 'juice' | 'zest and juice';
};

/** All of an ingredient that a text speaks of without naming it. */
export const wholeOf = (ingredient: number): Mention => ({ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' });

// "the vegetable mixture" is no vegetable any more
const MADE = new Set(['mixture', 'mix', 'soup', 'stew', 'sauce', 'stock', 'filling', 'salad', 'layer', 'oil', 'juice', 'puree', 'purée']);

/** Whether a name stands here in one piece: "the tomatoes, purée" is no tomato purée. */
const standsHere = (words: readonly string[], text: string, list: readonly Token[], i: number): boolean =>
  words.every((w, k) => list[i + k]?.word === w && (k === 0 || !/[,;.:()]/.test(text.slice(list[i + k - 1]!.end, list[i + k]!.at))));

/** "the vegetable soup"; not "the veg, oil and salt". */
const isMade = (text: string, list: readonly Token[], next: number): boolean =>
  MADE.has(list[next]?.word ?? '') && !text.slice(list[next - 1]!.end, list[next]!.at).includes(',');

export type Token = { word: string; at: number; end: number };

/** The words of a text, singular, with their places. */
export const tokens: (text: string) => readonly Token[] = remembering(tokensOf, 400, 2000);

function tokensOf(text: string): Token[] {
  return [...text.toLowerCase().matchAll(/\p{L}[\p{L}']*/gu)].map((m) => ({
    word: singular(m[0]),
    at: m.index,
    end: m.index + m[0].length,
  }));
}

/**
 * The ingredients that a text speaks of, in its order. Of two that a word could mean, the one not yet used goes first; of two alike, the one
 * under the heading that is being worked on ("the flour", of the sauce).
 * @param used indices of ingredients that earlier steps took
 * @param about indices of what is spoken of
 */
export function mentionsIn(text: string, names: Names, used: ReadonlySet<number>, about: readonly number[] = []): Mention[] {
  const list = tokens(text);
  const found: Mention[] = [];
  const worked = mostOf(about.map((i) => names.ingredients[i]!.group));
  const isNear = ({ ingredient }: Name) => {
    const last = found.at(-1)?.ingredient;
    const heading = names.ingredients[ingredient]!.group;
    return last === undefined ? heading !== null && heading === worked : names.ingredients[last]!.group === heading;
  };
  for (let i = 0; i < list.length; i++) {
    const group = names.groups
      .get(list[i]!.word)
      ?.find(
        (g) =>
          standsHere(g.words, text, list, i) &&
          !isMade(text, list, i + g.words.length) &&
          !(g.fresh && g.ingredients.some((one) => used.has(one))),
      );
    if (group) {
      const at = list[i]!.at;
      const end = list[i + group.words.length - 1]!.end;
      // "the frozen fruit" is not the fresh berries
      const cold = list[i - 1]?.word === 'frozen' ? group.ingredients.filter((one) => /frozen/i.test(names.ingredients[one]!.item)) : [];
      // "the rest of the wet ingredients": those that are not in yet, whole
      const open = group.ingredients.filter((one) => !used.has(one));
      const isRest = open.length > 0 && amountBefore(text, at, names.ingredients[group.ingredients[0]!]!).part === 'rest';
      for (const ingredient of isRest ? open : cold.length > 0 ? cold : group.ingredients)
        found.push({ ingredient, at, end, ...(isRest ? WHOLE : amountBefore(text, at, names.ingredients[ingredient]!)) });
      i += group.words.length - 1;
      continue;
    }
    const candidates = (names.byFirst.get(list[i]!.word) ?? []).filter((n) => standsHere(n.words, text, list, i));
    const size = candidates[0]?.words.length ?? 0;
    // "a mugful of the pasta water" is no pasta
    const next = list[i + size];
    const isWaterOf =
      size > 0 &&
      next?.word === 'water' &&
      /^\s+$/.test(text.slice(list[i + size - 1]!.end, next.at)) &&
      names.ingredients.every((one) => !/\p{L}+ water$/iu.test(one.item));
    // "tear the bread into chunks", with pineapple chunks on the list
    const isHow =
      size === 1 &&
      FORM_WORDS.has(list[i]!.word) &&
      isPlural(text, list[i]!) &&
      /\b(?:in|into)\s+(?:(?!the\b|an?\b|your\b)[\p{L}-]+\s+){0,2}$/iu.test(text.slice(0, list[i]!.at));
    if (size === 0 || isHow || isWaterOf || isOtherFood(list, i, size) || isSeasoning(text, list[i]!, candidates, names)) continue;
    const named = candidates.filter((n) => n.words.length === size);
    // "the tomatoes" are not the tomato purée, where there are tomatoes
    const full = named.some((n) => !n.short) ? named.filter((n) => !n.short) : named;
    // "the lemon juice", of lemons for their zest and others for their juice
    const work = PART_WORK.get(list[i + size]?.word ?? '');
    const ofPart = work ? full.filter((n) => names.ingredients[n.ingredient]!.preparation.includes(work)) : [];
    const ofWork = ofPart.length > 0 ? ofPart : full;
    // "the extra coconut", of 40 g and 2 tbsp extra for rolling
    const isSpare = (n: Name) => /^extra\b/i.test(names.ingredients[n.ingredient]!.item);
    const isExtra = /\bextra\s+$/i.test(text.slice(0, list[i]!.at));
    const meant = ofWork.some(isSpare) ? ofWork.filter((n) => isSpare(n) === isExtra && !used.has(n.ingredient)) : ofWork;
    const best = meant.length > 0 ? meant : ofWork;
    // "the beans" of three kinds of beans, "both peppers": all of them that are not in yet
    const open = [...new Set(best.filter((n) => !used.has(n.ingredient)).map((n) => n.ingredient))];
    // "tip in the peppers", red and yellow, once both were cut: both
    const many = open.filter((ingredient) => !names.alone.has(ingredient));
    const several =
      open.length === 0 ? sameFood(best, names) : many.length > 0 && many.length < open.length && isPlural(text, list[i]!) ? many : open;
    if (size === 1 && (several.length > 1 || several.length < open.length) && isPlural(text, list[i]!)) {
      const { at, end } = list[i]!;
      for (const ingredient of several)
        if (!found.some((f) => f.ingredient === ingredient))
          found.push({ ingredient, at, end, ...amountBefore(text, at, names.ingredients[ingredient]!) });
      continue;
    }
    // "the chocolate mixture" is of what was used already
    const made = MADE.has(list[i + size]?.word ?? '') ? best.find((n) => used.has(n.ingredient)) : undefined;
    const unused = best.filter((n) => !used.has(n.ingredient) && !found.some((f) => f.ingredient === n.ingredient));
    // "the other half of the oil" is of oil that was used, and no sesame oil
    const isRest = best.length > 1 && amountBefore(text, list[i]!.at, names.ingredients[best[0]!.ingredient]!).part === 'rest';
    const begun = isRest ? best.find((n) => used.has(n.ingredient) && names.ingredients[n.ingredient]!.min !== null) : undefined;
    // "drizzle with a little more oil": of the oil that was used before
    const more = /\bmore\s+$/i.test(text.slice(0, list[i]!.at)) ? best.find((n) => used.has(n.ingredient)) : undefined;
    const isMany = isPlural(text, list[i + size - 1]!);
    const chosen =
      made ??
      begun ??
      more ??
      likeliest(unused.filter(isNear), names, isMany) ??
      likeliest(unused, names, isMany) ??
      best.find(isNear) ??
      best[0]!;
    const at = list[i]!.at;
    const end = list[i + size - 1]!.end;
    if (!found.some((f) => f.ingredient === chosen.ingredient)) {
      // "half of the flour mixture", of what was mixed: no flour is measured for that
      const isOfMixture = used.has(chosen.ingredient) && /^\s+(?:mixture|mix)\b/i.test(text.slice(end));
      const amount = isOfMixture ? WHOLE : amountBefore(text, at, names.ingredients[chosen.ingredient]!);
      // "the rest of the oil and paprika": of the paprika too
      const last = found.at(-1);
      const isRest =
        last?.part === 'rest' &&
        amount.part === 'all' &&
        used.has(chosen.ingredient) &&
        // "the rest of the oil and the onion": an onion has its own "the", and no rest
        (names.ingredients[chosen.ingredient]!.unit === null ? /^\s+and\s+$/ : /^\s+and\s+(?:the\s+)?$/).test(text.slice(last.end, at));
      found.push({
        ingredient: chosen.ingredient,
        at,
        end,
        ...amount,
        ...(isRest ? { part: 'rest' as const } : {}),
        ...partsSaid(text, at, end),
      });
    } else {
      // "the zest of the lemon, and the juice"
      const before = found.find((f) => f.ingredient === chosen.ingredient)!;
      const { says } = partsSaid(text, at, end);
      if (before.says && says && before.says !== says) before.says = 'zest and juice';
    }
    i += size - 1;
    // "lime juice, oil and salt": the juice is the lime's, and not that of the oranges
    const part = list[i + 1];
    if (part && PART_WORK.has(part.word) && /^['’]?s?\s+$/.test(text.slice(end, part.at)) && isFruit(names.ingredients[chosen.ingredient]!))
      i++;
  }
  return found;
}

const isFruit = (one: Ingredient) => {
  const food = findFood(one.item);
  return food?.group === 'fruit' && food.form === 'whole';
};

/** Whether words speak of the zest of a fruit, of its juice, or of both. */
function partsSaid(text: string, at: number, end: number): Pick<Mention, 'says'> {
  const near = `${text.slice(0, at).split(/[,;.]/).at(-1)} ${text.slice(at, end)} ${text.slice(end).split(/[,;.]/)[0]}`;
  const [zest, juice] = [/\b(?:zest|rind)\b/i.test(near), /\bjuice\b/i.test(near)];
  return zest || juice ? { says: zest && juice ? 'zest and juice' : zest ? 'zest' : 'juice' } : {};
}

const PART_WORK: ReadonlyMap<string, string> = new Map([
  ['juice', 'juiced'],
  ['zest', 'zested'],
]);

/** What more than half of them are; null where nothing is. */
const mostOf = (headings: readonly (string | null)[]): string | null =>
  headings.find((heading) => headings.filter((other) => other === heading).length * 2 > headings.length) ?? null;

/** Words that make no other food of it. */
const PLAIN = new Set('small large medium big fresh ripe lean raw cold firm good plain whole dried all purpose'.split(' '));
/** Of several things of one name: what is measured before what only seasons, "oil" before "sesame oil", then as they are listed. */
function likeliest(candidates: readonly Name[], { ingredients, inFull }: Names, many: boolean): Name | undefined {
  const doubt = ({ ingredient, words }: Name) => {
    const one = ingredients[ingredient]!;
    const own = nameWords(one.item).filter((word) => !PLAIN.has(word));
    const isWhole = own.join(' ') === words.join(' ');
    // "the tomato" is no tin of tomatoes, and "the tomatoes" are not the one that is for the top
    const word = words.at(-1)!;
    const said = one.item
      .toLowerCase()
      .split(/[^\p{L}']+/u)
      .find((w) => singular(w) === word);
    const agrees = said === undefined || (said !== word) === many;
    return (agrees ? 0 : 2) + (one.min === null ? 4 : 0) + (!isWhole && inFull.has(ingredient) ? 2 : 0) + (isWhole ? 0 : 1);
  };
  const least = Math.min(...candidates.map(doubt));
  return candidates.find((name) => doubt(name) === least);
}

/** The ingredients behind names, where they are one food of several kinds. */
function sameFood(best: readonly Name[], { ingredients }: Names): number[] {
  const all = [...new Set(best.map((n) => n.ingredient))];
  const food = (i: number) => findFood(ingredients[i]!.item)?.id;
  return food(all[0]!) !== undefined && all.every((i) => food(i) === food(all[0]!)) ? all : [];
}

/** Whether the word of a token is a plural in the text: its singular is shorter. */
const isPlural = (text: string, token: Token) =>
  token.end - token.at > token.word.length || /\b(?:both|all)\s+(?:of\s+)?(?:the\s+)?$/i.test(text.slice(0, token.at));

/** "With some pepper", "salt and pepper", where the list has a red one: the pepper of the table. */
function isSeasoning(text: string, { word, at, end }: Token, candidates: readonly Name[], { ingredients }: Names): boolean {
  if (word !== 'pepper' || /s$/i.test(text.slice(at, end))) return false;
  const isVegetable = candidates.every(({ ingredient }) => findFood(ingredients[ingredient]!.item)?.group === 'vegetable');
  return (
    isVegetable &&
    /\b(?:some|(?:a|plenty|lots) (?:little|bit|pinch|grind(?:ing)?|twist|of)(?: of)?|salt (?:and|&)|good|season(?:ed)?(?: well)? with)\s+$/i.test(
      text.slice(0, at),
    )
  );
}

/** "soy" of "soy sauce", "tomato" of "tomato paste": the word belongs to a longer name of another food. */
function isOtherFood(list: readonly Token[], i: number, size: number): boolean {
  const here = list.slice(i, i + size).map((t) => t.word);
  for (const extra of [1, 2]) {
    const next = list[i + size + extra - 1];
    // "salt and pepper" are two things where the list has them apart
    if (!next || next.word === 'and' || next.at - list[i + size + extra - 2]!.end > 1) return false;
    if (/^(?:juice|zest|rind|wedge|half|leaf|slice)$/.test(next.word)) return false;
    const longer = findFood([...here, ...list.slice(i + size, i + size + extra).map((t) => t.word)].join(' '));
    const shorter = findFood(here.join(' '));
    if (longer && shorter && longer.id !== shorter.id && findFood(next.word)?.id !== longer.id) return true;
  }
  return false;
}
