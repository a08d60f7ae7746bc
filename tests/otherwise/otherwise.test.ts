// The same recipe said another way comes out as the same acts: a share of all pairs of recipe and way, drawn so that each way meets other recipes. All of them: `npx tsx scripts/otherwise.ts`.
import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { differences, doesAll, saidOf, taskOf } from './compare';
import { LAYOUTS } from './layouts';
import { MORE_WAYS } from './more-ways';
import { OTHER_THINGS } from './things';
import { apart, notInBoth, ownCards, setAside, together } from './two';
import { printed, saidThatWay, WAYS as FIRST_WAYS, type Said } from './ways';

const RECIPES = ['recipes', 'more-recipes', 'judged/first', 'judged/second']
  .map((folder) => new URL(`../${folder}/`, import.meta.url))
  .flatMap((folder) => readdirSync(folder).map((name) => ({ name, path: new URL(name, folder) })));
const WAYS = [...FIRST_WAYS, ...MORE_WAYS, ...LAYOUTS];
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

test('with other foods, kinds and orders of words, nearly all cards do the same', () => {
  let cards = 0;
  const other = OTHER_THINGS.flatMap((way, w) =>
    Array.from({ length: TRIED }, (_, k) => (w * 17 + k * APART) % RECIPES.length).flatMap((index) => {
      const plain = plainOf(index);
      const text = saidThatWay(way, plain.said);
      if (text === plain.text) return [];
      cards += plain.does.length;
      const alike = way.alike ?? ((line: string) => line);
      const { gone, come } = differences(plain.does.map(alike), doesAll(taskOf(text).task).map(alike));
      return gone.length + come.length === 0 ? [] : [...gone, ...come].map((card) => `${RECIPES[index].name}, ${way.name}: ${card}`);
    }),
  );
  expect(cards).toBeGreaterThan(500);
  // onions that become leeks are rinsed and not peeled: most of what differs is that
  expect(other.length, other.join('\n')).toBeLessThanOrEqual(2 * 0.03 * cards);
});

test('a dish that was set aside is not where the next one is made', () => {
  let cards = 0;
  const other: string[] = [];
  for (let i = 0; i < RECIPES.length; i += 13) {
    const first = plainOf(i);
    const partner = Array.from({ length: RECIPES.length - 1 }, (_, k) => (i + (k + 1) * 37) % RECIPES.length).find((j) =>
      apart(first.said, plainOf(j).said),
    );
    if (partner === undefined) continue;
    const aside = setAside(first.said);
    const alone = [...doesAll(taskOf(printed(aside)).task), ...plainOf(partner).does];
    const both = doesAll(taskOf(printed(together(aside, plainOf(partner).said, i % 2 === 0))).task);
    cards += alone.length;
    other.push(...notInBoth(ownCards(alone), ownCards(both)).map((card) => `${RECIPES[i].name} + ${RECIPES[partner].name}: ${card}`));
  }
  expect(cards).toBeGreaterThan(300);
  // of all 306 pairs 1.4 % of cards differ: a tin of tomatoes and a tomato, an egg of each, one bowl too few
  expect(other.length, other.join('\n')).toBeLessThanOrEqual(2 * 0.03 * cards);
});

test('what is left out or put elsewhere is noticed', () => {
  const plain = plainOf(RECIPES.findIndex((one) => one.name === 'lentil-soup.txt'));
  const without = { ...plain.said, method: plain.said.method.filter((_, i) => i !== 2) };
  expect(otherwise(plain, printed(without)).length).toBeGreaterThan(0);
  const elsewhere = { ...plain.said, method: plain.said.method.map((line) => line.replace('large saucepan', 'bowl')) };
  expect(otherwise(plain, printed(elsewhere)).length).toBeGreaterThan(0);
});
