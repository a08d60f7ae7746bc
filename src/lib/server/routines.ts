// The class's own routines: runs of steps that are used in several recipes, and improved in one place.
import type { Step } from '$core';
import type { SchoolTrx } from './school-scope';

/** `revision` counts its improvements. Keys of its steps begin with "rt-" and the first part of its id, so that a task shows where they came from. */
export type RoutineRow = { id: string; name: string; steps: Step[]; revision: number };

export async function listRoutines(trx: SchoolTrx): Promise<RoutineRow[]> {
  const rows = await trx('routine').where({ school_id: trx.school }).orderBy('name').select('id', 'name', 'steps', 'revision');
  return rows.map((r) => ({ id: r.id, name: r.name, steps: r.steps, revision: r.revision }));
}

/** Adds a routine; the same id again is an improvement of it. */
export async function saveRoutine(trx: SchoolTrx, routine: { id: string; name: string; steps: Step[] }): Promise<number> {
  const rows = await trx('routine')
    .insert({ school_id: trx.school, id: routine.id, name: routine.name, steps: JSON.stringify(routine.steps) })
    .onConflict(['school_id', 'id'])
    .merge({
      name: routine.name,
      steps: JSON.stringify(routine.steps),
      revision: trx.raw('routine.revision + 1'),
      updated_at: trx.fn.now(),
    })
    .returning('revision');
  return rows[0].revision;
}
