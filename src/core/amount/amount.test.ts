import convert from 'convert';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { planFilling, type Measure } from './filling';
import { plainNumbers, readNumber, showQuantity, toFraction } from './quantity';
import { celsiusOf, dialCelsius, findTemperature } from './temperature';
import { convertUnit, gramsIn, millilitresIn, readUnit, type MeasureSystem, type Unit } from './units';

const read = (text: string) => {
  const got = readNumber(plainNumbers(text), 0);
  if (!got) return null;
  return got.ok ? [got.min.toFraction(), got.max.toFraction()] : got.why;
};

describe('reading an amount', () => {
  test.each([
    ['1 1/3 cups', '4/3', '4/3'],
    ['1⅓ cups', '4/3', '4/3'],
    ['1 1⁄3 cups', '4/3', '4/3'],
    ['1-1/2 cups', '3/2', '3/2'],
    ['1 and 1/2 cups', '3/2', '3/2'],
    ['½ cup', '1/2', '1/2'],
    ['1,5 dl', '3/2', '3/2'],
    ['1.5 l', '3/2', '3/2'],
    ['.25 l', '1/4', '1/4'],
    ['1,000 g', '1000', '1000'],
    ['2-3 carrots', '2', '3'],
    ['2 – 3 carrots', '2', '3'],
    ['2 to 3 carrots', '2', '3'],
    ['1/2 to 3/4 cup', '1/2', '3/4'],
    ['half a lemon', '1/2', '1/2'],
    ['half of a lemon', '1/2', '1/2'],
    ['one and a half cups', '3/2', '3/2'],
    ['two thirds of a cup', '2/3', '2/3'],
    ['three-quarters of a cup', '3/4', '3/4'],
    ['a dozen eggs', '12', '12'],
    ['half a dozen eggs', '6', '6'],
    ['two dozen', '24', '24'],
    ['a couple of eggs', '2', '2'],
    ['a lemon', '1', '1'],
  ])('%s', (text, min, max) => expect(read(text)).toEqual([min, max]));

  test('words that only begin like a number are none', () => {
    for (const text of ['anchovies', 'tender greens', 'onion', 'apple']) expect(read(text)).toBeNull();
  });

  test('dividing by zero is named, not thrown', () => {
    expect(read('1/0 cup')).toContain('1/0');
    expect(read('2 3/0 cup')).toContain('zero');
    expect(toFraction('1/0')).toBeNull();
  });

  test('any text at all gives an answer', () => {
    const total = fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (text) => {
      const got = readNumber(plainNumbers(text), 0);
      return got === null || got.length > 0;
    });
    expect(() => fc.assert(total, { numRuns: 2000 })).not.toThrow();
  });

  test('people see glyphs, and decimals only where a fraction says nothing', () => {
    expect(['4/3', '3/4', '2', '29/12', '37/19'].map(showQuantity)).toEqual(['1⅓', '¾', '2', '2 5/12', '1.95']);
  });
});

describe('units', () => {
  // NIST Handbook 44, Appendix C, General Tables of Units of Measurement (rounded there to these places)
  test.each([
    ['cup', 236.588],
    ['tbsp', 14.787],
    ['tsp', 4.929],
    ['floz', 29.5735],
  ] as [Unit, number][])('one US %s is %d mL', (unit, ml) => {
    expect(millilitresIn(unit)!.valueOf()).toBeCloseTo(ml, 3);
  });
  test.each([
    ['oz', 28.3495],
    ['lb', 453.592],
  ] as [Unit, number][])('one %s is %d g', (unit, g) => expect(gramsIn(unit)!.valueOf()).toBeCloseTo(g, 3));

  test('imperial fluid ounce 28.4131 mL (NIST Handbook 44, App. C)', () => {
    expect(millilitresIn('floz', 'imperial')!.valueOf()).toBeCloseTo(28.4131, 4);
  });

  // 21 CFR 101.9(b)(5)(viii)
  test('label measures', () => {
    const ml = (u: Unit) => millilitresIn(u, 'us-label')!.toFraction();
    expect([ml('cup'), ml('tbsp'), ml('tsp')]).toEqual(['240', '15', '5']);
  });

  test('one cup is 16 tablespoons is 48 teaspoons (NIST Handbook 44), exactly', () => {
    expect(convertUnit('1', 'cup', 'tbsp')).toBe('16');
    expect(convertUnit('1', 'cup', 'tsp')).toBe('48');
    expect(convertUnit('1/6', 'tbsp', 'tsp')).toBe('1/2');
    expect(convertUnit('1', 'tbsp', 'tsp', 'australian')).toBe('4');
  });

  // second opinion: the package `convert`, on the units where it agrees with NIST
  test.each([
    ['oz', 'g'],
    ['lb', 'g'],
    ['kg', 'g'],
    ['lb', 'oz'],
    ['l', 'ml'],
    ['dl', 'ml'],
    ['cl', 'ml'],
    ['kg', 'lb'],
  ] as const)('%s to %s agrees with a reference library', (from, to) => {
    const own = toFraction(convertUnit('7/3', from, to)!)!.valueOf();
    expect(own / Number(convert(7 / 3, from).to(to))).toBeCloseTo(1, 9);
  });

  test('there and back gives the same amount', () => {
    const units: Unit[] = ['tsp', 'tbsp', 'cup', 'floz', 'ml', 'l', 'pint'];
    const systems: MeasureSystem[] = ['us', 'us-label', 'metric', 'australian', 'imperial'];
    const same = fc.property(
      fc.integer({ min: 1, max: 9999 }),
      fc.integer({ min: 1, max: 96 }),
      fc.constantFrom(...units),
      fc.constantFrom(...units),
      fc.constantFrom(...systems),
      (n, d, a, b, system) => {
        const there = convertUnit(`${n}/${d}`, a, b, system)!;
        return toFraction(convertUnit(there, b, a, system)!)!.equals(toFraction(`${n}/${d}`)!);
      },
    );
    expect(() => fc.assert(same)).not.toThrow();
  });

  test('a cup is no gram', () => expect(convertUnit('1', 'cup', 'g')).toBeNull());

  test.each([
    ['T sugar', 'tbsp'],
    ['t sugar', 'tsp'],
    ['Tbsp. oil', 'tbsp'],
    ['tsp. salt', 'tsp'],
    ['fl oz milk', 'floz'],
    ['fluid ounces milk', 'floz'],
    ['c. flour', 'cup'],
    ['CUPS flour', 'cup'],
    ['tins beans', 'can'],
    ['rashers', 'slice'],
  ] as const)('reads the unit of “%s”', (text, unit) => expect(readUnit(text)?.unit).toBe(unit));
  test('a word that starts like a unit is no unit', () => {
    for (const word of ['garlic', 'lemon', 'canned beans', 'gravy', 'cupcakes', 'tofu', 'large']) expect(readUnit(word)).toBeNull();
  });
});

describe('temperature', () => {
  test('350 F = 176.7 C, marked 180; 450 F = 232.2 C, marked 230 (arithmetic)', () => {
    expect(celsiusOf(350)).toBeCloseTo(176.7, 1);
    expect(dialCelsius(celsiusOf(350))).toBe(180);
    expect(celsiusOf(450)).toBeCloseTo(232.2, 1);
    expect(dialCelsius(celsiusOf(450))).toBe(230);
  });
  test.each([
    ['Heat the oven to 350°F', 177],
    ['bake at 180C for', 180],
    ['200 degrees C', 200],
    ['oven at 400°', 204],
    ['gas mark 4', 180],
    ['180°', 180],
  ])('%s', (text, celsius) => expect(findTemperature(text)?.celsius).toBe(celsius));
  test('a time is no temperature', () => expect(findTemperature('cook for 20 minutes')).toBeNull());
});

const m = (id: string, quantity: string, unit: Unit, kind: Measure['kind']): Measure => ({ id, quantity, unit, kind });
const DRAWER = [
  m('cup', '1', 'cup', 'dry'),
  m('half', '1/2', 'cup', 'dry'),
  m('third', '1/3', 'cup', 'dry'),
  m('quarter', '1/4', 'cup', 'dry'),
  m('tbsp', '1', 'tbsp', 'spoon'),
  m('tsp', '1', 'tsp', 'spoon'),
  m('half-tsp', '1/2', 'tsp', 'spoon'),
  m('quarter-tsp', '1/4', 'tsp', 'spoon'),
];

/** Fewest fillings by breadth-first search, written apart from the planner: sums of exact fractions of a teaspoon. */
function bruteForce(wanted: string, sizes: string[]): { error: number; count: number } {
  const target = toFraction(wanted)!;
  const parts = sizes.map((s) => toFraction(s)!);
  const unit = [target, ...parts].reduce((a, b) => a.gcd(b));
  const goal = Number(target.div(unit).n);
  const steps = parts.map((p) => Number(p.div(unit).n));
  const smallest = Math.min(...steps);
  const seen = new Map<number, number>([[0, 0]]);
  for (let ring = [0], count = 1; ring.length; count++) {
    const next: number[] = [];
    for (const at of ring)
      for (const step of steps) {
        const to = at + step;
        if (to <= goal + smallest && !seen.has(to)) {
          seen.set(to, count);
          next.push(to);
        }
      }
    ring = next;
  }
  seen.delete(0);
  const error = Math.min(...[...seen.keys()].map((k) => Math.abs(k - goal)));
  // of two as near, the one with fewer fillings
  const best = Math.min(seen.get(goal - error) ?? Infinity, seen.get(goal + error) ?? Infinity);
  return { error: error / goal, count: best };
}

describe('fillings', () => {
  const inTsp = (system: MeasureSystem) => DRAWER.map((x) => convertUnit(x.quantity, x.unit, 'tsp', system)!);

  test.each(['us', 'us-label', 'metric', 'australian', 'imperial'] as MeasureSystem[])('equal brute force, %s measures', (system) => {
    const wanted: [string, Unit][] = [];
    for (let n = 1; n <= 96; n++) wanted.push([`${n}/24`, 'cup']);
    for (let n = 1; n <= 96; n++) wanted.push([`${n}/16`, 'tsp']);
    for (const [quantity, unit] of wanted) {
      const plan = planFilling({ quantity, unit }, DRAWER, { system })[0];
      const expected = bruteForce(convertUnit(quantity, unit, 'tsp', system)!, inTsp(system));
      expect(toFraction(plan.error)!.valueOf(), `${quantity} ${unit}`).toBeCloseTo(expected.error, 9);
      expect(
        plan.fillings.reduce((n, x) => n + x.times, 0),
        `${quantity} ${unit}`,
      ).toBe(expected.count);
    }
  });

  test('worked examples', () => {
    expect(planFilling({ quantity: '4/3', unit: 'cup' }, DRAWER)[0]).toEqual({
      fillings: [
        { measure: 'cup', times: 1 },
        { measure: 'third', times: 1 },
      ],
      error: '0',
      direction: 'exact',
    });
    const onlyQuarter = DRAWER.filter((x) => x.id === 'quarter');
    expect(planFilling({ quantity: '3/4', unit: 'cup' }, onlyQuarter)[0].fillings).toEqual([{ measure: 'quarter', times: 3 }]);
    // 1 tablespoon for six, made for one: 1/6 x 3 tsp
    expect(planFilling({ quantity: '1/6', unit: 'tbsp' }, DRAWER)[0].fillings).toEqual([{ measure: 'half-tsp', times: 1 }]);
  });

  test('an amount no measure makes says how far off it is', () => {
    const plan = planFilling({ quantity: '1/3', unit: 'tsp' }, DRAWER)[0];
    expect(plan).toEqual({ fillings: [{ measure: 'quarter-tsp', times: 1 }], error: '1/4', direction: 'under' });
  });

  test('a learner’s known measures, and the kind that suits', () => {
    const known = planFilling({ quantity: '1', unit: 'cup' }, DRAWER, { known: ['half'] });
    expect(known[0].fillings).toEqual([{ measure: 'half', times: 2 }]);
    const jug = m('jug', '1', 'cup', 'liquid');
    const best = (substance: 'dry' | 'liquid', quantity: string) =>
      planFilling({ quantity, unit: 'cup' }, [...DRAWER, jug], { substance })[0].fillings[0].measure;
    expect([best('liquid', '1'), best('dry', '1')]).toEqual(['jug', 'cup']);
  });

  test('what cannot be filled gives no plan', () => {
    expect(planFilling({ quantity: '1/0', unit: 'cup' }, DRAWER)).toEqual([]);
    expect(planFilling({ quantity: '200', unit: 'g' }, DRAWER)).toEqual([]);
    expect(planFilling({ quantity: '1', unit: 'cup' }, [])).toEqual([]);
  });

  test('metric amounts with US cups: the nearest, its error true to the exact sizes', () => {
    const plan = planFilling({ quantity: '250', unit: 'ml' }, DRAWER)[0];
    const made = plan.fillings.reduce((sum, x) => {
      const measure = DRAWER.find((d) => d.id === x.measure)!;
      return sum + millilitresIn(measure.unit)!.valueOf() * toFraction(measure.quantity)!.valueOf() * x.times;
    }, 0);
    expect(Math.abs(made - 250) / 250).toBeCloseTo(toFraction(plan.error)!.valueOf(), 9);
    expect(Math.abs(made - 250)).toBeLessThan(0.7);
  });
});
