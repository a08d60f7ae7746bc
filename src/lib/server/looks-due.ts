// What was learnt and is to be looked at again about now: for Today.
import { isPutForward } from '$core';
import { listGoals } from './goals';
import { listLearners } from './learners';
import { recentRecords } from './look-back';
import { reviewGoal } from './review';
import type { SchoolTrx } from './school-scope';
import { today } from './today';

export type LookDue = { learner: string; name: string; goal: string; what: string; due: string; weeks: number };

/** The first due stands first. Only learners with something learnt are asked about. */
export async function looksDue(trx: SchoolTrx): Promise<LookDue[]> {
  const learnt = (await listGoals(trx)).filter((g) => g.metOn !== null && g.putAwayOn === null);
  if (learnt.length === 0) return [];
  const learners = (await listLearners(trx)).filter((l) => learnt.some((g) => g.learnerId === l.id));
  const looked = await recentRecords(trx, learners, learnt);
  return looked
    .flatMap(({ record }) =>
      learnt
        .filter((g) => g.learnerId === record.learner.id)
        .flatMap((g): LookDue[] => {
          const { progress, name } = reviewGoal(g, record);
          const { probe } = progress;
          if (!probe || progress.slipped || !isPutForward(probe, today())) return [];
          return [{ learner: record.learner.id, name: record.learner.name, goal: g.id, what: name, due: probe.due, weeks: probe.weeks }];
        }),
    )
    .sort((a, b) => (a.due < b.due ? -1 : a.due > b.due ? 1 : 0));
}
