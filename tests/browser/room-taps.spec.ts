// Eight thousand taps in lessons of the whole class, over a server that is killed, a database that goes away, hours without a network, tabs that are
// closed and a clock of the year 2999: none is lost, none is there twice. (Two thousand more, of one learner, stand in taps.spec.ts.)
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { expect, test, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { connect } from '../../src/lib/server/connect';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { COUSCOUS } from './helpers';

const app = connect(process.env.DATABASE_URL!);
test.describe.configure({ mode: 'serial', retries: 0 });
test.setTimeout(900_000);

/** A server of this test's own, to be killed, at the database of all. */
let server: ChildProcess;
let url = '';
async function start(): Promise<void> {
  const port = new URL(url).port;
  server = spawn(process.execPath, ['build'], {
    env: {
      PATH: process.env.PATH,
      HOST: '127.0.0.1',
      PORT: port,
      ORIGIN: url,
      DATABASE_URL: process.env.DATABASE_URL,
      SEAL_KEY: process.env.SEAL_KEY,
      OPEN_AS: 'demo',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const said = server.stdout!;
  for (let text = ''; !text.includes('Listening');) text += String((await once(said, 'data'))[0]);
  said.resume();
}
async function kill(): Promise<void> {
  server.kill('SIGKILL');
  await once(server, 'exit');
}
test.beforeAll(async () => {
  const free = createServer().listen(0, '127.0.0.1');
  await once(free, 'listening');
  url = `http://127.0.0.1:${(free.address() as AddressInfo).port}`;
  free.close();
  await start();
});
test.afterAll(async () => {
  await kill();
  await app.destroy();
});

let tapped = 0;
const ready = (page: Page) => expect(page.locator('main[data-ready=true]')).toBeVisible();
const all = (page: Page) => expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0', { timeout: 120_000 });
const rowsOf = (lesson: string) =>
  withSchool(app, DEMO_SCHOOL, async (trx) => Number((await trx('observation').where({ lesson_id: lesson }).count('* as n').first())!.n));

async function lesson(page: Page): Promise<string> {
  const id = crypto.randomUUID();
  const now = new Date();
  const heldOn = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
  const headers = { origin: url };
  await page.request.post(`${url}/lessons?/add`, { form: { id, heldOn, startsAt: '', minutes: '60', recipeId: COUSCOUS }, headers });
  // other tests add learners to the class; this lesson is of the six
  await withSchool(app, DEMO_SCHOOL, (trx) =>
    trx('lesson_learner').where({ lesson_id: id }).whereRaw('learner_id::text not like ?', ['1ea40001-%']).delete().then(),
  );
  await page.request.post(`${url}/lessons/${id}?/begin`, { form: {}, headers });
  return id;
}
async function open(browser: Browser, id: string, script?: () => void): Promise<[BrowserContext, Page]> {
  const context = await browser.newContext();
  if (script) await context.addInitScript(script);
  const page = await context.newPage();
  await page.goto(`${url}/cook/${id}`);
  await ready(page);
  return [context, page];
}
/** Keys as fast as they come, round the class: each is a record of its own. */
async function taps(page: Page, n: number): Promise<void> {
  await page.evaluate(async (n) => {
    const press = (key: string) => document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    for (let k = 0; k < n; k++) {
      press('igvdmpf'[k % 7]);
      press('ArrowRight');
      if (k % 20 === 19) await new Promise((done) => requestAnimationFrame(done));
    }
  }, n);
  tapped += n;
}
/** What stands on the ladders: the place of each learner, and the records in force. */
const standing = (page: Page) =>
  page.evaluate(async () => {
    const at = [...document.querySelectorAll('section[data-learner]')].map((s) => s.textContent?.match(/\d+\/\d+/)?.[0]);
    const now = (await (await fetch(`${location.pathname}/now`)).json()) as { recorded: { id: string }[] };
    return { at, inForce: now.recorded.map((r) => r.id).sort() };
  });

test('two adults at once, and the server killed again and again in the middle of it', async ({ browser }) => {
  const first = await browser.newPage();
  const id = await lesson(first);
  await first.close();
  const [one, a] = await open(browser, id);
  const [two, b] = await open(browser, id);
  for (let round = 0; round < 6; round++) {
    const both = Promise.all([taps(a, 300), taps(b, 300)]);
    await kill();
    await both;
    await start();
  }
  for (const page of [a, b]) await all(page);
  expect(await rowsOf(id)).toBe(3600);
  // both come to the same record for each step
  for (const page of [a, b]) {
    await page.reload();
    await ready(page);
  }
  expect(await standing(a)).toEqual(await standing(b));
  await one.close();
  await two.close();
});

test('the database goes away and comes back', async ({ browser }) => {
  const admin = connect(process.env.ADMIN_DATABASE_URL!);
  const name = new URL(process.env.DATABASE_URL!).pathname.slice(1);
  const first = await browser.newPage();
  const id = await lesson(first);
  await first.close();
  const [context, page] = await open(browser, id);
  for (let round = 0; round < 3; round++) {
    await admin.raw(`alter database ${name} allow_connections false`);
    await admin.raw(`select pg_terminate_backend(pid) from pg_stat_activity where datname = ? and usename = 'yr_app'`, [name]);
    await taps(page, 400);
    await admin.raw(`alter database ${name} allow_connections true`);
    await taps(page, 100);
  }
  await admin.destroy();
  await all(page);
  await expect.poll(() => rowsOf(id).catch(() => 0)).toBe(1500);
  await context.close();
});

test('a device that thinks it is the year 2999, hours without a network beside one that has it: what came last is in force', async ({
  browser,
}) => {
  const wrongYear = () => {
    const Real = Date;
    const ahead = Real.UTC(2999, 0, 1) - Real.now();
    globalThis.Date = class extends Real {
      constructor(...given: []) {
        super(...((given.length > 0 ? given : [Real.now() + ahead]) as []));
      }
      static now = () => Real.now() + ahead;
    } as DateConstructor;
  };
  const first = await browser.newPage();
  const id = await lesson(first);
  await first.close();
  const [far, wrong] = await open(browser, id, wrongYear);
  const [near, right] = await open(browser, id);
  await far.setOffline(true);
  await taps(wrong, 1000);
  // later by any true clock: the same steps, on the other device
  await taps(right, 6);
  await far.setOffline(false);
  await wrong.evaluate(() => dispatchEvent(new Event('online')));
  await all(wrong);
  await all(right);
  expect(await rowsOf(id)).toBe(1006);
  await right.getByRole('region', { name: 'Wren', exact: true }).waitFor();
  // a tap that is made now, by the right clock, wins over all of 2999
  await right.keyboard.press('Home');
  await right.keyboard.press('f');
  tapped += 1;
  await all(right);
  await wrong.reload();
  await ready(wrong);
  await wrong.keyboard.press('Home');
  await expect(wrong.getByRole('region', { name: 'Wren', exact: true }).locator('button[aria-pressed=true]')).toContainText(
    'Full physical',
  );
  await far.close();
  await near.close();
});

test('tabs that are closed in the middle of it', async ({ browser }) => {
  const first = await browser.newPage();
  const id = await lesson(first);
  await first.close();
  const [context, page] = await open(browser, id);
  await page.close();
  for (let k = 0; k < 10; k++) {
    const tab = await context.newPage();
    await tab.goto(`${url}/cook/${id}`);
    await ready(tab);
    await context.setOffline(k % 2 === 1);
    await taps(tab, 190);
    await tab.close();
    await context.setOffline(false);
  }
  const last = await context.newPage();
  await last.goto(`${url}/`);
  await expect(last.locator('[data-running=true]')).toBeAttached();
  await expect.poll(() => rowsOf(id), { timeout: 60_000 }).toBe(1900);
  await context.close();
});

test('so many taps were made', () => {
  expect(tapped).toBeGreaterThanOrEqual(8000);
});
