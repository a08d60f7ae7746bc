// A long text on its way into a page: packed, it is a tenth as long, and the page's writer does not go through it letter by letter.
import { inflateSync, strFromU8 } from 'fflate';

/** What was packed in this process a moment ago: the page is written by whoever packed it, and need not unpack it. Each is given out once. */
const known = new Map<string, string>();
const MOST = 8;

/** Says what a packed text is, to whoever asks next. */
export function remember(packed: string, text: string): void {
  known.set(packed, text);
  for (const old of known.keys()) {
    if (known.size <= MOST) break;
    known.delete(old);
  }
}

/** @throws Error where it is none that `pack` made */
export function unpack(packed: string): string {
  const text = known.get(packed);
  known.delete(packed);
  return text ?? strFromU8(inflateSync(Uint8Array.from(atob(packed), (sign) => sign.charCodeAt(0))));
}
