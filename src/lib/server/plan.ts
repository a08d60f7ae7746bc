// The plan of a lesson: what it is made from, and what is kept of it.
import {
  LEARNER_TIME_FACTOR,
  learnerPaces,
  marginOf,
  teamsOf,
  type LessonDish,
  type LessonInput,
  type PlanLearner,
  type Step,
  type StoppingPlace,
} from '$core';
import { getSetUp, type Place, type SetUp } from './class-lessons';
import type { PlanInput } from './input/plan';
import { countsOf, planOf } from './input/stored';
import { peopleAt, type AtDish } from './lesson-fits';
import { listLearners } from './learners';
import { headsOfAll, newestOf, OF_PACE } from './lessons';
import { inForceOf } from './in-force';
import { ownClass, type SchoolTrx } from './school-scope';
import { saveShares } from './set-up';

export type PlanPerson = { id: string; name: string; presence: Place['presence']; paceOf: number; pace: number };
export type PlanPage = {
  setUp: SetUp;
  input: LessonInput;
  /** Names by id, for learners; adults' ids are their names. */
  people: PlanPerson[];
  dishes: { id: string; title: string; mode: SetUp['dishes'][number]['mode']; words: [string, string][]; stops: StoppingPlace[] }[];
  /** What the teacher set, and the plan as last kept; null: none yet, or one that cannot be read. */
  kept: PlanInput | null;
  /** How many of each thing the class has counted. */
  counts: Map<string, number>;
};

/** Who stands for the adults of a lesson in which nobody named any. */
const SOMEBODY = 'Adult';

/** What a plan of a lesson is made from; null where there is no such lesson. */
export async function planPage(locals: App.Locals, id: string): Promise<PlanPage | null> {
  const held = await locals.inSchool(async (trx) => {
    const setUp = await getSetUp(trx, id);
    if (!setUp) return null;
    const row = await trx('class_lesson').where({ school_id: trx.school, id }).first('plan');
    const kitchen = await trx('kitchen')
      .where({ school_id: trx.school, class_id: ownClass(trx) })
      .first('counts');
    return { setUp, kept: planOf(row?.plan), counts: countsOf(kitchen?.counts), learners: await listLearners(trx, true) };
  });
  if (!held) return null;
  const { setUp, kept } = held;
  const counts = new Map([...held.counts, ...(kept?.counts ?? []).map((c): [string, number] => [c.thing, c.count])]);
  const there = held.learners.filter((l) => setUp.people.some((p) => p.learnerId === l.id && p.presence !== 'absent'));
  const at = new Map<string, Map<string, AtDish>>();
  const stopsAt = new Map<string, StoppingPlace[]>();
  const dishes: LessonDish[] = [];
  for (const dish of setUp.dishes) {
    const places = setUp.people.filter((p) => p.lessonId === dish.lessonId && p.presence !== 'absent');
    const ids = places.map((p) => p.learnerId);
    const { steps, of, stops } = await peopleAt(locals, dish, ids);
    stopsAt.set(dish.lessonId, stops);
    at.set(dish.lessonId, new Map(ids.map((one) => [one, of(one)])));
    const done = kept?.before.find((b) => b.dish === dish.lessonId)?.keys ?? [];
    dishes.push({ id: dish.lessonId, title: dish.title, steps, teams: teamsAt(dish, places, kept), before: new Set(done) });
  }
  const paces = await locals.inSchool((trx) =>
    pacesAt(
      trx,
      dishes,
      setUp,
      there.map((l) => l.id),
    ),
  );
  const learners = there.map((l): PlanLearner => {
    const hours = kept?.hours.find((h) => h.id === l.id) ?? usualHours(setUp, l.id);
    const by = <T>(pick: (a: AtDish) => T) =>
      new Map([...at].flatMap(([dish, of]) => (of.has(l.id) ? [[dish, pick(of.get(l.id)!)] as const] : [])));
    return {
      id: l.id,
      ...hours,
      pace: paces(l.id).pace,
      cannot: by((a) => a.cannot),
      wants: by((a) => a.wants),
      tools: by((a) => a.tools),
    };
  });
  const names = setUp.adults.length > 0 ? setUp.adults : [SOMEBODY];
  return {
    setUp,
    kept,
    counts,
    input: {
      bell: setUp.minutes,
      margin: kept?.margin ?? marginOf(setUp.minutes),
      learners,
      adults: [...new Set(names)].map((name) => ({
        id: name,
        ...(kept?.hours.find((h) => h.id === name) ?? { from: 0, to: setUp.minutes }),
      })),
      dishes,
      counts,
      locks: kept?.locks ?? [],
      seed: kept?.seed ?? 1,
    },
    people: there.map((l) => {
      const { pace, n } = paces(l.id);
      return { id: l.id, name: l.name, presence: presenceOf(setUp, l.id), paceOf: n, pace: mean(Object.values(pace)) };
    }),
    dishes: setUp.dishes.map((d) => ({
      id: d.lessonId,
      title: d.title,
      mode: d.mode,
      stops: stopsAt.get(d.lessonId) ?? [],
      words: (dishes.find((x) => x.id === d.lessonId)?.steps ?? []).map((s): [string, string] => [s.key, s.text]),
    })),
  };
}

const mean = (list: readonly number[]) => (list.length === 0 ? LEARNER_TIME_FACTOR : list.reduce((a, b) => a + b, 0) / list.length);
const presenceOf = (setUp: SetUp, learnerId: string) => setUp.people.find((p) => p.learnerId === learnerId)?.presence ?? 'here';

/** Who is late is there from the tenth minute on, until somebody says when (common practice). */
const LATE = 10;
const usualHours = (setUp: SetUp, learnerId: string) => ({ from: presenceOf(setUp, learnerId) === 'late' ? LATE : 0, to: setUp.minutes });

/** The teams of a dish: as the plan has them, as they were shared out, or in the order of the list. */
function teamsAt(dish: SetUp['dishes'][number], places: readonly Place[], kept: PlanInput | null): string[][] {
  const ids = places.map((p) => p.learnerId);
  const set = kept?.teams.filter((t) => t.dish === dish.lessonId).map((t) => t.learners.filter((id) => ids.includes(id))) ?? [];
  // somebody has come since, or the dish is shared otherwise: the teams that were set are no longer those
  const fits = set.flat().length === ids.length && new Set(set.flat()).size === ids.length && suits(dish.mode, set);
  if (fits) return set.filter((t) => t.length > 0);
  const numbers = dish.mode !== 'own' && places.every((p) => p.team !== null) ? places.map((p) => p.team!) : teamsOf(dish.mode, ids.length);
  return [...new Set(numbers)].map((t) => ids.filter((_, i) => numbers[i] === t));
}

const suits = (mode: SetUp['dishes'][number]['mode'], teams: readonly (readonly string[])[]) =>
  mode === 'own'
    ? teams.every((t) => t.length === 1)
    : mode === 'together'
      ? teams.length === 1
      : teams.every((t) => t.length === 2 || t.length === 3);

/** Paces from what was recorded of these learners in the newest lessons of these recipes. */
async function pacesAt(trx: SchoolTrx, dishes: readonly LessonDish[], setUp: SetUp, learnerIds: readonly string[]) {
  const steps = new Map<string, Step>(dishes.flatMap((d) => d.steps.map((s): [string, Step] => [`${recipeOf(setUp, d.id)} ${s.key}`, s])));
  const recipes = [...new Set(setUp.dishes.map((d) => d.recipeId))];
  const lessons = await headsOfAll(trx, recipes, learnerIds);
  const seen = await inForceOf(trx, learnerIds, newestOf(lessons, OF_PACE), true);
  const recipeAt = new Map(lessons.map((l) => [l.id, l.recipeId]));
  const rows = seen.map(({ learnerId, lessonId, made }) => {
    const recipe = recipeAt.get(lessonId);
    return { learner: learnerId, made: made.map(({ stepKey, at }) => ({ stepKey: `${recipe} ${stepKey}`, at })) };
  });
  return learnerPaces(rows, (key) => steps.get(key));
}

const recipeOf = (setUp: SetUp, lessonId: string) => setUp.dishes.find((d) => d.lessonId === lessonId)?.recipeId ?? '';

/**
 * Keeps a plan, if nobody saved the lesson since its revision.
 * @returns the new revision; null where somebody saved in between
 */
export async function savePlan(trx: SchoolTrx, id: string, revision: number, plan: PlanInput): Promise<number | null> {
  const rows = await trx('class_lesson')
    .where({ school_id: trx.school, id, revision })
    .update({ plan: JSON.stringify(plan), revision: revision + 1 })
    .returning('revision');
  if (!rows[0]) return null;
  for (const { thing, count } of plan.counts)
    await trx('kitchen')
      .where({ school_id: trx.school, class_id: ownClass(trx) })
      .whereRaw('(counts ->> ?)::int is distinct from ?', [thing, count])
      // a page of the kitchen that is open meanwhile is told, and does not write the old count back
      .update({ counts: trx.raw('counts || jsonb_build_object(?::text, ?::int)', [thing, count]), revision: trx.raw('revision + 1') });
  return rows[0].revision;
}

/**
 * The steps of dishes that are shared go to whom the plan gives them. Of a dish that each makes for himself everybody has all steps, but for what is done before
 * the lesson.
 */
export async function usePlan(trx: SchoolTrx, page: PlanPage, plan: PlanInput): Promise<void> {
  for (const dish of page.input.dishes) {
    const { mode, words } = page.dishes.find((d) => d.id === dish.id)!;
    const order = words.map(([key]) => key);
    const shares = new Map<string, { share: string[] | null; team: number | null }>();
    dish.teams.forEach((team, t) => {
      for (const learnerId of team) {
        const his = new Set(plan.placed.flatMap((b) => (b.who.includes(learnerId) ? b.steps : [])));
        const all = dish.before.size === 0 ? null : order.filter((key) => !dish.before.has(key));
        const share = mode === 'own' ? all : order.filter((key) => his.has(`${dish.id} ${key}`));
        shares.set(learnerId, { share, team: mode === 'own' ? null : t });
      }
    });
    await saveShares(trx, dish.id, shares);
  }
}
