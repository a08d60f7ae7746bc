// Writes at once, before anything else can happen: the browser's small store answers while the finger is still down. What is safe in the large
// store goes out of here again. Also who this device is, and how many records it has made. Where the store is blocked or full, all of it says so.
import { isId, newId } from '$lib/id';
import type { Kept } from './entry';

const ENTRY = 'yr-out ';
const DEVICE = 'yr-device';
const COUNT = 'yr-count';

/** The store, or null where the browser gives none. */
function store(): Storage | null {
  try {
    return globalThis.localStorage ?? null;
  } catch {
    return null;
  }
}

/** @returns whether it is written */
export function write(entry: Kept): boolean {
  return put(ENTRY + entry.id, JSON.stringify(entry));
}

function put(key: string, text: string): boolean {
  try {
    const at = store();
    at?.setItem(key, text);
    return at !== null;
  } catch {
    return false;
  }
}

export function erase(id: string): void {
  try {
    store()?.removeItem(ENTRY + id);
  } catch {
    // a store that is closed by now holds nothing that could be read again either
  }
}

/** All that is written. What is no entry (another program of the same address) is passed over. */
export function readAll(): Kept[] {
  const found: Kept[] = [];
  try {
    const at = store();
    for (let i = 0; at && i < at.length; i++) {
      const key = at.key(i)!;
      if (!key.startsWith(ENTRY)) continue;
      const entry = entryOf(at.getItem(key));
      if (entry) found.push(entry);
    }
  } catch {
    // see store()
  }
  return found;
}

function entryOf(text: string | null): Kept | null {
  try {
    const value: unknown = JSON.parse(text ?? 'null');
    return isEntry(value) ? value : null;
  } catch {
    return null;
  }
}

/** Whether a value is an entry that can be sent. */
export function isEntry(value: unknown): value is Kept {
  const entry = value as Partial<Kept> | null;
  return typeof entry?.id === 'string' && isId(entry.lessonId ?? '') && ['record', 'note', 'end'].includes(entry.kind ?? '');
}

let ownId: string | undefined;
let ownCount = 0;

/** Who makes this record, and the how-manieth of this device it is. Without a store each page is a device of its own. */
export function nextCount(): { device: string; count: number } {
  if (!ownId) {
    const known = get(DEVICE);
    ownId = known ?? newId();
    if (!known && !put(DEVICE, ownId)) ownId = newId();
  }
  // another window of the same device counts too
  ownCount = Math.max(ownCount, Number(get(COUNT)) || 0) + 1;
  put(COUNT, String(ownCount));
  return { device: ownId, count: ownCount };
}

function get(key: string): string | null {
  try {
    return store()?.getItem(key) ?? null;
  } catch {
    return null;
  }
}

let lastMoment = 0;
/** Now, but never the same moment twice on this page. */
export function moment(): string {
  lastMoment = Math.max(Date.now(), lastMoment + 1);
  return new Date(lastMoment).toISOString();
}
