// The class's own routines: runs of steps that are used in several recipes, and improved in one place.
import type { Step } from '$core';
import { isGoodRoutine } from './input/stored';
import type { SchoolTrx } from './school-scope';

/** `revision` counts its improvements. Keys of its steps begin with "rt-" and the first part of its id, so that a task shows where they came from. */
export type RoutineRow = { id: string; name: string; steps: Step[]; revision: number };

export async function listRoutines(trx: SchoolTrx): Promise<RoutineRow[]> {
  const rows = await trx('routine').where({ school_id: trx.school }).orderBy('name').select('id', 'name', 'steps', 'revision');
  // one that cannot be read is left out: it must not hide the others
  return rows.filter((r) => isGoodRoutine(r.steps)).map((r) => ({ id: r.id, name: r.name, steps: r.steps, revision: r.revision }));
}

/**
 * Adds a routine (`revision` 0), or improves one if nobody did since `revision`.
 * @returns the new revision, or null when another save came first: then nothing is changed
 */
export async function saveRoutine(
  trx: SchoolTrx,
  routine: { id: string; revision: number; name: string; steps: Step[] },
): Promise<number | null> {
  const key = { school_id: trx.school, id: routine.id };
  const own = { name: routine.name.trim(), steps: JSON.stringify(routine.steps) };
  const rows =
    routine.revision === 0
      ? await trx('routine')
          .insert({ ...key, ...own })
          .onConflict(['school_id', 'id'])
          .ignore()
          .returning('revision')
      : await trx('routine')
          .where({ ...key, revision: routine.revision })
          .update({ ...own, revision: routine.revision + 1, updated_at: trx.fn.now() })
          .returning('revision');
  return rows[0]?.revision ?? null;
}

/** Which revision a routine is at; null where there is none. */
export async function routineRevision(trx: SchoolTrx, id: string): Promise<number | null> {
  return (await trx('routine').where({ school_id: trx.school, id }).first('revision'))?.revision ?? null;
}
