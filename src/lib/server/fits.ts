// A learner's own version of a recipe: differences from the published one, carried over to the next.
import {
  carryOver,
  partOf,
  type Carried,
  type Differences,
  type Fit,
  type Kitchen,
  type Learner,
  type OwnStep,
  type TaskAnalysis,
} from '$core';
import { differencesOf, type OwnCard } from './input/stored';
import type { KitchenRow } from './kitchen';
import type { SchoolTrx } from './school-scope';
import { getVersion, type VersionRow } from './tasks';

/** `inUse`: a person has said that lessons take it. */
export type FitRow = { version: number; differences: Differences; inUse: boolean; revision: number };

export async function getFit(trx: SchoolTrx, recipeId: string, learnerId: string): Promise<FitRow | null> {
  const row = await trx('learner_fit')
    .where({ school_id: trx.school, recipe_id: recipeId, learner_id: learnerId })
    .first('version', 'differences', 'in_use', 'revision');
  return row ? { version: row.version, differences: differencesOf(row.differences), inUse: row.in_use, revision: row.revision } : null;
}

/** Keeps the differences for a version, if nobody saved since `revision` (0: there was none). @returns the new revision, or null when somebody did */
export async function saveFit(
  trx: SchoolTrx,
  recipeId: string,
  learnerId: string,
  revision: number,
  version: number,
  differences: Differences,
  inUse: boolean,
): Promise<number | null> {
  const own = { school_id: trx.school, recipe_id: recipeId, learner_id: learnerId };
  const doc = { version, differences: JSON.stringify(differences), in_use: inUse, updated_at: trx.fn.now() };
  if (revision === 0) {
    const made = await trx('learner_fit')
      .insert({ ...own, ...doc })
      .onConflict(['school_id', 'learner_id', 'recipe_id'])
      .ignore()
      .returning('revision');
    return made[0]?.revision ?? null;
  }
  const rows = await trx('learner_fit')
    .where({ ...own, revision })
    .update({ ...doc, revision: revision + 1 })
    .returning('revision');
  return rows[0]?.revision ?? null;
}

/** The differences as they stand for this version; made for an older one, they are carried over. */
export async function carriedFit(trx: SchoolTrx, recipeId: string, version: VersionRow, row: FitRow | null): Promise<Carried> {
  const none = { ask: [], gone: [] };
  if (!row) return { words: [], answered: [], ...none };
  if (row.version === version.number) return { ...row.differences, ...none };
  const before = await getVersion(trx, recipeId, row.version);
  return carryOver(row.differences, before?.steps ?? [], version.steps);
}

export const kitchenOf = ({ system, measures, tools, places, lacks, heights, controls }: KitchenRow): Kitchen => ({
  system,
  measures,
  tools,
  places,
  ...(lacks ? { lacks } : {}),
  ...(heights ? { heights } : {}),
  ...(controls ? { controls } : {}),
});

export const taskOf = (title: string, version: VersionRow): TaskAnalysis => ({
  title,
  servings: null,
  grain: version.grain,
  ingredients: version.ingredients,
  steps: version.steps,
});

/** The class's steps as this learner does them; a step that only he has stands as a line on the next one, since records hang on the class's keys. */
export function ownCards(fit: Fit, version: VersionRow): OwnCard[] {
  const usual = new Map(version.steps.map((s) => [s.key, s.tools]));
  let before: string[] = [];
  const cards: OwnCard[] = [];
  for (const s of fit.task.steps) {
    const tools = usual.get(s.key);
    if (!tools) {
      before.push(s.text);
      continue;
    }
    const part = s.fitted?.part;
    cards.push({
      key: s.key,
      text: s.text,
      lines: [...before, ...(s.fitted?.lines ?? []), ...(part ? [part] : [])],
      who: s.fitted?.who ?? 'learner',
      ...(s.tools.join() === tools.join() ? {} : { tools: s.tools }),
    });
    before = [];
  }
  return cards;
}

/** What a person decided goes before what the program proposes: own words, and steps given to an adult, in which the learner keeps a part. */
export function asDecided(fit: Fit, differences: Differences, learner: Learner): Fit {
  const own = new Map(differences.words.map((w) => [w.key, w.text]));
  const adult = new Set((differences.adult ?? []).map((g) => g.key));
  const steps = fit.task.steps.map((s): OwnStep => {
    const worded = { ...s, text: own.get(s.key) ?? s.text };
    if (!adult.has(s.key)) return worded;
    return { ...worded, supervision: 'adult-does', fitted: { who: 'adult', by: s.fitted?.by ?? [], lines: [], part: partOf(s, learner) } };
  });
  return { ...fit, task: { ...fit.task, steps } };
}
