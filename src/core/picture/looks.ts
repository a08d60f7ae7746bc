// How foods look: their shape, their colours, and what they come in. One row for each look; a food that has no row of its own looks as its drawing does.
import { findFood } from '../recipe/food';
import type { Food } from '../recipe/food-model';
import { OWN } from './look-of-food';
import { LABELS, ROWS } from './look-rows';

/** `grains`: many small ones, each seen. `small`: berries. `cream`: holds a peak. `slab`: a flat piece of meat or fish. */
export const SHAPES = [
  'round',
  'long',
  'leaf',
  'sprig',
  'floret',
  'grains',
  'small',
  'strands',
  'tubes',
  'powder',
  'liquid',
  'cream',
  'block',
  'slab',
  'egg',
  'loaf',
  'flat',
  'sausage',
  'prawn',
  'pods',
  'mushroom',
  'pepper',
  'bulb',
  'drumstick',
  'biscuit',
  'dough',
] as const;
export type Shape = (typeof SHAPES)[number];

export const PACKS = [
  'none',
  'bag',
  'box',
  'tin',
  'jar',
  'bottle',
  'carton',
  'tub',
  'shaker',
  'sachet',
  'tap',
  'wrapper',
  'eggbox',
] as const;
export type Pack = (typeof PACKS)[number];

export type Look = {
  name: string;
  shape: Shape;
  /** Outside, inside, and a third colour for seeds, rings, grains or a label. */
  skin: string;
  flesh: string;
  mark: string;
  pack: Pack;
};

const LOOKS = new Map(
  [...ROWS].map(([name, row]): [string, Look] => {
    const [shape, skin, flesh, mark, pack = 'none'] = row.split(' ');
    return [name, { name, shape: shape as Shape, skin: skin!, flesh: flesh!, mark: mark!, pack: pack as Pack }];
  }),
);

export const lookByName = (name: string): Look => LOOKS.get(name) ?? LOOKS.get('food')!;
export const lookNames = (): string[] => [...LOOKS.keys()];

/** What is drawn on its pack. */
export const labelOf = (look: Look): Look => lookByName(LABELS.get(look.name) ?? look.name);

/** How a food of the table looks. */
export function lookOfFood(food: Food): Look {
  return lookByName(OWN.get(food.id) ?? (LOOKS.has(food.picture) ? food.picture : 'food'));
}

/** How what a recipe calls by this name looks: "2 red onions". */
export function lookOf(item: string): Look {
  const food = findFood(item);
  if (!food) return lookByName('food');
  const colour = /\b(red|green|yellow|orange|white)\b/i.exec(item)?.[1]?.toLowerCase();
  return (colour ? LOOKS.get(`${colour}-${food.id}`) : undefined) ?? lookOfFood(food);
}
