// What the program knows of one food, and how a food is found by its name in a text.
import { remembering } from '../amount/remembering';
import { HOLDS_NONE, underHead } from './food-heads';
import type { Food, FoodTrait } from './food-model';
import { FOODS } from './foods/index';

/** A word without its plural ending: "tomatoes" -> "tomato", "leaves" -> "leaf", "berries" -> "berry". Never longer than given. */
export function singular(word: string): string {
  if (word.length < 4 || /(ss|us|is|couscous|hummus)$/.test(word)) return word;
  if (/ies$/.test(word) && word.length > 4) return word.slice(0, -3) + 'y';
  if (/(leaves|loaves|halves|knives)$/.test(word)) return word.replace(/ves$/, 'f').replace('knif', 'knife').replace('half', 'half');
  if (/(oes|shes|ches|xes|sses)$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/** A text as a list of lower-case singular words, for comparing names. */
export const nameWords: (text: string) => readonly string[] = remembering(wordsIn, 100);

function wordsIn(text: string): string[] {
  return (text.toLowerCase().match(/[\p{L}][\p{L}'’-]*/gu) ?? [])
    .flatMap((w) => w.split('-'))
    .filter(Boolean)
    .map(singular);
}

const BY_FIRST_WORD = new Map<string, { words: readonly string[]; food: Food }[]>();
for (const food of FOODS)
  for (const name of food.names) {
    const words = nameWords(name);
    const held = BY_FIRST_WORD.get(words[0]!) ?? [];
    held.push({ words, food });
    BY_FIRST_WORD.set(words[0]!, held);
  }
for (const held of BY_FIRST_WORD.values()) held.sort((a, b) => b.words.length - a.words.length);

const BY_ID = new Map(FOODS.map((food) => [food.id, food]));

/** Whether a food has a trait; one that is not known has none. */
export const foodIs = (food: Food | null | undefined, trait: FoodTrait): boolean => food?.traits.includes(trait) ?? false;

/** Whether it is poured or runs off a spoon: no powder, no pieces. */
export const runs = (food: Food | null | undefined): boolean => food?.form === 'liquid' || food?.form === 'sticky';

/** A food by its id; undefined when there is none. */
export function foodById(id: string): Food | undefined {
  return BY_ID.get(id);
}

const NAMES = new Set(FOODS.flatMap((food) => food.names.map((name) => nameWords(name).join(' '))));

/** Whether a text is, whole, a name in the table of foods: "vegetable oil", not "some oil". Plural or singular. */
export function isFoodName(text: string): boolean {
  return NAMES.has(nameWords(text).join(' '));
}

// Names recur all through a recipe; looking one up again is a map away. Bounded, so that hostile text cannot fill the memory.
/**
 * Finds the food that an ingredient names. In English the head noun stands last ("red lentils", "chicken stock"), so the
 * longest name wins, and of two as long the later.
 * @returns null for a food that is not in the table: the program then says that it does not know it, and guesses nothing
 */
export const findFood: (item: string) => Food | null = remembering((item) => lookUp(nameWords(withoutUse(item))), 100);

/** "Sugar for the fruit" is sugar. */
const withoutUse = (item: string) => /^(.*\S)\s+for\s+the\s/i.exec(item)?.[1] ?? item;

/**
 * The other foods that the name of one speaks of, before its head: the prawns of "prawn crackers", the walnuts of "walnut bread". What it is made with by its name,
 * though its maker's label decides.
 */
export const foodsBeforeHead: (item: string) => readonly Food[] = remembering((item) => {
  const own = findFood(item);
  if (own === null || HOLDS_NONE.test(item)) return [];
  const words = nameWords(withoutUse(item));
  const found: Food[] = [];
  for (let at = 0; at < words.length;) {
    const here = foodAt(words, at);
    if (here && here.food.id !== own.id && at + here.size < words.length) found.push(here.food);
    at += here?.size ?? 1;
  }
  return found;
}, 100);

/** The longest name of a food that starts at a place in a list of words; null where none does. */
export function foodAt(words: readonly string[], at: number): { food: Food; size: number } | null {
  const entry = BY_FIRST_WORD.get(words[at] ?? '')?.find((e) => e.words.every((w, k) => words[at + k] === w));
  return entry ? { food: entry.food, size: entry.words.length } : null;
}

function lookUp(words: readonly string[]): Food | null {
  let best: { food: Food; size: number } | null = null;
  for (let i = 0; i < words.length; i++)
    for (const entry of BY_FIRST_WORD.get(words[i]!) ?? [])
      if (entry.words.length >= (best?.size ?? 0) && entry.words.every((w, k) => words[i + k] === w)) {
        best = { food: entry.food, size: entry.words.length };
        break;
      }
  if (!best) return null;
  const head = words.at(-1) ?? '';
  const isOwn = best.food.names.some((name) => nameWords(name).at(-1) === head);
  return isOwn ? best.food : underHead(best.food, head);
}
