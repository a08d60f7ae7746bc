import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readRecipe } from '../recipe/read';
import { buildTask } from './build';
import { dryRun } from './dry-run/index';
import { applyMend } from './dry-run/mend';
import {
  compareSteps,
  duplicateStep,
  insertStep,
  joinNext,
  moveStep,
  removeStep,
  reword,
  setAmount,
  setTechnique,
  splitStep,
  superviseStep,
  toggleTool,
} from './edit';
import { fineStep, wholeStep } from './grain';
import { interpretStep, isActionKnown } from './interpret';
import { USUAL_KITCHEN, type Step } from '../plan/model';

const task = buildTask(readRecipe(readFileSync(new URL('../../../tests/recipes/couscous-bowl.txt', import.meta.url), 'utf8')).recipe, {
  grain: 'standard',
});
const { steps, ingredients } = task;
const at = (text: string) => steps.find((s) => s.text === text)!;

test('new words keep the key and bring their own technique, tools and hazards', () => {
  const dice = at('Dice the cucumber.');
  const grated = reword(steps, dice.key, 'Grate the cucumber with the grater.', ingredients).find((s) => s.key === dice.key)!;
  expect(grated).toMatchObject({ technique: 'grate', sourceLine: 2, phase: dice.phase });
  expect(grated.tools).toContain('grater');
  const free = reword(steps, dice.key, 'Ask a friend.', ingredients).find((s) => s.key === dice.key)!;
  expect(free).toMatchObject({ text: 'Ask a friend.', technique: 'dice', supervision: dice.supervision });
  // of an action that nobody knows it is not said that it needs no adult
  const apron = at('Put on your apron.');
  expect(apron.supervision).toBe('none');
  expect(reword(steps, apron.key, 'Flibber the mint.', ingredients).find((s) => s.key === apron.key)).toMatchObject({
    supervision: 'nearby',
  });
  expect(interpretStep('Flibber the mint.', 'k', 'prepare', ingredients)).toMatchObject({ technique: null, supervision: 'nearby' });
  expect(['Flibber the mint.', 'Chop the mint.'].map((text) => isActionKnown(text, ingredients))).toEqual([false, true]);
});

test('a measure in new words is the measure that is drawn', () => {
  const step = interpretStep('Fill the ½ cup twice with couscous.', 'k', 'prepare', ingredients);
  expect(step).toMatchObject({ technique: 'measure', fillings: [{ measure: 'half-cup', times: 2 }] });
  expect(step.uses[0]?.item).toBe('couscous');
});

test('split into actions, or into the technique’s small steps; the first keeps the key', () => {
  let n = 0;
  const newKey = () => `new-${n++}`;
  const two = insertStep(steps, at('Dice the cucumber.').key, 'Fluff the couscous and add the salt.', 'mine', ingredients);
  const split = splitStep(two, 'mine', newKey, ingredients);
  const i = split.findIndex((s) => s.key === 'mine');
  expect(split.slice(i, i + 2).map((s) => s.text)).toEqual(['Fluff the couscous.', 'Add the salt.']);
  const dice = at('Dice the cucumber.');
  const small = splitStep(steps, dice.key, newKey, ingredients);
  const j = small.findIndex((s) => s.key === dice.key);
  expect(small.length).toBe(steps.length + dice.small.length - 1);
  // a small step of a knife step still has the knife in it
  for (const s of small.slice(j, j + dice.small.length)) expect(s.hazards).toContain('sharp');
});

test('joined steps carry the hazards and the nearer adult of both', () => {
  const i = steps.findIndex((s) => s.technique === 'rinse');
  const joined = joinNext(steps, steps[i].key);
  expect(joined.length).toBe(steps.length - 1);
  expect(joined[i].hazards).toEqual(expect.arrayContaining(steps[i + 1].hazards));
  expect(joined[i].key).toBe(steps[i].key);
});

test('a moved step takes the phase of where it lands', () => {
  const last = steps.at(-1)!;
  const moved = moveStep(steps, last.key, 1);
  expect(moved[1]).toMatchObject({ key: last.key, phase: 'ready' });
});

test('another technique brings its own small steps, hazards and cues; words and things stay', () => {
  const dice = at('Dice the cucumber.');
  const torn = setTechnique(steps, dice.key, 'tear').find((s) => s.key === dice.key)!;
  expect(torn).toMatchObject({ technique: 'tear', text: dice.text, uses: dice.uses, phase: dice.phase });
  expect(torn.hazards).not.toContain('sharp');
  expect(setTechnique(steps, dice.key, 'no such technique')).toEqual(steps);
});

test('a blade put in the hand brings its hazard and an adult', () => {
  const hair = steps[0];
  const cut = toggleTool(steps, hair.key, 'knife')[0];
  expect(cut.hazards).toContain('sharp');
  expect(cut.supervision).toBe('within-reach');
  expect(toggleTool(steps, steps[0].key, 'knife')[0].tools).toContain('knife');
  expect(toggleTool(toggleTool(steps, hair.key, 'knife'), hair.key, 'knife')[0].tools).toEqual(hair.tools);
});

test('another amount is filled with the measures that there are', () => {
  const measure = steps.find((s) => s.fillings.length > 0 && s.uses[0]?.item === 'couscous')!;
  const more = setAmount(steps, measure.key, { quantity: '1', unit: 'cup' }, USUAL_KITCHEN)!.find((s) => s.key === measure.key)!;
  expect(more.fillings).toEqual([{ measure: 'cup', label: '1 cup', times: 1 }]);
  expect(more.text).toContain('1 cup');
  expect(more.uses[0]).toMatchObject({ quantity: '1', unit: 'cup' });
  expect(more.tools).toContain('cup');
});

test('a copy has a key of its own', () => {
  const two = duplicateStep(steps, steps[3].key, 'copy');
  expect(two[4]).toEqual({ ...steps[3], key: 'copy' });
});

test.each(steps.filter((s) => s.small.length > 1).map((s) => [s.text, s.key]))('%s: in its small steps and back', (_, key) => {
  const fine = fineStep(steps, key);
  const one = steps.find((s) => s.key === key)!;
  expect(fine.length).toBe(steps.length + one.small.length - 1);
  expect(new Set(fine.map((s) => s.key)).size).toBe(fine.length);
  const back = wholeStep(fine, key).find((s) => s.key === key)!;
  expect(back).toMatchObject({ key, text: one.text, technique: one.technique, small: one.small, supervision: one.supervision });
  expect(back.minutes.waiting).toBeCloseTo(one.minutes.waiting);
  expect(wholeStep(fine, key).map((s) => s.key)).toEqual(steps.map((s) => s.key));
});

test('what changed is told apart', () => {
  const a = steps.slice(0, 6);
  const b = [a[1], { ...a[0], text: 'Tie it back.' }, a[2], a[4], { ...a[5], key: 'new' }];
  expect(compareSteps(a, b)).toEqual({ added: ['new'], removed: [a[3].key, a[5].key], reworded: [a[0].key], moved: [a[1].key] });
});

describe('any run of edits', () => {
  const edit = fc.oneof(
    fc.record({ do: fc.constant('move' as const), i: fc.nat(80), to: fc.integer({ min: -5, max: 90 }) }),
    fc.record({ do: fc.constant('remove' as const), i: fc.nat(80) }),
    fc.record({
      do: fc.constant('insert' as const),
      i: fc.nat(80),
      text: fc.constantFrom('Stir the couscous.', 'x', 'Cut the lemon and wait.', '½ cup'),
    }),
    fc.record({
      do: fc.constant('reword' as const),
      i: fc.nat(80),
      text: fc.constantFrom('Pour the oil in.', '', '   ', 'Dice the mint.'),
    }),
    fc.record({ do: fc.constant('split' as const), i: fc.nat(80) }),
    fc.record({ do: fc.constant('join' as const), i: fc.nat(80) }),
    fc.record({
      do: fc.constantFrom(
        'supervise' as const,
        'duplicate' as const,
        'technique' as const,
        'tool' as const,
        'amount' as const,
        'fine' as const,
        'whole' as const,
        'mend' as const,
      ),
      i: fc.nat(80),
    }),
  );
  test('leaves the steps before it as they were, and keys one of a kind', () => {
    const property = fc.property(fc.array(edit, { maxLength: 25 }), (edits) => {
      let n = 0;
      const past: { steps: Step[]; was: string }[] = [];
      let now: Step[] = steps;
      for (const e of edits) {
        past.push({ steps: now, was: JSON.stringify(now) });
        const key = now[e.i % Math.max(1, now.length)]?.key ?? 'gone';
        if (e.do === 'move') now = moveStep(now, key, e.to);
        else if (e.do === 'remove') now = removeStep(now, key);
        else if (e.do === 'insert') now = insertStep(now, key, e.text, `n${n++}`, ingredients);
        else if (e.do === 'reword') now = reword(now, key, e.text, ingredients);
        else if (e.do === 'split') now = splitStep(now, key, () => `n${n++}`, ingredients);
        else if (e.do === 'join') now = joinNext(now, key);
        else if (e.do === 'duplicate') now = duplicateStep(now, key, `n${n++}`);
        else if (e.do === 'technique') now = setTechnique(now, key, 'mix');
        else if (e.do === 'tool') now = toggleTool(now, key, 'knife');
        else if (e.do === 'amount') now = setAmount(now, key, { quantity: '2/3', unit: 'cup' }, USUAL_KITCHEN) ?? now;
        else if (e.do === 'fine') now = fineStep(now, key);
        else if (e.do === 'whole') now = wholeStep(now, key);
        else if (e.do === 'mend') {
          const found = dryRun({ ...task, steps: now }).find((f) => f.fix !== null);
          if (found) now = applyMend(now, found.fix!, () => `n${n++}`, ingredients);
        } else now = superviseStep(now, key, 'nearby');
        if (new Set(now.map((s) => s.key)).size !== now.length) return false;
      }
      // undo is going back through what was: it must still be what it was
      return past.every((p) => JSON.stringify(p.steps) === p.was);
    });
    expect(() => fc.assert(property, { numRuns: 150 })).not.toThrow();
  });
});
