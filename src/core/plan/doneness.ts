// How hot the inside of a food has to be: USDA FSIS safe minimum internal temperatures (poultry 165 °F, ground meat 160 °F, whole cuts and fish 145 °F, egg dishes 160 °F).
import { contents, objectsOf, vesselOf, worksIn, type Known, type Lot, type Played, type World } from '../kitchen/index';
import { foodIs } from '../recipe/food';
import { toolById } from '../technique/tools';

export type Inside = { celsius: number; fahrenheit: number };

const POULTRY: Inside = { celsius: 74, fahrenheit: 165 };
const GROUND: Inside = { celsius: 71, fahrenheit: 160 };
const WHOLE: Inside = { celsius: 63, fahrenheit: 145 };

const POULTRY_WORD = /\b(?:chicken|turkey|duck|goose|poultry)\b/i;

/** The highest that any of these foods asks for. */
export function temperatureFor(foods: readonly Known[]): Inside {
  return foods.map(insideOf).reduce((a, b) => (a.celsius >= b.celsius ? a : b), WHOLE);
}

function insideOf({ food, one }: Known): Inside {
  // "turkey thigh mince", "chicken sausages": whatever it is made into
  if (food?.raw === 'poultry' || POULTRY_WORD.test(one.item)) return POULTRY;
  // the word too, for what the table does not know as minced: "venison burgers"
  if (food?.raw === 'egg' || foodIs(food, 'ground') || /\b(?:minced?|ground|burgers?|sausages?|meatballs?)\b/i.test(one.text))
    return GROUND;
  return WHOLE;
}

/** "Check that there is no pink in the chicken": with the number that a thermometer shows there. */
export function insideChecked(world: World, step: Played): Inside | null {
  const { act, traits } = worksIn(step);
  if (act !== 'check' || !traits.has('tests') || step.technique === 'take-temperature') return null;
  const foods = objectsOf(world, step).flatMap((lot) =>
    [...lot.unchecked].flatMap(([i, heated]) => (heated ? [world.ingredients[i]!] : [])),
  );
  return foods.length > 0 ? temperatureFor(foods) : null;
}

const isFloury = (world: World, lot: Lot): boolean => [...lot.parts.keys()].some((i) => world.ingredients[i]!.raw === 'raw-flour');

/**
 * Eggs out of their shells with neither flour nor meat: an omelette, egg cups, a custard. A cake is judged by its crumb, meat is looked at by a step of its own,
 * and an egg that is brushed over a pastry is a glaze.
 */
function isEggDish(world: World, lot: Lot, beside: readonly Lot[]): boolean {
  const parts = [...lot.parts.keys()].map((i) => world.ingredients[i]!);
  const isEgg = lot.forms.has('crack-egg') && parts.some((k) => k.food?.raw === 'egg') && !isFloury(world, lot) && lot.unchecked.size === 0;
  return isEgg && !lot.clings && !(parts.every((k) => k.food?.raw === 'egg' || k.liquid) && beside.some((other) => isFloury(world, other)));
}

/** How hot the inside has to be that this step cooks, where it is an egg dish; null for all else. */
export function insideOfEggs(world: World, step: Played): Inside | null {
  const { act, traits } = worksIn(step);
  // it bakes in the oven or under the grill, whatever it lies in
  const bakes = act === 'wait' && toolById(step.into ?? '')?.kind === 'appliance';
  const inOven = bakes ? [...world.vessels].flatMap(([id, v]) => (v.place === 'oven' ? [id] : [])) : [];
  const vessel = vesselOf(step);
  const vessels = act === 'microwave' || (act === 'heat' && traits.has('cooks')) ? (vessel ? [vessel] : []) : inOven;
  const isEggs = (id: string) => contents(world, id).some((lot, _, all) => isEggDish(world, lot, all));
  return vessels.some(isEggs) ? GROUND : null;
}
