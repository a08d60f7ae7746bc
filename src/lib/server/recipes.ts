// Recipes: the pasted text, what was understood of it, and its corrections.
import type { Reading, Swap } from '$core';
import { storedReading, storedSwaps } from './input/stored';
import type { Knex } from 'knex';
import { ownClass, type SchoolTrx } from './school-scope';

/** `makers`: how many make it, where each learner makes one of their own; `swaps`: substitutes that a person chose. */
export type RecipeRow = {
  id: string;
  title: string;
  source: string;
  reading: Reading;
  servingsWanted: number | null;
  makers: number;
  swaps: Swap[];
  revision: number;
};
export type RecipeSummary = {
  id: string;
  title: string;
  revision: number;
  unread: number;
  ingredients: number;
  instructions: number;
  withoutPicture: number;
  steps: number | null;
  versions: number;
  lessons: number;
  /** Held since somebody last looked back. */
  fresh: number;
  /** Learners with answers in their profile and no own steps settled for it. */
  unfitted: number;
  draftNewer: boolean;
  putAway: boolean;
};

/** Saves a new recipe. The same id twice is one recipe: a double submit answers as the first did. */
export async function addRecipe(trx: SchoolTrx, id: string, source: string, reading: Reading): Promise<void> {
  const title = reading.recipe.title || 'Recipe without a name';
  const whole = storedReading({ ...reading, recipe: { ...reading.recipe, title } });
  await trx('recipe')
    .insert({ school_id: trx.school, id, title, source, reading: JSON.stringify(whole) })
    .onConflict(['school_id', 'id'])
    .ignore();
}

export async function getRecipe(trx: SchoolTrx, id: string): Promise<RecipeRow | null> {
  const row = await trx('recipe')
    .where({ school_id: trx.school, id })
    .first('id', 'title', 'source', 'reading', 'servings_wanted', 'makers', 'swaps', 'revision');
  return row
    ? {
        id: row.id,
        title: row.title,
        source: row.source,
        reading: storedReading(row.reading),
        servingsWanted: row.servings_wanted,
        makers: row.makers,
        swaps: storedSwaps(row.swaps),
        revision: row.revision,
      }
    : null;
}

/** Puts a recipe away, or brings it back: it stays in lessons and records, and stands in no list to choose from. */
export async function putRecipeAway(trx: SchoolTrx, id: string, away: boolean): Promise<void> {
  await trx('recipe')
    .where({ school_id: trx.school, id })
    .update({ put_away_at: away ? trx.fn.now() : null });
}

/** Which revision a recipe is at; null where there is none. */
export async function recipeRevision(trx: SchoolTrx, id: string): Promise<number | null> {
  return (await trx('recipe').where({ school_id: trx.school, id }).first('revision'))?.revision ?? null;
}

/**
 * Saves a corrected reading if nobody saved since `revision`.
 * @returns the new revision, or null when another save came first: then nothing is changed
 */
export async function saveReading(trx: SchoolTrx, id: string, revision: number, reading: Reading): Promise<number | null> {
  const rows = await trx('recipe')
    .where({ school_id: trx.school, id, revision })
    .update({
      reading: JSON.stringify(reading),
      title: reading.recipe.title.trim(),
      revision: revision + 1,
      updated_at: trx.fn.now(),
    })
    .returning('revision');
  return rows[0]?.revision ?? null;
}

/** How a class makes a recipe: for how many, by how many, with which substitutes. Saved as a reading is: null when another save came first. */
export async function saveMaking(
  trx: SchoolTrx,
  id: string,
  revision: number,
  making: { servingsWanted: number | null; makers: number; swaps: Swap[] },
): Promise<number | null> {
  const rows = await trx('recipe')
    .where({ school_id: trx.school, id, revision })
    .update({
      servings_wanted: making.servingsWanted,
      makers: making.makers,
      swaps: JSON.stringify(making.swaps),
      revision: revision + 1,
      updated_at: trx.fn.now(),
    })
    .returning('revision');
  return rows[0]?.revision ?? null;
}

/** Those in use, or those put away; whose title has some words in it. */
const chosen =
  (trx: SchoolTrx, { away = false, find = '' }: { away?: boolean; find?: string }) =>
  (q: Knex.QueryBuilder): void => {
    if (away) void q.whereNotNull('r.put_away_at');
    else void q.whereNull('r.put_away_at');
    for (const word of find.toLowerCase().split(/\s+/).filter(Boolean)) void q.where(trx.raw('position(? in lower(r.title)) > 0', [word]));
  };

/** How many there are of which `listRecipes` gives a page. */
export async function countRecipes(trx: SchoolTrx, find = ''): Promise<number> {
  const row = await trx('recipe as r').where({ 'r.school_id': trx.school }).where(chosen(trx, { find })).count('* as n').first();
  return Number(row?.n ?? 0);
}

/** The titles of those put away, the last first. */
export async function recipesAway(trx: SchoolTrx, find = ''): Promise<{ id: string; title: string }[]> {
  const of = trx('recipe as r')
    .where({ 'r.school_id': trx.school })
    .where(chosen(trx, { away: true, find }));
  return of.orderBy('r.put_away_at', 'desc').select('r.id', 'r.title');
}

/**
 * Recipes to choose from, or one whatever it is: how far each has come with the class that is worked with. The last changed first.
 * @param find words of the title @param page so many of them, from one on; else all
 */
export async function listRecipes(
  trx: SchoolTrx,
  { only, find, page }: { only?: string; find?: string; page?: { from: number; most: number } } = {},
): Promise<RecipeSummary[]> {
  const own = ownClass(trx);
  const asked = trx('recipe as r')
    .where({ 'r.school_id': trx.school, ...(only ? { 'r.id': only } : {}) })
    .where((q) => void (only === undefined && q.where(chosen(trx, { find }))))
    .leftJoin('task_draft as d', function () {
      this.on('d.school_id', 'r.school_id').andOn('d.recipe_id', 'r.id');
    })
    .select(
      'r.id',
      'r.title',
      'r.revision',
      'r.put_away_at',
      // counted by the database when a document is saved
      'r.unread',
      'r.ingredients',
      'r.instructions',
      'd.step_count as steps',
      'd.without_picture',
      trx.raw(`(select count(*)::int from task_version v where v.school_id = r.school_id and v.recipe_id = r.id) as versions`),
      trx.raw(
        `(select count(*)::int from lesson l where l.school_id = r.school_id and l.recipe_id = r.id and l.class_id = ?) as lessons`,
        own,
      ),
      trx.raw(
        `(select count(*)::int from lesson l join class_lesson c on c.school_id = l.school_id and c.id = l.class_lesson_id
        where l.school_id = r.school_id and l.recipe_id = r.id and l.class_id = :own and c.ended_at is not null and c.put_away_at is null
          and c.ended_at > coalesce((select b.until from looked_back b where b.school_id = r.school_id and b.class_id = :own and b.recipe_id = r.id), '-infinity')) as fresh`,
        { own },
      ),
      trx.raw(
        `(select count(*)::int from learner p where p.school_id = r.school_id and p.class_id = ? and p.put_away_at is null and (items(p.needs) > 0 or items(p.profile->'answers') > 0)
           and not exists (select 1 from learner_fit f where f.school_id = r.school_id and f.recipe_id = r.id and f.learner_id = p.id)) as unfitted`,
        own,
      ),
      trx.raw(
        `coalesce(d.revision > (select max(v.from_revision) from task_version v where v.school_id = r.school_id and v.recipe_id = r.id), false) as draft_newer`,
      ),
    )
    .orderBy([{ column: 'r.updated_at', order: 'desc' }, 'r.id']);
  if (page) void asked.offset(page.from).limit(page.most);
  const rows = await asked;
  return rows.map((r) => ({
    id: r.id,
    title: r.title,
    revision: r.revision,
    unread: r.unread,
    ingredients: r.ingredients,
    instructions: r.instructions,
    withoutPicture: r.without_picture ?? 0,
    steps: r.steps,
    versions: r.versions,
    lessons: r.lessons,
    fresh: r.fresh,
    unfitted: r.unfitted,
    draftNewer: r.draft_newer,
    putAway: r.put_away_at !== null,
  }));
}
