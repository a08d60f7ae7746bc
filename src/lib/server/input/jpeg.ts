// A photograph as it is kept: a still JPEG of a known size, with nothing in it but the picture.
import { whyNoPhoto } from '../../photo/kind';

/** Bytes and pixels of a stored photograph at most: a device makes it smaller before it sends it. */
export const MOST_STORED = 700_000;
const MOST_PIXELS = 2000;

export type Jpeg = { ok: true; bytes: Buffer } | { ok: false; why: string };

const no = (why: string): Jpeg => ({ ok: false, why });

/** Markers of ITU-T T.81, table B.1. */
const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const isFrame = (marker: number) => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
/** Tables and restarts: what a decoder needs. JFIF's own header and the marker that tells how colours are kept stay too; whatever else there is goes: place, time, device, previews, comments. */
const NEEDED = new Set([0xc4, 0xcc, 0xdb, 0xdd, 0xe0, 0xee]);

/** The picture without what was added to it. Total: any bytes give an answer. */
export function readJpeg(input: Uint8Array): Jpeg {
  const bytes = Buffer.from(input);
  const why = whyNoPhoto(bytes);
  if (why) return no(why);
  if (bytes[0] !== 0xff || bytes[1] !== SOI) return no('A photograph is sent as JPEG.');
  if (bytes.length > MOST_STORED) return no('This photograph is too large to be kept.');
  const kept: Buffer[] = [bytes.subarray(0, 2)];
  let size: [number, number] | null = null;
  for (let at = 2; at + 4 <= bytes.length;) {
    if (bytes[at] !== 0xff) return no('This photograph is broken.');
    const marker = bytes[at + 1];
    const length = bytes.readUInt16BE(at + 2);
    const end = at + 2 + length;
    if (length < 2 || end > bytes.length) return no('This photograph is broken.');
    if (isFrame(marker) && length >= 8) size = [bytes.readUInt16BE(at + 7), bytes.readUInt16BE(at + 5)];
    if (marker === SOS) {
      if (!size || size.some((n) => n < 1 || n > MOST_PIXELS)) return no('This photograph has a size that is not taken.');
      const last = bytes.lastIndexOf(Buffer.from([0xff, EOI]));
      // nothing that hides behind the picture's end is kept
      if (last < end) return no('This photograph ends before its picture does.');
      kept.push(bytes.subarray(at, last + 2));
      return { ok: true, bytes: Buffer.concat(kept) };
    }
    if (isFrame(marker) || NEEDED.has(marker)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  return no('This photograph holds no picture.');
}
