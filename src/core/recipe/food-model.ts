// The shape of a row in the table of foods.
import type { Allergen } from './allergens';

/** Where it goes on the plate (USDA MyPlate groups, and what stands beside them). */
export type FoodGroup = 'fruit' | 'vegetable' | 'grain' | 'protein' | 'dairy' | 'fat' | 'seasoning' | 'sweet' | 'drink';
export type Keep = 'cupboard' | 'fridge' | 'freezer' | 'counter' | 'tap';
/** How it is measured: powders are spooned in and levelled, packed things pressed, sticky things scraped out, liquids read at eye level. */
export type Form = 'powder' | 'grain' | 'liquid' | 'sticky' | 'packed' | 'soft' | 'whole';

export type Food = {
  id: string;
  /** Singular names as recipes write them; the first is the one shown. */
  names: string[];
  group: FoodGroup;
  keep: Keep;
  form: Form;
  /** Allergens that the food is known to hold, derived ones too. A product's own label always comes first. */
  allergens: Allergen[];
  /** Raw food that may carry germs until cooked: egg, meat, fish, flour and dough (USDA FSIS; FDA on flour). */
  raw?: 'egg' | 'meat' | 'poultry' | 'fish' | 'flour';
  /** Fresh produce that is rinsed under cold water first (FDA). */
  rinse?: true;
  /** Round or firm foods that are cut lengthwise for those at risk of choking (AAP). */
  choking?: true;
  /** Name of its drawing. */
  picture: string;
};
