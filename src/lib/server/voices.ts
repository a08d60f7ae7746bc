// The class's own voice for a step, in the place of the device's: recorded once, played on cards and screens.
import type { SchoolTrx } from './school-scope';

/** Which steps of a recipe have a recorded voice, with its revision. */
export async function listVoices(trx: SchoolTrx, recipeId: string): Promise<Map<string, number>> {
  const rows = await trx('voice').where({ school_id: trx.school, recipe_id: recipeId }).select('step_key', 'revision');
  return new Map(rows.map((r) => [r.step_key, r.revision]));
}

export async function getVoice(trx: SchoolTrx, recipeId: string, stepKey: string): Promise<{ audio: Buffer; kind: string } | null> {
  const row = await trx('voice').where({ school_id: trx.school, recipe_id: recipeId, step_key: stepKey }).first('audio', 'kind');
  return row ?? null;
}

/** Keeps a recording; one that was there gives way. @returns its revision */
export async function keepVoice(trx: SchoolTrx, recipeId: string, stepKey: string, audio: Buffer, kind: string): Promise<number> {
  const [row] = await trx('voice')
    .insert({ school_id: trx.school, recipe_id: recipeId, step_key: stepKey, audio, kind })
    .onConflict(['school_id', 'recipe_id', 'step_key'])
    .merge({ audio, kind, revision: trx.raw('voice.revision + 1'), updated_at: trx.fn.now() })
    .returning('revision');
  return row!.revision;
}

export async function dropVoice(trx: SchoolTrx, recipeId: string, stepKey: string): Promise<void> {
  await trx('voice').where({ school_id: trx.school, recipe_id: recipeId, step_key: stepKey }).delete();
}

/** Where a step's recording is heard; null where there is none. */
export const voiceAt = (recipeId: string, stepKey: string, voices: ReadonlyMap<string, number>): string | null => {
  const revision = voices.get(stepKey);
  return revision === undefined ? null : `/recipes/${recipeId}/show/voice?step=${encodeURIComponent(stepKey)}&v=${revision}`;
};
