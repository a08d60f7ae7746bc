// Whole recipes against what was set down by hand before they were built; and more recipes, of which only the faults were.
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { TASK_CASES } from '../../../tests/cases/recipe-tasks';
import { scoreTask } from '../../../tests/cases/task-score';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { dryRun } from './dry-run/index';

const text = (file: string) => readFileSync(new URL(`../../../tests/recipes/${file}`, import.meta.url), 'utf8');
const scores = new Map(TASK_CASES.map((one) => [one.file, scoreTask(one, text(one.file))]));
const all = [...scores.values()];
const total = (of: (score: (typeof all)[number]) => number) => all.reduce((n, s) => n + of(s), 0);

describe('set down by hand', () => {
  test('there are 25 recipes and more', () => expect(TASK_CASES.length).toBeGreaterThanOrEqual(25));
  test('95 % of the techniques are found, in order', () => {
    expect(1 - total((s) => s.lost.length) / total((s) => s.techniques)).toBeGreaterThan(0.95);
  });
  test.each(TASK_CASES.map((c) => c.file))('%s: every hazard, every fault', (file) => {
    expect(scores.get(file)).toMatchObject({ hazardsLost: [], missed: [] });
  });
  test('fewer than one false alarm in five recipes', () => {
    expect(all.flatMap((s) => s.alarms).length / all.length).toBeLessThan(0.2);
  });
});

describe('more recipes', () => {
  const folder = new URL('../../../tests/more-recipes/', import.meta.url);
  const NAMES = readdirSync(folder).sort();
  const build = (name: string) => buildTask(readRecipe(readFileSync(new URL(name, folder), 'utf8')).recipe, { grain: 'standard' });
  // what is at fault in the recipe itself; all else would be a false alarm
  const TRUE_FAULTS: Record<string, string[]> = {
    'pan-fried-salmon-with-green-beans.txt': ['used-not-listed salt'],
    'spanish-style-omelette.txt': ['used-not-listed salt', 'used-not-listed black pepper'],
  };
  test.each(NAMES)('%s: no false alarm', (name) => {
    expect(dryRun(build(name)).map((f) => `${f.code} ${f.about}`)).toEqual(TRUE_FAULTS[name] ?? []);
  });
  test.each(NAMES)('%s: every line of the method is in the steps, and every step has its technique', (name) => {
    const recipe = readRecipe(readFileSync(new URL(name, folder), 'utf8')).recipe;
    const task = build(name);
    const lines = new Set(task.steps.map((s) => s.sourceLine));
    expect(recipe.instructions.map((_, i) => i + 1).filter((n) => !lines.has(n))).toEqual([]);
    expect(task.steps.filter((s) => s.technique === null).map((s) => s.text)).toEqual([]);
  });
});
