// Two foods of one recipe that look the same in their packs: the second has another label, and what is in it another tone.
import type { Ingredient } from '../recipe/recipe';
import { findFood } from '../recipe/food';
import { lookOf, type Look } from './looks';
import type { Content, Stage, StageVessel, Thing } from './stage';

/** Labels of the second, third ... that look alike; none is yellow, which means "next". */
const LABELS = ['#b5663f', '#5f8a4a', '#8a5a9a', '#3f6f8a'];
/** How much lighter or darker what is in the pack is drawn. */
const TONES = [0.4, -0.25, 0.65, -0.45];

const mixed = (colour: string, tone: number): string => {
  const to = tone > 0 ? 255 : 30;
  return colour.replace(/[0-9a-f]{2}/gi, (two) =>
    Math.round(parseInt(two, 16) + (to - parseInt(two, 16)) * Math.abs(tone))
      .toString(16)
      .padStart(2, '0'),
  );
};

/** The looks of a recipe's ingredients, by name, where another food of it looks the same. */
export function toldApart(ingredients: readonly Ingredient[]): ReadonlyMap<string, Look> {
  const seen = new Map<string, string[]>();
  const out = new Map<string, Look>();
  for (const { item } of ingredients) {
    const look = lookOf(item);
    const food = findFood(item)?.id ?? item;
    if (look.pack === 'none' || look.pack === 'tap') continue;
    const foods = seen.get(look.name) ?? [];
    if (!foods.includes(food)) foods.push(food);
    seen.set(look.name, foods);
    const k = foods.indexOf(food) - 1;
    if (k < 0) continue;
    const tone = TONES[k % TONES.length]!;
    out.set(item, { ...look, flesh: mixed(look.flesh, tone), skin: mixed(look.skin, tone), mark: LABELS[k % LABELS.length]! });
  }
  return out;
}

/** A stage with those looks. */
export function tellApart(stage: Stage, looks: ReadonlyMap<string, Look>): Stage {
  if (looks.size === 0) return stage;
  const byName = new Map([...looks].map(([item, look]) => [item.toLowerCase(), look]));
  const own = <T extends Thing | Content>(one: T): T => {
    const look = byName.get(one.name.toLowerCase());
    return look && one.look ? { ...one, look } : one;
  };
  const inside = (vessel: StageVessel | null) => vessel && { ...vessel, contents: vessel.contents.map(own) };
  return { ...stage, things: stage.things.map(own), vessel: inside(stage.vessel), source: inside(stage.source) };
}
