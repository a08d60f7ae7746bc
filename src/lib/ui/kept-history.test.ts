import type { Step } from '$core';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { KeptHistory } from './kept-history';

const store = new Map<string, string>();
beforeEach(() =>
  vi.stubGlobal('sessionStorage', {
    getItem: (name: string) => store.get(name) ?? null,
    setItem: (name: string, text: string) => void store.set(name, text),
    removeItem: (name: string) => void store.delete(name),
  }),
);
afterEach(() => {
  store.clear();
  vi.unstubAllGlobals();
});

const step = (key: string) => ({ key, text: `Step ${key}.` }) as Step;
const [a, b, c] = ['a', 'b', 'c'].map(step);
const moments = {
  past: [
    { steps: [a, b], grain: 'standard' as const },
    { steps: [a, b, c], grain: 'fine' as const, built: { grain: 'fine' as const, recipeRevision: 3 } },
  ],
  future: [{ steps: [c], grain: 'fine' as const }],
};

test('what was before and what comes again is there after a reload, each step once', () => {
  new KeptHistory('desk').keep(7, moments);
  expect(new KeptHistory('desk').of(7)).toEqual(moments);
  expect(store.get('desk')!.match(/Step a/g)).toHaveLength(1);
});
test('where somebody saved since, or where it is of another recipe, nothing is undone', () => {
  new KeptHistory('desk').keep(7, moments);
  expect(new KeptHistory('desk').of(8)).toBeNull();
  expect(new KeptHistory('other').of(7)).toBeNull();
});
test('nothing is kept of a desk where nothing was changed', () => {
  new KeptHistory('desk').keep(7, moments);
  new KeptHistory('desk').keep(8, { past: [], future: [] });
  expect([...store]).toEqual([]);
});
test('a long way back is kept as far as anybody goes', () => {
  new KeptHistory('desk').keep(1, { past: Array.from({ length: 500 }, () => moments.past[0]), future: [] });
  const { past } = new KeptHistory('desk').of(1)!;
  expect([past.length, past.at(-1)]).toEqual([60, moments.past[0]]);
});
test('what is broken, or cannot be kept, is as if there were none', () => {
  for (const text of ['{', '{"revision":1,"steps":[],"past":[{"grain":"fine","at":[4]}],"future":[]}', '{"revision":1}']) {
    store.set('desk', text);
    expect(new KeptHistory('desk').of(1)).toBeNull();
  }
  vi.stubGlobal('sessionStorage', {
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError');
    },
  });
  expect(() => new KeptHistory('desk').keep(1, moments)).not.toThrow();
});
