// The plan of a lesson against a real database: what it is made from, what is kept, whose steps become whose.
import { randomUUID } from 'node:crypto';
import { buildTask, planLesson, planView, readRecipe, type PlanView } from '$core';
import { afterAll, beforeAll, beforeEach, expect, test } from 'vitest';
import { getSetUp, setPresence } from '../../src/lib/server/class-lessons';
import { connect } from '../../src/lib/server/connect';
import { getKitchen, saveKitchen } from '../../src/lib/server/kitchen';
import type { PlanInput } from '../../src/lib/server/input/plan';
import { planOf } from '../../src/lib/server/input/stored';
import { planPage, savePlan, usePlan } from '../../src/lib/server/plan';
import { addRecipe } from '../../src/lib/server/recipes';
import { holdRoom } from '../../src/lib/server/room';
import { roomPage } from '../../src/lib/server/room-page';
import { withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { addClassLesson, saveSetUp } from '../../src/lib/server/set-up';
import { publish, startDraft } from '../../src/lib/server/tasks';
import { today } from '../../src/lib/server/today';

const app = connect(process.env.DATABASE_URL!);
const owner = connect(process.env.OWNER_DATABASE_URL!);
const school = randomUUID();
const inHere = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(app, school, work);
const locals = { inSchool: inHere, rest: () => Promise.resolve() } as unknown as App.Locals;
const reading = readRecipe(
  'Rice and beans\nServes 2\nIngredients\n1 cup rice\n1 tin of beans\n1 onion\nMethod\nChop the onion. Boil the rice for 12 minutes. Drain the beans. Mix the rice, the beans and the onion in a bowl. Serve.',
);
const { steps } = buildTask(reading.recipe, { grain: 'standard' });
const recipe = randomUUID();
const learners = ['Ann', 'Ben', 'Cy', 'Di'].map((name) => ({ id: randomUUID(), name }));
let lesson = '';

beforeAll(async () => {
  await withSchool(owner, school, (trx) => trx('school').insert({ id: school, name: 'Plans' }).then());
  await inHere(async (trx) => {
    await addRecipe(trx, recipe, 'Rice and beans', reading);
    await startDraft(trx, recipe, 1, 'standard', steps);
    await publish(trx, recipe, 1, reading.recipe.ingredients, '');
    await trx('learner').insert(learners.map((l, position) => ({ school_id: school, ...l, position })));
  });
});
afterAll(async () => {
  await app.destroy();
  await owner.destroy();
});
beforeEach(async () => {
  lesson = randomUUID();
  await inHere(async (trx) => {
    await addClassLesson(trx, { id: lesson, heldOn: today(), startsAt: '09:30', minutes: 60, recipeId: recipe });
    const setUp = (await getSetUp(trx, lesson))!;
    await saveSetUp(trx, lesson, { ...setUp, adults: ['Ms Ferrow'], dishes: setUp.dishes.map((d) => ({ ...d, mode: 'pairs' as const })) });
  });
});

const doc = (view: PlanView, more: Partial<PlanInput> = {}): PlanInput => ({
  seed: 1,
  margin: 10,
  used: true,
  locks: [],
  before: [],
  hours: [],
  teams: [],
  counts: [],
  placed: view.blocks.map((b) => ({
    block: b.block,
    start: b.start,
    end: b.end,
    who: [...b.who],
    title: b.title,
    steps: b.steps.map((s) => `${s.dish} ${s.key}`),
  })),
  stints: view.stints.map(({ adult, from, to, station, with: there }) => ({ adult, from, to, station, with: there })),
  ...more,
});
const planned = async () => {
  const page = (await planPage(locals, lesson))!;
  return { page, view: planView(planLesson(page.input, { rounds: 5 })!, 20) };
};

test('a plan is made from the lesson: its minutes, adults, teams in pairs, first paces until there are records', async () => {
  const { page, view } = await planned();
  expect(page.input.bell).toBe(60);
  expect(page.input.adults.map((a) => a.id)).toEqual(['Ms Ferrow']);
  expect(page.input.dishes[0].teams.map((t) => t.length)).toEqual([2, 2]);
  expect(page.people.map((p) => [p.name, p.pace, p.paceOf])).toEqual(learners.map((l) => [l.name, 3, 0]));
  // every step of the recipe is somebody's
  const keys = new Set(view.blocks.flatMap((b) => b.steps.map((s) => s.key)));
  expect(steps.filter((s) => !keys.has(s.key))).toEqual([]);
});

test('who is absent is in no plan, who is late is there from the tenth minute on', async () => {
  await inHere(async (trx) => {
    await setPresence(trx, lesson, learners[0].id, 'absent');
    await setPresence(trx, lesson, learners[1].id, 'late');
  });
  const { page } = await planned();
  expect(page.input.learners.map((l) => [l.id, l.from])).toEqual([
    [learners[1].id, 10],
    [learners[2].id, 0],
    [learners[3].id, 0],
  ]);
  expect(page.input.dishes[0].teams.flat()).toEqual(learners.slice(1).map((l) => l.id));
});

test('a plan in use gives each his steps, and goes along with the room; on a learner’s own screen there is only his', async () => {
  const { page, view } = await planned();
  const plan = doc(view);
  await inHere(async (trx) => {
    const { revision } = (await getSetUp(trx, lesson))!;
    expect(await savePlan(trx, lesson, revision, plan)).toBe(revision + 1);
    expect(await savePlan(trx, lesson, revision, plan)).toBeNull();
    await usePlan(trx, page, plan);
  });
  const after = (await inHere((trx) => getSetUp(trx, lesson)))!;
  const shares = after.people.map((p) => p.share!);
  // no step of a pair's dish is twice, none but an adult's is nobody's
  for (const team of [shares.slice(0, 2), shares.slice(2)]) {
    const cooked = team.map((s) => s.filter((key) => ['prepare', 'cook', 'serve'].includes(steps.find((x) => x.key === key)!.phase)));
    expect(cooked[0].filter((key) => cooked[1].includes(key) && steps.find((s) => s.key === key)!.technique !== 'eat')).toEqual([]);
  }
  const room = (await inHere((trx) => holdRoom(trx, lesson)))!;
  const whole = (await roomPage(room)).room.plan!;
  expect(whole.blocks.length).toBeGreaterThan(20);
  expect(whole.stints.flatMap((s) => s.with).every((name) => learners.some((l) => l.name === name))).toBe(true);
  const own = (await roomPage(room, learners[0].id)).room.plan!;
  expect(own.blocks.every((b) => b.who.join() === learners[0].id)).toBe(true);
  expect(own.stints).toEqual([]);
});

test('of a dish that each makes for himself, what is done before the lesson is on nobody’s ladder', async () => {
  await inHere(async (trx) => {
    const setUp = (await getSetUp(trx, lesson))!;
    await saveSetUp(trx, lesson, { ...setUp, dishes: setUp.dishes.map((d) => ({ ...d, mode: 'own' as const })) });
  });
  const { view } = await planned();
  const done = steps.find((s) => s.technique === 'chop')!.key;
  const shares = async (keys: string[]) => {
    const plan = doc(view, { before: [{ dish: lesson, keys }] });
    await inHere(async (trx) => savePlan(trx, lesson, (await getSetUp(trx, lesson))!.revision, plan));
    const page = (await planPage(locals, lesson))!;
    await inHere((trx) => usePlan(trx, page, plan));
    return (await inHere((trx) => getSetUp(trx, lesson)))!.people.map((p) => p.share);
  };
  for (const share of await shares([done])) expect(share).toEqual(steps.map((s) => s.key).filter((key) => key !== done));
  for (const share of await shares([])) expect(share).toBeNull();
});

test('a plan that is only looked at is on no ladder; one that cannot be read is made anew', async () => {
  const { view } = await planned();
  await inHere(async (trx) => {
    await savePlan(trx, lesson, (await getSetUp(trx, lesson))!.revision, doc(view, { used: false }));
    expect((await roomPage((await holdRoom(trx, lesson))!)).room.plan).toBeNull();
    await trx('class_lesson')
      .where({ id: lesson })
      .update({ plan: JSON.stringify({ seed: 'x' }) });
  });
  expect((await planPage(locals, lesson))!.kept).toBeNull();
  expect(planOf({ ...doc(view), placed: [{ block: 'x', start: -1, end: 2, who: [], title: '', steps: [] }] })).toBeNull();
});

test('what was set comes back: hours, what is done before, teams; teams that no longer fit do not', async () => {
  const { view } = await planned();
  const [a, b, c, d] = learners.map((l) => l.id);
  const before = [{ dish: lesson, keys: [steps[4].key] }];
  const teams = [
    { dish: lesson, learners: [a, c] },
    { dish: lesson, learners: [b, d] },
  ];
  await inHere(async (trx) =>
    savePlan(
      trx,
      lesson,
      (await getSetUp(trx, lesson))!.revision,
      doc(view, { before, teams, hours: [{ id: a, from: 0, to: 40 }], margin: 4 }),
    ),
  );
  const { input } = (await planPage(locals, lesson))!;
  expect(input.dishes[0].teams).toEqual([
    [a, c],
    [b, d],
  ]);
  expect([...input.dishes[0].before]).toEqual(before[0].keys);
  expect(input.learners[0]).toMatchObject({ from: 0, to: 40 });
  expect(input.margin).toBe(4);
  await inHere((trx) => setPresence(trx, lesson, a, 'absent'));
  expect((await planPage(locals, lesson))!.input.dishes[0].teams.flat()).toEqual([b, c, d]);
});

test('a count that a plan changes is not written over by a page of the kitchen that was open before', async () => {
  const { view } = await planned();
  const { revision, system, lessonMinutes, microwaveWatts, readingGrade, places, heights, controls } = await inHere(getKitchen);
  const kitchen = {
    system,
    lessonMinutes,
    microwaveWatts,
    readingGrade,
    measures: [],
    tools: [],
    lacks: [],
    places,
    heights: heights ?? {},
    controls: controls ?? {},
  };
  // the class has a kitchen of its own, with two knives
  const opened = await inHere((trx) => saveKitchen(trx, revision, { ...kitchen, counts: [{ thing: 'knife', count: 2 }] }));
  const keep = (count: number) =>
    inHere(async (trx) =>
      savePlan(trx, lesson, (await getSetUp(trx, lesson))!.revision, doc(view, { counts: [{ thing: 'knife', count }] })),
    );
  await keep(2);
  expect((await inHere(getKitchen)).revision).toBe(opened);
  await keep(3);
  expect(await inHere((trx) => saveKitchen(trx, opened!, { ...kitchen, counts: [{ thing: 'knife', count: 2 }] }))).toBeNull();
  expect((await inHere(getKitchen)).counts.get('knife')).toBe(3);
});
