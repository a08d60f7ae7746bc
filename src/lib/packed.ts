// What is long or of many small parts on its way into a page: as JSON, packed, it is a tenth as long, and the page's writer does not go through it part by part.
import { inflateSync, strFromU8 } from 'fflate';

/** What was packed in this process a moment ago: the page is written by whoever packed it, and need not unpack it. Each is given out once. */
const known = new Map<string, unknown>();
const MOST = 8;

/** Says what was packed, to whoever asks next. */
export function remember(packed: string, value: unknown): void {
  known.set(packed, value);
  for (const old of known.keys()) {
    if (known.size <= MOST) break;
    known.delete(old);
  }
}

/**
 * What was packed.
 * @throws Error where it is nothing that `pack` made
 */
export function unpack(packed: string): unknown {
  const value = known.get(packed);
  known.delete(packed);
  return value ?? JSON.parse(strFromU8(inflateSync(Uint8Array.from(atob(packed), (sign) => sign.charCodeAt(0)))));
}
