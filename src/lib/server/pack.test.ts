import fc from 'fast-check';
import { expect, test } from 'vitest';
import { unpack } from '../packed';
import { pack } from './pack';

/** The first time from memory, the second time as in a browser. */
const both = async (value: unknown) => {
  const packed = await pack(value);
  return [unpack(packed), unpack(packed)];
};

test('whatever JSON can say comes back as it was, to the process that packed it and to any other', async () => {
  const any = fc.jsonValue().map((value) => JSON.parse(JSON.stringify(value)) as unknown);
  await fc.assert(
    fc.asyncProperty(any, async (value) => {
      expect(await both(value)).toEqual([value, value]);
    }),
  );
});
test('a long text is short on its way', async () => {
  const long = '<path d="M1 2L3 4" fill="#fff"/>'.repeat(20_000);
  expect(await both({ long })).toEqual([{ long }, { long }]);
  expect((await pack(long)).length).toBeLessThan(long.length / 20);
});
test('what was packed and never asked for does not pile up', async () => {
  const packed = await Promise.all(Array.from({ length: 50 }, (_, i) => pack(`text ${i}`)));
  for (const [i, one] of packed.entries()) expect(unpack(one)).toBe(`text ${i}`);
});
test('what is none is refused', () => {
  for (const wrong of ['%', 'AAAA', 'no']) expect(() => unpack(wrong)).toThrow();
});
