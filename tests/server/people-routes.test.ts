// Every route and every method of the build, asked by every role, by another school, by nobody, and with sessions that are over: nobody gets past
// what the law of roles says, and what is another school's looks like what is not there.
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { may, ROLES, type Role } from '$core';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { DEMO_PEOPLE } from '../../src/lib/server/demo/people';
import { unpack } from '../../src/lib/packed';
import { isOpen, lawfulRoutes, mayAt } from '../../src/lib/server/people/route-law';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { builtRoutes, startServer, type Answer, type BuiltRoute, type OwnServer } from './own-server';

let server: OwnServer;
const routes = builtRoutes();
const other = { school: randomUUID(), account: randomUUID() };
/** A teacher of the second class alone. */
const beside = randomUUID();
const TIDE = 'c1a55001-0000-4000-8000-000000000002';
const cookies = new Map<string, string>();
/** Ids of things of the demo's school, and of nothing, by the name of the parameter. */
let theirs: Map<string, string>;
const nothing = new Map([
  ['secret', 'x'.repeat(32)],
  ['code', '000000'],
]);

/** What goes packed in an answer, written out: packed, a name would not be seen, and by chance three signs are one. */
const unpacked = (body: string) =>
  body.replace(/[A-Za-z0-9+/]{100,}={0,2}/g, (text) => {
    try {
      return JSON.stringify(unpack(text));
    } catch {
      return text;
    }
  });
/** All that an answer says: without nonces and the hashes of the build's files, which are random letters and now and then spell a name. */
const said = (body: string) => unpacked(body).replace(/ nonce="[A-Za-z0-9+/]+={0,2}"|_app\/immutable\/[\w/.-]+/g, '');

async function signIn(who: string, account: string, session: object = {}): Promise<void> {
  const secret = randomBytes(24).toString('base64url');
  const hash = createHash('sha256').update(secret).digest();
  await server
    .owner('session')
    .insert({ hash, account_id: account, shared: false, device: 'Test', ends_at: new Date(Date.now() + 3_600_000), ...session });
  cookies.set(who, `session=${secret}`);
}

beforeAll(async () => {
  server = await startServer({ OPEN_AS: '', REQUESTS_A_MINUTE: '1000000', WAIT_MS: '30000' });
  for (const { role, id } of DEMO_PEOPLE) await signIn(role, id);
  await withSchool(server.owner, other.school, async (trx) => {
    await trx('school').insert({ id: other.school, name: 'Another school' });
    await trx('account').insert({
      school_id: other.school,
      id: other.account,
      name: 'Ms Vane',
      email: 'vane@elsewhere.example',
      role: 'lead',
    });
  });
  await signIn('elsewhere', other.account);
  await withSchool(server.owner, DEMO_SCHOOL, async (trx) => {
    const at = { school_id: DEMO_SCHOOL };
    await trx('account').insert({ ...at, id: beside, name: 'Mr Beside', email: 'beside@cedar-quay.example', role: 'teacher' });
    await trx('class_person').insert({ ...at, account_id: beside, class_id: TIDE });
  });
  await signIn('beside', beside);
  const [{ id: lead }] = DEMO_PEOPLE.filter((p) => p.role === 'lead');
  await signIn('over', lead, { ends_at: new Date(Date.now() - 1000) });
  await signIn('unused', lead, { seen_at: new Date(Date.now() - 8 * 24 * 3_600_000) });
  await signIn('unused, shared', lead, { shared: true, seen_at: new Date(Date.now() - 31 * 60_000) });
  const away = randomUUID();
  await withSchool(server.owner, DEMO_SCHOOL, (trx) =>
    trx('account')
      .insert({
        school_id: DEMO_SCHOOL,
        id: away,
        name: 'Mr Away',
        email: 'away@cedar-quay.example',
        role: 'lead',
        put_away_at: trx.fn.now(),
      })
      .then(),
  );
  await signIn('put away', away);
  cookies.set('nobody', '');
  cookies.set('made up', `session=${randomBytes(24).toString('base64url')}`);
  theirs = await withSchool(server.app, DEMO_SCHOOL, async (trx) => {
    const goal = await trx('goal').first('id', 'learner_id');
    return new Map([
      ['learner', goal.learner_id],
      ['goal', goal.id],
      ['recipe', (await trx('task_version').first('recipe_id')).recipe_id],
      ['lesson', (await trx('class_lesson').orderBy('held_on', 'desc').first('id')).id],
    ]);
  });
}, 120_000);
afterAll(() => server.stop());

/** A route's address, with ids of the demo's school or of nothing. */
function addressOf({ id }: Pick<BuiltRoute, 'id'>, of: 'theirs' | 'nothing'): string {
  const kind = id.startsWith('/learners') ? 'learner' : id.startsWith('/recipes') ? 'recipe' : 'lesson';
  const fill = (name: string) => nothing.get(name) ?? (of === 'nothing' ? randomUUID() : theirs.get(name === 'id' ? kind : name)!);
  return id.replace(/\[(\w+)=\w+\]/g, (_, name: string) => fill(name));
}

type Call = { route: BuiltRoute; method: string; action?: string };
/** Everything that can be asked for. Events are left out where they would be open for good; what may see them is asked by HEAD. */
const calls: Call[] = routes.flatMap((route) => [
  ...(route.isPage ? [{ route, method: 'GET' }] : []),
  ...route.methods.map((method) => ({ route, method })),
  ...route.actions.map((action) => ({ route, method: 'POST', action })),
]);
const WRITES = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

function ask({ route, method, action }: Call, who: string, of: 'theirs' | 'nothing' = 'theirs'): Promise<Answer> {
  const path = addressOf(route, of) + (action && action !== 'default' ? `?/${action}` : '');
  const writes = WRITES.has(method);
  return server.ask({
    method,
    path,
    headers: [
      ['cookie', cookies.get(who)!],
      ...(writes ? ([['content-type', action ? 'application/x-www-form-urlencoded' : 'application/json']] as [string, string][]) : []),
    ],
    ...(writes ? { body: action ? 'x=1' : '{}' } : {}),
  });
}
const nameOf = ({ route, method, action }: Call) => `${method} ${route.id}${action ? ` ?/${action}` : ''}`;

/** All that the demo's school has, as one mark. */
async function all(): Promise<string> {
  const tables: string[] = await server
    .owner('pg_tables')
    .where({ schemaname: 'public' })
    .whereNotIn('tablename', ['session', 'trail', 'tries'])
    .pluck('tablename');
  return withSchool(server.owner, DEMO_SCHOOL, async (trx) => {
    const marks: string[] = [];
    for (const table of tables.sort()) {
      const { rows } = await trx.raw<{ rows: { mark: string }[] }>(
        `select md5(coalesce(string_agg(t::text, '' order by t::text), '')) as mark from ?? t`,
        [table],
      );
      marks.push(rows[0].mark);
    }
    return marks.join();
  });
}

test('the law names every route of the build, and no other', () => {
  expect(routes.map((r) => r.id).sort()).toEqual(lawfulRoutes().sort());
  expect(calls.length).toBeGreaterThan(90);
});

describe.each(['nobody', 'made up', 'over', 'unused', 'unused, shared', 'put away'])('%s', (who) => {
  test('is led to sign in, writes nothing, and reads what is open', async () => {
    const before = await all();
    for (const call of calls) {
      const writes = WRITES.has(call.method);
      if (isOpen(call.route.id, writes)) continue;
      const { status, headers } = await ask(call, who);
      if (writes) expect(status, nameOf(call)).toBe(401);
      else expect([status, headers.get('location')?.split('?')[0]], nameOf(call)).toEqual([303, '/sign-in']);
    }
    expect(await all()).toBe(before);
  });
});

describe.each(ROLES)('%s', (role: Role) => {
  test('is refused what the law does not give, and nothing else', async () => {
    const before = await all();
    for (const call of calls.filter((c) => !isOpen(c.route.id, WRITES.has(c.method)))) {
      const writes = WRITES.has(call.method);
      const allowed = mayAt(role, call.route.id, writes);
      // what is allowed is asked for nothing that is there, so that the next role finds all of it
      const { status, body } = await ask(call, role, allowed && writes ? 'nothing' : 'theirs');
      if (allowed) expect([401, 403, 500], `${nameOf(call)}: ${body.slice(0, 200)}`).not.toContain(status);
      else expect(status, nameOf(call)).toBe(403);
    }
    // the law itself is checked against the table of roles by hand: whoever only looks
    if (!may(role, 'record')) expect(await all()).toBe(before);
  });
});

test('whoever is signed out from elsewhere hears nothing more of a lesson', async () => {
  await signIn('listener', DEMO_PEOPLE.find((p) => p.role === 'aide')!.id, { device: 'Listener' });
  const answer = await fetch(`${server.url}/cook/${theirs.get('lesson')}/live`, { headers: { cookie: cookies.get('listener')! } });
  expect(answer.status).toBe(200);
  const reader = answer.body!.getReader();
  expect(new TextDecoder().decode((await reader.read()).value)).toContain('retry');
  await server.owner('session').where({ device: 'Listener' }).delete();
  // the line is ended by the server as it next looks
  let last = await reader.read();
  while (!last.done) last = await reader.read();
  expect(last.done).toBe(true);
});

describe('a lesson pass', () => {
  const inLesson = (id: string) => id.startsWith('/cook/[lesson=id]');
  const enter = (code: string) =>
    server.ask({
      method: 'POST',
      path: '/own',
      body: `code=${code}`,
      headers: [
        ['content-type', 'application/x-www-form-urlencoded'],
        ['accept', 'text/html'],
      ],
    });

  test('opens its lesson as an aide has it, and nothing else, until its day is over', async () => {
    // who walked all routes has signed out on the way
    await signIn('teacher', DEMO_PEOPLE.find((p) => p.role === 'teacher')!.id);
    const made = await ask({ route: { id: '/cook/[lesson=id]/pass' } as BuiltRoute, method: 'POST' }, 'teacher');
    expect(made.status, made.body).toBe(200);
    const { code } = JSON.parse(made.body) as { code: string };
    expect(code).toMatch(/^\d{8}$/);
    const answer = await enter(code.replace(/^(.{4})/, '$1+'));
    expect([answer.status, answer.headers.get('location')]).toEqual([303, `/cook/${theirs.get('lesson')}`]);
    cookies.set('pass', answer.headers.get('set-cookie')!.split(';')[0]);
    // the browser sends it to this lesson alone; here it is sent everywhere
    expect(answer.headers.get('set-cookie')).toContain(`Path=/cook/${theirs.get('lesson')};`);
    const before = await all();
    for (const call of calls.filter((c) => !isOpen(c.route.id, WRITES.has(c.method)))) {
      const writes = WRITES.has(call.method);
      const { status } = await ask(call, 'pass');
      if (!inLesson(call.route.id)) expect(status, nameOf(call)).toBe(writes ? 401 : 303);
      else if (mayAt('aide', call.route.id, writes)) expect([303, 401, 403, 500], nameOf(call)).not.toContain(status);
      else expect(status, nameOf(call)).toBe(403);
    }
    expect(await all()).toBe(before);
    expect((await server.ask({ path: `/cook/${randomUUID()}`, headers: [['cookie', cookies.get('pass')!]] })).status).toBe(303);
    await withSchool(server.owner, DEMO_SCHOOL, async (trx) => {
      // triggers keep a lesson's day once something was recorded in it
      await trx.raw('alter table class_lesson disable trigger user');
      await trx('class_lesson')
        .where({ id: theirs.get('lesson') })
        .update({ held_on: '2026-01-05' });
    });
    expect((await server.ask({ path: `/cook/${theirs.get('lesson')}`, headers: [['cookie', cookies.get('pass')!]] })).status).toBe(303);
    expect((await enter(code)).status).toBe(400);
  });
});

/** What differs from one answer to the next of the same kind: ids, the number of the request, nonces and times. */
const plain = (body: string) =>
  body.replace(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g, 'ID').replace(/nonce="[^"]*"|__sveltekit_\w+|\d{13}/g, 'N');

describe('another school', () => {
  test('finds what is not its own as it finds what is not there, and changes nothing of it', async () => {
    const before = await all();
    for (const call of calls.filter((c) => c.route.id.includes('[') && !isOpen(c.route.id, WRITES.has(c.method)))) {
      const [mine, none] = [await ask(call, 'elsewhere', 'theirs'), await ask(call, 'elsewhere', 'nothing')];
      expect([mine.status, plain(mine.body)], nameOf(call)).toEqual([none.status, plain(none.body)]);
      if (!WRITES.has(call.method)) expect(mine.status, nameOf(call)).toBeGreaterThanOrEqual(400);
    }
    expect(await all()).toBe(before);
  });
  test('sees no name of the demo’s learners or people on any page of its own', async () => {
    for (const call of calls.filter((c) => !c.route.id.includes('[') && c.method === 'GET')) {
      const { body } = await ask(call, 'elsewhere');
      for (const name of ['Wren', 'Odo', 'Tansy', 'Ferrow', 'Cedar Quay']) expect(said(body), nameOf(call)).not.toContain(name);
    }
  });
});

describe('another class of the same school', () => {
  const ofLearners = (id: string) => id.startsWith('/learners/') || id.startsWith('/lessons/') || id.startsWith('/cook/');

  test('finds its learners and lessons as it finds what is not there, and changes nothing of them', async () => {
    const before = await all();
    const walled = calls.filter(
      (c) => ofLearners(c.route.id) && c.route.id.includes('[') && mayAt('teacher', c.route.id, WRITES.has(c.method)),
    );
    expect(walled.length).toBeGreaterThan(30);
    for (const call of walled) {
      const [mine, none] = [await ask(call, 'beside', 'theirs'), await ask(call, 'beside', 'nothing')];
      expect([mine.status, plain(mine.body)], nameOf(call)).toEqual([none.status, plain(none.body)]);
    }
    expect(await all()).toBe(before);
  });
  test('sees no name of its learners on any page, those of shared recipes too', async () => {
    let packed = 0;
    for (const call of calls.filter((c) => c.method === 'GET')) {
      const { body } = await ask(call, 'beside');
      if (unpacked(body) !== body) packed++;
      for (const name of ['Wren', 'Odo', 'Tansy', 'Nell']) expect(said(body), nameOf(call)).not.toContain(name);
    }
    expect(packed).toBeGreaterThan(1);
  });
  test('whoever is in no class is told so, reaches his own page, and sees no learner anywhere', async () => {
    await withSchool(server.owner, DEMO_SCHOOL, (trx) => trx('class_person').where({ account_id: beside }).delete().then());
    try {
      for (const path of ['/', '/learners', '/lessons', '/recipes']) {
        const { status, body } = await server.ask({
          path,
          headers: [
            ['cookie', cookies.get('beside')!],
            ['accept', 'text/html'],
          ],
        });
        expect([status, body], path).toEqual([403, expect.stringContaining('You are in no class yet')]);
        for (const name of ['Rook', 'Wren']) expect(said(body), path).not.toContain(name);
      }
      expect((await server.ask({ path: '/account', headers: [['cookie', cookies.get('beside')!]] })).status).toBe(200);
    } finally {
      await withSchool(server.owner, DEMO_SCHOOL, (trx) =>
        trx('class_person').insert({ school_id: DEMO_SCHOOL, account_id: beside, class_id: TIDE }).then(),
      );
    }
  });
  test('works with its own, whatever class the device asks for', async () => {
    const { body } = await server.ask({ path: '/learners', headers: [['cookie', `${cookies.get('beside')}; class=${randomUUID()}`]] });
    for (const name of ['Rook', 'Fern', 'Ash']) expect(body).toContain(name);
  });
});
