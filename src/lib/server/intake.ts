// What a device recorded comes in: each record is judged by itself, what is right is kept, and each gets its answer.
import { OTHER_CODES } from '$core';
import { check, firstProblem } from './input/check';
import { NoteInput, ObservationInput, type Sync } from './input/lesson';
import { isPlain, type Class } from './input/shape';
import { isId } from '../id';
import { remember } from './just-made';
import { lessonFrame, type Frame } from './lessons';
import { addRecords, recordsById, type ObservationRow } from './records';
import type { SchoolTrx } from './school-scope';

/** `code` 'replaces-unknown': the record would be right if it did not stand in the place of one that is not here. */
export type Refusal = { id: string | null; code: 'wrong' | 'not-here' | 'replaces-unknown'; why: string };
export type Answer = { taken: string[]; refused: Refusal[] };

type Known = Awaited<ReturnType<typeof recordsById>>;
type Judged<T> = { good: T[]; refused: Refusal[] };

const idOf = (raw: unknown): string | null => (isPlain(raw) && 'id' in raw && typeof raw.id === 'string' && isId(raw.id) ? raw.id : null);

/**
 * Takes up the records, the notes and the ends of a lesson. Sending twice is harmless: what is there under an id stays as it is, and counts as taken.
 * @param received the server's clock, in milliseconds
 * @returns null where there is no such lesson
 */
export async function takeIn(trx: SchoolTrx, lessonId: string, sync: Sync, received: number): Promise<Answer | null> {
  const frame = await lessonFrame(trx, lessonId);
  return frame ? takeInto(trx, lessonId, frame, sync, received) : null;
}

/** The same, of a lesson that is known already. */
export async function takeInto(trx: SchoolTrx, lessonId: string, frame: Frame, sync: Sync, received: number): Promise<Answer> {
  const replaced = sync.observations.flatMap((o) =>
    isPlain(o) && 'replaces' in o && typeof o.replaces === 'string' && isId(o.replaces) ? [o.replaces] : [],
  );
  const idsOf = (all: unknown[]) => all.flatMap((r) => idOf(r) ?? []);
  // whether an observation's id was there among observations is what adding it tells
  const known = await recordsById(trx, [...new Set([...idsOf(sync.notes), ...replaced])], idsOf(sync.observations));
  const observations = judge(ObservationInput, sync.observations, (o, before) => wrongObservation(o, before, frame, known, lessonId));
  const notes = judge(NoteInput, sync.notes, (n) => wrongNote(n, frame, known, lessonId));
  const ends = sync.finished.filter((id): id is string => typeof id === 'string' && frame.learners.has(id));
  const rows = observations.good.map((o) => ({ ...o, happenedAt: happenedAt(o.madeAt, sync.sentAt, received) }));
  const there = await addRecords(trx, lessonId, rows, notes.good, ends);
  const added = rows.filter((o) => !o.second && !there.includes(o.id));
  remember(
    trx.school,
    added.map((o) => madeOf(o, lessonId)),
  );
  const before = await recordsById(trx, there);
  // what is there and is not seen is of a class that is not his
  const others = observations.good.filter(
    (one) => there.includes(one.id) && (!before.has(one.id) || isOther(one, before.get(one.id), false, lessonId)),
  );
  return {
    taken: [...observations.good.filter((o) => !others.includes(o)), ...notes.good].map((r) => r.id).concat(ends),
    refused: [
      ...observations.refused,
      ...others.map((o) => ({ id: o.id, ...no(OTHER) })),
      ...notes.refused,
      ...sync.finished
        .filter((id) => !(ends as unknown[]).includes(id))
        .map((id) => ({
          id: typeof id === 'string' && isId(id) ? id : null,
          code: 'not-here' as const,
          why: 'this learner is not in this lesson',
        })),
    ],
  };
}

const madeOf = (o: ObservationInput & { happenedAt: string }, lessonId: string): ObservationRow => ({
  ...{ id: o.id, lessonId, learnerId: o.learnerId, stepKey: o.stepKey, code: o.code, replaces: o.replaces },
  ...{ device: o.device ?? null, count: o.count ?? null, detail: o.detail ?? null, at: Date.parse(o.happenedAt) },
});

/**
 * When a record was made by the server's clock: its age by the device's own clock, taken from the moment at which it arrived. So a clock that is
 * minutes fast or years behind does no harm, as long as it runs. Without the device's own time at sending, it counts as made when it arrived.
 */
function happenedAt(madeAt: string, sentAt: string | null | undefined, received: number): string {
  const age = sentAt ? Math.max(0, Date.parse(sentAt) - Date.parse(madeAt)) : 0;
  // a clock that was set while the record lay waiting gives an age of years: no record is older than a year here
  return new Date(received - Math.min(age, 366 * 24 * 3600 * 1000)).toISOString();
}

function judge<T extends { id: string }>(
  cls: Class<T>,
  all: unknown[],
  wrong: (one: T, before: Map<string, T>) => Omit<Refusal, 'id'> | null,
): Judged<T> {
  const good = new Map<string, T>();
  const refused: Refusal[] = [];
  for (const raw of all) {
    const checked = check(cls, raw);
    const said = checked.ok
      ? wrong(checked.value, good)
      : { code: 'wrong' as const, why: firstProblem(checked.problems, 'this is no record') };
    if (said) refused.push({ id: idOf(raw), ...said });
    else if (checked.ok) good.set(checked.value.id, checked.value);
  }
  return { good: [...good.values()], refused };
}

const no = (why: string, code: Refusal['code'] = 'wrong') => ({ code, why });

const OTHER = 'another record has this id';
type One = { id: string; learnerId: string; stepKey: string | null };
/** Whether what there is under an id is something else. */
const isOther = (one: One, there: Known extends Map<string, infer V> ? V | undefined : never, note: boolean, lessonId: string) =>
  there !== undefined &&
  (there.lessonId !== lessonId || there.learnerId !== one.learnerId || there.stepKey !== one.stepKey || there.note !== note);

/** What holds for records and notes: their learner and their step are of this lesson, and their id is of nothing else. */
function wrongRecord(one: One, note: boolean, frame: Frame, known: Known, lessonId: string) {
  if (!frame.learners.has(one.learnerId)) return no('this learner is not in this lesson', 'not-here');
  if (one.stepKey !== null && !frame.stepKeys.has(one.stepKey)) return no('this step is not in the steps of this lesson', 'not-here');
  return isOther(one, known.get(one.id), note, lessonId) ? no(OTHER) : null;
}

function wrongObservation(o: ObservationInput, before: Map<string, ObservationInput>, frame: Frame, known: Known, lessonId: string) {
  const wrong = wrongRecord(o, false, frame, known, lessonId);
  if (wrong) return wrong;
  const levels = frame.learners.get(o.learnerId)!.levels;
  const codes = [...levels.map((l) => l.id), ...OTHER_CODES.map((c) => c.id as string), 'cleared'];
  if (!codes.includes(o.code)) return no(`“${o.code}” is no level of this lesson`);
  if (o.replaces === null) return null;
  const there = known.get(o.replaces) ?? before.get(o.replaces);
  if (!there) return no('the record that it stands in the place of is not here', 'replaces-unknown');
  const own =
    there.learnerId === o.learnerId &&
    there.stepKey === o.stepKey &&
    (!('lessonId' in there) || (there.lessonId === lessonId && !there.note));
  return own ? null : no('it would stand in the place of a record of another learner, lesson or step');
}

function wrongNote(n: NoteInput, frame: Frame, known: Known, lessonId: string) {
  return wrongRecord(n, true, frame, known, lessonId);
}
