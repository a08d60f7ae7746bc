// Ovens and microwaves against the arithmetic and the marks that cookery tables print.
import { expect, test } from 'vitest';
import { usualDrawer } from './drawer';
import { findTemperature, microwaveSeconds, ovenMarks, saysFan } from './temperature';
import type { MeasureSystem } from './units';

// C = (F - 32) x 5/9: 350 F = 176.7 C, marked 180; 450 F = 232.2 C, marked 230. Gas 1 = 140 C, 4 = 180 C, 6 = 200 C, 8 = 230 C (common practice).
test.each([
  [176.7, 180, 350, 4],
  [232.2, 230, 450, 8],
  [140, 140, 275, 1],
  [200, 200, 400, 6],
])('%s °C is marked %s °C, %s °F, gas %s', (celsius, c, f, gas) =>
  expect(ovenMarks(celsius)).toMatchObject({ celsius: c, fahrenheit: f, gas }),
);
// a fan oven is set about 20 °C lower (common practice)
test('a fan oven is set lower', () => expect(ovenMarks(180)).toMatchObject({ fanCelsius: 160, fanFahrenheit: 325 }));
test('where no gas mark is near, none is named', () => expect(ovenMarks(100).gas).toBeNull());
test.each([
  ['Preheat oven to 160°C fan-forced.', true],
  ['Heat the oven to 160C fan', true],
  ['Heat the oven to 190°C (170°C fan).', false],
  ['Preheat the oven to 200C/fan 180C/gas mark 6.', false],
  ['Bake at 350 F for 20 minutes.', false],
])('%s: for a fan oven only: %s', (text, fan) => expect(saysFan(text)).toBe(fan));
test('the first temperature is the plain oven’s', () => expect(findTemperature('200C/fan 180C/gas mark 6')!.celsius).toBe(200));

// time x recipe watts / own watts: 90 s at 1000 W = 129 s at 700 W (common practice)
test('microwaves of other power', () => {
  expect(microwaveSeconds(90, 1000, 700)).toBe(129);
  expect(microwaveSeconds(60, 800, 800)).toBe(60);
});
test.each([
  [0, 800, 700],
  [60, 0, 700],
  [60, 800, -1],
  [NaN, 800, 700],
  [Infinity, 800, 700],
])('no time for %s s, %s W, %s W', (s, a, b) => expect(microwaveSeconds(s, a, b)).toBeNull());

test('each system has a drawer with measures of one name each', () => {
  for (const system of ['us', 'us-label', 'metric', 'australian', 'imperial'] as MeasureSystem[]) {
    const drawer = usualDrawer(system);
    expect(new Set(drawer.map((m) => m.id)).size).toBe(drawer.length);
    expect(drawer.some((m) => m.unit === 'tsp')).toBe(true);
  }
});
