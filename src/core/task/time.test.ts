// Times of a lesson, and where it may stop.
import { expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { lessonTime } from './time';

const task = (text: string) => buildTask(readRecipe(text).recipe, { grain: 'standard' });
const soup = task(
  'Soup\nIngredients\n2 carrots, sliced\n1 onion, chopped\n2 cups water\nMethod\nPut the carrots, onion and water in a pan. Boil and simmer for 20 minutes. Serve.',
);

test('a learner’s work is an adult’s times three (common practice), and jobs fill the waiting', () => {
  const time = lessonTime(soup, 60);
  const active = soup.steps.reduce((n, s) => n + s.minutes.active, 0) * 3;
  expect(time.active).toBeCloseTo(active, 0);
  expect(time.waiting).toBeGreaterThanOrEqual(20);
  expect(time.oneAfterAnother).toBeCloseTo(time.active + time.waiting, 1);
  expect(time.shortest).toBeLessThan(time.oneAfterAnother);
  expect(time.shortest).toBeGreaterThanOrEqual(time.active);
  expect([time.fits, lessonTime(soup, 600).fits, lessonTime(soup).fits]).toEqual([time.shortest <= 60, true, null]);
});
test('two pairs of hands share the cold work, and not the waiting', () => {
  const [one, two] = [lessonTime(soup), lessonTime(soup, null, { hands: 2 })];
  expect(two.shortest).toBeLessThan(one.shortest);
  expect(two.shortest).toBeGreaterThan(two.waiting);
  expect(two.active).toBe(one.active);
});
test('it may stop before the heat, with what is cut kept cold; never with the heat on', () => {
  const { stops } = lessonTime(soup);
  const heat = soup.steps.findIndex((s) => s.technique === 'hob-on');
  expect(stops.length).toBeGreaterThan(0);
  for (const stop of stops) expect(soup.steps.findIndex((s) => s.key === stop.afterKey)).toBeLessThan(heat);
  expect(stops[0].keep).toMatch(/fridge, within 2 hours.*carrots/);
});
test('it may not stop with raw egg about, or with a batter that rises', () => {
  const cake = task(
    'Cake\nIngredients\n1 cup self-raising flour\n1 egg\n1 cup milk\nMethod\nHeat the oven to 180 C. Put the flour in a bowl. Crack the egg into the bowl. Add the milk and mix. Pour into a cake tin and bake for 20 minutes.',
  );
  const egg = cake.steps.findIndex((s) => s.technique === 'crack-egg');
  const out = cake.steps.findIndex((s) => s.technique === 'take-out-oven');
  const between = lessonTime(cake).stops.map((s) => cake.steps.findIndex((x) => x.key === s.afterKey));
  expect(between.filter((i) => i >= egg && i < out)).toEqual([]);
});
test('what may be done before is cold and not raw', () => {
  const { before } = lessonTime(soup);
  expect(before.map((b) => b.text)).toContain('Slice the carrots.');
  expect(before.some((b) => /simmer|boil|hob/i.test(b.text))).toBe(false);
});
