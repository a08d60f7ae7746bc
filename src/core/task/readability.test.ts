// Reading grades against the package flesch-kincaid (the published formula, written by others) and syllable counts set down by hand.
import { fleschKincaid } from 'flesch-kincaid';
import { expect, test } from 'vitest';
import { hardSteps, plainerWording, readingGrade } from './readability';

// syllables counted by hand
test.each([
  ['Stir the soup.', 3, 3],
  ['Put the couscous in a large bowl.', 7, 8],
  ['Rinse the cucumber under cold water.', 6, 10],
  ['Combine the remaining ingredients thoroughly.', 5, 13],
  ['Wash your hands with soap for 20 seconds.', 8, 9],
])('%s', (text, words, syllables) => {
  const reference = fleschKincaid({ sentence: 1, word: words, syllable: syllables });
  expect(readingGrade(text)).toBeCloseTo(Math.max(0, reference), 0);
});
test('nothing to read is grade 0, and never less', () => {
  for (const text of ['', '...', 'Go.']) expect(readingGrade(text)).toBe(0);
});
test('plainer words are easier to read, and keep the action', () => {
  expect(plainerWording('Combine the remaining oil.')).toBe('Mix the rest of the oil.');
  expect(plainerWording('Refrigerate for 20 minutes.')).toBe('Put in the fridge for 20 minutes.');
  expect(plainerWording('Stir.')).toBeNull();
  for (const text of [
    'Transfer the vegetables to the saucepan.',
    'Combine thoroughly.',
    'Cook gently, stirring occasionally, until softened.',
  ])
    expect(readingGrade(plainerWording(text)!)).toBeLessThan(readingGrade(text));
});
test('hard steps come hardest first', () => {
  const steps = ['Stir.', 'Combine the remaining ingredients thoroughly.', 'Transfer everything to another container.'].map((text, i) => ({
    key: String(i),
    text,
  }));
  expect(hardSteps(steps as never, 4).map((s) => s.key)).toEqual(['1', '2']);
});
