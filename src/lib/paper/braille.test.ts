import { expect, test } from 'vitest';
import { toBraille } from '../server/braille';
import { brailleNumber, brf } from './braille';

const pagesOf = (file: string) => file.split('\f').slice(0, -1);
const linesOf = (page: string) => page.replace(/\r\n$/, '').split('\r\n');

test('a number is the number sign and letters (Rules of Unified English Braille 2013, 6.1)', () => {
  expect(brailleNumber(1)).toBe('#a');
  expect(brailleNumber(20)).toBe('#bj');
  expect(brailleNumber(365)).toBe('#cfe');
});

test('no line is over 40 cells, no page over 25 lines, each page has its number at the end of its first line', () => {
  const lines = Array.from(
    { length: 60 },
    (_, i) => `#${'abcdefghi'[i % 9]} ${'stir ! pan '.repeat(1 + (i % 9))}${i % 7 === 0 ? 'x'.repeat(95) : ''}`,
  );
  const pages = pagesOf(brf('! title', lines));
  expect(pages.length).toBeGreaterThan(5);
  pages.forEach((page, i) => {
    const all = linesOf(page);
    expect(all.length).toBeLessThanOrEqual(25);
    for (const line of all) expect(line.length).toBeLessThanOrEqual(40);
    expect(all[0]).toHaveLength(40);
    expect(all[0].endsWith(` ${brailleNumber(i + 1)}`)).toBe(true);
  });
});
test('no word is lost, and a step that goes on is indented (Braille Formats: runovers of a list)', () => {
  const lines = Array.from({ length: 30 }, (_, i) => `#${i} ${'word '.repeat(12)}end${i}`);
  const body = pagesOf(brf('title', lines)).flatMap((p) => linesOf(p).slice(1));
  const words = body.join(' ').split(/\s+/).filter(Boolean);
  expect(words).toEqual(lines.join(' ').split(/\s+/));
  for (const line of body.filter((l) => l && !l.startsWith('#'))) expect(line.startsWith('  ')).toBe(true);
});
test('a word longer than a line is parted and comes out whole', () => {
  const body = pagesOf(brf('t', ['x'.repeat(150)])).flatMap((p) => linesOf(p).slice(1));
  expect(body.join('').replace(/[\s-]/g, '')).toBe('x'.repeat(150));
});

// Rules of Unified English Braille 2013: 10.1 alphabetic wordsigns (people, like, it), 10.3 strong contractions (the, with, for), 6.1 numbers, 8.3 one capital.
test('contracted and uncontracted braille are what the rules say', async () => {
  expect(await toBraille(['the people like it', 'with', 'for 10', 'Add'], 'contracted')).toEqual(['! p l x', ')', '= #aj', ',add']);
  expect(await toBraille(['the people', 'for 10'], 'uncontracted')).toEqual(['the people', 'for #aj']);
});
test('fractions of a recipe and marks of the screen become what braille has', async () => {
  const [cup, arrow] = await toBraille(['½ cup', '→ use the mat ▲'], 'uncontracted');
  expect(cup).toBe('#a_/#b cup');
  expect(arrow).toBe('- use the mat');
});
test('as many lines come back as went in, empty ones and long ones too', async () => {
  const lines = ['a', '', 'two\nlines', 'x '.repeat(900), 'last'];
  const out = await toBraille(lines, 'contracted');
  expect(out).toHaveLength(5);
  expect(out.at(-1)).toBe('la/'); // "st": 10.4 groupsigns
});
