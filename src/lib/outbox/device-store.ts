// The browser's large store (IndexedDB): holds hours of records. It may be blocked, full or never answer; each call says whether it worked.
import Dexie, { type EntityTable } from 'dexie';
import type { Kept } from './entry';

/** What was in force in a lesson of the class when this device last saw it. `at` by this device's clock. */
export type RoomKept = { id: string; at: number; recorded: unknown[]; marks: unknown[] };
type Store = Dexie & { entries: EntityTable<Kept, 'id'>; rooms: EntityTable<RoomKept, 'id'> };

/** A store that has not answered by then is taken for one that does not work; it may still do later. In milliseconds. */
const PATIENCE = 3000;

let opened: Store | undefined;

function store(): Store {
  if (opened) return opened;
  const db = new Dexie('yellow-rung') as Store;
  db.version(1).stores({
    observations: 'id, [lessonId+sent], lessonId',
    notes: 'id, [lessonId+sent], lessonId',
    ends: 'id, [lessonId+sent]',
  });
  db.version(2)
    .stores({ entries: 'id', observations: null, notes: null, ends: null })
    .upgrade(async (trx) => {
      // what an older program had not sent yet
      for (const [table, kind] of [
        ['observations', 'record'],
        ['notes', 'note'],
        ['ends', 'end'],
      ] as const)
        for (const { sent, ...old } of (await trx.table(table).toArray()) as ({ sent: 0 | 1 } & Kept)[])
          if (sent === 0) await trx.table('entries').put({ ...(kind === 'record' ? { device: null, count: null } : {}), ...old, kind });
    });
  db.version(3).stores({ rooms: 'id' });
  return (opened = db);
}

async function inTime<T>(work: () => PromiseLike<T>): Promise<T | null> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<null>((done) => (timer = setTimeout(() => done(null), PATIENCE)));
  try {
    return await Promise.race([Promise.resolve(work()), late]);
  } catch {
    return null;
  } finally {
    clearTimeout(timer);
  }
}

/** @returns whether all of it is in the store */
export async function putAll(entries: readonly Kept[]): Promise<boolean> {
  return (
    (await inTime(() =>
      store()
        .entries.bulkPut([...entries])
        .then(() => true),
    )) ?? false
  );
}

export async function dropAll(ids: readonly string[]): Promise<void> {
  await inTime(() => store().entries.bulkDelete([...ids]));
}

/** All that is in the store; nothing where it does not work. */
export async function all(): Promise<Kept[]> {
  return (await inTime(() => store().entries.toArray())) ?? [];
}

/** Keeps what is in force in a lesson, so that it opens whole with no network; lessons older than `DAYS` go. */
export async function keepRoom(room: RoomKept): Promise<void> {
  await inTime(() =>
    store()
      .rooms.put(room)
      .then(() =>
        store()
          .rooms.filter((r) => r.at < room.at - DAYS * 86_400_000)
          .delete(),
      ),
  );
}
/** A lesson is opened again on its day; what a device holds of it goes soon after. */
const DAYS = 2;

/** Nothing of any lesson is left but what the server does not have yet. */
export async function forgetRooms(): Promise<void> {
  await inTime(() => store().rooms.clear());
}

export async function keptRoom(id: string): Promise<RoomKept | null> {
  return (await inTime(() => store().rooms.get(id))) ?? null;
}
