// What a school trusts the program with beside the walls: mail that leaves only where it is set up, limits, a full disk, all of a school in one file.
import { createHash, randomBytes } from 'node:crypto';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { strFromU8, unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { DEMO_PEOPLE } from '../../src/lib/server/demo/people';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { startServer, type Answer, type Ask, type OwnServer } from './own-server';

/** Takes mail as RFC 5321 has it, the few words that are needed, and keeps it. */
function postOffice(): Promise<{ server: Server; port: number; letters: string[] }> {
  const letters: string[] = [];
  const server = createServer((line) => {
    let [held, inLetter] = ['', false];
    const say = (text: string) => line.write(`${text}\r\n`);
    say('220 here');
    line.on('data', (part) => {
      held += part.toString('utf8');
      if (inLetter) {
        if (!held.endsWith('\r\n.\r\n')) return;
        letters.push(held);
        [held, inLetter] = ['', false];
        say('250 kept');
        return;
      }
      while (held.includes('\r\n')) {
        const [said] = held.split('\r\n', 1);
        held = held.slice(said.length + 2);
        if (/^DATA/i.test(said)) inLetter = true;
        say(/^QUIT/i.test(said) ? '221 bye' : inLetter ? '354 go on' : '250 yes');
      }
    });
    line.on('error', () => undefined);
  });
  return new Promise((done) =>
    server.listen(0, '127.0.0.1', () => done({ server, port: (server.address() as AddressInfo).port, letters })),
  );
}

let office: Awaited<ReturnType<typeof postOffice>>;
let server: OwnServer;
let cookie: string;
beforeAll(async () => {
  office = await postOffice();
  server = await startServer({
    OPEN_AS: '',
    MAIL_URL: `smtp://127.0.0.1:${office.port}?ignoreTLS=true`,
    MAIL_FROM: 'kitchen@cedar-quay.example',
    REQUESTS_A_MINUTE: '2400',
  });
  const secret = randomBytes(24).toString('base64url');
  await server.owner('session').insert({
    hash: createHash('sha256').update(secret).digest(),
    account_id: DEMO_PEOPLE.find((p) => p.role === 'lead')!.id,
    shared: false,
    device: 'Test',
    ends_at: new Date(Date.now() + 3_600_000),
  });
  cookie = `session=${secret}`;
}, 120_000);
afterAll(async () => {
  await server.stop();
  office.server.close();
});

const ask = (what: Ask): Promise<Answer> =>
  server.ask({ ...what, headers: [['cookie', cookie], ['accept', 'text/html'], ...(what.headers ?? [])] });
const form = (path: string, fields: [string, string][]) =>
  ask({
    method: 'POST',
    path,
    headers: [['content-type', 'application/x-www-form-urlencoded']],
    body: new URLSearchParams(fields).toString(),
  });

describe('mail', () => {
  const tide = 'c1a55001-0000-4000-8000-000000000002';
  /** A letter as it is read: soft line ends of quoted-printable taken out. */
  const read = (letter: string) => letter.replaceAll('=\r\n', '').replaceAll('=3D', '=');

  test('an invitation goes to whom it is for, with the link that the page shows, and the log has neither', async () => {
    const { body } = await form('/people?/invite', [
      ['name', 'Ms Heron'],
      ['email', 'heron@cedar-quay.example'],
      ['role', 'aide'],
      ['class', tide],
    ]);
    const link = /http[^<"]*\/link\/[\w-]+/.exec(body)![0];
    expect(body).toContain('It was sent by mail');
    expect(office.letters.length).toBe(1);
    expect(office.letters[0]).toMatch(/To: heron@cedar-quay[.]example/);
    expect(read(office.letters[0])).toContain(link);
    expect(server.log()).not.toMatch(/heron/i);
    expect(server.log()).not.toContain(link.slice(-20));
  });
  test('a forgotten password is answered alike for all; who exists gets a link, and no more than three an hour', async () => {
    const said = new Set<string>();
    for (const mail of ['lund@cedar-quay.example', 'nobody@nowhere.example', ...Array.from({ length: 4 }, () => 'lund@cedar-quay.example')])
      said.add((await form('/forgot', [['email', mail]])).body.replaceAll(/nonce="[^"]*"|__sveltekit_\w+|value="[^"]*"/g, ''));
    expect(said.size).toBe(1);
    await expect.poll(() => office.letters.length).toBe(4);
    expect(office.letters.slice(1).every((l) => l.includes('To: lund@cedar-quay.example'))).toBe(true);
  });
  test('where no server of mail answers, the link is handed over, and that is said', async () => {
    office.server.close();
    const { body } = await form('/people?/invite', [
      ['name', 'Mr Crane'],
      ['email', 'crane@cedar-quay.example'],
      ['role', 'aide'],
      ['class', tide],
    ]);
    expect(body).toContain('could not be sent by mail');
    expect(body).toMatch(/\/link\/[\w-]{20}/);
  });
});

test('a school in one file: every learner and record, nothing that opens anything', async () => {
  const sent = await fetch(`${server.url}/people/school.zip`, { headers: { cookie } });
  expect(sent.headers.get('content-type')).toBe('application/zip');
  const files = unzipSync(new Uint8Array(await sent.arrayBuffer()));
  const rows = (table: string) =>
    strFromU8(Reflect.get(files, `data/${table}.jsonl`) as Uint8Array)
      .split('\n')
      .filter(Boolean)
      .map((line) => JSON.parse(line) as { [column: string]: unknown });
  const counted = await withSchool(server.owner, DEMO_SCHOOL, async (trx) => ({
    learner: Number((await trx('learner').count('* as n'))[0].n),
    observation: Number((await trx('observation').count('* as n'))[0].n),
  }));
  expect({ learner: rows('learner').length, observation: rows('observation').length }).toEqual(counted);
  expect(strFromU8(Reflect.get(files, 'tables/learner.csv') as Uint8Array)).toContain('Wren');
  expect(rows('class').map((c) => c.name)).toContain('Tide Group');
  const whole = Object.values(files)
    .map((f) => strFromU8(f))
    .join('\n');
  expect(whole).not.toContain('$argon2id$');
  for (const name of ['link', 'own_screen', 'lesson_pass', 'session', 'credential'])
    expect(Object.keys(files)).not.toContain(`data/${name}.jsonl`);
});

test('who was put away longer ago than the term is named to the lead; another term, nobody', async () => {
  const kept = async () => (await ask({ path: '/people/kept' })).body;
  expect(await kept()).toMatch(/Lark[\s\S]*\/learners\/1ea40001-0000-4000-8000-000000000010\/erase/);
  expect((await form('/people?/school', [['months', '48']])).status).toBe(200);
  expect(await kept()).not.toContain('Lark');
  expect((await form('/people?/school', [['months', 'nine']])).status).toBe(400);
});

test('a second factor as a duty: a lead sets up an own one first; whoever lacks it reaches his own page only', async () => {
  const refused = await form('/people?/school', [
    ['months', '36'],
    ['second', 'lead'],
  ]);
  expect([refused.status, refused.body]).toEqual([409, expect.stringContaining('you would be shut out')]);
  expect(
    (
      await form('/people?/school', [
        ['months', '36'],
        ['second', 'aide'],
      ])
    ).status,
  ).toBe(200);
  const secret = randomBytes(24).toString('base64url');
  const [{ id: aide }] = DEMO_PEOPLE.filter((p) => p.role === 'aide');
  const hash = createHash('sha256').update(secret).digest();
  await server
    .owner('session')
    .insert({ hash, account_id: aide, shared: false, device: 'Test', ends_at: new Date(Date.now() + 3_600_000) });
  const as = (path: string, method = 'GET') =>
    server.ask({
      method,
      path,
      headers: [
        ['cookie', `session=${secret}`],
        ['accept', 'text/html'],
        ['content-type', 'application/x-www-form-urlencoded'],
      ],
      ...(method === 'POST' ? { body: 'x=1' } : {}),
    });
  for (const path of ['/', '/learners', '/recipes']) expect((await as(path)).headers.get('location'), path).toBe('/account');
  expect((await as('/account')).status).toBe(200);
  expect((await as('/lessons?/add', 'POST')).status).toBe(401);
  // an authenticator, or a passkey, and all is open
  await server
    .owner('credential')
    .where({ account_id: aide })
    .update({ totp: 'A'.repeat(32) });
  expect((await as('/learners')).status).toBe(200);
});

describe('a full disk', () => {
  // as PostgreSQL says it (Appendix A: 53100, disk_full); what fills is every table that this test writes to
  const fill = (full: boolean) =>
    server.owner.raw(
      full
        ? `create function full_disk() returns trigger language plpgsql as $$ begin raise exception 'no space left' using errcode = '53100'; end $$;
           create trigger full_disk before insert or update on tries for each statement execute function full_disk();
           create trigger full_disk before insert or update on recipe for each statement execute function full_disk();`
        : `drop function full_disk() cascade`,
    );
  test('pages are read, a save says why it cannot be, health says so, and all is well again after', async () => {
    const [{ id }] = (await withSchool(server.owner, DEMO_SCHOOL, (trx) => trx('recipe').limit(1).select('id'))) as [{ id: string }];
    await fill(true);
    try {
      expect((await ask({ path: '/recipes' })).status).toBe(200);
      const { status, body } = await form('/recipes?/put-away', [
        ['id', id],
        ['away', 'yes'],
      ]);
      expect([status, body]).toEqual([503, expect.stringContaining('The disk of the server is full.')]);
      const health = await ask({ path: '/health' });
      expect([health.status, health.body]).toEqual([503, '53100']);
    } finally {
      await fill(false);
    }
    expect((await ask({ path: '/health' })).body).toBe('ok');
    expect(await withSchool(server.owner, DEMO_SCHOOL, (trx) => trx('recipe').where({ id }).first('put_away_at'))).toEqual({
      put_away_at: null,
    });
  });
});

describe('too much', () => {
  test('a body longer than its route takes, or of no length, is refused before it is read', async () => {
    const long = await form('/learners?/add', [['name', 'x'.repeat(150_000)]]);
    expect([long.status, long.body]).toEqual([413, expect.stringContaining('too much at once')]);
    const endless = await fetch(`${server.url}/learners?/add`, {
      method: 'POST',
      headers: { cookie, origin: server.url, 'content-type': 'application/x-www-form-urlencoded' },
      body: new ReadableStream({ start: (c) => (c.enqueue(new TextEncoder().encode('name=x')), c.close()) }),
      duplex: 'half',
    } as RequestInit & { duplex: 'half' });
    expect(endless.status).toBe(411);
    // a recipe may be as long as it is
    expect((await form('/recipes/new', [['source', 'x'.repeat(150_000)]])).status).not.toBe(413);
  });
  test('more requests in a minute than an account may send are told to wait, and others go on', async () => {
    const statuses = new Set<number>();
    let last: Answer | undefined;
    for (let n = 0; n < 40 && last?.status !== 429; n++) {
      const some = await Promise.all(Array.from({ length: 20 }, () => ask({ path: '/recipes' })));
      for (const { status } of some) statuses.add(status);
      last = some.find((a) => a.status === 429) ?? last;
    }
    expect(last?.status).toBe(429);
    expect(Number(last?.headers.get('retry-after'))).toBeGreaterThan(0);
    expect([...statuses].sort()).toEqual([200, 429]);
    expect((await server.ask({ path: '/sign-in' })).status).toBe(200);
    expect((await server.ask({ path: '/health' })).body).toBe('ok');
  });
});
