// Cautions of a fit: each is there until a person answers it.
import { expect, test } from 'vitest';
import { buildTask } from '../task/build';
import { readRecipe } from '../recipe/read';
import { cautionsOf } from './cautions';
import { fitTask } from './fit';

const oats = buildTask(
  readRecipe('Oats\n\n1/2 cup oats\n1/2 cup milk\n1/4 cup plain yoghurt\n\nPut the oats, milk and yoghurt in a jar.').recipe,
  {
    grain: 'standard',
  },
);

test('what the dish holds is answered for, also where something takes its place', () => {
  const fit = fitTask(oats, { needs: [], allergies: ['milk'] });
  expect(cautionsOf(fit, [])).toMatchObject([{ key: 'dish-milk', answer: null }]);
  const answer = { key: 'dish-milk', by: 'Ms Ferrow', reason: 'own yoghurt from home', at: '2026-11-27' };
  expect(cautionsOf(fit, [answer])[0]?.answer).toEqual(answer);
});
test('what only a name speaks of is asked about, and not said to be there', () => {
  const crackers = buildTask(readRecipe('Plate\n\n1 packet prawn crackers\n\nPut the prawn crackers on a plate.').recipe, {
    grain: 'standard',
  });
  const [caution] = cautionsOf(fitTask(crackers, { needs: [], allergies: ['crustacean'] }), []);
  expect(caution).toMatchObject({ key: 'dish-crustacean', about: expect.stringContaining('maybe') as string });
  expect(caution?.ask).toContain('the label is read');
  // with real prawns beside them it is there; the crackers are still only maybe
  const both = buildTask(
    readRecipe('Plate\n\n1 packet prawn crackers\n100 g cooked prawns\n\nPut the crackers and prawns on a plate.').recipe,
    {
      grain: 'standard',
    },
  );
  const [dish] = fitTask(both, { needs: [], allergies: ['crustacean'] }).dish;
  expect(dish?.foods.map((f) => [f.item, f.certain])).toEqual([
    ['prawn crackers', false],
    ['cooked prawns', true],
  ]);
});
test('ways before which somebody is asked, in a step and in how the cards are shown', () => {
  const tube = fitTask(oats, {
    needs: [
      { demand: 'swallow', how: 'absent' },
      { demand: 'taste', how: 'avoid' },
    ],
  });
  expect(cautionsOf(tube, []).map((c) => c.ask)).toEqual([expect.stringContaining('the learner’s own plan')]);
  const hands = fitTask(oats, {
    needs: [
      { demand: 'sight', of: 'card', how: 'absent' },
      { demand: 'hearing', how: 'absent' },
      { demand: 'touch', how: 'absent' },
    ],
  });
  expect(hands.shown.map((w) => w.id)).toContain('hand-under-hand');
  expect(cautionsOf(hands, []).map((c) => c.key)).toContain('shown-hand-under-hand');
});
test('who needs none is asked nothing', () => expect(cautionsOf(fitTask(oats, { needs: [] }), [])).toEqual([]));
