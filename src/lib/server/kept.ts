// What a lesson came to, kept beside it once it is over, so that looking back over years need not read its records again.
import { inForceOf, keptAs } from './in-force';
import type { SchoolTrx } from './school-scope';

/** So many learners' lessons at once: a class of ten that comes from before anything was kept has its year in a few lessons' ends. */
const AT_ONCE = 200;

/**
 * Keeps what lessons that are over came to. A record that comes late makes it void (`not_kept` in the database), and the next lesson that ends keeps it anew.
 * The rows are held for update: whoever records meanwhile waits, and is seen. One that somebody records in just now is left for the next time.
 * @returns of how many learners' lessons
 */
export async function keepOver(trx: SchoolTrx, most = AT_ONCE): Promise<number> {
  const over: { lesson_id: string; learner_id: string }[] = await trx('lesson_learner')
    .where({ school_id: trx.school })
    .whereNull('kept')
    .whereNot('state', 'open')
    .orderBy('lesson_id')
    .limit(most)
    .forUpdate()
    .skipLocked()
    .select('lesson_id', 'learner_id');
  if (over.length === 0) return 0;
  const of = (at: { lesson_id: string; learner_id: string }) => `${at.lesson_id} ${at.learner_id}`;
  // asked after the rows are held: what was recorded before that is all there
  const seen = await inForceOf(trx, [...new Set(over.map((o) => o.learner_id))], [...new Set(over.map((o) => o.lesson_id))]);
  const texts = new Map(seen.map((l) => [of({ lesson_id: l.lessonId, learner_id: l.learnerId }), keptAs(l.made)]));
  await trx.raw(
    `update lesson_learner ll set kept = v.kept
      from unnest(?::uuid[], ?::uuid[], ?::text[]) as v(lesson_id, learner_id, kept)
      where ll.school_id = ? and ll.lesson_id = v.lesson_id and ll.learner_id = v.learner_id`,
    [over.map((o) => o.lesson_id), over.map((o) => o.learner_id), over.map((o) => texts.get(of(o)) ?? ''), trx.school],
  );
  return over.length;
}
