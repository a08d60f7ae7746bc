// The same recipe said another way comes out as the same acts: a share of all pairs of recipe and way, drawn so that each way meets other recipes. All of them: `npx tsx scripts/otherwise.ts`.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { differences, doesAll, saidOf, taskOf } from './compare';
import { MORE_WAYS } from './more-ways';
import { printed, saidThatWay, WAYS as FIRST_WAYS, type Said } from './ways';

const RECIPES = ['recipes', 'more-recipes', 'judged/first', 'judged/second']
  .map((folder) => new URL(`../${folder}/`, import.meta.url))
  .flatMap((folder) => readdirSync(folder).map((name) => ({ name, path: new URL(name, folder) })));
const WAYS = [...FIRST_WAYS, ...MORE_WAYS];
/** Recipes that each way is tried on, so many apart. */
const TRIED = 6;
const APART = 47;

type Plain = { said: Said; text: string; does: string[]; found: string[] };
const seen = new Map<number, Plain>();
function plainOf(index: number): Plain {
  let plain = seen.get(index);
  if (!plain) {
    const said = saidOf(readFileSync(RECIPES[index].path, 'utf8'));
    const text = printed(said);
    const { task, found } = taskOf(text);
    plain = { said, text, does: doesAll(task), found: found.sort() };
    seen.set(index, plain);
  }
  return plain;
}

/** What a text does otherwise than the plain one, and what else is found in it. */
function otherwise(plain: Plain, text: string): string[] {
  const { task, found } = taskOf(text);
  const acts = differences(plain.does, doesAll(task));
  const faults = differences(plain.found, found.sort());
  return [...acts.gone, ...faults.gone].map((one) => `- ${one}`).concat([...acts.come, ...faults.come].map((one) => `+ ${one}`));
}

test('said another way, nearly all do the same', () => {
  let pairs = 0;
  const other = WAYS.flatMap((way, w) =>
    Array.from({ length: TRIED }, (_, k) => (w * 13 + k * APART) % RECIPES.length).flatMap((index) => {
      const plain = plainOf(index);
      const text = saidThatWay(way, plain.said);
      if (text === plain.text) return [];
      pairs++;
      const differs = otherwise(plain, text);
      return differs.length === 0 ? [] : [`${RECIPES[index].name}, ${way.name}:\n${differs.slice(0, 4).join('\n')}`];
    }),
  );
  expect(pairs).toBeGreaterThan(250);
  // of all 14,477 pairs 1.1 % differ, most of them where the way itself changes what is meant
  expect(other.length, other.join('\n\n')).toBeLessThanOrEqual(0.02 * pairs);
});

test('what is left out or put elsewhere is noticed', () => {
  const plain = plainOf(RECIPES.findIndex((one) => one.name === 'lentil-soup.txt'));
  const without = { ...plain.said, method: plain.said.method.filter((_, i) => i !== 2) };
  expect(otherwise(plain, printed(without)).length).toBeGreaterThan(0);
  const elsewhere = { ...plain.said, method: plain.said.method.map((line) => line.replace('large saucepan', 'bowl')) };
  expect(otherwise(plain, printed(elsewhere)).length).toBeGreaterThan(0);
});
