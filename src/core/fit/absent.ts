// A learner for whom nearly everything is absent is fitted by rule: not fifty rows of "adult does", but what the learner does in each stretch, and why.
import { DEMANDS } from '../technique/model';
import type { Phase } from '../technique/model';
import { ownPortion, dishOf } from './dish';
import type { Prepared } from './best';
import { barriersOf } from './meet';
import type { Fit, FittedStep, Learner, OwnStep } from './model';
import { partOf } from './parts';
import { questionsOf } from './questions';

/** From this share of all demands on a search only says what is known: a person does the handwork. */
const NEARLY_ALL = 0.7;

export const isEverythingAbsent = (learner: Learner): boolean =>
  new Set(learner.needs.filter((n) => n.of === undefined && n.how !== 'limited').map((n) => n.demand)).size >= DEMANDS.length * NEARLY_ALL;

const STRETCH: Record<Phase, string> = {
  ready: 'getting ready',
  gather: 'getting the things',
  prepare: 'preparing',
  cook: 'cooking',
  serve: 'serving',
  store: 'putting away',
  clean: 'cleaning',
};

/** Each stretch has at least one act of the learner's own; in the other steps an adult works and says what happens. */
export function everythingAbsent(prepared: Prepared, learner: Learner): Fit {
  const seen = new Set<string>();
  const steps = prepared.task.steps.map((s): OwnStep => {
    const part = partOf(s, learner);
    const first = !seen.has(`${s.phase}${part}`);
    seen.add(`${s.phase}${part}`);
    const load = prepared.loads.get(s.key);
    return {
      ...s,
      ...(load ? { load } : {}),
      supervision: 'adult-does',
      fitted: { who: 'adult', by: [], lines: first ? [`The learner: ${part}`] : [], part },
    };
  });
  const task = ownPortion({ ...prepared.task, steps }, learner);
  return {
    task,
    steps: task.steps.map((s): FittedStep => ({
      key: s.key,
      who: 'adult',
      barriers: barriersOf({ ...s, fitted: { who: 'learner', by: [], lines: [], part: null } }, learner, prepared.kitchen, s.load),
      chosen: [],
      others: [],
      change: 'modification',
      why: `While ${STRETCH[s.phase]} an adult does the handwork, since nearly everything it asks was answered “not”. ${s.fitted!.part}`,
      part: s.fitted!.part,
      still: [...s.hazards],
    })),
    left: task.steps.flatMap((s) => barriersOf(s, learner, prepared.kitchen, s.load)),
    toBuy: [],
    opens: [],
    questions: questionsOf(prepared, learner),
    conflicts: [],
    dish: dishOf(prepared.task, learner),
    shown: [],
  };
}
