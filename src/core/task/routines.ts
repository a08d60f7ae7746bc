// The routine blocks before and after every recipe: get ready, gather, turn off, store, clean up.
import { listed } from '../recipe/listed';
import { itemName } from '../recipe/item-name';
import { kindOf } from '../technique/lexicon';
import { showQuantity, toFraction } from '../amount/quantity';
import { showUnit } from '../amount/units';
import { findFood } from '../recipe/food';
import type { Food, Keep } from '../recipe/food-model';
import type { Ingredient, Recipe } from '../recipe/recipe';
import type { Hazard } from '../technique/model';
import { isFetched, toolById } from '../technique/tools';
import type { Draft } from '../plan/draft';
import { measureLabel } from './measuring';
import { toolCalls } from './tool-names';
import type { Kitchen, Step } from '../plan/model';

/** Get ready: hair, apron, hands (20 s, CDC). */
export function readyRoutine(): Draft[] {
  return [
    { text: 'Tie back long hair.', technique: 'tie-hair', sourceLine: null, thing: 'your hair', name: 'hair' },
    { text: 'Put on your apron.', technique: 'apron-on', sourceLine: null, thing: 'your apron', name: 'apron' },
    {
      text: 'Wash your hands with soap for 20 seconds.',
      technique: 'wash-hands',
      sourceLine: null,
      thing: 'your hands',
      name: 'hands',
      minutes: { active: 1 },
    },
    { text: 'Wipe the table.', technique: 'wipe', sourceLine: null, thing: 'the table', name: 'table', phase: 'ready' },
  ];
}

/** "2 carrots", "a can of chickpeas", "couscous": what to fetch, with the number where it is counted. */
function fetched(one: Ingredient): string {
  const name = itemName(one.item);
  const count = one.min ? toFraction(one.min) : null;
  if (one.unit === null && count) return count.compare(1) <= 0 ? `1 ${name}` : `${showQuantity(one.max ?? one.min!)} ${name}`;
  if (one.unit === 'clove' && count) return `${showQuantity(one.max ?? one.min!)} ${showUnit('clove', one.max)} of ${name}`;
  if (one.unit === 'can' || one.unit === 'jar' || one.unit === 'packet') {
    const whole = count?.ceil().toFraction() ?? '1';
    return `${whole} ${showUnit(one.unit, whole)} of ${name}`;
  }
  return name;
}

const ORDER: Keep[] = ['cupboard', 'counter', 'freezer', 'fridge'];

/** Gathering, by place: what keeps at room temperature first, the fridge last, since the two hours start there (USDA FSIS). */
export function gatherRoutine(recipe: Recipe, steps: Step[], kitchen: Kitchen, late: ReadonlyMap<number, number>): Draft[] {
  const now = new Set(recipe.ingredients.flatMap((_, i) => (late.has(i) ? [] : [i])));
  return [...fetchFoods(recipe, kitchen, now), ...gatherTools(steps, kitchen, toolCalls(recipe))];
}

/** These ingredients, by the place where they are kept; at most four things at a time. */
export function fetchFoods(recipe: Recipe, kitchen: Kitchen, wanted: ReadonlySet<number>): Draft[] {
  const byPlace = new Map<Keep, { index: number; one: Ingredient; food: Food | null }[]>();
  recipe.ingredients.forEach((one, index) => {
    const food = findFood(one.item);
    const keep: Keep = one.unit === 'can' ? 'cupboard' : (food?.keep ?? 'cupboard');
    if (keep === 'tap' || !wanted.has(index)) return;
    byPlace.set(keep, [...(byPlace.get(keep) ?? []), { index, one, food }]);
  });
  return ORDER.flatMap((keep): Draft[] => {
    const things = byPlace.get(keep);
    if (!things) return [];
    const place = kitchen.places[keep] ?? `the ${keep}`;
    return inGroups(things).map((group, k): Draft => {
      const hazards: Hazard[] = group.some((t) => (t.food?.allergens ?? []).length > 0) ? ['allergen'] : [];
      const names = group.map((t) => fetched(t.one));
      return {
        text: `From ${place}, get ${listed(names)}.`,
        technique: 'gather',
        sourceLine: null,
        thing: listed(names),
        name: `${keep}${NEXT[k] ?? ''}`,
        hazards,
        tools: [],
        uses: group.map((t) => ({ ingredient: t.index, item: t.one.item, quantity: null, unit: null })),
        minutes: { active: 0.3 * group.length + 0.3 },
        small: names.flatMap((n) => [`Find the ${n}.`, 'Put it on the table.']),
      };
    });
  });
}

const SMALL = 'small-bowl';
/** How many small bowls stand about at once: what is measured into one keeps it until it is used. */
function smallBowls(steps: readonly Step[]): number {
  const held = new Set<number | string>();
  let most = 0;
  for (const step of steps) {
    const things = step.uses.flatMap((use) => use.ingredient ?? []);
    if (step.into === SMALL) for (const one of things.length > 0 ? things : [step.key]) held.add(one);
    else for (const i of things) held.delete(i);
    most = Math.max(most, held.size);
  }
  return most;
}

function gatherTools(steps: Step[], kitchen: Kitchen, calls: ReadonlyMap<string, string>): Draft[] {
  const bowls = smallBowls(steps);
  const nameIt = (id: string) => {
    const name = calls.get(id) ?? toolName(id, kitchen);
    return id === SMALL && bowls > 1 ? `${bowls} ${name}s` : name;
  };
  const ids = [...new Set(steps.flatMap((s) => s.tools))].filter(isFetched);
  if (steps.some((s) => s.fillings.length > 0 && kindOf(s.technique) === 'measure') && !ids.includes('table-knife'))
    ids.push('table-knife');
  const byPlace = new Map<string, string[]>();
  for (const id of ids) {
    const place = kitchen.tools.find((t) => t.id === id)?.place ?? '';
    byPlace.set(place, [...(byPlace.get(place) ?? []), id]);
  }
  return [...byPlace].flatMap(([place, tools]): Draft[] => {
    const named = tools.map(nameIt);
    const groups = inGroups(named);
    return groups.map((names, i) => ({
      text: place ? `From ${place}, get the ${listed(names)}.` : `Get the ${listed(names)}.`,
      technique: 'gather',
      sourceLine: null,
      thing: `the ${listed(names)}`,
      name: `${place || 'tools'}${NEXT[i] ?? ''}`,
      tools: tools.filter((id) => names.includes(nameIt(id))),
      minutes: { active: 0.2 * names.length + 0.3 },
      small: names.flatMap((n) => [`Find the ${n}.`, 'Put it on the table.']),
    }));
  });
}

/** As many things as two hands carry and a mind holds at once (common practice: four). */
const MOST_AT_ONCE = 4;

/** What tells the keys of several goings to one place apart; a number would look like a second going. */
const NEXT = ['', '-b', '-c', '-d', '-e', '-f', '-g', '-h'];

function inGroups<T>(things: readonly T[]): T[][] {
  const count = Math.ceil(things.length / MOST_AT_ONCE);
  const size = Math.ceil(things.length / count);
  return Array.from({ length: count }, (_, k) => things.slice(k * size, (k + 1) * size));
}

/** What a tool or a measure is called in a step. */
export function toolName(id: string, kitchen: Kitchen): string {
  const measure = kitchen.measures.find((m) => m.id === id);
  return measure ? measureLabel(measure) : (toolById(id)?.name ?? id);
}

/** After the recipe: eat, store within two hours (USDA FSIS), clean up. */
export function afterRoutine(recipe: Recipe, perishable: boolean): { serve: Draft[]; after: Draft[] } {
  const after: Draft[] = [];
  if (perishable)
    after.push({
      text: 'Put what is left in a box in the fridge within 2 hours.',
      technique: 'store',
      sourceLine: null,
      thing: 'what is left',
      name: 'rest',
    });
  after.push(
    { text: 'Put the food away.', technique: 'put-away', sourceLine: null, thing: 'the food', name: 'food' },
    { text: 'Wash up.', technique: 'wash-up', sourceLine: null, thing: 'the dishes', name: 'dishes' },
    { text: 'Put the tools away.', technique: 'put-away', sourceLine: null, thing: 'the tools', name: 'tools', phase: 'clean' },
    { text: 'Wipe the table.', technique: 'wipe', sourceLine: null, thing: 'the table', name: 'table-after' },
    {
      text: 'Wash your hands with soap for 20 seconds.',
      technique: 'wash-hands',
      sourceLine: null,
      thing: 'your hands',
      name: 'hands-after',
      phase: 'clean',
    },
  );
  const choking = recipe.ingredients.some((one) => findFood(one.item)?.choking);
  return {
    serve: [
      {
        text: 'Sit down, taste and eat.',
        technique: 'eat',
        sourceLine: null,
        thing: 'the food',
        name: 'food',
        hazards: ['allergen', ...(choking ? (['choking'] as const) : [])],
      },
    ],
    after,
  };
}
