import { readFileSync } from 'node:fs';
import { buildTask, readRecipe, stagesOf } from '$core';
import { expect, test } from 'vitest';
import { drawStage } from '../pictures/draw-stage';
import { FORM_NAMES, layPaper, type FormName } from './index';
import { LABEL } from './forms/sheets';
import { inkOnly } from './ink';
import { PAPERS, PER_PAGE, SIZES, TURNS, USUAL_PAPER, type PaperData, type PaperOptions } from './model';
import { MARGIN } from './page';
import { breakLines, PT, widthOf } from './text';

const recipe = readRecipe(readFileSync(new URL('../../../tests/recipes/lentil-soup.txt', import.meta.url), 'utf8')).recipe;
const task = buildTask(recipe, { grain: 'standard' });
const svgs = stagesOf(task).map((stage) => drawStage(stage));
const card = (text: string, i: number) => ({
  key: `k${i}`,
  number: i + 1,
  text,
  lines: [],
  adult: false,
  hazards: '',
  svg: svgs[i % svgs.length],
});
const data = (texts: string[]): PaperData => ({
  title: 'Lentil soup',
  from: 'version 1',
  learner: 'Pim',
  cards: texts.map(card),
  learners: ['Wren', 'Odo', 'Bartholomew-Fitzgerald', 'Tansy', 'Nell', 'Kit', 'Pim'],
  levels: [
    { code: 'I', name: 'On my own' },
    { code: 'G', name: 'Gesture' },
  ],
  tools: [{ name: 'large saucepan with a very long name', place: 'the low shelf beside the door to the garden', svg: svgs[0] }],
  foods: [{ name: 'chopped tomatoes', svg: svgs[1] }],
  measures: [{ label: '⅓ cup', shape: 'cup', size: 0.33, kind: 'dry' }],
  sizes: texts.flatMap((text, i) => (i < 12 ? [{ label: '12 cm', mm: 120, shape: 'round', step: text } as const] : [])),
});
const usual = task.steps.map((s) => s.text);
// what a teacher may type at most, with words that have no place to break, and sixty of them
const LONG = 'Stir '.repeat(60).trim();
const hard = Array.from({ length: 60 }, (_, i) =>
  i % 3 === 0 ? LONG : i % 3 === 1 ? `Pour the ${'Donaudampfschifffahrt'.repeat(8)} in.` : 'Mix.',
);

/** Every line of text of a page, with its box in millimetres; sizes are those of the SVG. */
function textsOf(svg: string) {
  const out: { words: string; x: number; y: number; size: number; width: number }[] = [];
  const at: [number, number][] = [[0, 0]];
  // groups move what is in them; pictures inside have units of their own and are left out
  const whole = svg.replace(/<svg [\s\S]*?<\/svg>/g, '');
  for (const m of whole.matchAll(
    /<g transform="translate\(([-\d.]+) ([-\d.]+)\)[^"]*">|<g[^>]*>|<\/g>|<text x="([-\d.]+)" y="([-\d.]+)" font-size="([\d.]+)"[^>]*text-anchor="(\w+)"[^>]*>([^<]*)<\/text>/g,
  )) {
    const [x, y] = at.at(-1)!;
    if (m[0] === '</g>') at.pop();
    else if (m[0].startsWith('<g')) at.push([x + Number(m[1] ?? 0), y + Number(m[2] ?? 0)]);
    else {
      const size = Number(m[5]);
      const words = m[7].replaceAll('&amp;', '&').replaceAll('&quot;', '"').replaceAll('&lt;', '<').replaceAll('&gt;', '>');
      const width = widthOf(words, size / PT);
      const left = Number(m[3]) - (m[6] === 'end' ? width : m[6] === 'middle' ? width / 2 : 0);
      out.push({ words, x: x + left, y: y + Number(m[4]), size, width });
    }
  }
  return out;
}

const every: [FormName, PaperOptions][] = FORM_NAMES.flatMap((form) =>
  (Object.keys(PAPERS) as (keyof typeof PAPERS)[]).flatMap((size) =>
    TURNS.flatMap((turn) =>
      (form === 'cards' ? PER_PAGE : [4 as const]).map((perPage): [FormName, PaperOptions] => [
        form,
        { ...USUAL_PAPER, size, turn, perPage },
      ]),
    ),
  ),
);

/** Where letters can be chosen, the largest too. */
for (const form of ['cards', 'strip', 'booklet'] as const)
  for (const text of SIZES.slice(1))
    every.push([form, { ...USUAL_PAPER, text }], [form, { ...USUAL_PAPER, size: 'letter', turn: 'landscape', text }]);

test.each(every)('%s on %o: nothing runs over the edge, usual steps and the longest', (form, options) => {
  for (const texts of [usual, hard, []])
    for (const page of layPaper(form, data(texts), options))
      for (const t of textsOf(page.svg)) {
        const what = `${form} ${options.size} ${options.turn}: “${t.words}”`;
        expect(t.x, what).toBeGreaterThanOrEqual(3.9);
        expect(t.x + t.width, what).toBeLessThanOrEqual(page.width - 3.9);
        expect(t.y, what).toBeLessThanOrEqual(page.height - 3.9);
        expect(t.y - t.size, what).toBeGreaterThanOrEqual(2);
      }
});

test.each(['cards', 'strip', 'booklet', 'checklist', 'placemat', 'large'] as FormName[])('%s leaves out no word of any step', (form) => {
  const svg = layPaper(form, data(hard), USUAL_PAPER)
    .map((p) => textsOf(p.svg).map((t) => t.words))
    .flat();
  const letters = (s: string) => s.replace(/\s/g, '');
  const printed = letters(svg.join(''));
  for (const text of new Set(hard)) {
    // lines of one step stand one after the other; where it goes on, its number stands between
    const some = letters(text).slice(0, 20);
    expect(printed, text.slice(0, 40)).toContain(some);
  }
  const count = (words: string[], what: RegExp) => words.join(' ').match(what)?.length ?? 0;
  expect(count(svg, /\bStir\b/g)).toBeGreaterThanOrEqual(20 * 60);
  expect(count(svg, /\bMix\./g)).toBeGreaterThanOrEqual(20);
});

test('cards of four have no words under 18 points, cards of one none under 28', () => {
  for (const [perPage, text, least] of [
    [4, 'usual', 18],
    [4, 'large', 18 * 1.3],
    [4, 'largest', 18 * 1.6],
    [1, 'usual', 28],
  ] as const)
    for (const page of layPaper('cards', data([...usual, LONG]), { ...USUAL_PAPER, perPage, text }))
      // the title and the page's number stand outside the cards
      for (const t of textsOf(page.svg).filter((one) => one.y > MARGIN + 8))
        expect(t.size / PT + 0.02, t.words).toBeGreaterThanOrEqual(least);
});

test('what a step says is 2 cm is drawn 20 mm large, beside a line of 100 mm that tells whether the printer made it smaller', () => {
  const sizes: PaperData['sizes'] = [
    { label: '2 cm', mm: 20, shape: 'square', step: 'Cut the tofu.' },
    { label: '5 cm', mm: 50, shape: 'round', step: 'Cut out rounds.' },
    { label: '1 in', mm: 25.4, shape: 'length', step: 'Cut the strips.' },
  ];
  const [page] = layPaper('sizes', { ...data(usual), sizes }, USUAL_PAPER);
  const rects = [...page.svg.matchAll(/<rect [^>]*width="([\d.]+)" height="([\d.]+)"/g)].map((m) => [Number(m[1]), Number(m[2])]);
  expect(rects).toEqual(
    expect.arrayContaining([
      [20, 20],
      [25.4, 8],
    ]),
  );
  expect(page.svg).toContain('r="25"');
  const long = [...page.svg.matchAll(/<path d="M([\d.]+) [\d.]+L([\d.]+) /g)].map((m) => Number(m[2]) - Number(m[1]));
  expect(long.some((mm) => Math.abs(mm - 100) < 0.01)).toBe(true);
});

test('a box of the data sheet has the letters of the levels to ring, for each learner at each step', () => {
  const texts = usual.slice(0, 3);
  const words = layPaper('data', data(texts), { ...USUAL_PAPER, turn: 'landscape' }).flatMap((p) => textsOf(p.svg).map((t) => t.words));
  expect(words.filter((w) => w === 'I')).toHaveLength(3 * 7);
  expect(words.filter((w) => w === 'G')).toHaveLength(3 * 7);
  expect(words.some((w) => w.startsWith('Ring a letter: I On my own'))).toBe(true);
});

test('every page has the title and its number', () => {
  for (const form of FORM_NAMES) {
    const pages = layPaper(form, data(usual), USUAL_PAPER);
    pages.forEach((page, i) => {
      const words = textsOf(page.svg)
        .map((t) => t.words)
        .join(' | ');
      expect(words, form).toContain('Lentil soup');
      expect(words, form).toContain(`${i + 1} of ${pages.length}`);
    });
  }
});

test('a booklet lies in order when its sheets are laid on each other and folded', () => {
  const texts = Array.from({ length: 10 }, (_, i) => `Step${String.fromCharCode(65 + i)} here.`);
  const pages = layPaper('booklet', data(texts), USUAL_PAPER);
  // each printed side holds two pages; number them as a reader turns them: outside right, inside left, inside right, outside left ...
  const halves = pages.map((p) => {
    const side = (right: boolean) =>
      textsOf(p.svg)
        .filter((t) => t.x > p.width / 2 === right && /Step/.test(t.words))
        .map((t) => /Step\w/.exec(t.words)![0])[0];
    return { left: side(false), right: side(true) };
  });
  const order: (string | undefined)[] = [];
  for (let i = 0; i < halves.length; i += 2) order.push(halves[i].right, halves[i + 1].left);
  for (let i = halves.length - 2; i >= 0; i -= 2) order.push(halves[i + 1].right, halves[i].left);
  expect(order.filter(Boolean)).toEqual(texts.map((t) => t.split(' ')[0]));
  expect(pages.length % 2).toBe(0);
});

test('backs lie behind their own cards when the sheet is turned over its long edge', () => {
  const texts = ['StepA.', 'StepB.', 'StepC.', 'StepD.', 'StepE.'];
  const [front, back] = layPaper('cards', data(texts), { ...USUAL_PAPER, backs: true });
  const boxes = [...front.svg.replace(/<svg [\s\S]*?<\/svg>/g, '').matchAll(/<g transform="translate\(([\d.]+) ([\d.]+)\)"><rect/g)].map(
    (m) => [Number(m[1]), Number(m[2])],
  );
  const w = (front.width - 2 * MARGIN) / 2;
  for (const [i, t] of textsOf(back.svg)
    .filter((one) => /Step/.test(one.words))
    .entries()) {
    const [x, y] = boxes[i];
    const mirrored = front.width - x - w;
    expect(t.x).toBeGreaterThan(mirrored);
    expect(t.x).toBeLessThan(mirrored + w);
    expect(t.y).toBeGreaterThan(y);
  }
});

test('labels are as large as they say, and their bars as long as the part of a cup', () => {
  const [page] = layPaper('labels', data(usual), USUAL_PAPER);
  const rects = [...page.svg.matchAll(/<rect x="[\d.]+" y="[\d.]+" width="([\d.]+)" height="([\d.]+)"/g)].map((m) => [
    Number(m[1]),
    Number(m[2]),
  ]);
  expect(rects[0]).toEqual([LABEL.w, LABEL.h]);
  expect(rects[2][0] / rects[1][0]).toBeCloseTo(0.33, 2);
});

test('black ink has no hue', () => {
  const pages = layPaper('cards', data(usual), { ...USUAL_PAPER, ink: 'black' });
  const colours = pages.flatMap((p) => [...p.svg.matchAll(/(?:fill|stroke)="#([0-9a-f]{6})"/gi)].map((m) => m[1]));
  expect(colours.length).toBeGreaterThan(100);
  expect(colours.filter((c) => c.slice(0, 2) !== c.slice(2, 4) || c.slice(2, 4) !== c.slice(4, 6))).toEqual([]);
});
test('a grey is as light as its colour (ITU-R BT.709: green is lighter than blue)', () => {
  const light = (c: string) => Number.parseInt(/#(..)/.exec(inkOnly(`fill="${c}"`))![1], 16);
  expect(light('#00ff00')).toBeGreaterThan(light('#ff0000'));
  expect(light('#ff0000')).toBeGreaterThan(light('#0000ff'));
});

test('lines are no wider than asked, and lose no letter', () => {
  for (const width of [20, 45, 90])
    for (const text of [...usual, LONG, hard[1]]) {
      const lines = breakLines(text, width, 18);
      for (const line of lines) expect(widthOf(line, 18)).toBeLessThanOrEqual(width);
      expect(lines.join('').replace(/\s/g, '')).toBe(text.replace(/\s/g, ''));
    }
});
test('words from a recipe cannot become markup', () => {
  for (const form of FORM_NAMES)
    expect(
      layPaper(form, data(['<script>x</script> & "y"']), USUAL_PAPER)
        .map((p) => p.svg)
        .join(''),
    ).not.toContain('<script>');
});
