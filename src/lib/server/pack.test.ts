import fc from 'fast-check';
import { expect, test } from 'vitest';
import { unpack } from '../packed';
import { Parcels } from './pack';

const pack = (value: unknown) => new Parcels(false).pack(value);

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

const html = (text: string) =>
  new Response(text, { headers: { 'content-type': 'text/html', 'content-length': String(text.length), etag: '"of the marks"' } });

test('a page holds what was packed in the place of its marks, and says how long it is', async () => {
  const parcels = new Parcels(true);
  const [a, b] = [await parcels.pack({ name: 'Zoë' }), await parcels.pack([1, 2])];
  expect(unpack(a)).toEqual({ name: 'Zoë' });
  const page = await parcels.putIn(html(`<p>Zoë</p><script>x={b:"${b}",a:"${a}"}</script>`));
  const text = await page.clone().text();
  const [, second, first] = /^<p>Zoë<\/p><script>x={b:"(.*)",a:"(.*)"}<\/script>$/.exec(text)!;
  expect([unpack(first), unpack(second)]).toEqual([{ name: 'Zoë' }, [1, 2]]);
  expect(Number(page.headers.get('content-length'))).toBe((await page.arrayBuffer()).byteLength);
  expect([page.headers.get('etag'), page.headers.get('content-type')]).toEqual([null, 'text/html']);
});
test('a page without them is left as it is, and so is one that failed before its marks stood', async () => {
  const page = html('nothing');
  expect(await new Parcels(true).putIn(page)).toBe(page);
  const parcels = new Parcels(true);
  await parcels.pack('lost');
  expect(await (await parcels.putIn(html('an error'))).text()).toBe('an error');
});
test('data without a page hold what is packed, and no mark', async () => {
  const parcels = new Parcels(false);
  const packed = await parcels.pack({ a: 1 });
  unpack(packed);
  expect(unpack(packed)).toEqual({ a: 1 });
  const answer = html(packed);
  expect(await parcels.putIn(answer)).toBe(answer);
});
