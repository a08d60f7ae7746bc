// Goals of the demo class: one under way with an aim line, one that is nearly there, a technique over recipes, and one that was learnt and waits to be looked at.
import { USUAL_MASTERY, type Criterion, type Scope } from '$core';
import { addGoal, changeGoal } from '../goals';
import type { SchoolTrx } from '../school-scope';
import { LEARNERS, RECIPES } from './class';
import { demoId } from './lessons';

const CONDITION = 'With picture cards and the tools of the plan';
/** When the goals were set: after the baseline. */
const SET = '2026-09-22';
const MET = '2026-11-03';

export async function loadGoals(trx: SchoolTrx): Promise<void> {
  const [bowl, oats] = RECIPES;
  const add = async (learner: number, name: string, scope: Scope, criterion: Partial<Criterion>, since = SET) => {
    const id = demoId(`goal ${name}`);
    await addGoal(
      trx,
      LEARNERS[learner].id,
      {
        id,
        scope,
        condition: CONDITION,
        hierarchy: 'full',
        criterion: { ...USUAL_MASTERY, level: 'independent', by: '2026-12-18', ...criterion },
      },
      since,
    );
    return id;
  };
  await add(0, 'bowl', { kind: 'recipe', recipe: bowl.id }, {});
  await add(0, 'dice', { kind: 'technique', technique: 'dice' }, { independence: 100, level: 'gesture', people: 1, safety: false });
  await add(1, 'oats', { kind: 'recipe', recipe: oats.id }, { independence: 80 });
  const keys: string[] = await trx('task_step')
    .where({ school_id: trx.school, recipe_id: bowl.id, number: 1 })
    .whereRaw(`step->>'phase' = 'ready'`)
    .orderBy('position')
    .pluck('key');
  const ready = await add(
    0,
    'ready',
    { kind: 'steps', recipe: bowl.id, keys },
    { independence: 75, lessons: 2, people: 1, safety: false, by: '2026-11-30' },
  );
  await changeGoal(trx, ready, 1, { metOn: MET });
}
