// The shape of a row in the table of foods.
import type { Allergen } from './allergens';

/** Where it goes on the plate (USDA MyPlate groups, and what stands beside them). */
export type FoodGroup = 'fruit' | 'vegetable' | 'grain' | 'protein' | 'dairy' | 'fat' | 'seasoning' | 'sweet' | 'drink';
export type Keep = 'cupboard' | 'fridge' | 'freezer' | 'counter' | 'tap';
/** How it is measured: powders are spooned in and levelled, packed things pressed, sticky things scraped out, liquids read at eye level. */
export type Form = 'powder' | 'grain' | 'liquid' | 'sticky' | 'packed' | 'soft' | 'whole';
/** How fresh produce and dry grains are rinsed: rubbed under the tap, brushed, or in a sieve (FDA: cold running water, no soap). */
export type Rinse = 'tap' | 'brush' | 'sieve';

export type Category =
  | 'fruit'
  | 'berry'
  | 'citrus'
  | 'dried-fruit'
  | 'vegetable'
  | 'root'
  | 'onion'
  | 'leaf'
  | 'herb'
  | 'spice'
  | 'rice'
  | 'pasta'
  | 'noodle'
  | 'grain'
  | 'flour'
  | 'starch'
  | 'bread'
  | 'cereal'
  | 'pastry'
  | 'biscuit'
  | 'egg'
  | 'poultry'
  | 'meat'
  | 'cured-meat'
  | 'fish'
  | 'shellfish'
  | 'pulse'
  | 'nut'
  | 'seed'
  | 'soy'
  | 'milk'
  | 'plant-drink'
  | 'yoghurt'
  | 'cream'
  | 'cheese'
  | 'fat'
  | 'oil'
  | 'stock'
  | 'sauce'
  | 'salt'
  | 'vinegar'
  | 'raising'
  | 'sugar'
  | 'syrup'
  | 'sweet'
  | 'juice'
  | 'water'
  | 'drink'
  | 'ready';

/**
 * What a food does: `fatty`, it greases the pan that it lies in; `juicy`, it gives or is liquid enough to cook in; `boils`, it is cooked in water though no list has it;
 * `minor`, no dish is named after it and it may go in anywhere; `grease`, fat by itself; `runny`, water by itself; `skinned`, its skin comes off with the fingers before it is cut;
 * `unlisted`, a method takes or makes it without listing it; `of-flour`, it is what flour makes; `firm`, raw it is hard to cut (common practice: roots, squash, hard cheese,
 * citrus); `leavens`, a dough with it stands in the warm to rise; `melts`, it runs when it is hot;
 * `ground`, meat that was minced, whose inside was outside (USDA FSIS: 160 °F); `own-water`, it is cooked by itself in plenty of water and drained; `in-water`, it may be;
 * `cleaned`, what a list says is peeled or taken out of it was done where it is bought.
 */
export type FoodTrait =
  | 'fatty'
  | 'juicy'
  | 'boils'
  | 'minor'
  | 'grease'
  | 'runny'
  | 'skinned'
  | 'unlisted'
  | 'of-flour'
  | 'firm'
  | 'leavens'
  | 'melts'
  | 'ground'
  | 'own-water'
  | 'in-water'
  | 'cleaned';

export type Food = {
  id: string;
  /** Singular names as recipes write them; the first is the one shown. */
  names: string[];
  /** What a method calls it besides, in one word: "toms", "the beef" of a steak; no list has it so. */
  called?: string[];
  category: Category;
  group: FoodGroup;
  keep: Keep;
  form: Form;
  /** Allergens that the food holds by what it is or by its usual recipe. A product's own label always comes first. */
  allergens: Allergen[];
  /** Allergens that products of this kind often hold, one maker's and not another's: a reason to read the label. */
  often: Allergen[];
  /** Why an allergen that the name does not say is there: "is brewed from soya beans and wheat". */
  why?: string;
  /** Raw food that may carry germs until cooked: egg, meat, fish, flour and dough (USDA FSIS; FDA on flour). */
  raw?: 'egg' | 'meat' | 'poultry' | 'fish' | 'flour';
  rinse?: Rinse;
  /** Spoils out of the fridge: no longer than two hours there (USDA FSIS). */
  perishable: boolean;
  /** Round, hard or firm foods that are cut small for those at risk of choking (AAP). */
  choking?: true;
  /** What it does in a kitchen: what its category does, and its own. */
  traits: readonly FoodTrait[];
  /** What is usually done to it before it is used, as technique ids. */
  prepare: string[];
  /** Name of its drawing. */
  picture: string;
};
