// Allergens of the dish that a learner must not have. They end only with another ingredient, a portion of his own, or another dish: never by who does a step.
import type { Allergen } from '../recipe/allergens';
import { substitutesFor, type SubstituteOffer } from '../recipe/substitute';
import type { Recipe } from '../recipe/recipe';
import type { TaskAnalysis } from '../plan/model';
import { allergensOfFoods } from './allergens';
import type { Fit, Learner, OwnStep, OwnTask } from './model';

const recipeOf = (task: Pick<TaskAnalysis, 'title' | 'servings' | 'ingredients'>): Recipe => ({
  title: task.title,
  servings: task.servings,
  ingredients: [...task.ingredients],
  tools: [],
  instructions: [],
});

/** A substitute that takes the allergen out and brings none that the learner must not have. */
function offerFor(recipe: Recipe, index: number, allergens: readonly Allergen[], learner: Learner): SubstituteOffer | null {
  return (
    substitutesFor(recipe, index).find((o) => {
      const brought = allergensOfFoods(o.use.map((u) => u.item)).map((f) => f.allergen);
      return o.use.length === 1 && !brought.some((a) => learner.allergies?.includes(a) || allergens.includes(a));
    }) ?? null
  );
}

type Held = { index: number; item: string; allergens: Allergen[]; certain: ReadonlySet<Allergen>; offer: SubstituteOffer | null };

function heldBy(task: Pick<TaskAnalysis, 'title' | 'servings' | 'ingredients'>, learner: Learner): Held[] {
  const recipe = recipeOf(task);
  return task.ingredients.flatMap((one, index): Held[] => {
    const found = allergensOfFoods([one.item]);
    const allergens = [...new Set(found.map((f) => f.allergen))].filter((allergen) => learner.allergies?.includes(allergen));
    const certain = new Set(found.flatMap((f) => (f.certain ? [f.allergen] : [])));
    return allergens.length > 0 ? [{ index, item: one.item, allergens, certain, offer: offerFor(recipe, index, allergens, learner) }] : [];
  });
}

/** What the dish holds that this learner must not have, by the class's list, with what the table offers instead. */
export function dishOf(task: Pick<TaskAnalysis, 'title' | 'servings' | 'ingredients'>, learner: Learner): Fit['dish'] {
  const held = heldBy(task, learner);
  return [...new Set(held.flatMap((h) => h.allergens))].map((allergen) => {
    const own = held.filter((h) => h.allergens.includes(allergen));
    return {
      allergen,
      foods: own.map((h) => ({ item: h.item, instead: h.offer?.use[0]!.item ?? null, certain: h.certain.has(allergen) })),
    };
  });
}

/** The learner's own portion with substitutes, where the table has one; what it has none for stays, and stays a barrier. */
export function ownPortion(task: OwnTask, learner: Learner): OwnTask {
  const swaps = heldBy(task, learner).filter((h) => h.offer !== null);
  if (swaps.length === 0) return task;
  const ingredients = task.ingredients.map((one, i) => {
    const swap = swaps.find((s) => s.index === i);
    return swap ? { ...one, item: swap.offer!.use[0]!.item } : one;
  });
  return { ...task, ingredients, steps: task.steps.map((s) => swaps.reduce(withOther, s)) };
}

function withOther(step: OwnStep, swap: Held): OwnStep {
  if (!step.uses.some((u) => u.ingredient === swap.index)) return step;
  const now = swap.offer!.use[0]!.item;
  const uses = step.uses.map((u) => (u.ingredient === swap.index ? { ...u, item: now } : u));
  const names = [swap.item, ...swap.item.split(' ').slice(-1)];
  const name = names.find((n) => step.text.toLowerCase().includes(n.toLowerCase()));
  const text = name ? step.text.replace(new RegExp(name.replace(/[^\p{L}\p{N} ]/gu, '.'), 'i'), now) : step.text;
  const fitted = step.fitted ?? { who: 'learner' as const, by: [], lines: [], part: null };
  return {
    ...step,
    uses,
    text,
    fitted: {
      ...fitted,
      lines: [...fitted.lines, `${now}, not ${swap.item}. Read the label. Own tools.`.replace(/^./, (c) => c.toUpperCase())],
    },
  };
}
