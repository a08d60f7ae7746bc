// Writes rows of the table of foods so that one can be read at a glance.
import { traitsOf } from '../categories';
import type { Category, Food } from '../food-model';

type Defaults = Omit<Food, 'id' | 'names' | 'category' | 'allergens' | 'often' | 'perishable' | 'prepare' | 'traits'> &
  Partial<Pick<Food, 'allergens' | 'often' | 'perishable' | 'prepare' | 'traits'>>;

/**
 * A maker of rows of one category. Each row states only what differs from its category.
 * Names are separated by "|", the shown one first; singular.
 */
export function rowsOf(category: Category, defaults: Defaults): (names: string, own?: Partial<Defaults>) => Food {
  return (names, own = {}) => {
    const list = names.split('|');
    const food: Food = {
      allergens: [],
      often: [],
      perishable: false,
      prepare: [],
      ...defaults,
      ...own,
      id: list[0]!.replaceAll(' ', '-'),
      names: list,
      category,
      traits: [...traitsOf(category), ...(own.traits ?? [])],
    };
    // `rinse: undefined` in a row says that this one is not rinsed
    if (food.rinse === undefined) delete food.rinse;
    return food;
  };
}
