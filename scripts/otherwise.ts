// Says every recipe there is in every other way and counts what comes out otherwise: `npx tsx scripts/otherwise.ts [way] [file]`. What differs is written to .data/otherwise.txt.
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { differences, doesAll, saidOf, taskOf } from '../tests/otherwise/compare';
import { LAYOUTS } from '../tests/otherwise/layouts';
import { MORE_WAYS } from '../tests/otherwise/more-ways';
import { OTHER_THINGS } from '../tests/otherwise/things';
import { printed, saidThatWay, WAYS as FIRST_WAYS } from '../tests/otherwise/ways';

const WAYS = [...FIRST_WAYS, ...MORE_WAYS, ...OTHER_THINGS, ...LAYOUTS];

const [, , onlyWay = '', onlyFile = ''] = process.argv;
const FOLDERS = ['recipes', 'more-recipes', 'judged/first', 'judged/second'].map((f) => new URL(`../tests/${f}/`, import.meta.url));
const RECIPES = FOLDERS.flatMap((folder) =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.txt') && name.includes(onlyFile))
    .map((name) => ({ name, said: saidOf(readFileSync(new URL(name, folder), 'utf8')) })),
);

type Sum = { pairs: number; same: number; cards: number; gone: number; found: number };
const sums = new Map(WAYS.map((way): [string, Sum] => [way.name, { pairs: 0, same: 0, cards: 0, gone: 0, found: 0 }]));
const out: string[] = [];
for (const { name, said } of RECIPES) {
  const plain = printed(said);
  const base = taskOf(plain);
  const does = doesAll(base.task);
  for (const way of WAYS) {
    if (onlyWay && way.name !== onlyWay) continue;
    const text = saidThatWay(way, said);
    if (text === plain) continue;
    const sum = sums.get(way.name)!;
    const other = taskOf(text);
    const alike = way.alike ?? ((line: string) => line);
    const { gone, come } = differences(does.map(alike), doesAll(other.task).map(alike));
    const found = differences([...base.found].sort(), [...other.found].sort());
    sum.pairs++;
    sum.cards += does.length;
    sum.gone += Math.max(gone.length, come.length);
    sum.found += found.gone.length + found.come.length;
    if (gone.length + come.length + found.gone.length + found.come.length === 0) sum.same++;
    else
      out.push(
        `## ${name} · ${way.name}`,
        ...gone.map((one) => `  - ${one}`),
        ...come.map((one) => `  + ${one}`),
        ...found.gone.map((one) => `  -! ${one}`),
        ...found.come.map((one) => `  +! ${one}`),
        '',
      );
  }
}
const line = (name: string, s: Sum) =>
  `${name.padEnd(24)} ${String(s.pairs).padStart(5)} pairs  ${((100 * s.same) / s.pairs).toFixed(1).padStart(5)} % the same   ${((100 * s.gone) / s.cards).toFixed(2).padStart(6)} % of cards otherwise   ${s.found} findings`;
const all: Sum = { pairs: 0, same: 0, cards: 0, gone: 0, found: 0 };
for (const [name, sum] of sums) {
  if (sum.pairs === 0) continue;
  console.log(line(name, sum));
  for (const key of Object.keys(all) as (keyof Sum)[]) all[key] += sum[key];
}
console.log(line('all', all));
mkdirSync('.data', { recursive: true });
writeFileSync('.data/otherwise.txt', out.join('\n'));
