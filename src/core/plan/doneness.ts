// How hot the inside of a food has to be: USDA FSIS safe minimum internal temperatures (poultry 165 °F, ground meat 160 °F, whole cuts and fish 145 °F, egg dishes 160 °F).
import type { Known } from '../kitchen/index';

export type Inside = { celsius: number; fahrenheit: number };

const POULTRY: Inside = { celsius: 74, fahrenheit: 165 };
const GROUND: Inside = { celsius: 71, fahrenheit: 160 };
const WHOLE: Inside = { celsius: 63, fahrenheit: 145 };

/** The highest that any of these foods asks for. */
export function temperatureFor(foods: readonly Known[]): Inside {
  return foods.map(insideOf).reduce((a, b) => (a.celsius >= b.celsius ? a : b), WHOLE);
}

function insideOf({ food, one }: Known): Inside {
  if (food?.raw === 'poultry') return POULTRY;
  if (food?.raw === 'egg' || /\b(?:minced?|ground|burgers?|sausages?|meatballs?)\b/i.test(one.text)) return GROUND;
  return WHOLE;
}
