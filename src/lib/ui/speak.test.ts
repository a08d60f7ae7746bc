import { expect, test } from 'vitest';
import { spoken, voiceFor } from './speak';

const voice = (lang: string, localService = true, isDefault = false) => ({ lang, localService, default: isDefault });

test('a voice that is made elsewhere is never used, whatever it speaks', () => {
  expect(voiceFor([voice('en-GB', false, true), voice('en-US', false)], 'en-GB')).toBeNull();
  const own = voice('en-US');
  expect(voiceFor([voice('en-GB', false, true), own], 'en-GB')).toBe(own);
});
test('the very language goes before the tongue, the device’s own choice before others, another tongue is none', () => {
  const [us, gb, gb2, fr] = [voice('en-US', true, true), voice('en_GB'), voice('en-GB', true, true), voice('fr-FR')];
  expect(voiceFor([us, gb, fr], 'en-GB')).toBe(gb);
  expect(voiceFor([us, gb, gb2, fr], 'en-GB')).toBe(gb2);
  expect(voiceFor([fr, us], 'en-AU')).toBe(us);
  expect(voiceFor([fr], 'en')).toBeNull();
  expect(voiceFor([], 'en')).toBeNull();
});
test('amounts are said as words', () => {
  expect(spoken('Fill the ½ tsp twice.')).toBe('Fill the half teaspoon twice.');
  expect(spoken('Add 1¼ cups of oats.')).toBe('Add 1 and a quarter cups of oats.');
  expect(spoken('Turn the oven on to 180 °C (350 °F).')).toBe('Turn the oven on to 180 degrees C (350 degrees F).');
});
