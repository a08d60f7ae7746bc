// What was recorded in lessons. Records are only ever added; which of several of a step is in force is core's to say.
import { lastOf, standingOf, type Detail, type Stamp } from '$core';
import { keepOver } from './kept';
import type { SchoolTrx } from './school-scope';

/** `at`: when it was made by the server's clock, in milliseconds. */
export type ObservationRow = Stamp & { lessonId: string; learnerId: string; stepKey: string; code: string; detail: Detail | null };
export type NewObservation = {
  id: string;
  learnerId: string;
  stepKey: string;
  code: string;
  observer: string;
  how: string;
  madeAt: string;
  /** By the server's clock, where it is known; else the moment at which it arrives. */
  happenedAt?: string;
  replaces?: string | null;
  device?: string | null;
  count?: number | null;
  detail?: Detail | null;
  /** Scored by a second adult, for agreement: never in force. */
  second?: boolean | null;
};
export type NewNote = { id: string; learnerId: string; stepKey?: string | null; text: string; madeAt: string };

const OF_RECORD = ['id', 'lesson_id', 'learner_id', 'step_key', 'code', 'replaces', 'device', 'count', 'happened_at', 'detail'];

type RecordRow = {
  [column in 'id' | 'lesson_id' | 'learner_id' | 'step_key' | 'code' | 'replaces' | 'device' | 'count' | 'detail']: never;
} & {
  happened_at: Date;
};

const observationOf = (r: RecordRow): ObservationRow => ({
  id: r.id,
  lessonId: r.lesson_id,
  learnerId: r.learner_id,
  stepKey: r.step_key,
  code: r.code,
  replaces: r.replaces,
  device: r.device,
  count: r.count,
  at: r.happened_at.getTime(),
  detail: r.detail,
});

/** Of all records those in force: one for each learner, lesson and step, unless it was cleared. */
export const inForce = (all: readonly ObservationRow[]): ObservationRow[] =>
  byStep(all)
    .map((ofStep) => lastOf(ofStep)!)
    .filter((o) => o.code !== 'cleared');

function byStep(all: readonly ObservationRow[]): ObservationRow[][] {
  const steps = new Map<string, ObservationRow[]>();
  for (const o of all) {
    const key = `${o.lessonId} ${o.learnerId} ${o.stepKey}`;
    if (!steps.has(key)) steps.set(key, []);
    steps.get(key)!.push(o);
  }
  return [...steps.values()];
}

/** What is in force in some lessons, whoever made it (`second` false), or as a second adult scored it. */
export const scoredIn = async (trx: SchoolTrx, lessonIds: readonly string[], second: boolean): Promise<ObservationRow[]> =>
  inForce(await allMade(trx, lessonIds, second));

/** Of all records those that stand beside the one in force: two adults recorded the same step and did not see each other's. */
export const doublesOf = (made: readonly ObservationRow[]): ObservationRow[] =>
  byStep(made).flatMap((all) => {
    const last = lastOf(all);
    return standingOf(all)
      .filter((o) => o.id !== last?.id && o.code !== 'cleared' && last?.code !== 'cleared')
      .slice(0, 1);
  });

/**
 * All that was recorded in some lessons, also what was taken back or replaced: a device works out what is in force from the whole, as the server does.
 * One question, however many are there.
 */
export async function allMade(trx: SchoolTrx, lessonIds: readonly string[], second: boolean): Promise<ObservationRow[]> {
  if (lessonIds.length === 0) return [];
  const rows = await trx('observation')
    .where({ school_id: trx.school, second })
    .whereIn('lesson_id', [...lessonIds])
    .select(OF_RECORD);
  return rows.map(observationOf);
}

/** Records as they were made, by id: for those who have their lesson open. */
export async function madeRecords(trx: SchoolTrx, ids: readonly string[]): Promise<ObservationRow[]> {
  const rows = await trx('observation')
    .where({ school_id: trx.school, second: false })
    .whereIn('id', [...ids])
    .select(OF_RECORD);
  return rows.map(observationOf);
}

export async function notesOf(
  trx: SchoolTrx,
  learnerId: string,
  lessonIds: string[],
): Promise<{ id: string; lessonId: string; stepKey: string | null; text: string }[]> {
  if (lessonIds.length === 0) return [];
  const rows = await trx('lesson_note')
    .where({ school_id: trx.school, learner_id: learnerId })
    .whereIn('lesson_id', lessonIds)
    .orderBy('made_at')
    .select('id', 'lesson_id', 'step_key', 'text');
  return rows.map((r) => ({ id: r.id, lessonId: r.lesson_id, stepKey: r.step_key, text: r.text }));
}

/**
 * Adds what a device recorded. What came before under the same id stays as it is.
 * @returns the ids of observations that were there already
 */
export async function addRecords(
  trx: SchoolTrx,
  lessonId: string,
  observations: NewObservation[],
  notes: NewNote[],
  finished: string[],
): Promise<string[]> {
  const at = { school_id: trx.school, lesson_id: lessonId };
  let added: string[] = [];
  if (observations.length > 0)
    added = (
      await trx('observation')
        .insert(
          observations.map((o) => ({
            ...at,
            id: o.id,
            learner_id: o.learnerId,
            step_key: o.stepKey,
            code: o.code,
            observer: o.observer,
            how: o.how,
            made_at: o.madeAt,
            happened_at: o.happenedAt ?? null,
            replaces: o.replaces ?? null,
            device: o.device ?? null,
            count: o.count ?? null,
            detail: o.detail ?? null,
            second: o.second ?? false,
          })),
        )
        .onConflict(['school_id', 'id'])
        .ignore()
        .returning('id')
    ).map((r) => r.id as string);
  const isNew = new Set(added);
  const there = observations.map((o) => o.id).filter((id) => !isNew.has(id));
  if (notes.length > 0)
    await trx('lesson_note')
      .insert(
        notes.map((n) => ({ ...at, id: n.id, learner_id: n.learnerId, step_key: n.stepKey ?? null, text: n.text, made_at: n.madeAt })),
      )
      .onConflict(['school_id', 'id'])
      .ignore();
  if (finished.length === 0) return there;
  await trx('lesson_learner').where(at).whereIn('learner_id', finished).whereNot('state', 'missed').update({ state: 'finished' });
  await endIfThrough(trx, lessonId);
  await keepOver(trx);
  return there;
}

/** The lesson of the class is over when nobody in it is at work any more. */
async function endIfThrough(trx: SchoolTrx, lessonId: string): Promise<void> {
  const whole = trx('lesson').where({ school_id: trx.school, id: lessonId }).select('class_lesson_id');
  const open = trx('lesson as l')
    .join('lesson_learner as ll', function () {
      this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
    })
    .where({ 'l.school_id': trx.school, 'll.state': 'open' })
    .whereRaw('l.class_lesson_id = class_lesson.id');
  await trx('class_lesson')
    .where({ school_id: trx.school })
    .whereIn('id', whole)
    .whereNull('ended_at')
    .whereNotExists(open)
    .update({ ended_at: trx.fn.now() });
}

/**
 * Records and notes that are there already, of those ids, and what each is of.
 * @param notNotes ids that are asked about among the notes only
 */
export async function recordsById(
  trx: SchoolTrx,
  ids: string[],
  notNotes: string[] = [],
): Promise<Map<string, { lessonId: string; learnerId: string; stepKey: string | null; note: boolean }>> {
  const of = (table: string, some: string[]) =>
    some.length === 0
      ? []
      : trx(table).where({ school_id: trx.school }).whereIn('id', some).select('id', 'lesson_id', 'learner_id', 'step_key');
  const found = [
    ...(await of('observation', ids)).map((r) => ({ ...r, note: false })),
    ...(await of('lesson_note', [...ids, ...notNotes])).map((r) => ({ ...r, note: true })),
  ];
  return new Map(found.map((r) => [r.id, { lessonId: r.lesson_id, learnerId: r.learner_id, stepKey: r.step_key, note: r.note }]));
}
