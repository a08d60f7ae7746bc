// The usual drawer of each measure system: what cups, spoons and jug a kitchen there has.
import type { Measure } from './filling';
import type { MeasureSystem } from './units';

const of = (id: string, quantity: string, unit: Measure['unit'], kind: Measure['kind']): Measure => ({ id, quantity, unit, kind });

const CUPS = [
  of('cup', '1', 'cup', 'dry'),
  of('half-cup', '1/2', 'cup', 'dry'),
  of('third-cup', '1/3', 'cup', 'dry'),
  of('quarter-cup', '1/4', 'cup', 'dry'),
];
const SPOONS = [
  of('tablespoon', '1', 'tbsp', 'spoon'),
  of('teaspoon', '1', 'tsp', 'spoon'),
  of('half-teaspoon', '1/2', 'tsp', 'spoon'),
  of('quarter-teaspoon', '1/4', 'tsp', 'spoon'),
];

/** A cook's usual measures (common practice): dry cups 1, 1/2, 1/3, 1/4 and spoons 1 tbsp, 1, 1/2, 1/4 tsp; in the size of the system. */
export function usualDrawer(system: MeasureSystem): Measure[] {
  // a British kitchen fills spoons and a jug, and has no cups
  return system === 'imperial' ? [...SPOONS, of('jug', '1', 'floz', 'liquid')] : [...CUPS, ...SPOONS];
}
