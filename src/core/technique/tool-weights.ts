// What things weigh empty, in grams, as far as that decides whether somebody can lift them. Common sizes, from memory.
import { table } from '../amount/table';
import { hasMark, toolById } from './tools';

const EMPTY = table<number>({
  saucepan: 1000,
  'large-pan': 2000,
  'frying-pan': 1200,
  'second-frying-pan': 1200,
  wok: 1500,
  tray: 900,
  'second-tray': 900,
  'baking-dish': 1500,
  'cake-tin': 500,
  'muffin-tin': 600,
  bowl: 500,
  'large-bowl': 900,
  'pudding-basin': 600,
  'small-bowl': 150,
  ramekin: 150,
  'serving-bowl': 300,
  'serving-dish': 700,
  plate: 400,
  jug: 400,
  kettle: 1000,
  colander: 400,
  'slow-cooker': 4000,
  blender: 1500,
  'air-fryer-basket': 700,
});

/** Grams of an empty thing; 100 where nothing is known of it. */
export const emptyGrams = (id: string): number => EMPTY.get(id) ?? 100;

/** Wide things are lifted by both ends. */
export const isWide = (id: string): boolean => hasMark(id, 'wide');

/** A mouth that a spoon or a stream misses easily (common practice: under 10 cm across). */
export const isNarrow = (id: string): boolean => (toolById(id)?.holds ?? Infinity) <= 500 && toolById(id)?.kind === 'container';
