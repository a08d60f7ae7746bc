// Two thousand taps over whatever goes wrong in a kitchen: none that is 30 ms old is lost, and the page never says that something is kept which is not.
import { expect, test, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { connect } from '../../src/lib/server/connect';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { COUSCOUS, networkOf } from './helpers';

const app = connect(process.env.DATABASE_URL!);
test.afterAll(() => app.destroy());
test.describe.configure({ mode: 'serial', retries: 0 });
test.setTimeout(600_000);

let tapped = 0;
const KEYS = ['i', 'g', 'v', 'd', 'm', 'p', 'f'];

/** Each tap is a row of its own, for ever: so rows tell what became of them. */
const rowsOf = (lesson: string) =>
  withSchool(app, DEMO_SCHOOL, async (trx) => Number((await trx('observation').where({ lesson_id: lesson }).count('* as n').first())!.n));
const ready = (page: Page) => expect(page.locator('main[data-ready=true]')).toBeVisible();
const all = (page: Page) => expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0');
const state = async (page: Page) => {
  const at = page.locator('[data-unsent]');
  return {
    unsent: Number(await at.getAttribute('data-unsent')),
    onPage: Number(await at.getAttribute('data-on-page')),
    says: (await at.innerText()).trim(),
  };
};

const LEARNERS = ['Wren', 'Odo', 'Pim', 'Tansy', 'Nell', 'Kit'];
/** A lesson of its own for each test; other lessons of the learner may be open beside it. */
async function begin(page: Page, learner: string): Promise<string> {
  const id = crypto.randomUUID();
  const learnerId = `1ea40001-0000-4000-8000-00000000000${LEARNERS.indexOf(learner) + 1}`;
  const form = { id, learnerId, version: '1', hierarchy: 'full', phase: 'baseline' };
  const origin = test.info().project.use.baseURL!;
  await page.request.post(`${origin}/recipes/${COUSCOUS}/cook`, { form, headers: { origin } });
  await page.goto(`/cook/${id}`);
  await ready(page);
  return id;
}
async function goTo(page: Page, step: number): Promise<void> {
  await page.keyboard.press('Home');
  for (let k = 0; k < step; k++) await page.keyboard.press('ArrowDown');
}
async function taps(page: Page, n: number): Promise<void> {
  for (let k = 0; k < n; k++) await page.keyboard.press(KEYS[k % KEYS.length]);
  tapped += n;
}
/** Nothing waits any more on this device, seen from a page that is not the lesson. */
async function emptied(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.locator('[data-running=true]')).toBeAttached();
  await expect(page.getByRole('heading', { name: 'Still on this device' })).toBeHidden();
}
async function fresh(browser: Browser, script?: () => void): Promise<[BrowserContext, Page]> {
  const context = await browser.newContext();
  if (script) await context.addInitScript(script);
  return [context, await context.newPage()];
}

const noIndexedDb = () => {
  IDBFactory.prototype.open = () => {
    throw new DOMException('blocked', 'SecurityError');
  };
};
const noStorage = () => {
  IDBFactory.prototype.open = () => {
    throw new DOMException('blocked', 'SecurityError');
  };
  Object.defineProperty(window, 'localStorage', {
    get: () => {
      throw new DOMException('blocked', 'SecurityError');
    },
  });
};
const indexedDbNeverAnswers = () => {
  IDBFactory.prototype.open = () => ({ addEventListener() {}, removeEventListener() {} }) as unknown as IDBOpenDBRequest;
};
const full = () => {
  const refuse = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  Storage.prototype.setItem = refuse;
  IDBObjectStore.prototype.put = refuse;
  IDBObjectStore.prototype.add = refuse;
};

test('a network that comes and goes', async ({ browser }) => {
  const [context, page] = await fresh(browser);
  const lesson = await begin(page, 'Kit');
  for (let round = 0; round < 8; round++) {
    await context.setOffline(round % 2 === 1);
    await taps(page, 55);
    const { onPage, says } = await state(page);
    expect(onPage, says).toBe(0);
  }
  await context.setOffline(false);
  await all(page);
  expect(await rowsOf(lesson)).toBe(440);
  await context.close();
});

for (const [name, script] of [
  ['IndexedDB is blocked', noIndexedDb],
  ['IndexedDB never answers', indexedDbNeverAnswers],
] as const)
  test(`${name}: the small store keeps them, also over a reload without a network`, async ({ browser }) => {
    const [context, page] = await fresh(browser, script);
    const network = await networkOf(page, '**/records');
    const lesson = await begin(page, 'Nell');
    network.reachable = false;
    await taps(page, 120);
    expect(await state(page)).toMatchObject({ onPage: 0, unsent: 120, says: expect.stringContaining('on this device') });
    await page.reload();
    await ready(page);
    expect((await state(page)).unsent).toBe(120);
    network.reachable = true;
    await page.evaluate(() => dispatchEvent(new Event('online')));
    await all(page);
    expect(await rowsOf(lesson)).toBe(120);
    await context.close();
  });

for (const [name, script] of [
  ['all storage is blocked', noStorage],
  ['all storage is full', full],
] as const)
  test(`${name}: sent at once, and said as it is`, async ({ browser }) => {
    const [context, page] = await fresh(browser, script);
    const network = await networkOf(page, '**/records');
    const lesson = await begin(page, 'Odo');
    await taps(page, 150);
    await all(page);
    expect(await rowsOf(lesson)).toBe(150);
    network.reachable = false;
    await taps(page, 50);
    await expect.poll(async () => (await state(page)).says).toBe('50 only on this page: keep it open until there is a network');
    expect(await state(page)).toMatchObject({ onPage: 50, unsent: 50 });
    network.reachable = true;
    await page.evaluate(() => dispatchEvent(new Event('online')));
    await all(page);
    expect(await rowsOf(lesson)).toBe(200);
    await context.close();
  });

for (const [name, offline, script] of [
  ['with a network', false, undefined],
  ['without one', true, undefined],
  ['with all storage blocked', false, noStorage],
] as const)
  test(`a tab that is closed 30 ms after a tap, ${name}`, async ({ browser }) => {
    const [context, first] = await fresh(browser, script);
    const lesson = await begin(first, 'Tansy');
    await first.close();
    const TIMES = 25;
    const EACH = 6;
    for (let k = 0; k < TIMES; k++) {
      const page = await context.newPage();
      await page.goto(`/cook/${lesson}`);
      await ready(page);
      await context.setOffline(offline);
      await taps(page, EACH);
      await new Promise((done) => setTimeout(done, 30));
      await page.close();
      await context.setOffline(false);
    }
    const last = await context.newPage();
    await emptied(last);
    await expect.poll(() => rowsOf(lesson)).toBe(EACH * TIMES);
    await context.close();
  });

test('two devices with clocks that are minutes and years wrong: the later tap is in force on both', async ({ browser }) => {
  const off = (ms: number) => {
    const [Real, shift] = [Date, ms];
    globalThis.Date = class extends Real {
      constructor(...given: []) {
        super(...((given.length > 0 ? given : [Real.now() + shift]) as []));
      }
      static now = () => Real.now() + shift;
    } as DateConstructor;
  };
  for (const ms of [120_000, -120_000, 1e11, -1e11]) {
    const [wrongContext, wrong] = await fresh(browser);
    await wrongContext.addInitScript(off, ms);
    const [rightContext, right] = await fresh(browser);
    const lesson = await begin(wrong, 'Pim');
    await right.goto(`/cook/${lesson}`);
    await ready(right);
    // both tap the same steps, unseen by each other; the one with the right clock comes later, then the other again
    for (const [page, key] of [
      [wrong, 'm'],
      [right, 'g'],
      [wrong, 'i'],
      [right, 'd'],
    ] as const) {
      await goTo(page, 0);
      for (let k = 0; k < 15; k++) await page.keyboard.press(key);
      tapped += 15;
      await all(page);
    }
    expect(await rowsOf(lesson)).toBe(60);
    await wrong.reload();
    await ready(wrong);
    await goTo(wrong, 3);
    await expect(wrong.locator('button[aria-pressed=true]')).toContainText('Told what to do');
    await wrongContext.close();
    await rightContext.close();
  }
});

test('bad records in the batch: all others go through, they are shown, and a person throws them away', async ({ browser }) => {
  const [context, page] = await fresh(browser);
  const network = await networkOf(page, '**/records');
  const lesson = await begin(page, 'Nell');
  network.reachable = false;
  await taps(page, 60);
  await page.evaluate((lessonId) => {
    const one = {
      kind: 'record',
      learnerId: '1ea40001-0000-4000-8000-000000000005',
      code: 'model',
      observer: 'teacher',
      how: 'tap',
      madeAt: '2026-11-27T10:00:00.000Z',
      replaces: null,
      device: '0bad0000-0000-4000-8000-000000000009',
    };
    const bad = [
      { ...one, id: '0bad0000-0000-4000-8000-000000000001', lessonId, stepKey: 'gone', count: 1 },
      { ...one, id: 'no id at all', lessonId, stepKey: 'gone', count: 2 },
      { ...one, id: '0bad0000-0000-4000-8000-000000000003', lessonId: '0bad0000-0000-4000-8000-0000000000ff', stepKey: 'gone', count: 3 },
      { ...one, id: '0bad0000-0000-4000-8000-000000000004', lessonId: 'no lesson of ours', stepKey: 'gone', count: 4 },
    ];
    for (const entry of bad) localStorage.setItem(`yr-out ${entry.id}`, JSON.stringify(entry));
  }, lesson);
  await page.reload();
  await ready(page);
  await taps(page, 60);
  network.reachable = true;
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await all(page);
  expect(await rowsOf(lesson)).toBe(120);
  const told = page.locator('details', { hasText: 'not taken by the server' });
  await expect(told).toContainText('this step is not in the steps of this lesson');
  await expect(told).toContainText('2 records were not taken');
  // what is of a lesson that is gone has no page of its own: Today shows it
  await page.goto('/');
  await expect(page.getByText('A lesson that is not there any more')).toBeVisible();
  await expect(told).toHaveCount(2);
  await expect(told.filter({ hasText: 'There is no lesson at this address.' })).toHaveCount(1);
  for (const each of [1, 0]) await told.nth(each).locator('summary').click();
  for (let n = 0; n < 3; n++) await page.getByRole('button', { name: 'Throw away' }).first().click();
  await expect(told).toHaveCount(0);
  await emptied(page);
  await context.close();
});

test('a lesson that nobody opens again: Today says so, and any page sends it', async ({ browser }) => {
  const [context, page] = await fresh(browser);
  const network = await networkOf(page, '**/records');
  const lesson = await begin(page, 'Kit');
  network.reachable = false;
  await taps(page, 120);
  await page.goto('/');
  await expect(page.getByText(/^120 records wait for the network/)).toBeVisible();
  await page.close();
  const other = await context.newPage();
  await other.goto('/learners');
  await expect.poll(() => rowsOf(lesson)).toBe(120);
  await emptied(other);
  await context.close();
});

test('what a device of the program before had not sent yet is taken over and sent', async ({ browser }) => {
  const [context, page] = await fresh(browser);
  const lesson = await begin(page, 'Odo');
  const sent = page.waitForRequest('**/records');
  await taps(page, 1);
  const { stepKey } = ((await sent).postDataJSON() as { observations: { stepKey: string }[] }).observations[0];
  await all(page);
  // away from our pages, so that nothing holds the store
  await page.goto('/favicon.svg');
  await page.evaluate(
    ({ lessonId, stepKey }) =>
      new Promise<void>((done, fail) => {
        indexedDB.deleteDatabase('yellow-rung').onsuccess = () => {
          // version 1 of the library that keeps it is 10 of the browser
          const opening = indexedDB.open('yellow-rung', 10);
          opening.onerror = () => fail(new Error(opening.error?.message));
          opening.onupgradeneeded = () => {
            for (const [name, indexes] of [
              [
                'observations',
                [
                  ['[lessonId+sent]', ['lessonId', 'sent']],
                  ['lessonId', 'lessonId'],
                ],
              ],
              [
                'notes',
                [
                  ['[lessonId+sent]', ['lessonId', 'sent']],
                  ['lessonId', 'lessonId'],
                ],
              ],
              ['ends', [['[lessonId+sent]', ['lessonId', 'sent']]]],
            ] as [string, [string, string | string[]][]][]) {
              const store = opening.result.createObjectStore(name, { keyPath: 'id' });
              for (const [index, path] of indexes) store.createIndex(index, path);
            }
          };
          opening.onsuccess = () => {
            const trx = opening.result.transaction('observations', 'readwrite');
            for (const was of [0, 0, 1])
              trx.objectStore('observations').put({
                id: crypto.randomUUID(),
                lessonId,
                learnerId: '1ea40001-0000-4000-8000-000000000002',
                stepKey,
                code: 'model',
                observer: 'teacher',
                how: 'tap',
                madeAt: '2026-11-27T10:00:00.000Z',
                replaces: null,
                sent: was,
              });
            trx.oncomplete = () => {
              opening.result.close();
              done();
            };
          };
        };
      }),
    { lessonId: lesson, stepKey },
  );
  await page.goto('/');
  // the one that was sent already is not sent again
  await expect.poll(() => rowsOf(lesson)).toBe(3);
  await emptied(page);
  await context.close();
});

test('that were two thousand taps', () => {
  console.log(`taps: ${tapped}, each of them in the database`);
  expect(tapped).toBeGreaterThanOrEqual(2000);
});
