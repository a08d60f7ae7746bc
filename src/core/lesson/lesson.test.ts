// A lesson's own arithmetic: real minutes of steps, and who does what of a dish that is shared.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { buildTask } from '../task/build';
import { readRecipe } from '../recipe/read';
import { teamsOf } from './model';
import { expectedMinutes, pacesOf } from './pace';
import { ADULT, EACH, runsOf, shareOut, stepsOfSharer } from './share-out';

const MINUTE = 60_000;
const at = (...minutes: number[]) => minutes.map((m, i) => ({ stepKey: 'abcdefgh'[i], at: m * MINUTE }));

describe('real minutes', () => {
  test('a step took the time from the record before it; the median of several lessons stands', () => {
    const paces = pacesOf([at(0, 2, 5), at(0, 4, 6), at(10, 19, 20)]);
    expect(paces.get('b')).toEqual({ minutes: 4, n: 3 });
    expect(paces.get('c')).toEqual({ minutes: 2, n: 3 });
    expect(paces.has('a')).toBe(false);
  });

  test('breaks are left out, and one slow lesson of five does not move the figure', () => {
    expect(pacesOf([at(0, 2), at(0, 45)]).get('b')).toEqual({ minutes: 2, n: 1 });
    expect(pacesOf([at(0, 2), at(0, 2), at(0, 3), at(0, 3), at(0, 19)]).get('b')).toEqual({ minutes: 3, n: 5 });
  });

  test('what was caught up on later says nothing of how long it took, nor does the time before it', () => {
    const caughtUp = [0, 12 * MINUTE, 12 * MINUTE + 1000, 12 * MINUTE + 1900, 14 * MINUTE];
    const paces = pacesOf([caughtUp.map((ms, i) => ({ stepKey: 'abcde'[i], at: ms }))]);
    expect([...paces.keys()]).toEqual(['e']);
  });

  test('records in any order give the same figures', () => {
    const lesson = at(0, 2, 5, 9, 10);
    expect(pacesOf([[...lesson].reverse()])).toEqual(pacesOf([lesson]));
  });
});

const RECIPE = `Bean bowl
Serves 2
Ingredients
1 tin of beans
2 carrots
1 onion
1 egg
Method
Slice the carrots. Chop the onion. Open the tin and drain the beans.
Crack the egg into a small bowl and beat it.
Heat the pan over a medium heat. Add the onion and cook for 5 minutes. Add the beans. Simmer for 10 minutes.
Serve.`;
const { steps } = buildTask(readRecipe(RECIPE).recipe, { grain: 'standard' });
const sharer = (id: string, cannot: string[] = [], wants: string[] = []) => ({ id, cannot: new Set(cannot), wants: new Set(wants) });
const three = ['a', 'b', 'c'].map((id) => sharer(id));

describe('expected minutes', () => {
  test('a class’s own times after three of them; an adult’s times three until then', () => {
    const one = steps.slice(0, 1);
    const usual = expectedMinutes(one, new Map());
    expect(usual).toEqual({ minutes: Math.round(one[0].minutes.active * 3 + one[0].minutes.waiting), own: 0 });
    expect(expectedMinutes(one, new Map([[one[0].key, { minutes: 7, n: 2 }]]))).toEqual(usual);
    expect(expectedMinutes(one, new Map([[one[0].key, { minutes: 7, n: 3 }]]))).toEqual({ minutes: 7, own: 1 });
  });

  test('a night in the fridge is no part of a lesson', () => {
    const night = [{ ...steps[0], minutes: { active: 0, waiting: 480 } }];
    expect(expectedMinutes(night, new Map()).minutes).toBe(0);
  });
});

describe('who does what', () => {
  test('every step is somebody’s, each one’s own, or an adult’s; getting ready and eating are each one’s own', () => {
    const shared = shareOut(steps, three);
    expect([...shared.keys()]).toEqual(steps.map((s) => s.key));
    for (const s of steps) expect(['a', 'b', 'c', EACH, ADULT], s.text).toContain(shared.get(s.key));
    for (const s of steps.filter((s) => s.phase === 'ready')) expect(shared.get(s.key)).toBe(EACH);
    expect(shared.get(steps.find((s) => s.technique === 'eat')!.key)).toBe(EACH);
  });

  test('work is spread: nobody has more than twice the minutes of another', () => {
    const shared = shareOut(steps, three);
    const had = ['a', 'b', 'c'].map((id) => steps.filter((s) => shared.get(s.key) === id).reduce((sum, s) => sum + s.minutes.active, 0));
    expect(Math.max(...had)).toBeLessThanOrEqual(2 * Math.min(...had));
  });

  test('nobody is given what an adult does for him; what nobody may do is an adult’s', () => {
    const knife = steps.filter((s) => s.hazards.includes('sharp')).map((s) => s.key);
    expect(knife.length).toBeGreaterThan(1);
    const shared = shareOut(steps, [sharer('a', knife), sharer('b')]);
    for (const key of knife) expect(shared.get(key)).not.toBe('a');
    for (const key of knife) expect(shareOut(steps, [sharer('a', knife)]).get(key)).toBe(ADULT);
  });

  test('whoever has a rung to reach in a run gets it', () => {
    const slice = steps.find((s) => s.technique === 'slice')!.key;
    for (const id of ['a', 'b', 'c']) {
      const people = ['a', 'b', 'c'].map((p) => sharer(p, [], p === id ? [slice, slice] : []));
      expect(shareOut(steps, people).get(slice), id).toBe(id);
    }
  });

  test('whoever cracks the egg washes his hands of it', () => {
    const shared = shareOut(steps, three);
    const crack = steps.findIndex((s) => s.technique === 'crack-egg');
    const wash = steps.findIndex((s, i) => i > crack && s.technique === 'wash-hands');
    expect(wash).toBeGreaterThan(crack);
    expect(shared.get(steps[wash].key)).toBe(shared.get(steps[crack].key));
  });

  test('runs hold each step once, in order; a pan on the heat stays in one hand', () => {
    expect(runsOf(steps).flat()).toEqual(steps);
    const ring = steps.filter((s) => s.phase === 'cook' && s.into === 'frying-pan').map((s) => s.key);
    const owners = new Set(ring.map((key) => shareOut(steps, three).get(key)));
    if (ring.length > 0) expect(owners.size).toBe(1);
  });

  test('for any people, what each may not do is never his, and nobody is left with a step of nobody (200 drawn)', () => {
    const keys = steps.map((s) => s.key);
    const person = fc.record({ cannot: fc.subarray(keys), wants: fc.subarray(keys) });
    fc.assert(
      fc.property(fc.array(person, { minLength: 0, maxLength: 6 }), (drawn) => {
        const people = drawn.map((p, i) => sharer(`p${i}`, p.cannot, p.wants));
        const shared = shareOut(steps, people);
        expect(shared.size).toBe(keys.length);
        for (const p of people)
          for (const key of stepsOfSharer(steps, shared, p.id)) expect(shared.get(key) === EACH || !p.cannot.has(key)).toBe(true);
      }),
      { numRuns: 200 },
    );
  });

  test('teams: each alone, two and two with three at the end, or all', () => {
    expect(teamsOf('own', 3)).toEqual([0, 1, 2]);
    expect(teamsOf('pairs', 5)).toEqual([0, 0, 1, 1, 1]);
    expect(teamsOf('pairs', 4)).toEqual([0, 0, 1, 1]);
    expect(teamsOf('pairs', 1)).toEqual([0]);
    expect(teamsOf('together', 4)).toEqual([0, 0, 0, 0]);
  });
});
