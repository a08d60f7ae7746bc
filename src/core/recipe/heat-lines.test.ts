// Oven marks: 350 °F = 176.7 °C, dial 180, gas 4 (common practice); a fan oven about 20 °C lower (common practice).
import { expect, test } from 'vitest';
import { microwaveTimes, ovenHeats } from './heat-lines';

test('an oven’s heat, as it is and as a fan oven’s; a food’s own heat is none', () => {
  const [plain, fan] = ovenHeats(['Heat the oven to 350 F.', 'Bake at 160 °C fan.', 'Keep the milk at 40 °C.']);
  expect(plain).toMatchObject({ line: 1, marks: { celsius: 180, gas: 4, fanCelsius: 160 } });
  expect(fan).toMatchObject({ line: 2, marks: { celsius: 180, fanCelsius: 160 } });
  expect(ovenHeats(['Keep the milk at 40 °C.'])).toEqual([]);
});

test.each([
  ['Microwave on high for 90 seconds.', 90, null],
  ['Microwave for 1½ minutes at 900 W.', 90, 900],
  ['Microwave for 1 minute 30 seconds.', 90, null],
  ['Microwave for 2-3 minutes at 1000 watts.', 120, 1000],
  ['Wait 5 minutes, then microwave for half a minute.', 30, null],
  ['For 2 minutes, heat it in the microwave.', 120, null],
])('“%s”', (line, seconds, watts) => expect(microwaveTimes(['Stir.', line])).toEqual([{ line: 2, seconds, watts }]));
test('a microwave without a time, and a time without a microwave', () =>
  expect(microwaveTimes(['Put it in the microwave.', 'Boil for 3 minutes.'])).toEqual([]));
