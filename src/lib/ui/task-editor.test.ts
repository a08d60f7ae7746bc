// The desk: any run of changes is undone to the start and done again, and each is told of once.
import { readFileSync } from 'node:fs';
import { buildTask, readRecipe, type Kitchen } from '$core';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { USUAL_KITCHEN } from '../../core/plan/model';
import { TaskEditor } from './task-editor.svelte';

const recipe = readRecipe(readFileSync(new URL('../../../tests/recipes/overnight-oats.txt', import.meta.url), 'utf8')).recipe;
const steps = buildTask(recipe, { grain: 'standard' }).steps;
const kitchen: Kitchen = USUAL_KITCHEN;
const routine = {
  id: 'ab12cd34-0000-4000-8000-000000000000',
  steps: steps.slice(0, 2).map((s) => ({ ...s, key: `rt-ab12cd34-${s.key}` })),
};

const change = fc.record({
  i: fc.nat(200),
  by: fc.constantFrom<(e: TaskEditor, key: string) => void>(
    (e, k) => e.move(k, 1),
    (e, k) => e.move(k, -3),
    (e, k) => e.reword(k, 'Pour the milk in a cup.'),
    (e, k) => e.add(k, 'Grate the apple.'),
    (e, k) => e.remove(k),
    (e, k) => e.split(k),
    (e, k) => e.join(k),
    (e, k) => e.duplicate(k),
    (e, k) => e.technique(k, 'mix'),
    (e, k) => e.tool(k, 'knife'),
    (e, k) => e.amount(k, '1/2', 'cup'),
    (e, k) => e.finer(k),
    (e, k) => e.whole(k),
    (e, k) => e.supervise(k, 'adult-does'),
    (e) => e.mendAll(),
    (e, k) => e.insertRoutine(k, routine),
    (e) => e.rebuild('fine', 2),
    (e) => e.rebuild('coarse', 2),
  ),
});

test('any run of changes is undone to the start, and done again to the end', () => {
  const property = fc.property(fc.array(change, { maxLength: 15 }), (changes) => {
    let told = 0;
    const editor = new TaskEditor(steps, 'standard', recipe, kitchen, () => told++);
    for (const { i, by } of changes) if (editor.steps.length > 0) by(editor, editor.steps[i % editor.steps.length].key);
    const end = editor.steps;
    expect(new Set(end.map((s) => s.key)).size).toBe(end.length);
    let back = 0;
    while (editor.canUndo) {
      editor.undo();
      back++;
    }
    expect(editor.steps).toBe(steps);
    expect(editor.grain).toBe('standard');
    while (editor.canRedo) editor.redo();
    expect(editor.steps).toBe(end);
    expect(told).toBe(back * 3);
  });
  fc.assert(property, { numRuns: 60 });
});

test('a change after an undo is the new way on', () => {
  const editor = new TaskEditor(steps, 'standard', recipe, kitchen, () => {});
  editor.remove(steps[0].key);
  editor.undo();
  editor.reword(steps[0].key, 'Tie it back.');
  expect(editor.canRedo).toBe(false);
  expect(editor.steps[0].text).toBe('Tie it back.');
});

test('what words would bring is shown, and nothing is changed by it', () => {
  const editor = new TaskEditor(steps, 'standard', recipe, kitchen, () => {});
  const key = steps.find((s) => s.technique === 'wipe')!.key;
  const preview = editor.preview(key, 'Wait for 3 hours.');
  expect(preview.step.text).toBe('Wait for 3 hours.');
  expect(preview.findings.map((f) => f.code)).toContain('idle-wait');
  expect(editor.steps).toBe(steps);
  expect(editor.canUndo).toBe(false);
});
