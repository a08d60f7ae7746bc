// Photographs of a class's own, kept in the database: of a step in the place of its drawing, of a tool, of a place, of a learner.
import { ownClass, type SchoolTrx } from './school-scope';

/** What a photograph is of: a step of a recipe; a tool or a place of the class's kitchen, named as `thingOf` names it; a learner. */
export type PhotoOf = { recipe: string; step: string } | { thing: string } | { learner: string };

/** A tool or a place as its photograph is kept under: a tool by its id, a place by its name in small letters. */
export const thingOf = (kind: 'tool' | 'place', name: string): string => `${kind}:${kind === 'place' ? name.trim().toLowerCase() : name}`;

/** Where a photograph is kept. A thing is of the kitchen of the class that is worked with. */
function rowOf(trx: SchoolTrx, of: PhotoOf): { table: string; at: object } {
  const school_id = trx.school;
  if ('learner' in of) return { table: 'learner_photo', at: { school_id, learner_id: of.learner } };
  if ('step' in of) return { table: 'photo', at: { school_id, recipe_id: of.recipe, step_key: of.step } };
  return { table: 'kitchen_photo', at: { school_id, class_id: ownClass(trx), thing: of.thing } };
}

export async function getPhoto(trx: SchoolTrx, of: PhotoOf): Promise<Buffer | null> {
  const { table, at } = rowOf(trx, of);
  const row = await trx(table).where(at).first('image');
  return row?.image ?? null;
}

/** Keeps a photograph; one that was there gives way. @returns its revision */
export async function keepPhoto(trx: SchoolTrx, of: PhotoOf, image: Buffer): Promise<number> {
  const { table, at } = rowOf(trx, of);
  const [row] = await trx(table)
    .insert({ ...at, image })
    .onConflict(Object.keys(at))
    .merge({ image, revision: trx.raw('??.revision + 1', [table]), updated_at: trx.fn.now() })
    .returning('revision');
  return row!.revision;
}

export async function dropPhoto(trx: SchoolTrx, of: PhotoOf): Promise<void> {
  const { table, at } = rowOf(trx, of);
  await trx(table).where(at).delete();
}

/** Which steps of a recipe have a photograph, with its revision. */
export async function listPhotos(trx: SchoolTrx, recipeId: string): Promise<Map<string, number>> {
  const rows = await trx('photo').where({ school_id: trx.school, recipe_id: recipeId }).select('step_key', 'revision');
  return new Map(rows.map((r) => [r.step_key, r.revision]));
}

/** Which tools and places of the class have one: addresses by thing. */
export async function thingPhotos(trx: SchoolTrx): Promise<Map<string, string>> {
  const rows = await trx('kitchen_photo')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .orderBy('thing')
    .select('thing', 'revision');
  return new Map(rows.map((r) => [r.thing, `/kitchen/photo?thing=${encodeURIComponent(r.thing).replaceAll("'", '%27')}&v=${r.revision}`]));
}

/** Which of these learners have one: addresses by learner. */
export async function facesOf(trx: SchoolTrx, learners: readonly string[]): Promise<Map<string, string>> {
  const rows = await trx('learner_photo').where({ school_id: trx.school }).whereIn('learner_id', learners).select('learner_id', 'revision');
  return new Map(rows.map((r) => [r.learner_id, `/learners/${r.learner_id}/photo?v=${r.revision}`]));
}

/** Addresses of photographs and voices that a text refers to, each once: a device that takes a page along takes these too. */
export const addressesIn = (text: string): string[] => [
  ...new Set([...text.matchAll(OWN_ADDRESS)].map(([address]) => address.replaceAll('&amp;', '&'))),
];
/** The address of a photograph or a voice, in markup or in words. */
export const OWN_ADDRESS = /\/(?:recipes\/[0-9a-f-]{36}\/show|kitchen|learners\/[0-9a-f-]{36})\/(?:photo|voice)\?[^"'\\<\s]+/g;

/** A photograph in the place of a whole picture. */
export const imageSvg = (address: string): string =>
  `<image href="${address.replaceAll('&', '&amp;')}" width="240" height="160" preserveAspectRatio="xMidYMid slice"/>`;

/** The picture of a card with its photograph. */
export const photoSvg = (recipeId: string, stepKey: string, revision: number): string =>
  imageSvg(`/recipes/${recipeId}/show/photo?step=${encodeURIComponent(stepKey)}&v=${revision}`);
