// Cold food in a task analysis: fetched when it is wanted, measured then, back in the fridge between two uses (USDA FSIS: no longer out than two hours).
import { findFood } from '../recipe/food';
import type { Keep } from '../recipe/food-model';
import { itemName } from '../recipe/item-name';
import type { Recipe } from '../recipe/recipe';
import { kindOf, techniqueById } from '../technique/lexicon';
import { worksOf } from '../technique/works';
import { minutesOfDraft, type Draft } from '../plan/draft';
import type { Kitchen } from '../plan/model';
import { fetchFoods } from './routines';

/** Cold food that is wanted later than this is fetched when it is wanted (USDA FSIS: no longer out than two hours, some of which it is eaten in). */
const LATE_MINUTES: Partial<Record<Keep, number>> = { fridge: 75, freezer: 45 };

/** A recipe that takes longer than this has its cold food fetched as it goes. */
const LONG_RECIPE = 110;
const LATE_IN_LONG = 30;

/** Ingredients that stay cold until they are wanted, with the place of their first use in the list. */
export function lateFoods(body: readonly Draft[], recipe: Recipe): Map<number, number> {
  const late = new Map<number, number>();
  const isLong = body.reduce((sum, draft) => sum + minutesOfDraft(draft), 0) > LONG_RECIPE;
  let clock = 0;
  body.forEach((draft, i) => {
    for (const use of draft.uses ?? []) {
      const keep = use.ingredient === null ? undefined : findFood(recipe.ingredients[use.ingredient]?.item ?? '')?.keep;
      const most = keep && recipe.ingredients[use.ingredient!]!.unit !== 'can' ? LATE_MINUTES[keep] : undefined;
      if (most !== undefined && !late.has(use.ingredient!))
        late.set(use.ingredient!, clock > (isLong ? Math.min(most, LATE_IN_LONG) : most) ? i : -1);
    }
    clock += minutesOfDraft(draft);
  });
  return new Map([...late].filter(([, at]) => at >= 0));
}

/** Butter that the mash wants in an hour and more is weighed then: nobody weighs it first and puts it back into the fridge. */
export function measuredWhenWanted(body: readonly Draft[], recipe: Recipe): Draft[] {
  let all = [...body];
  recipe.ingredients.forEach((one, ingredient) => {
    const food = findFood(one.item);
    if (food?.keep !== 'fridge' || food.group === 'fruit' || food.group === 'vegetable') return;
    const used = all.filter((d) => d.uses?.some((use) => use.ingredient === ingredient));
    const wanted = used.find((d) => d.sourceLine !== null);
    const before = used.slice(0, wanted ? used.indexOf(wanted) : 0);
    // pastry that thaws does so while the rest is done
    const waits = (d: Draft) => (d.minutes?.waiting ?? techniqueById(d.technique ?? '')?.minutes.waiting ?? 0) > 0;
    if (!wanted || before.length === 0 || !before.every((d) => d.sourceLine === null && d.uses?.length === 1 && !waits(d))) return;
    const between = all.slice(all.indexOf(before[0]!), all.indexOf(wanted)).reduce((sum, d) => sum + minutesOfDraft(d), 0);
    if (between <= LATE_MINUTES.fridge!) return;
    const rest = all.filter((d) => !before.includes(d));
    const at = rest.indexOf(wanted);
    all = [...rest.slice(0, at), ...before, ...rest.slice(at)];
  });
  return all;
}

/** Cold food that is used twice with a long time between goes back into the fridge until then. */
export function putBack(body: readonly Draft[], recipe: Recipe): Draft[] {
  const last = new Map<number, { at: number; clock: number; all: boolean }>();
  const back = new Map<number, number[]>();
  const again = new Map<number, number[]>();
  let clock = 0;
  body.forEach((draft, i) => {
    for (const { ingredient, quantity } of draft.uses ?? []) {
      const food = ingredient === null ? null : findFood(recipe.ingredients[ingredient]?.item ?? '');
      // a cut cucumber and chopped parsley wait on the table
      if (ingredient === null || food?.keep !== 'fridge' || ['fruit', 'vegetable', 'seasoning'].includes(food.group)) continue;
      const before = last.get(ingredient);
      // what went in whole is in the dish, though a later step takes it out again
      if (
        before &&
        !before.all &&
        clock - before.clock > LATE_MINUTES.fridge! &&
        // grated at the start, wanted at the end: it lies by itself
        (isMeasuring(draft) || draft.little || quantity !== null || worksOf(body[before.at]!.technique).act === 'ready')
      ) {
        const at = afterWash(body, before.at);
        back.set(at, [...(back.get(at) ?? []), ingredient]);
        again.set(i, [...(again.get(i) ?? []), ingredient]);
      }
      const all =
        worksOf(draft.technique).act === 'put' && quantity === recipe.ingredients[ingredient]!.min && !draft.little && !isMeasuring(draft);
      last.set(ingredient, { at: i, clock, all });
    }
    clock += minutesOfDraft(draft);
  });
  return body.flatMap((draft, i) => [
    ...(again.get(i) ?? []).map((k) => coldStep(recipe, k, 'get')),
    draft,
    ...(back.get(i) ?? []).map((k) => coldStep(recipe, k, 'back')),
  ]);
}

/** Hands that touched raw food are washed before the fridge is opened. */
function afterWash(body: readonly Draft[], at: number): number {
  const wash = body.findIndex((d, i) => i > at && i < at + 8 && kindOf(d.technique) === 'wash-hands');
  return wash > at ? wash : at;
}

/** A fresh helping is taken of it; what was mixed before only moves. */
const isMeasuring = (draft: Draft) => ['measure', 'weigh', 'brush'].includes(kindOf(draft.technique));

function coldStep(recipe: Recipe, ingredient: number, way: 'get' | 'back'): Draft {
  const one = recipe.ingredients[ingredient]!;
  const name = itemName(one.item);
  return {
    text: way === 'back' ? `Put the ${name} back in the fridge.` : `Get the ${name} from the fridge.`,
    technique: way === 'back' ? 'put-away' : 'gather',
    sourceLine: null,
    uses: [{ ingredient, item: one.item, quantity: null, unit: null }],
    tools: [],
    thing: `the ${name}`,
    name: `${name}-${way}`,
    minutes: { active: 0.3 },
    small:
      way === 'back'
        ? ['Open the fridge.', `Put the ${name} in its place.`, 'Close the door.']
        : ['Open the fridge.', `Take out the ${name}.`, 'Close the door.'],
  };
}

/** One way to the fridge for what one line of the recipe puts in one after the other: nobody opens it with raw fish on the hands. */
function together(body: readonly Draft[], late: ReadonlyMap<number, number>): Map<number, number> {
  const isOneGo = (from: number, to: number) =>
    body[from]!.sourceLine !== null &&
    body[from]!.sourceLine === body[to]!.sourceLine &&
    body.slice(from, to).every((d) => !(d.minutes?.waiting ?? 0) && worksOf(d.technique).act !== 'heat');
  const found = new Map<number, number>();
  for (const [ingredient, at] of [...late].sort((a, b) => a[1] - b[1]))
    found.set(ingredient, [...found.values()].find((before) => before < at && isOneGo(before, at)) ?? at);
  return found;
}

export function fetchLate(body: readonly Draft[], recipe: Recipe, kitchen: Kitchen, late: ReadonlyMap<number, number>): Draft[] {
  const when = together(body, late);
  return body.flatMap((draft, i) => {
    const here = new Set([...when].filter(([, at]) => at === i).map(([ingredient]) => ingredient));
    return here.size > 0 ? [...fetchFoods(recipe, kitchen, here), draft] : [draft];
  });
}
