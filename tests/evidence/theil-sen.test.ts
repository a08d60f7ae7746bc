// The slope against a regression package. Of an even number of slopes that package takes the lower middle one, so records are compared whose pairs are odd in number.
import fc from 'fast-check';
import { TheilSenRegression } from 'ml-regression-theil-sen';
import { expect, test } from 'vitest';
import { theilSen } from '$core';

const odd = (n: number) => ((n * (n - 1)) / 2) % 2 === 1;

test('300 random records, lessons one or several weeks apart', () => {
  const record = fc
    .array(fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 1, max: 4 })), { minLength: 3, maxLength: 18 })
    .filter((all) => odd(all.length));
  fc.assert(
    fc.property(record, (all) => {
      const values = all.map(([v]) => v);
      let week = 0;
      const at = all.map(([, weeks]) => (week += weeks));
      expect(theilSen(values)).toBeCloseTo(
        new TheilSenRegression(
          values.map((_, i) => i),
          values,
        ).slope,
        8,
      );
      expect(theilSen(values, at)).toBeCloseTo(new TheilSenRegression(at, values).slope, 8);
    }),
    { numRuns: 300, seed: 15 },
  );
});
