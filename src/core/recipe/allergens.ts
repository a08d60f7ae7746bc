// Allergens by law: the US nine and the EU/UK fourteen, and how each is named on a screen.

/**
 * US: FALCPA 2004 and the FASTER Act 2021 (milk, egg, fish, crustacean shellfish, tree nuts, peanut, wheat, soy, sesame).
 * EU/UK: Regulation 1169/2011, Annex II, adds celery, mustard, sulphites, lupin, molluscs, and all cereals with gluten.
 */
export type Allergen =
  | 'milk'
  | 'egg'
  | 'fish'
  | 'crustacean'
  | 'tree-nut'
  | 'peanut'
  | 'wheat'
  | 'soy'
  | 'sesame'
  | 'gluten'
  | 'celery'
  | 'mustard'
  | 'sulphites'
  | 'lupin'
  | 'mollusc';

export const US_ALLERGENS: readonly Allergen[] = ['milk', 'egg', 'fish', 'crustacean', 'tree-nut', 'peanut', 'wheat', 'soy', 'sesame'];
export const EU_ALLERGENS: readonly Allergen[] = [
  'gluten',
  'crustacean',
  'egg',
  'fish',
  'peanut',
  'soy',
  'milk',
  'tree-nut',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'mollusc',
];

const SHOWN: Record<Allergen, string> = {
  milk: 'milk',
  egg: 'egg',
  fish: 'fish',
  crustacean: 'shellfish (crustaceans)',
  'tree-nut': 'tree nuts',
  peanut: 'peanut',
  wheat: 'wheat',
  soy: 'soy',
  sesame: 'sesame',
  gluten: 'cereals with gluten',
  celery: 'celery',
  mustard: 'mustard',
  sulphites: 'sulphites',
  lupin: 'lupin',
  mollusc: 'molluscs',
};

/** The allergen's name as a teacher reads it. */
export function showAllergen(allergen: Allergen): string {
  return SHOWN[allergen];
}
