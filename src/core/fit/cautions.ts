// What a person has to answer, with name and reason, before a fit is used: nothing of it is ever dropped by itself.
import { showAllergen } from '../recipe/allergens';
import { adaptationById } from './catalogue/index';
import type { Answered } from './carry';
import type { Fit } from './model';

/** `key`: the step, or what of the whole it is about. */
export type Caution = { key: string; about: string; ask: string; answer: Answered | null };

/** A food of the dish is it or is made with it; of others only the name speaks of it. */
const isCertain = ({ foods }: Fit['dish'][number]): boolean => foods.some((f) => f.certain);

/** The cautions of a fit: ways before which somebody is asked, in steps and in how the cards are shown; and what the dish holds that the learner must not have. */
export function cautionsOf(fit: Fit, answered: readonly Answered[]): Caution[] {
  const text = new Map(fit.task.steps.map((s) => [s.key, s.text]));
  const asksOf = (ids: readonly string[]) => ids.flatMap((id) => adaptationById(id)?.ask ?? []).join(' ');
  const open = [
    ...fit.dish.map((d) => ({
      key: `dish-${d.allergen}`,
      about: `${showAllergen(d.allergen)}${isCertain(d) ? '' : ', maybe,'} in ${d.foods.map((f) => f.item).join(', ')}`,
      ask: !isCertain(d)
        ? 'It may be in there by its name: the label is read, and the family is asked.'
        : d.foods.every((f) => f.instead !== null)
          ? 'Each label is read, and the family is asked.'
          : 'Nothing takes the place of all of it: who decides what is eaten instead?',
    })),
    ...fit.shown.map((w) => ({ key: `shown-${w.id}`, about: w.name, ask: asksOf([w.id]) })),
    ...fit.steps.map((s) => ({ key: s.key, about: text.get(s.key) ?? '', ask: asksOf(s.chosen.map((c) => c.id)) })),
  ];
  return open.filter((c) => c.ask !== '').map((c) => ({ ...c, answer: answered.find((a) => a.key === c.key) ?? null }));
}
