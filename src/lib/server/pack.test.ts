import fc from 'fast-check';
import { expect, test } from 'vitest';
import { unpack } from '../packed';
import { Parcels } from './pack';

const html = (text: string) =>
  new Response(text, { headers: { 'content-type': 'text/html', 'content-length': String(text.length), etag: '"of the marks"' } });

/** As a page is written by the process that packed it, and as a browser takes it up. */
async function both(value: unknown): Promise<unknown[]> {
  const parcels = new Parcels(true);
  const mark = await parcels.pack(value);
  const here = unpack(mark);
  const sent = await (await parcels.putIn(html(mark))).text();
  return [here, unpack(sent)];
}

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
  expect((await new Parcels(false).pack(long)).length).toBeLessThan(long.length / 20);
});
test('many pages are written at the same moment, each with its own, and nothing is left of them', async () => {
  const all = await Promise.all(
    Array.from({ length: 200 }, async (_, i) => {
      const parcels = new Parcels(true);
      return { parcels, marks: [await parcels.pack(`text ${i}`), await parcels.packOnce('the same', 'pictures')] };
    }),
  );
  for (const [i, { marks }] of all.entries()) expect(marks.map(unpack)).toEqual([`text ${i}`, 'pictures']);
  for (const { parcels } of all) await parcels.putIn(html('no marks in it'));
  for (const { marks } of all) for (const mark of marks) expect(() => unpack(mark)).toThrow();
});
test('what is none is refused', () => {
  for (const wrong of ['%', 'AAAA', 'no']) expect(() => unpack(wrong)).toThrow();
});

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
  expect(unpack(packed)).toEqual({ a: 1 });
  const answer = html(packed);
  expect(await parcels.putIn(answer)).toBe(answer);
});
