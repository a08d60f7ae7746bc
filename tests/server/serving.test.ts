// How the program serves: bad documents, locked rows, a database that is away, foreign names and foreign pages, long texts.
import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { RECIPES, LEARNERS } from '../../src/lib/server/demo/class';
import { DEMO_SCHOOL, withSchool, type SchoolTrx } from '../../src/lib/server/school-scope';
import { show } from '../../src/lib/server/seal';
import { startServer, type Answer, type OwnServer } from './own-server';

let server: OwnServer;
beforeAll(async () => {
  server = await startServer();
}, 120_000);
afterAll(() => server.stop());

const [COUSCOUS, OATS, SOUP] = RECIPES.map((r) => r.id);
const HTML: [string, string][] = [['accept', 'text/html']];
const JSON_TYPE: [string, string][] = [['content-type', 'application/json']];
const open = (path: string) => server.ask({ path, headers: HTML });
const byOwner = <T>(work: (trx: SchoolTrx) => Promise<T>) => withSchool(server.owner, DEMO_SCHOOL, work);
const put = (path: string, body: object, headers = JSON_TYPE) => server.ask({ method: 'PUT', path, headers, body: JSON.stringify(body) });
const post = (path: string, fields: { [name: string]: string }): Promise<Answer> =>
  server.ask({
    method: 'POST',
    path,
    headers: [...HTML, ['content-type', 'application/x-www-form-urlencoded']],
    body: new URLSearchParams(fields).toString(),
  });

describe('a document that cannot be read', () => {
  const PLACES = ['read', 'read/class', 'break-down', 'break-down/versions', 'show', 'cook', 'look-back'];
  const statuses = async (recipe: string) =>
    new Map(await Promise.all(PLACES.map(async (p) => [p, (await open(`/recipes/${recipe}/${p}`)).status] as const)));

  test('is a message on its own pages, and no page of another is the worse for it', async () => {
    const before = await byOwner((trx) => trx('recipe').where({ id: COUSCOUS }).first('reading'));
    for (const bad of ['[]', '{"recipe":[],"notUnderstood":{},"lines":7}', '"text"', '{"recipe":{"ingredients":[{}]}}']) {
      await byOwner((trx) => trx('recipe').where({ id: COUSCOUS }).update({ reading: bad }).then());
      const own = await open(`/recipes/${COUSCOUS}/read`);
      expect([own.status, own.body], bad).toEqual([422, expect.stringContaining('This recipe cannot be shown')]);
      for (const path of ['/', '/recipes', '/shopping', `/shopping?recipe=${COUSCOUS}&recipe=${OATS}`, '/learners', '/kitchen'])
        expect((await open(path)).status, `${bad} ${path}`).toBe(200);
      expect(new Set((await statuses(OATS)).values())).toEqual(new Set([200]));
    }
    expect((await open(`/shopping?recipe=${COUSCOUS}&recipe=${OATS}`)).body).toContain('One recipe is left out');
    await byOwner((trx) =>
      trx('recipe')
        .where({ id: COUSCOUS })
        .update({ reading: JSON.stringify(before.reading) })
        .then(),
    );
    expect(new Set((await statuses(COUSCOUS)).values())).toEqual(new Set([200]));
  });

  test('steps, a routine, a lesson, needs and a measure likewise', async () => {
    const lesson = await byOwner((trx) => trx('lesson').where({ recipe_id: OATS }).orderBy('held_on').first('id'));
    await byOwner(async (trx) => {
      await trx('task_draft').where({ recipe_id: SOUP }).update({ steps: '[[]]' });
      await trx('routine').insert({ school_id: DEMO_SCHOOL, id: randomUUID(), name: 'Broken', steps: '[{"key":7}]' });
      await trx('learner').where({ id: LEARNERS[5].id }).update({ needs: '{"demand":"flying"}' });
      await trx('kitchen').update({ places: '[1]' });
      await trx('kitchen_measure').where({ id: 'cup' }).update({ quantity: '1/0' });
      // a lesson is frozen; only somebody who takes the guard off can break it
      await trx.raw('alter table lesson disable trigger frozen');
      await trx('lesson').where({ id: lesson.id }).update({ hierarchy: '{"levels":[]}' });
      await trx.raw('alter table lesson enable trigger frozen');
    });
    const soup = await open(`/recipes/${SOUP}/break-down`);
    expect([soup.status, soup.body]).toEqual([422, expect.stringContaining('These steps cannot be shown')]);
    const own = await open(`/cook/${lesson.id}`);
    expect([own.status, own.body]).toEqual([422, expect.stringContaining('This lesson cannot be shown')]);
    expect((await open('/learners')).body).toContain('stored of this learner cannot be read');
    for (const path of ['/', '/recipes', '/kitchen', `/recipes/${SOUP}/read`]) expect((await open(path)).status, path).toBe(200);
    for (const recipe of [COUSCOUS, OATS]) expect(new Set((await statuses(recipe)).values()), recipe).toEqual(new Set([200]));
  });
});

describe('a database that is busy or away', () => {
  test('one locked row holds up its own save for a moment, and no page', async () => {
    const lock = await server.owner.transaction();
    await show(lock, { school: DEMO_SCHOOL, account: null, role: 'program' });
    await lock('recipe').where({ id: OATS }).forUpdate().select('id');
    const { revision } = JSON.parse((await open(`/recipes/${OATS}/read/revision`)).body) as { revision: number };
    const making = { revision, servingsWanted: 2, makers: 1, swaps: [] };
    // more saves than there are connections
    const waiting = Array.from({ length: 25 }, () => put(`/recipes/${OATS}/read/class`, making));
    let over = false;
    const answered = Promise.all(waiting).finally(() => (over = true));
    const pages: number[] = [];
    while (!over) pages.push((await open(`/recipes/${OATS}/read`)).status);
    const answers = await answered;
    expect(pages.length).toBeGreaterThan(25);
    expect(new Set(pages)).toEqual(new Set([200]));
    expect(new Set(answers.map((a) => a.status))).toEqual(new Set([503]));
    expect(answers[0].body).toContain('Nothing was lost');
    await lock.rollback();
    expect((await put(`/recipes/${OATS}/read/class`, making)).status).toBe(200);
  });
  test('health tells the truth, and all is well again when the database is back', async () => {
    expect((await open('/health')).body).toBe('ok');
    const name = server.database;
    const { connect } = await import('../../src/lib/server/connect');
    const admin = connect(process.env.ADMIN_DATABASE_URL!);
    try {
      await admin.raw(`alter database ${name} allow_connections false`);
      await admin.raw(`select pg_terminate_backend(pid) from pg_stat_activity where datname = ? and usename = 'yr_app'`, [name]);
      const down = await open('/health');
      // in a word which: a connection that was ended, one that is not given, or no answer in time
      expect([down.status, down.body]).toEqual([503, expect.stringMatching(/^(?:57P01|55000|terminated|slow)$/)]);
      expect((await open('/recipes')).status).toBeGreaterThanOrEqual(500);
      expect(server.process.exitCode).toBeNull();
    } finally {
      await admin.raw(`alter database ${name} allow_connections true`);
      await admin.destroy();
    }
    await expect.poll(async () => (await open('/health')).body, { timeout: 30_000 }).toBe('ok');
    expect((await open('/recipes')).status).toBe(200);
  });
  test('a role that may do more than the application’s is not served with', () => {
    const answer = spawnSync(process.execPath, ['build'], {
      cwd: fileURLToPath(new URL('../..', import.meta.url)),
      env: { PATH: process.env.PATH, PORT: '1', DATABASE_URL: process.env.OWNER_DATABASE_URL, SEAL_KEY: process.env.SEAL_KEY },
      encoding: 'utf8',
    });
    expect([answer.status, answer.stderr]).toEqual([1, expect.stringContaining('application’s own role')]);
  });
});

describe('who may ask, and what is answered', () => {
  const script = async () => /\/(_app\/immutable\/entry\/start\.[^"]+\.js)"/.exec((await open('/')).body)![1];

  test('another name is refused, also for files, and safe headers stand on everything', async () => {
    const file = `/${await script()}`;
    for (const path of ['/', '/favicon.svg', file, '/recipes', '/nothing/here', '/recipes/x/read', '/health']) {
      const own = await open(path);
      for (const name of ['x-content-type-options', 'x-frame-options', 'referrer-policy'])
        expect(own.headers.get(name), `${path} ${name}`).toBeDefined();
      const foreign = await server.ask({ path, headers: [['host', 'cedar-quay.example'], ...HTML] });
      expect([foreign.status, foreign.body], path).toEqual([421, expect.stringContaining('not served under that name')]);
      expect(foreign.body, path).not.toContain('<');
      expect(foreign.headers.get('x-frame-options'), path).toBe('DENY');
    }
  });
  test('a write from another site, from no site, or in a form’s clothes changes nothing', async () => {
    const path = `/recipes/${OATS}/read/class`;
    const { revision } = JSON.parse((await open(`${path}/revision`)).body) as { revision: number };
    const making = { revision, servingsWanted: 9, makers: 1, swaps: [] };
    for (const origin of ['https://elsewhere.example', 'null', ''])
      expect((await put(path, making, [...JSON_TYPE, ['origin', origin]])).status, origin).toBe(403);
    for (const type of ['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'])
      expect([403, 415], type).toContain((await put(path, making, [['content-type', type]])).status);
    expect(JSON.parse((await open(`${path}/revision`)).body)).toEqual({ revision });
    expect((await put(path, making)).status).toBe(200);
  });
  test('everything of size is compressed, and no page stays behind', async () => {
    for (const path of ['/', `/recipes/${COUSCOUS}/look-back`, `/${await script()}`]) {
      const { headers } = await server.ask({ path, headers: [...HTML, ['accept-encoding', 'br, gzip']] });
      expect(headers.get('content-encoding'), path).toBe('br');
      expect(headers.get('cache-control'), path).toBe(path.includes('_app') ? 'public,max-age=31536000,immutable' : 'private, no-store');
    }
  });
  test('the log says what and where, and nothing that anybody wrote', async () => {
    await byOwner((trx) => trx.raw('alter table kitchen_tool rename to kitchen_tool_away').then());
    expect((await open('/kitchen?secret=Tansy')).status).toBe(500);
    await byOwner((trx) => trx.raw('alter table kitchen_tool_away rename to kitchen_tool').then());
    const line = server
      .log()
      .split('\n')
      .findLast((l) => l.includes('"level":50'))!;
    expect(JSON.parse(line)).toMatchObject({ route: '/kitchen', code: '42P01' });
    expect(line).not.toMatch(/Tansy|select|does not exist/);
  });
});

describe('a text without end', () => {
  const line = `Boil ${'boil, '.repeat(300)}\n`;
  test('is read as far as it goes, and the page says how far', async () => {
    const id = randomUUID();
    const source = `Soup\nIngredients\n1 cup rice\nMethod\n${line.repeat(52)}`;
    expect(source.length).toBeGreaterThan(93_000);
    expect((await post('/recipes/new', { id, source })).status).toBe(303);
    const steps = await open(`/recipes/${id}/break-down`);
    expect(steps.status).toBe(200);
    expect(steps.body).toMatch(/lines? of the method (?:is|are) not broken\s+down/);
    const draft = await byOwner((trx) => trx('task_draft').where({ recipe_id: id }).first('step_count'));
    expect(draft.step_count).toBeLessThanOrEqual(600);
    expect((await open(`/recipes/${id}/show`)).body.length).toBeLessThan(3_000_000);
    for (const place of ['read', 'read/class', 'cook', 'look-back'])
      expect((await open(`/recipes/${id}/${place}`)).status, place).toBe(200);
  });
  test('titles and words that every object answers to are words', async () => {
    const id = randomUUID();
    const source =
      'Constructor __proto__ toString\nIngredients\n1 cup constructor\n2 __proto__\nMethod\nConstructor the toString. Boil the constructor in a hasOwnProperty.';
    expect((await post('/recipes/new', { id, source })).status).toBe(303);
    expect((await open(`/recipes/${id}/read`)).body).toContain('Constructor __proto__ toString');
    for (const place of ['read/class', 'break-down', 'show', 'cook'])
      expect((await open(`/recipes/${id}/${place}`)).status, place).toBe(200);
  });
});
