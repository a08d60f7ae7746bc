// What a device has to tell the server of a lesson: a record of a step, a note, the end of the lesson for a learner.

import type { Detail } from '$core';

type Of = { id: string; lessonId: string; learnerId: string };
export type RecordEntry = Of & {
  kind: 'record';
  stepKey: string;
  code: string;
  observer: string;
  how: 'tap' | 'key' | 'rule';
  /** Absent in what an older program left on the device. */
  detail?: Detail | null;
  second?: boolean;
  madeAt: string;
  replaces: string | null;
  device: string;
  count: number;
};
export type NoteEntry = Of & { kind: 'note'; stepKey: string | null; text: string; madeAt: string };
export type EndEntry = Of & { kind: 'end' };
export type Entry = RecordEntry | NoteEntry | EndEntry;

/** Why the server would not take an entry. */
export type Refused = { code: string; why: string };

/** An entry as the device keeps it. */
export type Kept = Entry & { refused?: Refused | null };

/** What the server is sent of some entries of one lesson, at `sentAt` by this device's clock. */
export function bodyOf(entries: readonly Entry[], sentAt: string): string {
  const records = entries.filter((e) => e.kind === 'record');
  const notes = entries.filter((e) => e.kind === 'note');
  return JSON.stringify({
    sentAt,
    observations: records.map(({ id, learnerId, stepKey, code, observer, how, madeAt, replaces, device, count, detail, second }) => ({
      id,
      learnerId,
      stepKey,
      code,
      observer,
      how,
      madeAt,
      replaces,
      device,
      count,
      detail: detail ?? null,
      second: second ?? false,
    })),
    notes: notes.map(({ id, learnerId, stepKey, text, madeAt }) => ({ id, learnerId, stepKey, text, madeAt })),
    finished: entries.filter((e) => e.kind === 'end').map((e) => e.learnerId),
  });
}

/** The id under which the server's answer speaks of an entry. */
export const answeredAs = (entry: Entry): string => (entry.kind === 'end' ? entry.learnerId : entry.id);
