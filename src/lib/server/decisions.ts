// What people decided about what the records propose: taken or not, with a reason. Kept for good; a later one stands in the place of an earlier.
import { stepId, type Decided, type NextThing, type SetAim } from '$core';
import { setAim } from './aims';
import { stepsOf } from './input/stored';
import type { SchoolTrx } from './school-scope';
import { today } from './today';

export type DecisionRow = Decided & {
  id: string;
  learnerId: string;
  goalId: string | null;
  kind: string;
  taken: boolean;
  reason: string;
  saw: string;
  todo: string;
  steps: { recipeId: string; key: string }[];
  /** The level that is aimed at from then on; null where it was about no level. */
  level: string | null;
  decidedOn: string;
};

type Row = {
  [
    column in 'id' | 'learner_id' | 'goal_id' | 'about' | 'kind' | 'newest' | 'taken' | 'reason' | 'saw' | 'todo' | 'level' | 'decided_on'
  ]: never;
} & { steps: unknown };

const decisionOf = (r: Row): DecisionRow => ({
  id: r.id,
  learnerId: r.learner_id,
  goalId: r.goal_id,
  about: r.about,
  kind: r.kind,
  newest: r.newest,
  taken: r.taken,
  reason: r.reason,
  saw: r.saw,
  todo: r.todo,
  steps: stepsOf(r.steps),
  level: r.level,
  decidedOn: r.decided_on,
});

/** Of one learner, or of some; the newest last. */
export async function listDecisions(trx: SchoolTrx, learnerIds: readonly string[]): Promise<DecisionRow[]> {
  const rows: Row[] = await trx('decision')
    .where({ school_id: trx.school })
    .whereIn('learner_id', [...learnerIds])
    .orderBy(['made_at', 'id'])
    .select('*');
  return rows.map(decisionOf);
}

/** The levels that people said to aim at, by recipe and step: the newest of each. */
export const aimsDecided = (decisions: readonly DecisionRow[]): Map<string, SetAim> =>
  new Map(
    decisions.flatMap((d): [string, SetAim][] =>
      d.level === null ? [] : d.steps.map((s) => [stepId(s.recipeId, s.key), { level: d.level!, since: d.newest }]),
    ),
  );

/** Keeps an answer to a proposal. The same id twice is one answer. @param level to aim at from now on */
export async function keepDecision(
  trx: SchoolTrx,
  learnerId: string,
  thing: NextThing,
  answer: { id: string; taken: boolean; reason: string },
  level: string | null,
): Promise<void> {
  await trx('decision')
    .insert({
      school_id: trx.school,
      id: answer.id,
      learner_id: learnerId,
      goal_id: thing.goal,
      about: thing.about.slice(0, 300),
      kind: thing.kind,
      newest: thing.newest,
      taken: answer.taken,
      reason: answer.reason,
      saw: thing.saw.slice(0, 1000),
      todo: thing.do.slice(0, 1000),
      steps: JSON.stringify(thing.steps.slice(0, 500)),
      level,
      decided_on: today(),
    })
    .onConflict(['school_id', 'id'])
    .ignore();
  if (level !== null) await aimInLessons(trx, learnerId, thing.steps, level);
}

/** The last lesson held of each recipe, and those of it on the list: what begins next takes its aims from there. */
async function aimInLessons(trx: SchoolTrx, learnerId: string, steps: NextThing['steps'], level: string): Promise<void> {
  for (const recipeId of new Set(steps.map((s) => s.recipeId))) {
    const rows = await trx('lesson as l')
      .join('lesson_learner as ll', function () {
        this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
      })
      .join('class_lesson as c', function () {
        this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
      })
      .where({ 'l.school_id': trx.school, 'l.recipe_id': recipeId, 'll.learner_id': learnerId })
      .whereNotNull('c.begun_at')
      .orderBy([
        { column: 'l.held_on', order: 'desc' },
        { column: 'l.created_at', order: 'desc' },
      ])
      .limit(1)
      .select('l.id');
    for (const { id } of rows)
      for (const { key } of steps.filter((s) => s.recipeId === recipeId)) await setAim(trx, id as string, learnerId, key, level);
  }
}
