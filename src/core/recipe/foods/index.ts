// The table of foods, one row each, by aisle. How to add one: docs/lexicon.md.
import type { Food } from '../food-model';
import { CUPBOARD } from './cupboard';
import { DAIRY } from './dairy';
import { GRAINS } from './grains';
import { PRODUCE } from './produce';
import { PROTEIN } from './protein';

export const FOODS: Food[] = [...PRODUCE, ...GRAINS, ...PROTEIN, ...DAIRY, ...CUPBOARD];
