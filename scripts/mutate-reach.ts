// What of the kitchen's law could be switched off without any card or finding of any recipe being another: each condition of `kitchen/` and `plan/` is changed in turn, and all recipes
// that there are are built and played until the first that differs; then each step of some is left out. What nothing tells apart is more than is needed, or no recipe has it.
//   npx tsx scripts/mutate-reach.ts [--at kitchen,plan] [--workers 2] [--out .data/reach.json]
import { fork } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { build } from 'esbuild';
import { mutants } from './mutants';

const { values: said } = parseArgs({
  options: {
    at: { type: 'string', default: 'kitchen,plan' },
    workers: { type: 'string', default: '2' },
    out: { type: 'string', default: '.data/reach.json' },
    only: { type: 'string', default: '' },
  },
});
/** A change with which building never ends is seen too. */
const LONGEST_MS = 120_000;
const BUNDLE = '.data/mutant-kitchen.mjs';
const { changes, mutating } = mutants(said.at.split(','));
await build({
  entryPoints: ['scripts/mutant-kitchen.ts'],
  outfile: BUNDLE,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'warning',
  plugins: [mutating],
});

type Seen = { id: number; by: string | null; stage: number };
const seen = new Map<number, Seen>();
const only = new Set(said.only.split(',').filter(Boolean).map(Number));
const queue = changes.filter((one) => only.size === 0 || only.has(one.id)).map((one) => one.id);
const tried = queue.length;

/** One process after the other takes from the queue, a new one where one hung. */
const work = () =>
  new Promise<void>((done) => {
    const child = fork(BUNDLE, { stdio: ['ignore', 'ignore', 'inherit', 'ipc'] });
    let at = 0;
    let late: NodeJS.Timeout | undefined;
    child.on('message', (said: Seen | { ready: true }) => {
      clearTimeout(late);
      if ('id' in said) seen.set(said.id, said);
      const next = queue.shift();
      if (next === undefined) {
        child.disconnect();
        return;
      }
      at = next;
      late = setTimeout(() => child.kill('SIGKILL'), LONGEST_MS);
      child.send(next);
    });
    child.on('exit', (code) => {
      clearTimeout(late);
      if (code === 0) return done();
      seen.set(at, { id: at, by: 'never ends', stage: 0 });
      void work().then(done);
    });
  });

await Promise.all(Array.from({ length: Number(said.workers) }, work));
const all = [...seen.values()].map((one) => ({ ...changes[one.id - 1], by: one.by, stage: one.stage }));
writeFileSync(said.out, JSON.stringify(all, null, 1));
const told = all.filter((one) => one.by !== null);
console.log(
  `${tried} changes of a condition; ${told.filter((one) => one.stage === 0).length} alter a card or a finding, ${told.filter((one) => one.stage > 0).length} more what is said of a step left out`,
);
for (const one of all.filter((one) => one.by === null)) console.log(`${one.id}  ${one.where}  ${one.what}  ->  ${one.becomes}`);
