import { expect, test } from 'vitest';
import { USUAL_KITCHEN, type Kitchen } from '../plan/model';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { insertStep, moveStep, reword, superviseStep } from './edit';
import { measuresGone, rebuildForKitchen } from './kitchen-change';

const { recipe } = readRecipe(
  'Bowl\n\n1/3 cup couscous\n2/3 cup water\n1 tbsp oil\n\nMethod\nPut the couscous in a bowl. Add the water. Add the oil. Stir.',
);
const built = (kitchen: Kitchen) => buildTask(recipe, { grain: 'standard', kitchen }).steps;
const without = (id: string): Kitchen => ({ ...USUAL_KITCHEN, measures: USUAL_KITCHEN.measures.filter((m) => m.id !== id) });
const texts = (steps: readonly { text: string }[]) => steps.map((s) => s.text);
const steps = built(USUAL_KITCHEN);

test('which steps use a measure that is gone', () => {
  expect(measuresGone(steps, USUAL_KITCHEN)).toEqual([]);
  const gone = measuresGone(steps, without('third-cup'));
  expect(gone).toMatchObject([{ measure: 'third-cup', label: '⅓ cup' }]);
  expect(gone[0].steps.map((key) => steps.find((s) => s.key === key)!.text)).toEqual(texts(steps).filter((t) => /Fill the ⅓ cup/.test(t)));
});

test.each(['third-cup', 'tablespoon'])('steps that nobody changed are those that are built without the %s, under their keys', (id) => {
  const kitchen = without(id);
  const anew = rebuildForKitchen(recipe, steps, 'standard', kitchen);
  expect(texts(anew)).toEqual(texts(built(kitchen)));
  expect(measuresGone(anew, kitchen)).toEqual([]);
  const stir = steps.find((s) => /^Stir/.test(s.text))!;
  expect(anew.find((s) => s.key === stir.key)?.text).toBe(stir.text);
  expect(new Set(anew.map((s) => s.key)).size).toBe(anew.length);
});

test('what a person wrote, added, took out, moved or set stays', () => {
  const kitchen = without('tablespoon');
  const at = (text: RegExp) => steps.find((s) => text.test(s.text))!.key;
  const stir = at(/^Stir/);
  let own = reword(steps, stir, 'Stir it slowly, as we do.', recipe.ingredients);
  own = superviseStep(own, at(/^Put on your apron/), 'within-reach');
  own = insertStep(own, stir, 'Sing the stirring song.', 'mine', recipe.ingredients);
  own = own.filter((s) => !/long hair/.test(s.text));
  own = moveStep(own, at(/^Wipe the table/), 0);
  const anew = rebuildForKitchen(recipe, own, 'standard', kitchen);
  expect(measuresGone(anew, kitchen)).toEqual([]);
  expect(texts(anew)).toEqual(expect.arrayContaining(['Stir it slowly, as we do.', 'Sing the stirring song.']));
  expect(anew[0].text).toMatch(/^Wipe the table/);
  expect(texts(anew).some((t) => /long hair/.test(t))).toBe(false);
  expect(anew.find((s) => s.text.startsWith('Put on your apron'))?.supervision).toBe('within-reach');
  expect(anew.findIndex((s) => s.key === 'mine')).toBe(anew.findIndex((s) => s.key === stir) + 1);
});

test('a step with the measure in words of one’s own stays as it is, and goes on being told of', () => {
  const kitchen = without('tablespoon');
  const fill = steps.find((s) => /^Fill the 1 tbsp/.test(s.text))!;
  const own = reword(steps, fill.key, 'Fill the 1 tbsp with oil, right up.', recipe.ingredients);
  const anew = rebuildForKitchen(recipe, own, 'standard', kitchen);
  expect(measuresGone(anew, kitchen)).toMatchObject([{ measure: 'tablespoon', steps: [fill.key] }]);
});

test('a kitchen that has all leaves the steps as they are', () => {
  expect(rebuildForKitchen(recipe, steps, 'standard', USUAL_KITCHEN)).toEqual(steps);
});

test('a measure that was kept somewhere is no longer fetched from there', () => {
  const kept: Kitchen = {
    ...USUAL_KITCHEN,
    tools: [...USUAL_KITCHEN.measures, { id: 'spoon' }].map(({ id }) => ({ id, place: 'drawer 1' })),
  };
  const kitchen = { ...without('third-cup'), tools: kept.tools.filter((t) => t.id !== 'third-cup') };
  const anew = rebuildForKitchen(recipe, built(kept), 'standard', kitchen);
  expect(texts(built(kept)).join(' ')).toContain('From drawer 1, get the ⅓ cup');
  expect(texts(anew)).toEqual(texts(built(kitchen)));
});
