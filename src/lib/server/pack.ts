// Packs what is long for a page; see $lib/packed.
import { randomUUID } from 'node:crypto';
import { promisify } from 'node:util';
import { deflateRaw } from 'node:zlib';
import { LRUCache } from 'lru-cache';
import { forget, remember } from '../packed';

const deflate = promisify(deflateRaw);

/** What comes again and again, as it was packed: some 50 kB each. */
const KEPT = new LRUCache<string, { value: unknown; packed: string }>({ max: 120 });

const ids = new WeakMap<object, number>();
let last = 0;
/** A number for an object, the same for as long as there is that object. */
export function idOf(thing: object): number {
  const known = ids.get(thing);
  if (known !== undefined) return known;
  ids.set(thing, ++last);
  return last;
}

/** Level 1: four fifths of the gain in a third of the time; and beside the thread that answers everybody else. */
const packed = async (value: unknown) => (await deflate(JSON.stringify(value), { level: 1 })).toString('base64');

/**
 * What was packed for an answer. On its way into a page a mark stands for it, and what is packed is put in its place when the page is written: a hundred
 * thousand signs are otherwise gone through one by one several times. Data without a page have no such moment: they take it as it is.
 */
export class Parcels {
  readonly #held = new Map<string, Buffer>();

  /** @param isPage whether `putIn` follows */
  constructor(private isPage: boolean) {}

  /**
   * Packs what JSON can say: no Map, no date, nothing undefined. Whoever writes the page in this process is given the value itself.
   * @returns what is packed, or the mark that stands for it
   */
  async pack(value: unknown): Promise<string> {
    return this.#give(value, await packed(value));
  }

  /** Packs what is the same wherever its key is the same: once. */
  async packOnce(key: string, value: unknown): Promise<string> {
    let kept = KEPT.get(key);
    if (!kept) KEPT.set(key, (kept = { value, packed: await packed(value) }));
    return this.#give(kept.value, kept.packed);
  }

  #give(value: unknown, text: string): string {
    if (!this.isPage) return text;
    // nobody can guess it, so no text of anybody's is taken for one
    const mark = `packed-${randomUUID()}`;
    this.#held.set(mark, Buffer.from(text, 'latin1'));
    remember(mark, value);
    return mark;
  }

  /** The answer with all that was packed in the place of its marks, which are forgotten. Called once for each request, whatever became of it. */
  async putIn(response: Response): Promise<Response> {
    for (const mark of this.#held.keys()) forget(mark);
    if (this.#held.size === 0 || response.body === null) return response;
    const page = Buffer.from(await response.arrayBuffer());
    const places = [...this.#held]
      .map(([mark, packed]) => ({ at: page.indexOf(mark), end: page.indexOf(mark) + mark.length, packed }))
      .filter((p) => p.at >= 0)
      .sort((x, y) => x.at - y.at);
    const parts: Uint8Array[] = places.flatMap(({ at, packed }, i) => [page.subarray(places[i - 1]?.end ?? 0, at), packed]);
    parts.push(page.subarray(places.at(-1)?.end ?? 0));
    const body = Buffer.concat(parts);
    const headers = new Headers(response.headers);
    // it was of the page with the marks
    headers.delete('etag');
    headers.set('content-length', String(body.length));
    return new Response(body, { status: response.status, statusText: response.statusText, headers });
  }
}
