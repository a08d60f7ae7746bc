// A person's answer to what the records propose: kept, and done where it was taken.
import type { NextThing } from '$core';
import { check, firstProblem } from './input/check';
import { DecisionInput } from './input/goal';
import { readForm } from './input/request';
import { keepDecision } from './decisions';
import { changeGoal, listGoals } from './goals';
import { recentRecords } from './look-back';
import { reviewOf } from './review';
import type { SchoolTrx } from './school-scope';
import { today } from './today';

export async function decisionFrom(request: Request): Promise<{ value: DecisionInput } | { problem: string }> {
  const field = await readForm(request);
  const checked = check(DecisionInput, {
    id: field('id'),
    about: field('about'),
    taken: field('taken') === 'yes',
    reason: field('reason'),
  });
  return checked.ok ? { value: checked.value } : { problem: firstProblem(checked.problems, 'The answer could not be kept.') };
}

/** The level to aim at from now on: the one proposed, or the one until now where the proposal was not taken. Null where it is about no level. */
const levelOf = (thing: NextThing, taken: boolean): string | null => (taken ? thing.aim : thing.from);

/** @returns false where that is not proposed any more, from the records as they are now */
export async function answer(trx: SchoolTrx, learner: { id: string; name: string }, decision: DecisionInput): Promise<boolean> {
  const goals = await listGoals(trx, learner.id);
  const [looked] = await recentRecords(trx, [learner], goals);
  const { things } = reviewOf(looked, goals);
  // sent twice: it was kept the first time
  if (looked.decisions.some((d) => d.id === decision.id)) return true;
  const thing = things.find((t) => t.about === decision.about);
  if (!thing) return false;
  await keepDecision(trx, learner.id, thing, decision, levelOf(thing, decision.taken));
  const goal = goals.find((g) => g.id === thing.goal);
  if (goal && decision.taken && (thing.kind === 'learnt' || thing.kind === 'slipped'))
    await changeGoal(trx, goal.id, goal.revision, { metOn: thing.kind === 'learnt' ? today() : null });
  return true;
}
