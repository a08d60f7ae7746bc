// What the foods of each category do in a kitchen: the world and the reader ask for these traits and keep no lists of categories of their own.
import { table } from '../amount/table';
import type { Category, FoodTrait } from './food-model';

// category: traits (common practice). What is not here has none; a food's own row may add to them.
const TRAITS = table<string>({
  berry: 'juicy',
  fruit: 'juicy',
  leaf: 'juicy boils',
  vegetable: 'boils',
  root: 'boils',
  herb: 'minor',
  spice: 'minor',
  rice: 'boils in-water',
  pasta: 'boils own-water in-water',
  noodle: 'boils own-water in-water',
  grain: 'boils',
  pulse: 'boils',
  egg: 'boils in-water',
  bread: 'of-flour',
  pastry: 'of-flour',
  biscuit: 'of-flour',
  poultry: 'fatty',
  meat: 'fatty',
  'cured-meat': 'fatty',
  fish: 'fatty cleaned',
  shellfish: 'cleaned',
  nut: 'fatty',
  seed: 'fatty',
  cheese: 'fatty melts',
  fat: 'fatty minor grease melts',
  oil: 'fatty minor grease',
  milk: 'juicy',
  'plant-drink': 'juicy',
  yoghurt: 'juicy',
  cream: 'juicy',
  stock: 'juicy minor',
  sauce: 'juicy',
  juice: 'juicy',
  water: 'juicy minor runny unlisted',
  drink: 'juicy',
  vinegar: 'juicy',
  ready: 'juicy',
  syrup: 'juicy minor',
  sugar: 'minor',
  salt: 'minor',
  raising: 'minor',
});

/** The traits of a category's foods. */
export const traitsOf = (category: Category): readonly FoodTrait[] => (TRAITS.get(category)?.split(' ') ?? []) as FoodTrait[];
