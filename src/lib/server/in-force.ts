// What is in force of what was recorded: for whoever works out rungs, paces and charts from thousands of records.
import { lastOf, type Stamp } from '$core';
import type { SchoolTrx } from './school-scope';

/** `at`: when it was made by the server's clock, in milliseconds; means nothing where that was not asked for. */
export type InForceRow = Readonly<{ stepKey: string; code: string; observer: string; at: number }>;
/** What is in force of one learner in one lesson. */
export type LessonInForce = { learnerId: string; lessonId: string; made: InForceRow[] };

type Came = { learner_id: string; lesson_id: string; kept: string | null; made: string | null };

/** Between the records of a lesson, and between what a record says: signs that nobody types. */
const [RECORD, PART] = ['\u001e', '\u001f'];

/**
 * Five years of one learner are some ten thousand records. They come as one text for each lesson: a row each, with all its columns, takes the driver several times
 * as long. A lesson that is over mostly has it kept beside it; of the others each is put together by itself, straight from the index. Which of several is in force
 * is asked only of the few steps that have several; in what is kept no step has.
 */
const made = (kept: string, at: string, lessons: string) => `
  select k.learner_id, k.lesson_id, ${kept} as kept, case when ${kept} is null then (
    select string_agg(o.step_key || :part || o.code || ${at} || o.observer, :record)
    from observation o
    where o.school_id = :school and o.learner_id = k.learner_id and o.lesson_id = k.lesson_id and not o.second) end as made
  from lesson_learner k where k.school_id = :school and k.learner_id = any(:learners) ${lessons}`;
const THESE = 'and k.lesson_id = any(:lessons)';
/** In floats: exact to the millisecond, and half the time that `extract` takes, whose numbers are decimal. */
const AT = `:part || (date_part('epoch', o.happened_at) * 1000)::bigint || :part`;
const NO_AT = ':apart';

/** Where the first three parts of a record end. */
function partsAt(text: string): [number, number, number] {
  const a = text.indexOf(PART);
  const b = a === -1 ? -1 : text.indexOf(PART, a + 1);
  return [a, b, b === -1 ? -1 : text.indexOf(PART, b + 1)];
}

/**
 * The records in force of some learners, in some lessons or in all: lessons with none are left out. What a second adult scored for agreement is none, nor is
 * what was taken back.
 * @param withTimes whether it matters when each was made
 */
export async function inForceOf(
  trx: SchoolTrx,
  learnerIds: readonly string[],
  lessonIds: readonly string[] | null,
  withTimes = false,
): Promise<LessonInForce[]> {
  if (learnerIds.length === 0 || lessonIds?.length === 0) return [];
  // when each was made is not kept
  const asked = made(withTimes ? 'null' : 'k.kept', withTimes ? AT : NO_AT, lessonIds === null ? '' : THESE);
  const { rows } = await trx.raw<{ rows: Came[] }>(asked, {
    school: trx.school,
    learners: [...new Set(learnerIds)],
    ...(lessonIds !== null && { lessons: [...new Set(lessonIds)] }),
    part: PART,
    ...(!withTimes && { apart: `${PART}0${PART}` }),
    record: RECORD,
  });
  const read = reader(withTimes);
  const several: Several[] = [];
  const found: LessonInForce[] = [];
  for (const { learner_id: learnerId, lesson_id: lessonId, kept, made } of rows) {
    if (kept === null && made === null) continue;
    const lesson: LessonInForce = { learnerId, lessonId, made: kept === null ? [] : recordsIn(kept, read) };
    found.push(lesson);
    for (const [stepKey, one] of made === null ? [] : bySteps(recordsIn(made, read)))
      if (one === null) several.push({ lesson, stepKey });
      else if (one.code !== 'cleared') lesson.made.push(one);
  }
  await addLast(trx, several);
  return found.filter((l) => l.made.length > 0);
}

function recordsIn(text: string, read: (record: string) => InForceRow | null): InForceRow[] {
  const records: InForceRow[] = [];
  for (let from = 0; from < text.length;) {
    const next = text.indexOf(RECORD, from);
    const end = next === -1 ? text.length : next;
    const one = read(text.slice(from, end));
    from = end + 1;
    if (one) records.push(one);
  }
  return records;
}

/** By step; null where a step has several. */
function bySteps(records: readonly InForceRow[]): Map<string, InForceRow | null> {
  const steps = new Map<string, InForceRow | null>();
  for (const one of records) steps.set(one.stepKey, steps.has(one.stepKey) ? null : one);
  return steps;
}

/** A record from its parts. A name with such a sign in it is cut, and is no record of its own: null. */
function recordIn(text: string): InForceRow | null {
  const [a, b, c] = partsAt(text);
  return c === -1
    ? null
    : { stepKey: text.slice(0, a), code: text.slice(a + 1, b), observer: text.slice(c + 1), at: Number(text.slice(b + 1, c)) };
}

/** Without times a few hundred records come thousands of times: each is read once, and nobody changes it. */
function reader(withTimes: boolean): (text: string) => InForceRow | null {
  if (withTimes) return recordIn;
  const known = new Map<string, InForceRow | null>();
  return (text) => {
    let one = known.get(text);
    if (one === undefined) known.set(text, (one = recordIn(text)));
    return one;
  };
}

/** What is in force in a lesson, as it is kept beside it: it is read as the records are. */
export const keptAs = (made: readonly InForceRow[]): string =>
  made.map((m) => [m.stepKey, m.code, '0', m.observer].join(PART)).join(RECORD);

/** Reads what is kept beside lessons: `keptAs` the other way. */
export function readerOfKept(): (text: string) => InForceRow[] {
  const read = reader(false);
  return (text) => recordsIn(text, read);
}

type Several = { lesson: LessonInForce; stepKey: string };

/** Of steps that were recorded more than once what is in force, unless it was taken back. */
async function addLast(trx: SchoolTrx, several: readonly Several[]): Promise<void> {
  if (several.length === 0) return;
  const at = (learnerId: string, lessonId: string, stepKey: string) => `${learnerId} ${lessonId} ${stepKey}`;
  const all = new Map(
    several.map(({ lesson: l, stepKey }): [string, (Stamp & InForceRow)[]] => [at(l.learnerId, l.lessonId, stepKey), []]),
  );
  const rows = await trx('observation')
    .where({ school_id: trx.school, second: false })
    .whereIn('learner_id', [...new Set(several.map((s) => s.lesson.learnerId))])
    .whereIn('lesson_id', [...new Set(several.map((s) => s.lesson.lessonId))])
    .select('learner_id', 'lesson_id', 'step_key', 'code', 'observer', 'id', 'replaces', 'device', 'count', 'happened_at');
  for (const r of rows) {
    const stamp = { id: r.id, replaces: r.replaces, device: r.device, count: r.count, at: (r.happened_at as Date).getTime() };
    const key = at(r.learner_id as string, r.lesson_id as string, r.step_key as string);
    all.get(key)?.push({ ...stamp, stepKey: r.step_key, code: r.code, observer: r.observer });
  }
  for (const { lesson, stepKey } of several) {
    const last = lastOf(all.get(at(lesson.learnerId, lesson.lessonId, stepKey))!);
    if (last && last.code !== 'cleared') lesson.made.push({ stepKey, code: last.code, observer: last.observer, at: last.at });
  }
}

/** Those of one learner, by lesson. */
export const madeBy = (seen: readonly LessonInForce[], learnerId: string): Map<string, InForceRow[]> =>
  new Map(seen.flatMap((l): [string, InForceRow[]][] => (l.learnerId === learnerId ? [[l.lessonId, l.made]] : [])));
