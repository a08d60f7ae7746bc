// What a report says of one learner, and of nobody else: goals with their records, what was decided, what is done differently, and what went alone.
import type { LearnerRecord } from '$core';
import { cardsOf } from './input/stored';
import { cardsOrTell } from './draft-of';
import { kitchenOf, taskOf } from './fits';
import { classLook, getKitchen } from './kitchen';
import { lookOf, type LearnerRow } from './learners';
import type { SchoolTrx } from './school-scope';
import { getVersion, type VersionRow } from './tasks';

/** Steps that are done in another way in the newest lesson of each recipe: the learner's own cards as they were then. */
export async function waysInForce(trx: SchoolTrx, record: LearnerRecord): Promise<{ recipe: string; day: string; ways: string[] }[]> {
  const found = [];
  for (const [recipeId, title] of record.recipes) {
    const lesson = record.lessons.findLast((l) => l.recipeId === recipeId && l.own && l.state !== 'missed');
    if (!lesson) continue;
    const row = await trx('lesson_learner')
      .where({ school_id: trx.school, lesson_id: lesson.id, learner_id: record.learner.id })
      .first('fit');
    const ways = [...new Set(cardsOf(row?.fit).flatMap((c) => c.lines))];
    if (ways.length > 0) found.push({ recipe: title, day: lesson.heldOn, ways });
  }
  return found;
}

/** The newest lesson in which something was done with no help, and its steps; null where there was none. */
export function doneAlone(
  record: LearnerRecord,
): { recipeId: string; title: string; day: string; version: number; keys: string[]; of: number } | null {
  const cooking = new Set(record.steps.filter((s) => s.phase === 'prepare' || s.phase === 'cook').map((s) => `${s.recipeId} ${s.key}`));
  for (const lesson of [...record.lessons].reverse()) {
    const made = (record.made.get(lesson.id) ?? []).filter((r) => r.code !== 'adult' && r.code !== 'not-offered');
    const own = made.filter((r) => r.code === 'independent' || r.code === 'self-corrected').map((r) => r.stepKey);
    if (lesson.state === 'open' || own.length === 0) continue;
    // the cooking itself first: it is what is worth telling at home
    const first = own.filter((key) => cooking.has(`${lesson.recipeId} ${key}`));
    return {
      recipeId: lesson.recipeId,
      title: record.recipes.get(lesson.recipeId) ?? '',
      day: lesson.heldOn,
      version: lesson.version,
      keys: [...first, ...own.filter((key) => !first.includes(key))],
      of: made.length,
    };
  }
  return null;
}

/** Pictures on the page for home: as many as fit on one sheet with their words. */
const MOST_PICTURES = 6;

export type HomePictures = { version: VersionRow; kitchen: Awaited<ReturnType<typeof getKitchen>> };

export async function forPictures(trx: SchoolTrx, recipeId: string, version: number): Promise<HomePictures | null> {
  const row = await getVersion(trx, recipeId, version);
  return row && { version: row, kitchen: await getKitchen(trx) };
}

/** The steps that were done alone, in the order of cooking, with their pictures as this learner sees them. */
export async function picturesAlone(
  { version, kitchen }: HomePictures,
  title: string,
  keys: readonly string[],
  learner: LearnerRow,
): Promise<{ cards: { key: string; text: string; svg: string }[]; sprite: string }> {
  const { svgs, sprite } = await cardsOrTell(taskOf(title, version), kitchenOf(kitchen), {
    ...classLook(kitchen),
    ...lookOf(learner),
  });
  const shown = new Set(keys.slice(0, MOST_PICTURES));
  const cards = version.steps.flatMap((s, i) => (shown.has(s.key) ? [{ key: s.key, text: s.text, svg: svgs[i] ?? '' }] : []));
  return { cards, sprite };
}
