// Ten thousand requests that nobody means well with, at every route and method of the build: none is a failure of ours, and none breaks a page.
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { withSchool, DEMO_SCHOOL } from '../../src/lib/server/school-scope';
import { codeFor } from '../../src/lib/server/own-screen';
import { today } from '../../src/lib/server/today';
import { Hostile, type Known } from './hostile-requests';
import { builtRoutes, startServer, type BuiltRoute, type OwnServer } from './own-server';

const HOW_MANY = 10_000;
const AT_ONCE = 24;
/** Of the demo’s people the one who may do most. */
const AS_LEAD: [string, string] = ['cookie', 'demo-as=lead'];

let server: OwnServer;
let routes: BuiltRoute[];
beforeAll(async () => {
  routes = builtRoutes();
  server = await startServer({ REQUESTS_A_MINUTE: '1000000', WAIT_MS: '30000' });
}, 120_000);
afterAll(() => server.stop());

async function whatIsThere(): Promise<Known> {
  return withSchool(server.app, DEMO_SCHOOL, async (trx) => {
    // a learner's own screen can be tried too
    const running = await trx('class_lesson').where('held_on', '>=', today()).first('id');
    const place = await trx('lesson_learner').where({ lesson_id: running.id }).first('learner_id');
    await codeFor(trx, running.id, place.learner_id);
    const lessons = await trx('lesson as l')
      .join('lesson_learner as p', 'p.lesson_id', 'l.id')
      .select('l.id', 'p.learner_id', 'l.recipe_id', 'l.version');
    const steps = await trx('task_step').select('recipe_id', 'number', 'key');
    return {
      recipes: await trx('recipe').pluck('id'),
      goals: (await trx('goal').select('id', 'learner_id')).map((g) => ({ id: g.id, learnerId: g.learner_id })),
      learners: await trx('learner').pluck('id'),
      rooms: await trx('class_lesson').pluck('id'),
      codes: await trx('own_screen as s')
        .join('class_lesson as c', 'c.id', 's.class_lesson_id')
        .where('c.held_on', '>=', today())
        .pluck('s.code'),
      lessons: lessons.map((l) => ({
        id: l.id,
        recipeId: l.recipe_id,
        version: l.version,
        learnerId: l.learner_id,
        stepKeys: steps.filter((s) => s.recipe_id === l.recipe_id && s.number === l.version).map((s) => s.key),
      })),
    };
  });
}

/** Every page of the demo and of whatever was made since. */
async function allPages(): Promise<string[]> {
  const { recipes, lessons, learners, rooms, codes, goals } = await whatIsThere();
  // a link is good for whoever it was made for: see people-routes.test.ts
  const pages = routes.filter((r) => r.isPage && !r.id.includes('[secret')).map((r) => r.id);
  const filled = pages.flatMap((id) => {
    if (id.includes('[lesson')) return lessons.slice(0, 60).map((l) => id.replace('[lesson=id]', l.id));
    if (id.includes('[goal')) return goals.slice(0, 60).map((g) => id.replace('[id=id]', g.learnerId).replace('[goal=id]', g.id));
    if (id.includes('[code')) return codes.map((code) => id.replace('[code=code]', code));
    const own = id.startsWith('/learners') ? learners.slice(0, 40) : id.startsWith('/lessons') ? rooms.slice(0, 60) : recipes;
    return id.includes('[id') ? own.map((r) => id.replace('[id=id]', r)) : [id];
  });
  return [
    ...filled,
    ...learners.slice(0, 40).map((l) => `/recipes/${recipes[0]}/look-back?learner=${l}`),
    ...learners.slice(0, 12).map((l) => `/recipes/${recipes[0]}/fit?learner=${l}`),
    `/shopping?${recipes.map((r) => `recipe=${r}`).join('&')}`,
  ];
}

/** What the server wrote down last of a failure: a status alone says nothing of why. */
const whyLast = () =>
  server
    .log()
    .split('\n')
    .filter((line) => line.includes('"kind"'))
    .slice(-2)
    .join(' / ');

async function inTurns<T>(all: T[], work: (one: T) => Promise<void>): Promise<void> {
  const left = [...all];
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let one = left.pop(); one !== undefined; one = left.pop()) await work(one);
    }),
  );
}

describe('hostile requests', () => {
  test('every id in an address is checked before a route is entered', () => {
    const params = routes.flatMap((r) => r.params.map((p) => `${r.id} ${p.name}: ${p.matcher ?? 'unchecked'}`));
    expect(params.length).toBeGreaterThan(10);
    expect(params.filter((p) => !/: (?:id|code|secret|kept)$/.test(p))).toEqual([]);
  });

  test(`${HOW_MANY} of them, at all ${builtRoutes().length} routes: no server error`, async () => {
    const hostile = new Hostile(routes, await whatIsThere(), 20_261_127);
    const statuses = new Map<number, number>();
    const errors: string[] = [];
    await inTurns(Array<null>(HOW_MANY).fill(null), async () => {
      const one = hostile.make();
      const { status, body } = await server.ask({ ...one, headers: [...(one.headers ?? []), AS_LEAD] });
      hostile.heard(one.path, body);
      statuses.set(status, (statuses.get(status) ?? 0) + 1);
      if (status >= 500)
        errors.push(`${status} ${one.method} ${one.path.slice(0, 120)} ${String(one.body ?? '').slice(0, 300)} → ${whyLast()}`);
    });
    console.log(
      'hostile requests by status:',
      [...statuses]
        .sort(([a], [b]) => a - b)
        .map(([s, n]) => `${s} ${n}`)
        .join(', '),
    );
    expect(errors.slice(0, 5)).toEqual([]);
    // the test would say nothing if all of it were turned away at the door
    expect(statuses.get(200)).toBeGreaterThan(HOW_MANY / 10);
    expect(statuses.get(422)).toBeGreaterThan(HOW_MANY / 20);
  }, 600_000);

  test('after it every page opens, and nothing was written where all objects look', async () => {
    const pages = await allPages();
    const broken: string[] = [];
    await inTurns(pages, async (path) => {
      const { status, headers } = await server.ask({ path, headers: [['accept', 'text/html'], AS_LEAD] });
      const isRedirect = status === 303 || status === 307;
      if (status !== 200 && !isRedirect) broken.push(`${status} ${path}`);
      if (headers.get('cache-control') !== 'private, no-store') broken.push(`kept: ${path}`);
    });
    expect(pages.length).toBeGreaterThan(55);
    expect(broken.slice(0, 10)).toEqual([]);
    expect((await server.ask({ path: '/health' })).body).toBe('ok');
    expect(server.log()).not.toContain('uncaught');
  }, 600_000);
});
