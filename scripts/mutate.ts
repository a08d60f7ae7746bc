// What of the kitchen's law could be switched off without a test noticing: one condition at a time is put to true, to false, or moved by one at its edge, and the tests of core whose
// answers it alters are run until the first that fails. Of what no test notices it says whether any recipe that there is comes out otherwise: where none does, the condition is more than is needed, or nothing has its case.
//   npx tsx scripts/mutate.ts [--sample 200] [--seed 1] [--at kitchen,plan] [--workers 2] [--only 12,40] [--recipes 1] [--out .data/mutants/told.json]
import { fork } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from 'esbuild';
import { mutants } from './mutants';

const { values: said } = parseArgs({
  options: {
    sample: { type: 'string', default: '100000' },
    seed: { type: 'string', default: '1' },
    at: { type: 'string', default: 'kitchen,plan' },
    workers: { type: 'string', default: '2' },
    only: { type: 'string', default: '' },
    recipes: { type: 'string', default: '1' },
    out: { type: 'string', default: '.data/mutants/told.json' },
  },
});
/** A change with which something never ends has been seen. */
const LONGEST_MS = 300_000;
const OUT = resolve('.data/mutants');
const ASKED = join(OUT, 'asked.json');
const BUNDLE = join(OUT, 'all.mjs');
const FOLDERS = 'tests/recipes,tests/more-recipes,tests/judged/first,tests/judged/second';
const { changes, mutating } = mutants(said.at.split(','));

const TESTS = [
  'tests/worked',
  'src/core/kitchen',
  'src/core/plan',
  'src/core/task/dry-run',
  'src/core/task',
  'tests/rules',
  'tests/otherwise',
].flatMap((folder) =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => join(folder, name)),
);

mkdirSync(OUT, { recursive: true });
rmSync(ASKED, { force: true });
const shim = resolve('scripts/mutate-tests.ts');
writeFileSync(
  join(OUT, 'all.ts'),
  [
    `import { inFile } from ${JSON.stringify(shim)};`,
    // what is imported is run first, so each file is asked for in turn
    ...TESTS.map((file) => `inFile(${JSON.stringify(file)}); await import(${JSON.stringify(resolve(file))});`),
    `await import(${JSON.stringify(resolve('scripts/mutate-work.ts'))});`,
  ].join('\n'),
);
await build({
  entryPoints: [join(OUT, 'all.ts')],
  outfile: BUNDLE,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  ignoreAnnotations: true,
  logLevel: 'warning',
  plugins: [
    mutating,
    {
      name: 'tests-by-hand',
      setup: (bundle) => bundle.onResolve({ filter: /^vitest$/ }, ({ importer }) => (importer === shim ? undefined : { path: shim })),
    },
  ],
});

let x = Number(said.seed);
const drawn = changes
  .map((change) => ({ change, by: (x = (x * 1664525 + 1013904223) % 4294967296) }))
  .sort((a, b) => a.by - b.by)
  .slice(0, Number(said.sample))
  .map((one) => one.change);
const only = new Set(said.only.split(',').filter(Boolean).map(Number));
const wanted = only.size > 0 ? changes.filter((one) => only.has(one.id)) : drawn;
console.log(`${changes.length} changes of a condition in ${said.at}, ${wanted.length} of them tried`);

type Told = { id: number; test: string | null; recipes: string[]; asked: boolean };
const told: Told[] = [];
const lineOf = ({ id, test, recipes, asked }: Told) => {
  const { where, what, becomes } = changes[id - 1];
  return `${id}  ${where}  ${what}  ->  ${becomes}  ${test ?? recipes[0] ?? (asked ? 'alters nothing' : 'never asked')}`;
};
const queue = [...wanted];

/** One process after the other takes from the queue, a new one where one hung; ends when the queue is empty. */
const work = (isReady: () => void) =>
  new Promise<void>((done) => {
    const child = fork(BUNDLE, { env: { ...process.env, ASKED, FOLDERS }, stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
    let at = 0;
    let late: NodeJS.Timeout | undefined;
    child.on('message', (message: Told | { ready: true }) => {
      clearTimeout(late);
      isReady();
      if ('id' in message) {
        told.push(message);
        if (message.test === null) console.log(lineOf(message));
      }
      const next = queue.shift();
      if (!next) return child.disconnect();
      at = next.id;
      late = setTimeout(() => child.kill('SIGKILL'), LONGEST_MS);
      child.send({ id: next.id, of: next.of, becomes: next.becomes, most: Number(said.recipes) });
    });
    child.on('exit', (code) => {
      clearTimeout(late);
      if (code === 0) return done();
      if (at === 0) throw new Error('The tests could not be loaded');
      told.push({ id: at, test: 'never ends', recipes: [], asked: true });
      void work(() => undefined).then(done);
    });
  });

const workers = Number(said.workers);
const all: Promise<void>[] = [];
// the first looks what each test asks; the others read it
await new Promise<void>((ready) => all.push(work(ready)));
for (let k = 1; k < workers; k++) all.push(work(() => undefined));
await Promise.all(all);

const list = told.sort((a, b) => a.id - b.id).map((one) => ({ ...changes[one.id - 1], ...one }));
writeFileSync(said.out, JSON.stringify(list, null, 1));
const noticed = list.filter((one) => one.test !== null);
const altered = list.filter((one) => one.recipes.length > 0);
console.log(
  `${noticed.length} of ${list.length} noticed by a test (${((noticed.length / list.length) * 100).toFixed(1)} %); ${altered.length} more alter a recipe; ${list.filter((one) => !one.asked).length} are never asked otherwise`,
);
