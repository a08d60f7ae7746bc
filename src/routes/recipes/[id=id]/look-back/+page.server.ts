import { hierarchyById, progressOf, seriesOf, stoppingSteps, type HeldLesson, type LearnerRecord } from '$core';
import { isId, newId } from '$lib/id';
import { answer, decisionFrom } from '$lib/server/answer';
import { listGoals, type GoalRow } from '$lib/server/goals';
import { getLearner, listLearners } from '$lib/server/learners';
import { cookedBy } from '$lib/server/lessons';
import { recordsAtRecipe } from '$lib/server/look-back';
import { notesOf } from '$lib/server/records';
import { reviewOf, shownThing } from '$lib/server/review';
import type { SchoolTrx } from '$lib/server/school-scope';
import { getVersion, type VersionRow } from '$lib/server/tasks';
import { error, fail } from '@sveltejs/kit';

type Named = { id: string; name: string };
/** How many lessons stand in the table: the newest. The chart has them all. */
const COLUMNS = 12;

export const load = async ({ params, locals, url }) => {
  const { shown, ...page } = await locals.inSchool(async (trx) => {
    const [known, goals, newest] = await Promise.all([listLearners(trx), listGoals(trx), getVersion(trx, params.id)]);
    const learners = known.map(({ id, name }) => ({ id, name }));
    const asked = url.searchParams.get('learner');
    // who is only on the list of a coming lesson has nothing to look back at yet
    const cooked = await cookedBy(trx, params.id, learners);
    const learner = cooked.find((l) => l.id === asked) ?? cooked[0] ?? null;
    const version = learner && newest;
    return {
      recipeId: params.id,
      learners: cooked,
      learner: version && learner,
      shown: version && (await lookedBack(trx, params.id, version, { learners, goals }, learner)),
    };
  });
  /** As JSON, packed: every step by every lesson is some thousands of small values. */
  return { ...page, looked: shown && (await locals.parcels.pack(shown)) };
};

/** What the page shows of one learner with one recipe. Maps are lists of their entries: it goes as JSON. */
export type LookedBack = Awaited<ReturnType<typeof lookedBack>>;
async function lookedBack(
  trx: SchoolTrx,
  recipeId: string,
  version: VersionRow,
  { learners, goals }: { learners: Named[]; goals: GoalRow[] },
  learner: Named,
) {
  const found = await recordsAtRecipe(trx, learners, goals, { learner: learner.id, recipe: recipeId });
  if (!found) error(404, 'There is no learner at this address.');
  const { whole: record, recent, all } = found;
  const lessons = record.lessons.filter((l) => l.recipeId === recipeId);
  const newest = lessons.slice(-COLUMNS);
  const steps = version.steps.map(({ key, text, phase, hazards }) => ({ key, text, phase, hazards }));
  const { rungs } = progressOf(
    lessons,
    record.made,
    steps.map((s) => s.key),
    new Map([...(record.aims ?? [])].flatMap(([at, aim]) => (at.startsWith(`${recipeId} `) ? [[at.slice(recipeId.length + 1), aim]] : []))),
  );
  const own = goals.filter((g) => g.learnerId === learner.id);
  const ofRecipe = new Set(own.filter((g) => g.scope.kind !== 'technique' && g.scope.recipe === recipeId).map((g) => g.id));
  const { things, goals: reviewed } = reviewOf(recent, own);
  return {
    hierarchy: lessons.at(-1)?.hierarchy ?? hierarchyById('full'),
    goals: reviewed.filter((g) => ofRecipe.has(g.goal.id)).map(({ goal, name }) => ({ id: goal.id, name })),
    things: things
      .filter((t) => (t.goal ? ofRecipe.has(t.goal) : t.steps.some((s) => s.recipeId === recipeId)))
      .map((t) => ({ ...shownThing(t, record), answerId: newId() })),
    steps,
    points: seriesOf(record, { kind: 'recipe', recipe: recipeId }),
    columns: newest.map(columnOf),
    earlier: Math.max(0, lessons.length - COLUMNS),
    cells: [...cellsIn(record, newest)],
    rungs: [...rungs].map(([key, { aim, verdict, reason }]) => [key, { aim, verdict, reason }] as const),
    stopping: stoppingSteps(all).filter((s) => s.recipeId === recipeId),
    names: all.map((l) => [l.learner.id, l.learner.name] as const),
    notes: await notesOf(
      trx,
      learner.id,
      lessons.map((l) => l.id),
    ),
    days: lessons.map((l) => [l.id, l.heldOn] as const),
  };
}

/** What was recorded of each step, in the order of the columns: of years, or with an id at each, it would be most of the page. */
function cellsIn({ made }: LearnerRecord, lessons: readonly HeldLesson[]): Map<string, string[]> {
  const cells = new Map<string, string[]>();
  for (const [at, { id }] of lessons.entries())
    for (const { stepKey, code } of made.get(id) ?? []) {
      const row = cells.get(stepKey) ?? lessons.map(() => '');
      row[at] = code;
      cells.set(stepKey, row);
    }
  return cells;
}

const columnOf = ({ id, heldOn, phase, state, hierarchy }: HeldLesson) => ({
  id,
  day: heldOn,
  phase,
  missed: state === 'missed',
  hierarchy,
});

export const actions = {
  decide: async ({ request, locals, url }) => {
    const decision = await decisionFrom(request);
    if ('problem' in decision) return fail(400, decision);
    const done = await locals.inSchool(async (trx) => {
      const asked = url.searchParams.get('learner') ?? '';
      const learner = isId(asked) && (await getLearner(trx, asked));
      if (!learner) error(404, 'There is no learner at this address.');
      return answer(trx, { id: learner.id, name: learner.name }, decision.value);
    });
    return done
      ? { done: true }
      : fail(409, { problem: 'This is not proposed any more: the records have changed, or somebody answered it.' });
  },
};
