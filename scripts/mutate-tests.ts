// Stands in for `vitest` in the bundle of mutate.ts: keeps each test with its file, to be run by hand, in any order, as often as is wanted.
import { readFileSync } from 'node:fs';
import { expect as usual } from 'vitest';

type Body = (...given: unknown[]) => unknown;
type Declares = (name: string, body: Body, ...given: unknown[]) => void;
/** A test: where it stands and what it does. */
export type Case = { file: string; name: string; run: () => unknown };

export const CASES: Case[] = [];
let file = '';
let path: string[] = [];
/** Tests declared from here on are of this file. */
export const inFile = (name: string) => void (file = name);

const declare: Declares = (name, body, ...given) => void CASES.push({ file, name: [...path, name].join(' > '), run: () => body(...given) });
const group: Declares = (name, body, ...given) => {
  path = [...path, name];
  body(...given);
  path = path.slice(0, -1);
};
const withRows = (one: Declares) =>
  Object.assign(one, {
    each: (rows: readonly unknown[]) => (name: string, body: Body) =>
      rows.forEach((row, k) => one(`${name} ${k}`, body, ...(Array.isArray(row) ? (row as unknown[]) : [row]))),
  });

export const test = withRows(declare);
export const describe = withRows(group);
/** As Vitest's, but what it asks of a running Vitest is done here. */
const matchesFile = (text: unknown) => (at: string) => {
  if (readFileSync(at, 'utf8') !== text) throw new Error(`${at} says something else`);
};
export const expect = Object.assign(
  (text: unknown, note?: string) =>
    new Proxy(usual(text, note), {
      get: (asserted, name) =>
        name === 'toMatchFileSnapshot' ? matchesFile(text) : (asserted as unknown as Record<string | symbol, unknown>)[name],
    }),
  usual,
);
