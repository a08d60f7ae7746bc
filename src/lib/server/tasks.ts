// Task analyses: the draft that is worked on, and the versions that never change.
import { isDeepStrictEqual } from 'node:util';
import type { Grain, Ingredient, Step } from '$core';
import { LRUCache } from 'lru-cache';
import { settledOf, storedIngredients, storedSteps } from './input/stored';
import type { SchoolTrx } from './school-scope';

/** `recipeRevision`: the reading that the steps were built from. */
export type DraftRow = { grain: Grain; steps: Step[]; revision: number; recipeRevision: number; routines: Map<string, number> };
export type VersionRow = {
  number: number;
  grain: Grain;
  ingredients: Ingredient[];
  note: string;
  publishedAt: string;
  fromRevision: number;
  steps: Step[];
};

export async function getDraft(trx: SchoolTrx, recipeId: string): Promise<DraftRow | null> {
  const row = await trx('task_draft')
    .where({ school_id: trx.school, recipe_id: recipeId })
    .first('grain', 'steps', 'revision', 'recipe_revision', 'routines');
  return row
    ? {
        grain: row.grain,
        steps: await storedSteps(row.steps),
        revision: row.revision,
        recipeRevision: row.recipe_revision,
        routines: settledOf(row.routines),
      }
    : null;
}

/** Which revision a draft is at; null where there is none. */
export async function draftRevision(trx: SchoolTrx, recipeId: string): Promise<number | null> {
  return (await trx('task_draft').where({ school_id: trx.school, recipe_id: recipeId }).first('revision'))?.revision ?? null;
}

/** Starts the draft of a recipe; where there is one already, that one stands. */
export async function startDraft(trx: SchoolTrx, recipeId: string, recipeRevision: number, grain: Grain, steps: Step[]): Promise<void> {
  await trx('task_draft')
    .insert({
      school_id: trx.school,
      recipe_id: recipeId,
      recipe_revision: recipeRevision,
      grain,
      steps: JSON.stringify(await storedSteps(steps)),
    })
    .onConflict(['school_id', 'recipe_id'])
    .ignore();
}

/** Saves the draft if nobody saved since `revision`; null when somebody did, and nothing is changed. */
export async function saveDraft(
  trx: SchoolTrx,
  recipeId: string,
  revision: number,
  steps: Step[],
  built?: { grain: Grain; recipeRevision: number },
): Promise<number | null> {
  const rows = await trx('task_draft')
    .where({ school_id: trx.school, recipe_id: recipeId, revision })
    .update({
      steps: JSON.stringify(steps),
      ...(built ? { grain: built.grain, recipe_revision: built.recipeRevision } : {}),
      revision: revision + 1,
      updated_at: trx.fn.now(),
    })
    .returning('revision');
  return rows[0]?.revision ?? null;
}

/**
 * Publishes the draft as the next version. The row lock makes two at once come one after the other, and publishing what the newest version
 * says already makes no other: its number comes back.
 * @returns the number, or null when the draft was changed since `revision`
 */
export async function publish(
  trx: SchoolTrx,
  recipeId: string,
  revision: number,
  ingredients: Ingredient[],
  note: string,
): Promise<number | null> {
  const draft = await trx('task_draft')
    .where({ school_id: trx.school, recipe_id: recipeId, revision })
    .forUpdate()
    .first('grain', 'steps', 'revision');
  if (!draft) return null;
  const last = await getVersion(trx, recipeId);
  const steps = draft.steps as Step[];
  const same = (a: unknown, b: unknown) => isDeepStrictEqual(a, b);
  if (last && last.grain === draft.grain && same(last.steps, steps) && same(last.ingredients, asStored(ingredients))) return last.number;
  const number = (last?.number ?? 0) + 1;
  await trx('task_version').insert({
    school_id: trx.school,
    recipe_id: recipeId,
    number,
    grain: draft.grain,
    ingredients: JSON.stringify(ingredients),
    note,
    from_revision: revision,
  });
  await trx.batchInsert(
    'task_step',
    steps.map((step, position) => ({
      school_id: trx.school,
      recipe_id: recipeId,
      number,
      key: step.key,
      position,
      step: JSON.stringify(step),
    })),
    200,
  );
  return number;
}

/** Published versions never change: what was read of one is kept, ten thousand steps in all, of some 2 kB each in memory. */
const known = new LRUCache<string, VersionRow>({ maxSize: 10_000 });

/** One published version; the newest where no number is given. Frozen: all who ask share it. */
export async function getVersion(trx: SchoolTrx, recipeId: string, number?: number): Promise<VersionRow | null> {
  const query = trx('task_version').where({ school_id: trx.school, recipe_id: recipeId });
  // the database says whether it is there for whom asks, also of one that is known
  const head = await (number ? query.where({ number }) : query.orderBy('number', 'desc')).first('number', 'published_at');
  if (!head) return null;
  const at = { school_id: trx.school, recipe_id: recipeId, number: head.number };
  const publishedAt = (head.published_at as Date).toISOString();
  const key = [trx.school, recipeId, head.number, publishedAt].join(' ');
  const kept = known.get(key);
  if (kept) return kept;
  const row = await trx('task_version').where(at).first('grain', 'ingredients', 'note', 'from_revision');
  const steps = await trx('task_step').where(at).orderBy('position').pluck('step');
  const version: VersionRow = {
    number: head.number,
    grain: row.grain,
    ingredients: storedIngredients(row.ingredients),
    note: row.note,
    publishedAt,
    fromRevision: row.from_revision,
    steps: await storedSteps(steps, `Version ${head.number}`),
  };
  known.set(key, frozen(version), { size: version.steps.length + 1 });
  return version;
}

/** A value of JSON that nobody can change any more. */
function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null) return value;
  for (const part of Object.values(value)) frozen(part);
  return Object.freeze(value);
}

/** As it comes back from the database: without what is undefined. */
const asStored = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

export type VersionSummary = { number: number; note: string; publishedAt: string; steps: number };

/** All published versions, the newest first. */
export async function listVersions(trx: SchoolTrx, recipeId: string): Promise<VersionSummary[]> {
  const rows = await trx('task_version as v')
    .where({ 'v.school_id': trx.school, 'v.recipe_id': recipeId })
    .select(
      'v.number',
      'v.note',
      'v.published_at',
      trx.raw(
        '(select count(*)::int from task_step s where s.school_id = v.school_id and s.recipe_id = v.recipe_id and s.number = v.number) as steps',
      ),
    )
    .orderBy('v.number', 'desc');
  return rows.map((r) => ({ number: r.number, note: r.note, publishedAt: r.published_at.toISOString(), steps: r.steps }));
}

/** Remembers that this draft was asked about a routine's revision, so that it is not asked again. */
export async function settleRoutine(trx: SchoolTrx, recipeId: string, routineId: string, revision: number): Promise<void> {
  await trx('task_draft')
    .where({ school_id: trx.school, recipe_id: recipeId })
    .update({ routines: trx.raw(`routines || jsonb_build_object(?::text, ?::int)`, [routineId, revision]) });
}
