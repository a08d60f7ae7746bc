// Looks for the text that takes longest: puts pieces of recipes together, keeps what is slow, and changes it further. Seeded.
import { buildTask, dryRun, readRecipe, stagesOf } from '../src/core/index';
import { drawStage } from '../src/lib/pictures/draw-stage';

/** The longest text that the program takes, in characters. */
const LENGTH = 100_000;

const PIECES = [
  'boil',
  'stir',
  'chop',
  'peel',
  'put',
  'add',
  'bake',
  'drain',
  'crack',
  'cover',
  'wait',
  'turn',
  'mash',
  'fry',
  'slice',
  'rinse',
  'until',
  'while',
  'when',
  'and',
  'then',
  'or',
  'with',
  'in',
  'into',
  'from',
  'the',
  'a',
  'it',
  'them',
  'each side',
  'meanwhile',
  'half',
  'the rest',
  'before',
  'after',
  'again',
  'rice',
  'carrots',
  'eggs',
  'water',
  'chicken',
  'butter',
  'cream',
  'oil',
  'sauce',
  'milk',
  'bowl',
  'pan',
  'oven',
  'tin',
  'lid',
  'foil',
  'knife',
  'spoon',
  '1',
  '1/2',
  '2 x 400 g',
  '180 °C',
  '350F',
  '5 minutes',
  '3-4',
  '½',
  '1,5',
  'cup',
  'tbsp',
  'g',
  'to taste',
  'adult',
  'ask an adult to help',
  ',',
  '.',
  ';',
  ':',
  '(',
  ')',
  '-',
  '–',
  '/',
  '"',
  '*',
  '#',
  '<p>',
  '&amp;',
  '\n',
  '\n\n',
  '\n- ',
  '\n1. ',
  'Step 1:',
  'Tip:',
  'For the sauce:',
  'Method',
  'Ingredients',
  'Serves 4',
  'You need',
  '{"',
  '[',
  '_',
  '|',
  '=',
  'Boil the rice.',
  'Chop the carrots and onion.',
  'Put it in the pan.',
  ' ',
  '  ',
  '\t',
  'x',
  'ß',
  '🧂',
  'constructor',
];
const HEAD = 'Soup\nServes 2\nIngredients\n1 cup rice\n2 carrots, sliced\n3 eggs\n1 onion, chopped\n200 g chicken\nMethod\n';
const BREAKS = [0, 40, 120, 400, 1000, 1900];

/** What a text is grown from: its pieces over and over, with a line break each so many characters. */
type Seed = { pieces: string[]; every: number; head: boolean };

function textOf({ pieces, every, head }: Seed): string {
  const unit = `${pieces.join(' ')} `;
  const line = every === 0 ? unit : `${unit.repeat(Math.ceil(every / unit.length)).slice(0, every)}\n`;
  return ((head ? HEAD : '') + line.repeat(Math.ceil(LENGTH / line.length))).slice(0, LENGTH);
}

/** What the server does for a text that was pasted, from text to pictures, in milliseconds by part. */
function cost(text: string): { all: number; parts: string } {
  const at = [performance.now()];
  const { recipe } = readRecipe(text);
  at.push(performance.now());
  const task = buildTask(recipe, { grain: 'standard' });
  at.push(performance.now());
  dryRun(task);
  at.push(performance.now());
  stagesOf(task).forEach((s) => drawStage(s));
  at.push(performance.now());
  const names = ['read', 'build', 'dry run', 'draw'];
  return { all: at[4] - at[0], parts: names.map((name, i) => `${name} ${Math.round(at[i + 1] - at[i])}`).join(', ') };
}

/** @returns the slowest text that was found, with what it cost */
export function searchSlowTexts(seconds: number, seed = 7): { text: string; ms: number; said: string } {
  let a = seed;
  const next = () => {
    a = (Math.imul(a, 1664525) + 1013904223) >>> 0;
    return a / 4294967296;
  };
  const one = <T>(all: readonly T[]): T => all[Math.floor(next() * all.length)];
  const fresh = (): Seed => ({
    pieces: Array.from({ length: 1 + Math.floor(next() * 6) }, () => one(PIECES)),
    every: one(BREAKS),
    head: next() < 0.7,
  });
  const changed = (s: Seed): Seed => {
    const pieces = [...s.pieces];
    const at = Math.floor(next() * pieces.length);
    if (next() < 0.4) pieces[at] = one(PIECES);
    else if (next() < 0.6) pieces.splice(at, 0, one(PIECES));
    else if (pieces.length > 1) pieces.splice(at, 1);
    return { pieces, every: next() < 0.3 ? one(BREAKS) : s.every, head: next() < 0.1 ? !s.head : s.head };
  };
  const best: { seed: Seed; ms: number; parts: string }[] = [];
  const end = performance.now() + seconds * 1000;
  let tried = 0;
  while (performance.now() < end) {
    const from = best.length > 0 && next() < 0.75 ? changed(one(best).seed) : fresh();
    const { all, parts } = cost(textOf(from));
    tried++;
    best.push({ seed: from, ms: all, parts });
    best.sort((x, y) => y.ms - x.ms);
    best.length = Math.min(best.length, 12);
  }
  // once more, warm, so that no pause of the machine counts
  for (const b of best) Object.assign(b, (({ all, parts }) => ({ ms: all, parts }))(cost(textOf(b.seed))));
  best.sort((x, y) => y.ms - x.ms);
  const [worst] = best;
  return { text: textOf(worst.seed), ms: worst.ms, said: `${tried} texts tried; ${JSON.stringify(worst.seed)}: ${worst.parts}` };
}

/** Exported for the bench; run by itself it searches longer and shows more. */
if (process.argv[1]?.endsWith('slow-texts.mjs')) {
  for (const seed of [7, 77, 777]) {
    const { ms, said } = searchSlowTexts(Number(process.argv[2] ?? 30), seed);
    console.log(Math.round(ms), said);
  }
}
