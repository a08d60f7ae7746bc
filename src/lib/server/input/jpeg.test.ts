import { expect, test } from 'vitest';
import { whyNoPhoto } from '../../photo/kind';
import { readJpeg } from './jpeg';

const text = (s: string) => Buffer.from(s, 'latin1');
const segment = (marker: number, body: Buffer) =>
  Buffer.concat([Buffer.from([0xff, marker]), Buffer.from([(body.length + 2) >> 8, (body.length + 2) & 255]), body]);
const SOI = Buffer.from([0xff, 0xd8]);
const EOI = Buffer.from([0xff, 0xd9]);
/** A frame header (ITU-T T.81, B.2.2): 8 bits, height, width, one component. */
const frame = (w: number, h: number) => segment(0xc0, Buffer.from([8, h >> 8, h & 255, w >> 8, w & 255, 1, 1, 0x11, 0]));
const scan = Buffer.concat([segment(0xda, Buffer.from([1, 1, 0, 0, 63, 0])), Buffer.from([1, 2, 3, 0xff, 0, 4])]);
const EXIF = segment(0xe1, text('Exif\0\0GPSLatitude 52.1 taken 2026:11:27 by a phone'));
const jpeg = (...more: Buffer[]) => Buffer.concat([SOI, segment(0xe0, text('JFIF\0\x01\x02')), ...more, frame(1200, 800), scan, EOI]);

test('place, time and comments are taken out, the picture stays', () => {
  const read = readJpeg(
    Buffer.concat([jpeg(EXIF, segment(0xfe, text('a comment')), segment(0xed, text('Photoshop'))), text('PK a zip behind it')]),
  );
  expect(read.ok).toBe(true);
  if (!read.ok) return;
  const out = read.bytes.toString('latin1');
  expect(out).not.toMatch(/Exif|GPS|2026|comment|Photoshop|zip/);
  expect(out).toContain('JFIF');
  expect(read.bytes.subarray(-2)).toEqual(EOI);
  // what comes out is taken again, unchanged
  expect(readJpeg(read.bytes)).toEqual(read);
});
test.each([
  ['a size that no card needs', Buffer.concat([SOI, frame(9000, 100), scan, EOI]), /size/],
  ['no size', Buffer.concat([SOI, scan, EOI]), /size/],
  ['nothing in it', Buffer.concat([SOI, frame(10, 10), EOI, EOI]), /broken|no picture/],
  ['an end that is missing', Buffer.concat([SOI, frame(10, 10), scan]), /ends before/],
  ['a segment longer than the file', Buffer.concat([SOI, Buffer.from([0xff, 0xe1, 0xff, 0xff, 1])]), /broken/],
  ['too many bytes', Buffer.concat([SOI, frame(10, 10), scan, Buffer.alloc(800_000), EOI]), /too large/],
  ['a PNG', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0]), /JPEG/],
])('%s is refused with the reason', (_name, bytes, why) => {
  const read = readJpeg(bytes);
  expect(read).toMatchObject({ ok: false });
  if (!read.ok) expect(read.why).toMatch(why);
});
test('any bytes get an answer', () => {
  let seed = 7;
  const next = () => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 4294967296;
  const good = jpeg(EXIF);
  for (let i = 0; i < 3000; i++) {
    const bytes = Buffer.from(good.subarray(0, Math.floor(next() * (good.length + 1))));
    for (let k = 0; k < 3 && bytes.length > 0; k++) bytes[Math.floor(next() * bytes.length)] = Math.floor(next() * 256);
    const read = readJpeg(bytes);
    if (!read.ok) expect(read.why.length).toBeGreaterThan(10);
    // what is taken is taken again
    else expect(readJpeg(read.bytes).ok).toBe(true);
  }
});

test.each([
  ['a JPEG', jpeg(), null],
  ['a PNG', Buffer.from([0x89, ...text('PNG\r\n'), 0x1a, 10, 0]), null],
  ['a PNG that moves', Buffer.concat([Buffer.from([0x89, ...text('PNG\r\n'), 0x1a, 10]), text('....acTL')]), /moves/],
  ['a GIF', text('GIF89a....'), /GIF/],
  ['a WebP', text('RIFF....WEBPVP8 '), null],
  ['a WebP that moves', text('RIFF....WEBPVP8X....ANIM'), /moves/],
  ['a phone’s HEIC', text('....ftypheic....'), null],
  ['a film', text('....ftypisom....mp42'), /film/],
  ['a drawing with a script', text('<svg xmlns="x"><script>alert(1)</script></svg>'), /programs/],
  ['a drawing with a prologue', text('  <?xml version="1.0"?><svg/>'), /programs/],
  ['a page', text('<!DOCTYPE html><p>x'), /programs/],
  ['a text called .jpg', text('hello'), /no photograph/],
  ['nothing', Buffer.alloc(0), /empty/],
])('%s is seen for what it is', (_name, bytes, why) => {
  const said = whyNoPhoto(bytes);
  if (why === null) expect(said).toBeNull();
  else expect(said).toMatch(why);
});
test('a file that is too large is not read', () => expect(whyNoPhoto(jpeg(), 50_000_000)).toMatch(/40 MB/));
