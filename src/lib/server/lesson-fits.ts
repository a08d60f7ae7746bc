// What a lesson keeps of each learner's fit as it begins, and who does what of a dish that is shared.
import { ADULT, delayOf, EACH, lessonTime, progressOf, shareOut, stepsOfSharer, teamsOf, type Shared } from '$core';
import { takeAimsOver } from './aims';
import { getSetUp, hasBegun, markBegun, type Place, type SetUp } from './class-lessons';
import { asDecided, carriedFit, getFit, kitchenOf, ownCards, taskOf, type FitRow } from './fits';
import { fitsOrTell } from './fits-or-tell';
import type { OwnCard } from './input/stored';
import { getKitchen } from './kitchen';
import { fitLearner, listLearners } from './learners';
import { lessonsOfAll } from './lessons';
import { inForceOf, madeBy } from './in-force';
import { scoredIn } from './records';
import type { SchoolTrx } from './school-scope';
import { getVersion, type VersionRow } from './tasks';

type Dish = Pick<SetUp['dishes'][number], 'lessonId' | 'recipeId' | 'version'> & { title: string };

/** The fits of learners at one recipe of a lesson; only of those who have one in use, where asked for. */
async function fitsAt(locals: App.Locals, dish: Dish, learnerIds: readonly string[], inUseOnly: boolean) {
  const held = await locals.inSchool(async (trx) => {
    const version = await getVersion(trx, dish.recipeId, dish.version);
    if (!version) return null;
    const learners = (await listLearners(trx, true)).filter((l) => learnerIds.includes(l.id));
    const rows = new Map<string, FitRow | null>();
    for (const l of learners) rows.set(l.id, await getFit(trx, dish.recipeId, l.id));
    const wanted = learners.filter((l) => !inUseOnly || rows.get(l.id)?.inUse);
    const carried = new Map<string, Awaited<ReturnType<typeof carriedFit>>>();
    for (const l of wanted) carried.set(l.id, await carriedFit(trx, dish.recipeId, version, rows.get(l.id) ?? null));
    return { version, wanted, carried, kitchen: kitchenOf(await getKitchen(trx)) };
  });
  if (!held) return null;
  await locals.rest();
  const fits = held.wanted.length === 0 ? [] : await fitsOrTell(taskOf(dish.title, held.version), held.wanted, held.kitchen, true);
  const decided = new Map(held.wanted.map((l, i) => [l.id, asDecided(fits[i], held.carried.get(l.id)!, fitLearner(l))]));
  return { version: held.version, decided };
}

/** The learner's own cards, where somebody has put them in use for this recipe: what a lesson keeps. */
export async function cardsInUse(locals: App.Locals, dish: Dish, learnerIds: readonly string[]): Promise<Map<string, OwnCard[]>> {
  const held = await fitsAt(locals, dish, learnerIds, true);
  return new Map([...(held?.decided ?? [])].map(([id, fit]) => [id, ownCards(fit, held!.version)]));
}

type SharedDish = Dish & { mode: SetUp['dishes'][number]['mode'] };
type Share = { share: string[] | null; team: number | null };

/** Shares a dish out to its teams, by what each may do and where each has a rung to reach. @returns for each learner the keys of his steps, and his team */
export async function shareDish(locals: App.Locals, dish: SharedDish, places: readonly Place[]): Promise<Map<string, Share>> {
  const there = places.filter((p) => p.lessonId === dish.lessonId && p.presence !== 'absent').map((p) => p.learnerId);
  if (dish.mode === 'own') return new Map(there.map((id) => [id, { share: null, team: null }]));
  const teams = teamsOf(dish.mode, there.length);
  const shares = new Map<string, Share>();
  const share = await sharerOf(locals, dish, there);
  for (const team of new Set(teams)) {
    const members = there.filter((_, i) => teams[i] === team);
    const shared = share(members);
    for (const id of members) shares.set(id, { share: stepsOfSharer(share.steps, shared, id), team });
  }
  return shares;
}

/**
 * One of a team is absent: his steps go to the others of it, who keep what they have, so that no step of the dish is nobody's. He keeps what he has
 * done, and what each does for himself.
 * @returns what changes
 */
export async function passOn(locals: App.Locals, dish: SharedDish, places: readonly Place[], goneId: string): Promise<Map<string, Share>> {
  const here = places.filter((p) => p.lessonId === dish.lessonId);
  const gone = here.find((p) => p.learnerId === goneId);
  const others = here.filter((p) => p.learnerId !== goneId && p.presence !== 'absent' && p.team === gone?.team && p.share);
  if (dish.mode === 'own' || !gone?.share || others.length === 0) return new Map();
  const share = await sharerOf(
    locals,
    dish,
    others.map((p) => p.learnerId),
  );
  const shared = share(others.map((p) => p.learnerId));
  const done = new Set(
    (await locals.inSchool((trx) => scoredIn(trx, [dish.lessonId], false))).filter((o) => o.learnerId === goneId).map((o) => o.stepKey),
  );
  const his = new Set(gone.share.filter((key) => !done.has(key)));
  const changes = new Map<string, Share>([
    [goneId, { share: gone.share.filter((key) => done.has(key) || shared.get(key) === EACH), team: gone.team }],
  ]);
  for (const p of others) {
    const has = new Set(p.share);
    const keys = share.steps.map((s) => s.key).filter((key) => has.has(key) || (his.has(key) && shared.get(key) === p.learnerId));
    changes.set(p.learnerId, { share: keys, team: p.team });
  }
  return changes;
}

/** What a learner may do at a recipe, where he has a rung to reach, and the tools that are his own there, by step. */
export type AtDish = { cannot: Set<string>; wants: Set<string>; tools: Map<string, string[]> };

/** The steps of a dish, and what each learner is to them. */
export async function peopleAt(locals: App.Locals, dish: Dish, learnerIds: readonly string[]) {
  const held = await fitsAt(locals, dish, learnerIds, false);
  const steps = held?.version.steps ?? [];
  const wants = held ? await locals.inSchool((trx) => wantedSteps(trx, dish, held.version, learnerIds)) : new Map<string, Set<string>>();
  const usual = new Map(steps.map((s) => [s.key, s.tools]));
  const of = (id: string): AtDish => {
    const own = held?.decided.get(id)?.task.steps ?? [];
    const others = own.filter((s) => s.tools.join() !== usual.get(s.key)?.join());
    return {
      cannot: new Set(own.filter((s) => s.fitted?.who === ADULT).map((s) => s.key)),
      wants: wants.get(id) ?? new Set(),
      tools: new Map(others.map((s) => [s.key, s.tools])),
    };
  };
  /** Where the dish can be left until another lesson. */
  const stops = held ? lessonTime(taskOf(dish.title, held.version)).stops : [];
  return { steps, of, stops };
}

/** What shares the steps of a dish out to some of these learners. */
async function sharerOf(locals: App.Locals, dish: Dish, learnerIds: readonly string[]) {
  const { steps, of } = await peopleAt(locals, dish, learnerIds);
  const share = (members: readonly string[]): Shared =>
    shareOut(
      steps,
      members.map((id) => ({ id, cannot: of(id).cannot, wants: of(id).wants })),
    );
  return Object.assign(share, { steps });
}

/** Steps at which a learner has a rung to reach: an aim that is not yet there. */
async function wantedSteps(
  trx: SchoolTrx,
  dish: Dish,
  version: VersionRow,
  learnerIds: readonly string[],
): Promise<Map<string, Set<string>>> {
  const lessons = await lessonsOfAll(trx, [dish.recipeId], learnerIds);
  const seen = await inForceOf(trx, learnerIds, [...new Set(lessons.map((l) => l.id))]);
  const keys = version.steps.map((s) => s.key);
  return new Map(
    learnerIds.map((id) => {
      const { rungs } = progressOf(
        lessons.filter((l) => l.learnerId === id),
        madeBy(seen, id),
        keys,
      );
      return [id, new Set(keys.filter((key) => ['up', 'stay', 'down'].includes(rungs.get(key)?.verdict ?? '')))];
    }),
  );
}

/** The learners' own cards of a lesson, by recipe's lesson and learner. */
export async function cardsOfLesson(locals: App.Locals, setUp: SetUp): Promise<Map<string, Map<string, OwnCard[]>>> {
  const cards = new Map<string, Map<string, OwnCard[]>>();
  for (const dish of setUp.dishes) {
    const there = setUp.people.filter((p) => p.lessonId === dish.lessonId).map((p) => p.learnerId);
    cards.set(dish.lessonId, await cardsInUse(locals, dish, there));
  }
  return cards;
}

/** Begins a lesson of the class, if it has not begun. @returns false where there is no such lesson, or nobody in it */
export async function begin(locals: App.Locals, id: string): Promise<boolean> {
  const setUp = await locals.inSchool((trx) => getSetUp(trx, id));
  if (!setUp || setUp.people.length === 0) return false;
  if (setUp.begun) return true;
  const cards = await cardsOfLesson(locals, setUp);
  await locals.inSchool(async (trx) => {
    // two devices may begin it at once: the second finds it begun
    if (await hasBegun(trx, id)) return;
    await keepInForce(trx, setUp, cards);
    await markBegun(trx, id);
  });
  return true;
}

/**
 * What a lesson keeps as it begins: each learner's own cards, and the delay of a procedure that counts lessons. A learner of whom something was recorded
 * keeps what he has.
 */
async function keepInForce(trx: SchoolTrx, setUp: SetUp, cards: ReadonlyMap<string, ReadonlyMap<string, OwnCard[]>>): Promise<void> {
  const before = await lessonsOfAll(
    trx,
    setUp.dishes.map((d) => d.recipeId),
    setUp.people.map((p) => p.learnerId),
  );
  const own = new Set(setUp.dishes.map((d) => d.lessonId));
  for (const place of setUp.people) {
    const at = { school_id: trx.school, lesson_id: place.lessonId, learner_id: place.learnerId };
    if ((await trx('observation').where(at).first('id')) || (await trx('lesson_note').where(at).first('id'))) continue;
    const { recipeId } = setUp.dishes.find((d) => d.lessonId === place.lessonId)!;
    const same = before.filter(
      (l) =>
        !own.has(l.id) &&
        l.recipeId === recipeId &&
        l.learnerId === place.learnerId &&
        l.procedure.id === place.procedure.id &&
        l.state === 'finished',
    );
    await takeAimsOver(trx, place.lessonId, recipeId, place.learnerId);
    const fit = cards.get(place.lessonId)?.get(place.learnerId);
    const delay = delayOf(place.procedure.id, same.length, place.procedure.delay);
    await trx('lesson_learner')
      .where(at)
      .update({
        fit: fit ? JSON.stringify(fit) : null,
        procedure: JSON.stringify({ id: place.procedure.id, wait: place.procedure.wait, delay }),
      });
  }
}
