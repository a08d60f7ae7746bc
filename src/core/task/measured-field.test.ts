import { expect, test } from 'vitest';
import { readMeasured } from './measured-field';

test.each([
  ['1 1/2 cups', '3/2', 'cup'],
  ['½ tsp', '1/2', 'tsp'],
  ['250ml', '250', 'ml'],
  ['2 T', '2', 'tbsp'],
  [' 80 g ', '80', 'g'],
] as const)('“%s” is read', (field, quantity, unit) => expect(readMeasured(field)).toEqual({ quantity, unit }));
test.each(['', 'cup', 'two', '3', '1 cup rice', '1/0 cup', '1..2 g'])('“%s” is no amount, and says why', (field) =>
  expect(readMeasured(field)).toMatchObject({ why: expect.stringMatching(/\w/) }),
);
