// What is long or of many small parts on its way into a page: as JSON, packed, it is a tenth as long, and the page's writer does not go through it part by part.
import { inflateSync, strFromU8 } from 'fflate';

/** What marks stand for while this process writes their pages: whoever packed it need not unpack it. */
const known = new Map<string, unknown>();

/** Says what a mark stands for, until the page is written. */
export function remember(mark: string, value: unknown): void {
  known.set(mark, value);
}

/** The page with a mark is written, or never will be. */
export function forget(mark: string): void {
  known.delete(mark);
}

/**
 * What was packed.
 * @throws Error where it is nothing that `Parcels` made
 */
export function unpack(packed: string): unknown {
  if (known.has(packed)) return known.get(packed);
  return JSON.parse(strFromU8(inflateSync(Uint8Array.from(atob(packed), (sign) => sign.charCodeAt(0)))));
}
