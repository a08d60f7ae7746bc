// Goals of learners: what each is about, and how well and by when, each as it was from a day on.
import type { Criterion, Goal, Scope } from '$core';
import { criterionOf, scopeOf } from './input/stored';
import { ownClass, type SchoolTrx } from './school-scope';
import { today } from './today';

export type GoalRow = Goal & { learnerId: string; revision: number };

type Row = {
  [column in 'id' | 'learner_id' | 'condition' | 'hierarchy' | 'met_on' | 'put_away_on' | 'revision']: never;
} & { scope: unknown; since: { day: string; criterion: unknown }[] };

function goalOf(r: Row): GoalRow[] {
  const scope = scopeOf(r.scope);
  const since = r.since.flatMap(({ day, criterion }) => {
    const good = criterionOf(criterion);
    return good ? [{ day, criterion: good }] : [];
  });
  const newest = since.at(-1);
  // one that cannot be read must not hide the others
  if (!scope || !newest) return [];
  return [
    {
      id: r.id,
      learnerId: r.learner_id,
      scope,
      condition: r.condition,
      hierarchy: r.hierarchy,
      criterion: newest.criterion,
      since,
      metOn: r.met_on,
      putAwayOn: r.put_away_on,
      revision: r.revision,
    },
  ];
}

function goals(trx: SchoolTrx) {
  return trx('goal as g')
    .where('g.school_id', trx.school)
    .orderBy(['g.created_at', 'g.id'])
    .select(
      'g.*',
      trx.raw(`(select json_agg(json_build_object('day', c.day, 'criterion', c.criterion) order by c.number) from goal_criterion c
        where c.school_id = g.school_id and c.goal_id = g.id) as since`),
    );
}

/** Goals of one learner, or of the whole class, those put away too; the oldest first. */
export async function listGoals(trx: SchoolTrx, learnerId?: string): Promise<GoalRow[]> {
  const ofClass = trx('learner')
    .where({ school_id: trx.school, class_id: ownClass(trx) })
    .select('id');
  const rows: Row[] = await (learnerId === undefined
    ? goals(trx).whereIn('g.learner_id', ofClass)
    : goals(trx).where('g.learner_id', learnerId));
  return rows.flatMap(goalOf);
}

export async function getGoal(trx: SchoolTrx, id: string): Promise<GoalRow | null> {
  const rows: Row[] = await goals(trx).where('g.id', id);
  return rows.flatMap(goalOf)[0] ?? null;
}

type NewGoal = { id: string; scope: Scope; condition: string; hierarchy: string; criterion: Criterion };

/** Adds a goal. The same id twice is one goal. @param day from which its criterion holds */
export async function addGoal(trx: SchoolTrx, learnerId: string, goal: NewGoal, day = today()): Promise<void> {
  const { id, scope, condition, hierarchy, criterion } = goal;
  const made = await trx('goal')
    .insert({ school_id: trx.school, id, learner_id: learnerId, scope: JSON.stringify(scope), condition, hierarchy })
    .onConflict(['school_id', 'id'])
    .ignore()
    .returning('id');
  if (made.length > 0) await putCriterion(trx, id, 1, criterion, day);
}

const putCriterion = (trx: SchoolTrx, goalId: string, number: number, criterion: Criterion, day: string) =>
  trx('goal_criterion').insert({ school_id: trx.school, goal_id: goalId, number, day, criterion: JSON.stringify(plain(criterion)) });

const plain = ({ independence, lessons, safety, people, level, by }: Criterion): Criterion => ({
  independence,
  lessons,
  safety: safety ?? false,
  people: people ?? 1,
  level,
  by,
});

/**
 * Changes a goal, if nobody did since `revision`. Another criterion is kept beside the one before, from today on.
 * @returns the new revision, or null where somebody changed it in between
 */
export async function changeGoal(
  trx: SchoolTrx,
  id: string,
  revision: number,
  change: Partial<Pick<NewGoal, 'scope' | 'condition' | 'hierarchy' | 'criterion'>> & { metOn?: string | null; putAwayOn?: string | null },
): Promise<number | null> {
  const { scope, condition, hierarchy, criterion, metOn, putAwayOn } = change;
  const rows = await trx('goal')
    .where({ school_id: trx.school, id, revision })
    .update({
      ...(scope && { scope: JSON.stringify(scope) }),
      ...(condition !== undefined && { condition }),
      ...(hierarchy !== undefined && { hierarchy }),
      ...(metOn !== undefined && { met_on: metOn }),
      ...(putAwayOn !== undefined && { put_away_on: putAwayOn }),
      revision: revision + 1,
    })
    .returning('revision');
  if (!rows[0]) return null;
  if (criterion) {
    const last = await trx('goal_criterion')
      .where({ school_id: trx.school, goal_id: id })
      .orderBy('number', 'desc')
      .first('number', 'criterion');
    const had = criterionOf(last?.criterion);
    if (!had || JSON.stringify(plain(had)) !== JSON.stringify(plain(criterion)))
      await putCriterion(trx, id, Number(last?.number ?? 0) + 1, criterion, today());
  }
  return rows[0].revision;
}
