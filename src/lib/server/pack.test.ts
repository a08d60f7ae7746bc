import fc from 'fast-check';
import { expect, test } from 'vitest';
import { unpack } from '../packed';
import { pack } from './pack';

test('any text comes back as it was, from the process that packed it and from any other, and a long one is short on its way', async () => {
  const both = async (text: string) => {
    const packed = await pack(text);
    // the first time from memory, the second time as in a browser
    return [unpack(packed), unpack(packed)];
  };
  await fc.assert(
    fc.asyncProperty(fc.string({ unit: 'grapheme', maxLength: 3000 }), async (text) => (await both(text)).every((t) => t === text)),
  );
  const long = '<path d="M1 2L3 4" fill="#fff"/>'.repeat(20_000);
  expect(await both(long)).toEqual([long, long]);
  expect((await pack(long)).length).toBeLessThan(long.length / 20);
});
test('what was packed and never asked for does not pile up', async () => {
  const packed = await Promise.all(Array.from({ length: 50 }, (_, i) => pack(`text ${i}`)));
  for (const [i, one] of packed.entries()) expect(unpack(one)).toBe(`text ${i}`);
});
test('what is none is refused', () => {
  for (const wrong of ['%', 'AAAA', 'no']) expect(() => unpack(wrong)).toThrow();
});
