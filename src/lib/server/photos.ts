// Photographs of a class's own in the place of drawings: of one step each, kept in the database.
import type { SchoolTrx } from './school-scope';

/** Which steps of a recipe have a photograph, with its revision. */
export async function listPhotos(trx: SchoolTrx, recipeId: string): Promise<Map<string, number>> {
  const rows = await trx('photo').where({ school_id: trx.school, recipe_id: recipeId }).select('step_key', 'revision');
  return new Map(rows.map((r) => [r.step_key, r.revision]));
}

export async function getPhoto(trx: SchoolTrx, recipeId: string, stepKey: string): Promise<Buffer | null> {
  const row = await trx('photo').where({ school_id: trx.school, recipe_id: recipeId, step_key: stepKey }).first('image');
  return row?.image ?? null;
}

/** Keeps a photograph; one that was there gives way. @returns its revision */
export async function keepPhoto(trx: SchoolTrx, recipeId: string, stepKey: string, image: Buffer): Promise<number> {
  const [row] = await trx('photo')
    .insert({ school_id: trx.school, recipe_id: recipeId, step_key: stepKey, image })
    .onConflict(['school_id', 'recipe_id', 'step_key'])
    .merge({ image, revision: trx.raw('photo.revision + 1'), updated_at: trx.fn.now() })
    .returning('revision');
  return row!.revision;
}

export async function dropPhoto(trx: SchoolTrx, recipeId: string, stepKey: string): Promise<void> {
  await trx('photo').where({ school_id: trx.school, recipe_id: recipeId, step_key: stepKey }).delete();
}

/** The picture of a card with its photograph: it fills the place of the drawing. */
export const photoSvg = (recipeId: string, stepKey: string, revision: number): string =>
  `<image href="/recipes/${recipeId}/show/photo?step=${encodeURIComponent(stepKey)}&amp;v=${revision}" width="240" height="160" preserveAspectRatio="xMidYMid slice"/>`;
