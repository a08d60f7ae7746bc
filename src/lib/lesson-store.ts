// What was recorded, kept on the device first and sent to the server from there. Survives a reload, a crash and hours without a network.
import Dexie, { type EntityTable } from 'dexie';

export type DeviceObservation = {
  id: string;
  lessonId: string;
  learnerId: string;
  stepKey: string;
  code: string;
  observer: string;
  how: 'tap' | 'key';
  madeAt: string;
  replaces: string | null;
  sent: 0 | 1;
};
export type DeviceNote = {
  id: string;
  lessonId: string;
  learnerId: string;
  stepKey: string | null;
  text: string;
  madeAt: string;
  sent: 0 | 1;
};
type DeviceEnd = { id: string; lessonId: string; learnerId: string; sent: 0 | 1 };

type Store = Dexie & {
  observations: EntityTable<DeviceObservation, 'id'>;
  notes: EntityTable<DeviceNote, 'id'>;
  ends: EntityTable<DeviceEnd, 'id'>;
};

let opened: Store | undefined;
function store(): Store {
  if (opened) return opened;
  opened = new Dexie('yellow-rung') as Store;
  opened
    .version(1)
    .stores({ observations: 'id, [lessonId+sent], lessonId', notes: 'id, [lessonId+sent], lessonId', ends: 'id, [lessonId+sent]' });
  return opened;
}

/** A new id, on any page: randomUUID is there on secure pages only. */
export function newId(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID();
  const b = crypto.getRandomValues(new Uint8Array(16));
  b[6] = (b[6] & 0x0f) | 0x40;
  b[8] = (b[8] & 0x3f) | 0x80;
  const hex = [...b].map((x) => x.toString(16).padStart(2, '0')).join('');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

let lastMoment = 0;
/** Now, but never the same moment twice on this device: the later record must be the later one. */
export function moment(): string {
  lastMoment = Math.max(Date.now(), lastMoment + 1);
  return new Date(lastMoment).toISOString();
}

export const keepObservation = (o: DeviceObservation) => store().observations.put(o);
export const keepNote = (n: DeviceNote) => store().notes.put(n);
export const keepEnd = (lessonId: string, learnerId: string) =>
  store().ends.put({ id: `${lessonId} ${learnerId}`, lessonId, learnerId, sent: 0 });

/** All that this device holds of a lesson, sent or not, oldest first. */
export async function observationsOf(lessonId: string): Promise<DeviceObservation[]> {
  const all = await store().observations.where('lessonId').equals(lessonId).toArray();
  return all.sort((a, b) => (a.madeAt < b.madeAt ? -1 : a.madeAt > b.madeAt ? 1 : 0));
}

export async function unsentCount(lessonId: string): Promise<number> {
  const s = store();
  const at = [lessonId, 0];
  return (
    (await s.observations.where('[lessonId+sent]').equals(at).count()) +
    (await s.notes.where('[lessonId+sent]').equals(at).count()) +
    (await s.ends.where('[lessonId+sent]').equals(at).count())
  );
}

/**
 * Sends what the server does not have yet. Sending twice is harmless: ids are made here.
 * @returns 'sent' when nothing is left, 'later' when the server could not be reached, 'refused' when it would not take it
 */
export async function send(lessonId: string): Promise<'sent' | 'later' | 'refused'> {
  const s = store();
  for (let round = 0; round < 50; round++) {
    const at = [lessonId, 0];
    const observations = await s.observations.where('[lessonId+sent]').equals(at).limit(300).toArray();
    const notes = await s.notes.where('[lessonId+sent]').equals(at).limit(100).toArray();
    const ends = await s.ends.where('[lessonId+sent]').equals(at).toArray();
    if (observations.length + notes.length + ends.length === 0) return 'sent';
    let response: Response;
    try {
      response = await fetch(`/cook/${lessonId}/records`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          observations: observations.map(({ id, learnerId, stepKey, code, observer, how, madeAt, replaces }) => ({
            id,
            learnerId,
            stepKey,
            code,
            observer,
            how,
            madeAt,
            replaces,
          })),
          notes: notes.map(({ id, learnerId, stepKey, text, madeAt }) => ({ id, learnerId, stepKey, text, madeAt })),
          finished: ends.map((e) => e.learnerId),
        }),
      });
    } catch {
      return 'later';
    }
    if (response.status >= 500) return 'later';
    if (!response.ok) return 'refused';
    await s.transaction('rw', s.observations, s.notes, s.ends, async () => {
      await s.observations.bulkPut(observations.map((o) => ({ ...o, sent: 1 as const })));
      await s.notes.bulkPut(notes.map((n) => ({ ...n, sent: 1 as const })));
      await s.ends.bulkPut(ends.map((e) => ({ ...e, sent: 1 as const })));
    });
  }
  return 'later';
}
