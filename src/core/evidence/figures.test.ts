// Single-case figures against the worked values of their definitions, a second way by brute force.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { agreement, agreementOf, occurrence } from './agreement';
import { aimLine, aimOn } from './aim-line';
import { figuresOf, stretchOf } from './figures';
import { kappa } from './kappa';
import { nap } from './nap';
import { pnd } from './pnd';
import { tau, tauU } from './tau';
import { theilSen } from './theil-sen';

const A = [20, 25, 20, 30, 25];
const B = [35, 40, 30, 55, 60, 65, 75];

describe('one worked example (from the definitions, by hand)', () => {
  test('NAP: 69 of 70 pairs, a tie counts half (Parker & Vannest 2009)', () => expect(nap(A, B)).toBeCloseTo(69 / 70, 12));
  test('Tau: 69 higher, 1 the same of 35 pairs x 2 (Parker, Vannest, Davis & Sauber 2011)', () => expect(tau(A, B)).toBeCloseTo(0.9714, 4));
  test('Tau-U: S_A is 4 (same source)', () => expect(tauU(A, B)).toBeCloseTo(0.8571, 4));
  test('PND: six of seven above the highest of the baseline (Scruggs, Mastropieri & Casto 1987)', () =>
    expect(pnd(A, B)).toBeCloseTo(85.71, 2));
  test('Theil-Sen of the intervention: 6.6667 a lesson (Theil 1950, Sen 1968)', () => expect(theilSen(B)).toBeCloseTo(6.6667, 4));
});

describe('agreement', () => {
  const [x, y] = ['IIVGIMVIIG', 'IIVVIMVIGG'].map((codes) => [...codes]);
  test('point by point 80 %, p_e 0.31, kappa 0.7101 (worked by hand)', () => {
    expect(agreement(x, y)).toBe(80);
    expect(kappa(x, y)).toBeCloseTo((0.8 - 0.31) / 0.69, 12);
  });
  // fifty applications, two readers: 20 yes by both, 15 no by both, 5 and 10 apart; a textbook example of Cohen's kappa (from memory)
  test('fifty judged by two, 35 alike: kappa 0.4', () => {
    const pairs = [...Array(20).fill('yy'), ...Array(5).fill('yn'), ...Array(10).fill('ny'), ...Array(15).fill('nn')] as string[];
    expect(
      kappa(
        pairs.map((p) => p[0]),
        pairs.map((p) => p[1]),
      ),
    ).toBeCloseTo(0.4, 12);
  });
  // the same 0.6 of agreement with other margins gives another kappa: 45 15 25 15 and 25 35 5 35 (textbook pair, from memory)
  test.each([
    [[45, 15, 25, 15], 0.1304],
    [[25, 35, 5, 35], 0.2593],
  ])('%j: kappa %d', (cells, expected) => {
    const pairs = ['yy', 'yn', 'ny', 'nn'].flatMap((pair, i) => Array<string>(cells[i]).fill(pair));
    expect(
      kappa(
        pairs.map((p) => p[0]),
        pairs.map((p) => p[1]),
      ),
    ).toBeCloseTo(expected, 4);
  });
  test('both alike throughout by more than one code: 1; by one code only: no figure', () => {
    expect(kappa([...'IGI'], [...'IGI'])).toBe(1);
    expect(kappa([...'III'], [...'III'])).toBeNaN();
    expect(agreementOf(new Map([['a', 'I']]), new Map([['a', 'I']])).kappa).toBeNull();
  });
  test('occurrence: of what either called so', () => {
    expect(occurrence(x, y, 'G')).toBeCloseTo(100 / 3, 12);
    expect(occurrence(x, y, 'F')).toBeNaN();
  });
  test('more codes of one than of the other is an error with a name', () => {
    for (const of of [agreement, kappa]) expect(() => of(['I'], ['I', 'G'])).toThrow(RangeError);
  });
});

/** The second way: every pair written out, and a median by its definition. */
const slow = {
  pairs: (a: number[], b: number[]) => a.flatMap((x) => b.map((y) => Math.sign(y - x))),
  trend: (a: number[]) => a.flatMap((x, i) => a.map((y, k) => (k > i ? Math.sign(y - x) : 0))).reduce((s, n) => s + n, 0),
  sum: (all: number[]) => all.reduce((s, n) => s + n, 0),
  /** The value that has as many slopes on each side. */
  slope: (v: number[]) => {
    const all: number[] = [];
    for (let i = 0; i < v.length; i++) for (let k = 0; k < i; k++) all.push((v[i] - v[k]) / (i - k));
    const below = (s: number) => all.filter((x) => x < s).length;
    const above = (s: number) => all.filter((x) => x > s).length;
    const middle = all.filter((s) => below(s) <= all.length / 2 && above(s) <= all.length / 2);
    return (Math.min(...middle) + Math.max(...middle)) / 2;
  },
};

describe('500 random records, with ties and edges', () => {
  const value = fc.oneof(
    fc.integer({ min: 0, max: 100 }),
    fc.constantFrom(0, 50, 100),
    fc.integer({ min: 0, max: 30 }).map((n) => (100 * n) / 30),
  );
  const some = fc.array(value, { minLength: 1, maxLength: 12 });
  test('the same by brute force', () =>
    fc.assert(
      fc.property(some, some, (a, b) => {
        const pairs = slow.pairs(a, b);
        expect(nap(a, b)).toBeCloseTo(slow.sum(pairs.map((s) => (s + 1) / 2)) / pairs.length, 10);
        expect(tau(a, b)).toBeCloseTo(slow.sum(pairs) / pairs.length, 10);
        expect(tauU(a, b)).toBeCloseTo((slow.sum(pairs) - slow.trend(a)) / pairs.length, 10);
        expect(pnd(a, b)).toBeCloseTo((100 * b.filter((y) => a.every((x) => y > x)).length) / b.length, 10);
        if (b.length > 1) expect(theilSen(b)).toBeCloseTo(slow.slope(b), 8);
      }),
      { numRuns: 500, seed: 13 },
    ));
  test('laws: NAP is half of Tau and one; turned about they add up; another origin and scale change neither', () =>
    fc.assert(
      fc.property(some, some, fc.integer({ min: 1, max: 9 }), (a, b, k) => {
        expect(nap(a, b)).toBeCloseTo((tau(a, b) + 1) / 2, 10);
        expect(nap(a, b) + nap(b, a)).toBeCloseTo(1, 10);
        const moved = (all: number[]) => all.map((v) => v * k + 3);
        expect(nap(moved(a), moved(b))).toBeCloseTo(nap(a, b), 10);
        if (b.length > 1) expect(theilSen(moved(b))).toBeCloseTo(k * theilSen(b), 8);
      }),
      { numRuns: 300, seed: 14 },
    ));
});

describe('nothing from too little', () => {
  test('no values, no figure', () => {
    for (const of of [nap, tau, tauU, pnd])
      for (const [a, b] of [
        [[], B],
        [A, []],
        [[], []],
      ] as number[][][])
        expect(of(a, b)).toBeNaN();
    expect([theilSen([]), theilSen([5])]).toEqual([NaN, NaN]);
  });
  test('fewer than three before or after: none of the figures, and why (What Works Clearinghouse: at least 3 points a phase)', () => {
    const figures = figuresOf([20, 25], B);
    expect([figures.nap, figures.tau, figures.tauU, figures.pnd, figures.overlap, figures.before.slope]).toEqual([
      null,
      null,
      null,
      null,
      null,
      null,
    ]);
    expect(figures.warnings).toContain('few-baseline');
    expect(figuresOf(A, [50, 60]).warnings).toContain('few-later');
    expect(figuresOf([], []).before).toEqual({ n: 0, median: null, mean: null, lowest: null, highest: null, slope: null, near: null });
    expect(figuresOf(A, B)).toMatchObject({
      warnings: ['rising-baseline'],
      before: { n: 5, median: 25, mean: 24 },
      after: { n: 7, median: 55 },
    });
  });
  test.each([
    ['three to five points: with reservation', [20, 30, 20], B, 'short-baseline'],
    ['a baseline that rises by itself', [10, 20, 30, 40, 50], B, 'rising-baseline'],
    ['a baseline point at 100 %: PND can only be 0', [20, 100, 20, 30, 25], B, 'full-baseline'],
    ['one high baseline point decides PND', [20, 25, 70, 20, 20], B, 'one-point-decides'],
  ] as const)('%s', (_, a, b, warning) => expect(figuresOf(a, b).warnings).toContain(warning));
  test('other changes on the way are told', () => expect(figuresOf([25, 20, 25, 22, 20], B, 1).warnings).toEqual(['other-changes']));
  test('stable: at least four in five within a quarter of the median (common practice)', () => {
    expect(stretchOf([40, 44, 36, 42, 80]).near).toBe(80);
    expect(stretchOf([0, 0, 10]).near).toBeCloseTo(200 / 3, 9);
  });
});

describe('aim line', () => {
  const on = (day: string, value: number) => ({ day, value });
  const goal = { value: 90, by: '2026-12-01' };
  test('from the median of the last three baseline points to the goal on its day', () => {
    const line = aimLine([on('2026-09-01', 90), on('2026-09-08', 20), on('2026-09-15', 40), on('2026-09-22', 30)], goal)!;
    expect(line).toEqual({ from: on('2026-09-22', 30), to: on('2026-12-01', 90), rests: 3 });
    // ten weeks: halfway after five
    expect(aimOn(line, '2026-10-27')).toBe(60);
    expect([aimOn(line, '2026-09-01'), aimOn(line, '2026-12-24')]).toEqual([30, 90]);
  });
  test('of one point it starts there, and says that it rests on one', () =>
    expect(aimLine([on('2026-09-01', 35)], goal)).toMatchObject({ from: { value: 35 }, rests: 1 }));
  test('no baseline, or a day that is past: nothing to draw', () => {
    expect(aimLine([], goal)).toBeNull();
    expect(aimLine([on('2026-12-01', 10)], goal)).toBeNull();
  });
});
