// What a file really is, by its first bytes and not by its name: only still photographs are taken.

/** The largest file that is opened on a device, in bytes: a camera's largest photographs are smaller. */
const MOST_BYTES = 40_000_000;

const startsWith = (bytes: Uint8Array, ...head: (number | string)[]): boolean => {
  const want = head.flatMap((h) => (typeof h === 'string' ? [...h].map((c) => c.charCodeAt(0)) : [h]));
  return want.every((b, i) => bytes[i] === b);
};
const ascii = (bytes: Uint8Array, from: number, to: number): string => String.fromCharCode(...bytes.subarray(from, to));
/** Whether these letters stand somewhere in the first part of a file. */
const holds = (bytes: Uint8Array, word: string): boolean => {
  const some = bytes.subarray(0, 65536);
  const first = word.charCodeAt(0);
  for (let i = some.indexOf(first); i >= 0; i = some.indexOf(first, i + 1)) if (ascii(some, i, i + word.length) === word) return true;
  return false;
};

/**
 * Why a file is no photograph that is taken; null where it is one. Signatures: JPEG (ITU-T T.81, B.1.1.3), PNG (ISO/IEC 15948, 5.2; acTL: APNG), GIF89a, RIFF WebP
 * (RFC 9649; ANIM), HEIF (ISO/IEC 23008-12).
 */
export function whyNoPhoto(bytes: Uint8Array, size = bytes.length): string | null {
  if (size === 0) return 'This file is empty.';
  if (size > MOST_BYTES) return 'This file is larger than 40 MB. Take a smaller photograph.';
  if (startsWith(bytes, 0xff, 0xd8, 0xff)) return null;
  if (startsWith(bytes, 0x89, 'PNG\r\n', 0x1a, '\n')) return holds(bytes, 'acTL') ? 'This picture moves. Choose a still photograph.' : null;
  if (startsWith(bytes, 'GIF8')) return 'This is a GIF, which may move. Choose a still photograph.';
  if (startsWith(bytes, 'RIFF') && ascii(bytes, 8, 12) === 'WEBP')
    return holds(bytes, 'ANIM') ? 'This picture moves. Choose a still photograph.' : null;
  if (ascii(bytes, 4, 8) === 'ftyp')
    return /hei[cfx]|mif1|avif/.test(ascii(bytes, 8, 32)) ? null : 'This is a film. Choose a still photograph.';
  if (/^\s*(?:<\?xml|<!doctype|<svg|<!--|<html)/i.test(ascii(bytes, 0, 200)))
    return 'This is a drawing or a page that can hold programs. Choose a photograph.';
  return 'This file is no photograph, whatever its name says.';
}
