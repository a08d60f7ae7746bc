// A kitchen that has lost a measure: the steps that nobody changed become those that would be built without it.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { buildTask, measuresGone, readRecipe, rebuildForKitchen, USUAL_KITCHEN } from '../../src/core/index';

const files = readdirSync('tests/recipes').filter((_, i) => i % 4 === 0);
const lost = ['third-cup', 'half-cup', 'cup', 'tablespoon', 'half-teaspoon'];

test('over a quarter of the recipes, one measure after the other', () => {
  let tried = 0;
  for (const file of files) {
    const { recipe } = readRecipe(readFileSync(`tests/recipes/${file}`, 'utf8'));
    const { steps } = buildTask(recipe, { grain: 'standard', kitchen: USUAL_KITCHEN });
    for (const id of lost) {
      const kitchen = { ...USUAL_KITCHEN, measures: USUAL_KITCHEN.measures.filter((m) => m.id !== id) };
      if (measuresGone(steps, kitchen).length === 0) continue;
      tried++;
      const anew = rebuildForKitchen(recipe, steps, 'standard', kitchen);
      const want = buildTask(recipe, { grain: 'standard', kitchen }).steps;
      expect(
        anew.map((s) => s.text),
        `${file} without ${id}`,
      ).toEqual(want.map((s) => s.text));
    }
  }
  expect(tried).toBeGreaterThan(60);
});
