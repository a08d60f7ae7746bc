import fc from 'fast-check';
import { expect, test } from 'vitest';
import { lastOf, type Stamp } from './in-force';

const stamp = (id: string, more: Partial<Stamp> = {}): Stamp => ({ id, replaces: null, device: null, count: null, at: 0, ...more });

test('nothing recorded, nothing in force', () => expect(lastOf([])).toBeNull());

test('a correction is in force, though the device that made the first is two minutes fast', () => {
  const first = stamp('a', { device: 'fast', count: 1, at: 120_000 });
  const correction = stamp('b', { device: 'other', count: 7, replaces: 'a', at: 5000 });
  expect(lastOf([first, correction])?.id).toBe('b');
});
test('a device whose clock was set back keeps its own order', () => {
  const made = [1, 2, 3].map((n) => stamp(`r${n}`, { device: 'd', count: n, at: -n * 60_000 }));
  expect(lastOf(made)?.id).toBe('r3');
});
test('two adults who did not see each other: the later by the server’s clock', () => {
  expect(lastOf([stamp('a', { device: 'x', count: 90, at: 10 }), stamp('b', { device: 'y', count: 1, at: 20 })])?.id).toBe('b');
});
test('undo of an undo: each stands in the place of the one before', () => {
  expect(lastOf([stamp('a'), stamp('b', { replaces: 'a' }), stamp('c', { replaces: 'b' })])?.id).toBe('c');
});
test('two that replace each other still have one in force', () => {
  expect(lastOf([stamp('a', { replaces: 'b', at: 1 }), stamp('b', { replaces: 'a', at: 2 })])?.id).toBe('b');
});

test('the order of arrival never matters, and what one device saw last of its own is never undone by its clock', () => {
  const records = fc
    .array(fc.record({ device: fc.constantFrom('x', 'y'), at: fc.integer({ min: 0, max: 9 }), sees: fc.boolean() }), {
      minLength: 1,
      maxLength: 8,
    })
    .map((all) =>
      all.map((one, i) =>
        stamp(`r${i}`, { device: one.device, count: i + 1, at: one.at, replaces: one.sees && i > 0 ? `r${i - 1}` : null }),
      ),
    );
  fc.assert(
    fc.property(records, fc.integer(), (all, seed) => {
      const last = lastOf(all)!;
      const shuffled = [...all].sort((a, b) => ((seed ^ a.at ^ a.id.length) % 3) - ((seed ^ b.at) % 3));
      expect(lastOf([...all].reverse())).toEqual(last);
      expect(lastOf(shuffled)).toEqual(last);
      expect(all.some((other) => other.device === last.device && other.count! > last.count!)).toBe(false);
    }),
    { seed: 7 },
  );
});
