// What of the kitchen's law could be switched off without a test noticing: one condition at a time is put to true, to false, or moved by one at its edge, and the tests of
// core that play kitchens are run until the first that fails. All changes lie in one bundle, of which the environment picks one.
//   npx tsx scripts/mutate.ts [--sample 200] [--seed 1] [--at kitchen,plan] [--workers 2] [--only 12,40] [--tests a.test.ts,b.test.ts]
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { build } from 'esbuild';
import { mutants, type Change } from './mutants';

const { values: said } = parseArgs({
  options: {
    sample: { type: 'string', default: '200' },
    seed: { type: 'string', default: '1' },
    at: { type: 'string', default: 'kitchen,plan' },
    workers: { type: 'string', default: '2' },
    only: { type: 'string', default: '' },
    tests: { type: 'string', default: '' },
  },
});
const ROOT = process.cwd();
const OUT = join(ROOT, '.data/mutants');
const floors = said.at.split(',');
const { changes, mutating } = mutants(floors);

const testsIn = (folder: string) =>
  readdirSync(join(ROOT, folder))
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => join(folder, name));
// the quick ones and the worked examples first: most changes are seen there
const USUAL = ['tests/worked', 'src/core/kitchen', 'src/core/plan', 'src/core/task/dry-run', 'src/core/task', 'tests/rules'].flatMap(
  testsIn,
);
const TESTS = said.tests === '' ? USUAL : said.tests.split(',');

async function bundle() {
  mkdirSync(OUT, { recursive: true });
  writeFileSync(join(OUT, 'all.ts'), TESTS.map((file) => `import ${JSON.stringify(resolve(ROOT, file))};`).join('\n'));
  await build({
    entryPoints: [join(OUT, 'all.ts')],
    outfile: join(OUT, 'all.test.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    ignoreAnnotations: true,
    logLevel: 'warning',
    plugins: [mutating],
  });
  writeFileSync(
    join(OUT, 'vitest.config.mjs'),
    `export default { test: { include: ['all.test.mjs'], pool: 'forks', maxWorkers: 1, testTimeout: 120000, reporters: ['dot'], bail: 1 } };`,
  );
}

/** Whether the tests pass with that change; one that never ends has been seen too. */
const survives = (id: number) =>
  new Promise<boolean>((done) => {
    const run = spawn('npx', ['vitest', 'run', '--root', OUT], {
      env: { ...process.env, MUTANT: String(id) },
      stdio: 'ignore',
      detached: true,
    });
    const late = setTimeout(() => process.kill(-run.pid!, 'SIGKILL'), 300_000);
    run.on('close', (code) => {
      clearTimeout(late);
      done(code === 0);
    });
  });

await bundle();
const only = said.only.split(',').filter(Boolean).map(Number);
let x = Number(said.seed);
const drawn = changes
  .map((change) => ({ change, by: (x = (x * 1664525 + 1013904223) % 4294967296) }))
  .sort((a, b) => a.by - b.by)
  .slice(0, Number(said.sample))
  .map((one) => one.change);
const wanted = only.length > 0 ? changes.filter((one) => only.includes(one.id)) : drawn;
console.log(`${changes.length} changes of a condition in ${floors.join(' and ')}, ${wanted.length} of them tried`);
if (!(await survives(0))) throw new Error('The tests fail with nothing changed');
const left: Change[] = [];
const queue = [...wanted];
await Promise.all(
  Array.from({ length: Number(said.workers) }, async () => {
    for (let one = queue.shift(); one; one = queue.shift()) {
      if (!(await survives(one.id))) continue;
      left.push(one);
      console.log(`${one.id}  ${one.where}  ${one.what}  ->  ${one.becomes}`);
    }
  }),
);
const noticed = wanted.length - left.length;
console.log(`${noticed} of ${wanted.length} noticed (${((noticed / wanted.length) * 100).toFixed(1)} %)`);
