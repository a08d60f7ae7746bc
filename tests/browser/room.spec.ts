// A lesson of the whole class: six ladders at once, several devices, no network, a learner's own screen.
import { expect, test, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { connect } from '../../src/lib/server/connect';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { arrived, COUSCOUS, fitsWidth, noAxeFindings, OATS, WREN } from './helpers';

const app = connect(process.env.DATABASE_URL!);
test.afterAll(() => app.destroy());
const NAMES = ['Wren', 'Odo', 'Pim', 'Tansy', 'Nell', 'Kit'];
const ready = (page: Page) => expect(page.locator('main[data-ready=true]')).toBeVisible();
const sent = (page: Page) => expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0');
const ladder = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const rowsOf = (lesson: string) =>
  withSchool(app, DEMO_SCHOOL, async (trx) => Number((await trx('observation').where({ lesson_id: lesson }).count('* as n').first())!.n));

const day = () => {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
};
/** A lesson of the whole class today, begun or only on the list. @returns its id */
async function lessonOf(page: Page, recipe: string, begun = true): Promise<string> {
  const id = crypto.randomUUID();
  const origin = test.info().project.use.baseURL!;
  const form = { id, heldOn: day(), startsAt: '10:00', minutes: '60', recipeId: recipe };
  await page.request.post(`${origin}/lessons?/add`, { form, headers: { origin } });
  // other tests add learners to the class; this lesson is of the six
  await withSchool(app, DEMO_SCHOOL, (trx) =>
    trx('lesson_learner').where({ lesson_id: id }).whereRaw('learner_id::text not like ?', ['1ea40001-%']).delete().then(),
  );
  if (begun) await page.request.post(`${origin}/lessons/${id}?/begin`, { form: {}, headers: { origin } });
  return id;
}
async function device(browser: Browser, options: object = {}): Promise<[BrowserContext, Page]> {
  const context = await browser.newContext(options);
  return [context, await context.newPage()];
}

test('six learners, forty steps each: 240 taps, each a record, and no other page', async ({ page }) => {
  const id = await lessonOf(page, COUSCOUS);
  await page.goto(`/cook/${id}`);
  await ready(page);
  let pages = 0;
  page.on('framenavigated', () => pages++);
  const rungs = await Promise.all(
    NAMES.map(async (name) => {
      const all = ladder(page, name).getByRole('list').getByRole('button');
      expect(await all.count()).toBe(7);
      return all;
    }),
  );
  for (let k = 0; k < 40; k++) {
    // one tap each, round the class: what is tapped twice at once on the same ladder would count once
    for (const [i, all] of rungs.entries()) await all.nth((k + i) % 7).dispatchEvent('click');
    await expect(ladder(page, 'Kit').getByText(`${k + 2}/`)).toBeVisible();
    await page.waitForFunction((t) => performance.now() - t > 420, await page.evaluate(() => performance.now()));
  }
  await sent(page);
  expect(await rowsOf(id)).toBe(240);
  expect(pages).toBe(0);
});

test('a second tap within 400 ms on the same ladder is no other record, and what was recorded is taken back there', async ({ page }) => {
  const id = await lessonOf(page, OATS);
  await page.goto(`/cook/${id}`);
  await ready(page);
  const wren = ladder(page, 'Wren');
  await wren.getByRole('button', { name: /^Gesture/ }).dblclick();
  await expect(wren.getByText(/^2\//)).toBeVisible();
  const undo = wren.getByRole('button', { name: /Undo for Wren/ });
  await expect(undo).toContainText('Gesture, step 1');
  await undo.click();
  await expect(wren.getByText(/^1\//)).toBeVisible();
  await sent(page);
  // the record, and the one that takes it back
  expect(await rowsOf(id)).toBe(2);
});

test('what was tapped is said in the very next frame, and a key in the same moment comes after it', async ({ page }) => {
  const id = await lessonOf(page, OATS);
  await page.goto(`/cook/${id}`);
  await ready(page);
  const wren = ladder(page, 'Wren');
  const gesture = wren.getByRole('list').getByRole('button', { name: /^Gesture/ });
  const atOnce = await gesture.evaluate(async (rung: HTMLElement) => {
    rung.click();
    await new Promise(requestAnimationFrame);
    return rung.closest('section')!.querySelector('.undo')!.textContent;
  });
  expect(atOnce).toContain('Gesture, step 1');
  await expect(wren.getByText(/^2\//)).toBeVisible();
  // no frame lies between a tap and a key here, nor between a tap and what takes it back
  const tapAndKey = async (key: string) => {
    await page.waitForFunction((t) => performance.now() - t > 420, await page.evaluate(() => performance.now()));
    await gesture.evaluate((rung: HTMLElement, key) => {
      rung.click();
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    }, key);
  };
  await tapAndKey('m');
  await expect(wren.getByText(/^4\//)).toBeVisible();
  await expect(wren.getByRole('button', { name: /Undo for Wren/ })).toContainText('Shown how, step 3');
  await tapAndKey('u');
  await expect(wren.getByRole('button', { name: /Undo for Wren/ })).toContainText('Shown how, step 3');
  await expect(wren.getByText(/^4\//)).toBeVisible();
  await sent(page);
  expect(await rowsOf(id)).toBe(5);
});

test('every rung is a target of at least 64 px with six ladders at a desk, and nothing is cut off', async ({ page }) => {
  await page.goto(`/cook/${await lessonOf(page, COUSCOUS)}`);
  await ready(page);
  const boxes = await page.locator('section[data-learner] ol button, section[data-learner] > div:last-child button').evaluateAll((all) =>
    all.map((b) => {
      const r = b.getBoundingClientRect();
      return { height: r.height, bottom: r.bottom, right: r.right };
    }),
  );
  expect(boxes.length).toBe(6 * 9);
  for (const box of boxes) {
    expect(box.height).toBeGreaterThanOrEqual(64);
    expect(box.bottom).toBeLessThanOrEqual(800);
    expect(box.right).toBeLessThanOrEqual(1280);
  }
  await noAxeFindings(page, 'six ladders');
  expect(await page.locator('.rung-next').count()).toBeLessThanOrEqual(6);
});

test('keys for six ladders: choose a learner, record, take back, go on', async ({ page }) => {
  await page.goto(`/cook/${await lessonOf(page, OATS)}`);
  await ready(page);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('m');
  await page.keyboard.press('2');
  await expect(ladder(page, 'Pim').getByText(/^3\//)).toBeVisible();
  await page.keyboard.press('u');
  await expect(ladder(page, 'Pim').getByText(/^2\//)).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('r');
  await expect(ladder(page, 'Odo').getByText(/^2\//)).toBeVisible();
  await expect(ladder(page, 'Wren').getByText(/^1\//)).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByRole('region', { name: 'The step' })).toBeVisible();
});

test('two devices: what one records stands in the other, and what a third says of who is there too', async ({ browser }) => {
  const [one, first] = await device(browser);
  const id = await lessonOf(first, COUSCOUS);
  const [two, second] = await device(browser);
  for (const page of [first, second]) {
    await page.goto(`/cook/${id}`);
    await ready(page);
  }
  await ladder(first, 'Tansy')
    .getByRole('button', { name: /^Shown how/ })
    .click();
  await expect(ladder(second, 'Tansy').getByText(/^2\//)).toBeVisible({ timeout: 5000 });
  await ladder(second, 'Tansy')
    .getByRole('button', { name: /^Gesture/ })
    .click();
  await expect(ladder(first, 'Tansy').getByText(/^3\//)).toBeVisible({ timeout: 5000 });
  // taken back on the first: the second follows
  await ladder(first, 'Tansy')
    .getByRole('button', { name: /Undo for Tansy/ })
    .click();
  await expect(ladder(second, 'Tansy').getByText(/^1\//)).toBeVisible({ timeout: 5000 });
  // the second was away while something was taken back: it is told when it is there again
  await ladder(first, 'Kit')
    .getByRole('button', { name: /^Gesture/ })
    .click();
  await expect(ladder(second, 'Kit').getByText(/^2\//)).toBeVisible({ timeout: 5000 });
  await two.setOffline(true);
  await ladder(first, 'Kit')
    .getByRole('button', { name: /Undo for Kit/ })
    .click();
  await sent(first);
  await two.setOffline(false);
  await expect(ladder(second, 'Kit').getByText(/^1\//)).toBeVisible();
  await second.getByRole('button', { name: 'More for Nell' }).click();
  await second.getByRole('button', { name: 'absent' }).click();
  await expect(ladder(first, 'Nell').getByText('Absent today.')).toBeVisible({ timeout: 5000 });
  await one.close();
  await two.close();
});

test('a wait has its timer from the record before it: after a reload, and whatever is put right meanwhile', async ({ page }) => {
  await page.clock.install();
  await page.goto(`/cook/${await lessonOf(page, COUSCOUS)}`);
  await ready(page);
  const wren = ladder(page, 'Wren');
  const timers = page.getByRole('group', { name: 'Timers' });
  for (let k = 0; k < 40 && !(await wren.innerText()).includes('Leave the couscous'); k++) await page.keyboard.press('i');
  await expect(wren).toContainText('Leave the couscous for 5 minutes');
  await expect(timers).toContainText(/Wren (5:00|4:5\d)/);
  await sent(page);
  await page.clock.fastForward('02:00');
  await expect(timers).toContainText(/Wren (3:00|2:5\d)/);
  // the first step is put right: the wait goes on as it was
  await page.keyboard.press('Home');
  await page.keyboard.press('g');
  while (!(await wren.innerText()).includes('Leave the couscous')) await page.keyboard.press('ArrowDown');
  await expect(timers).toContainText(/Wren (3:00|2:[45]\d)/);
  await sent(page);
  // by the server's clock no two minutes went by: after a reload the device's own, which was put forward, counts for nothing
  await page.reload();
  await ready(page);
  await expect(timers).toContainText(/Wren 4:\d\d/);
  await timers.getByRole('button', { name: /\+1/ }).click();
  await expect(timers).toContainText(/Wren 5:\d\d/);
  await page.clock.fastForward('06:30');
  await expect(timers).toContainText('time is up');
  await timers.getByRole('button', { name: /^Stop/ }).click();
  await expect(timers).not.toContainText('Wren');
});

test('with no network: a lesson that was only on today’s list opens from cold, records, reloads; all of it arrives', async ({
  browser,
}) => {
  const [context, page] = await device(browser, { serviceWorkers: 'allow' });
  const id = await lessonOf(page, OATS, false);
  await page.goto('/');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // the page is asked for again once the worker is there, as on any later visit
  await page.goto(`/cook/${id}`);
  await ready(page);
  await expect
    .poll(() => page.evaluate(async (path) => (await (await caches.open('yr-pages')).match(path)) !== undefined, `/cook/${id}`))
    .toBe(true);
  // the photographs that its pictures and names show come along: those that no page shows before
  const kept = () => page.evaluate(async () => (await (await caches.open('yr-pages')).keys()).map((r) => new URL(r.url).pathname));
  await expect.poll(kept).toEqual(expect.arrayContaining(['/kitchen/photo', `/learners/${WREN}/photo`]));
  await page.close();
  await context.setOffline(true);
  const cold = await context.newPage();
  await cold.goto(`/cook/${id}`);
  await ready(cold);
  const face = ladder(cold, 'Wren').locator('img');
  expect(await face.evaluate((img: HTMLImageElement) => img.decode().then(() => img.naturalWidth))).toBe(240);
  for (const name of ['Wren', 'Kit'])
    await ladder(cold, name)
      .getByRole('button', { name: /^Gesture/ })
      .click();
  await expect(cold.getByText('2 on this device')).toBeVisible();
  await cold.reload();
  await ready(cold);
  await expect(ladder(cold, 'Wren').getByText(/^2\//)).toBeVisible();
  await context.setOffline(false);
  await cold.evaluate(() => dispatchEvent(new Event('online')));
  await sent(cold);
  expect(await rowsOf(id)).toBe(2);
  // sent, closed, and cold again with no network: what was sent is still known
  await context.setOffline(true);
  await cold.reload();
  await ready(cold);
  await expect(ladder(cold, 'Wren').getByText(/^2\//)).toBeVisible();
  await context.close();
});

test('a learner’s own screen: a code opens it, what he presses is a mark, a whole lesson by one switch', async ({ browser }) => {
  const [one, teacher] = await device(browser);
  const id = await lessonOf(teacher, OATS);
  await withSchool(app, DEMO_SCHOOL, (trx) =>
    trx('learner')
      .where({ name: 'Kit' })
      .update({ screen: JSON.stringify({ words: 'under', contrast: true, speaks: false, switches: 1, scanSeconds: 1, scanSpeaks: false }) })
      .then(),
  );
  await teacher.goto(`/cook/${id}`);
  await ready(teacher);
  await teacher.getByRole('button', { name: 'More for Kit' }).click();
  await teacher.getByRole('button', { name: 'A screen for Kit' }).click();
  const code = await teacher.locator('b.tabular-nums').innerText();
  await teacher.keyboard.press('Escape');
  const [two, own] = await device(browser);
  await own.goto('/own');
  await expect(own.locator('[data-running=true]')).toBeAttached();
  await own.getByLabel('The code on the teacher’s screen').fill('000000');
  await own.getByRole('button', { name: 'Open' }).click();
  await expect(own.getByRole('alert')).toContainText('No lesson of today has this code');
  await own.getByLabel('The code on the teacher’s screen').fill(code);
  await own.getByRole('button', { name: 'Open' }).click();
  await ready(own);
  await noAxeFindings(own, 'own screen', 'aaa');
  // 400 % zoom of a 1280 px screen, and forced colours
  await own.setViewportSize({ width: 320, height: 640 });
  await fitsWidth(own, 'own screen at 320');
  await own.emulateMedia({ forcedColors: 'active' });
  await noAxeFindings(own, 'own screen, forced colours', 'shape');
  await own.emulateMedia({ forcedColors: 'none' });
  await own.setViewportSize({ width: 1180, height: 820 });
  // nothing of levels, aims or others is sent to it
  const html = await (await own.request.get(own.url())).text();
  for (const word of ['Gesture', 'hierarchy', 'independent', 'Wren', 'Tansy']) expect(html).not.toContain(word);
  const total = await own.locator('[role=img] span').count();
  for (let n = 0; n < total; n++) {
    await expect(own.getByRole('img', { name: new RegExp(`^${n} of ${total} done`) })).toBeVisible();
    // the switch is pressed while "Done" is lit
    await expect(own.locator('button[data-lit=true]')).toHaveText('Done');
    await own.keyboard.press(' ');
  }
  await expect(own.getByText('All done!')).toBeVisible();
  await expect(ladder(teacher, 'Kit').getByText('Kit says: done')).toBeVisible();
  // marks are no records
  expect(await rowsOf(id)).toBe(0);
  await ladder(teacher, 'Kit')
    .getByRole('button', { name: /^Gesture/ })
    .click();
  await sent(teacher);
  expect(await rowsOf(id)).toBe(1);
  await one.close();
  await two.close();
});

test('a dish together: steps are shared out, moved by hand, and a step of somebody else is not on a ladder', async ({ page }) => {
  const id = await lessonOf(page, COUSCOUS, false);
  await page.goto(`/lessons/${id}`);
  await expect(page.locator('[data-running=true]')).toBeAttached();
  await page.getByRole('radio', { name: 'one dish together' }).click();
  await expect(page.getByText(/^Who does what: Wren \d+ steps/)).toBeVisible();
  await page.getByText(/^Who does what/).click();
  const drain = page.getByLabel(/^Who: Open the can/);
  await drain.selectOption({ label: 'Tansy' });
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
  await page.getByRole('button', { name: 'Begin the lesson' }).click();
  await arrived(page, /\/cook\//);
  await ready(page);
  const counts = await page.locator('section[data-learner] span.tabular-nums').allInnerTexts();
  const steps = counts.map((t) => Number(/\/(\d+)$/.exec(t)?.[1]));
  expect(Math.max(...steps)).toBeLessThan(40);
  const shares = await withSchool(app, DEMO_SCHOOL, (trx) =>
    trx('lesson_learner as ll')
      .join('learner as p', 'p.id', 'll.learner_id')
      .where('ll.lesson_id', id)
      .select('p.name', 'll.share')
      .then((rows) => new Map(rows.map((r) => [r.name as string, r.share as string[]]))),
  );
  const having = [...shares].filter(([, share]) => share.some((key) => key.includes('open-can'))).map(([name]) => name);
  expect(having).toEqual(['Tansy']);
});

test('one who is absent from a dish together leaves no step to nobody', async ({ page }) => {
  const id = await lessonOf(page, OATS, false);
  await page.goto(`/lessons/${id}`);
  await expect(page.locator('[data-running=true]')).toBeAttached();
  await page.getByRole('radio', { name: 'one dish together' }).click();
  await expect(page.getByText(/^Who does what: Wren \d+ steps/)).toBeVisible();
  await page.getByRole('button', { name: 'Begin the lesson' }).click();
  await ready(page);
  await page.getByRole('button', { name: 'More for Pim' }).click();
  await page.getByRole('button', { name: 'absent' }).click();
  await expect(ladder(page, 'Pim').getByText('Absent today.')).toBeVisible();
  const missing = () =>
    withSchool(app, DEMO_SCHOOL, async (trx) => {
      const rows = await trx('lesson_learner').where({ lesson_id: id }).whereNot({ presence: 'absent' }).select('share');
      const keys: string[] = await trx('task_step').where({ recipe_id: OATS, number: 1 }).pluck('key');
      return keys.filter((key) => !rows.some((r) => (r.share as string[]).includes(key)));
    });
  // but what an adult does
  const adults = await withSchool(app, DEMO_SCHOOL, (trx) =>
    trx('task_step')
      .where({ recipe_id: OATS, number: 1 })
      .whereRaw(`step ->> 'supervision' = 'adult-does'`)
      .pluck('key')
      .then((keys: string[]) => keys),
  );
  // that he is absent is said at once; his steps are passed on right after
  await expect.poll(missing).toEqual(adults);
});

test('last week’s lesson is held again in two taps, and one with nothing in it can be taken away', async ({ page }) => {
  const id = await lessonOf(page, OATS, false);
  const week = new Date(Date.now() + 7 * 86_400_000).toISOString().slice(0, 10);
  await withSchool(app, DEMO_SCHOOL, (trx) => trx('class_lesson').where({ held_on: week }).delete().then());
  await page.goto(`/lessons?week=${week}`);
  await expect(page.locator('[data-running=true]')).toBeAttached();
  const again = page.locator('form').filter({ hasText: 'Overnight oats' }).getByRole('button', { name: 'Again on this day' });
  await again.first().click();
  await arrived(page, /\/lessons\/[0-9a-f-]{36}$/);
  expect(page.url()).not.toContain(id);
  await expect(page.getByRole('checkbox', { name: 'Pim' })).toBeChecked();
  await page.getByRole('button', { name: 'Take this lesson away' }).click();
  await arrived(page, /\/lessons$/);
});

test('phone and tablets: one ladder with a strip of names, or all that fit; nothing wider than the screen', async ({ browser }) => {
  const [context, page] = await device(browser, { hasTouch: true, viewport: { width: 390, height: 844 } });
  await page.goto(`/cook/${await lessonOf(page, OATS)}`);
  await ready(page);
  await page
    .getByRole('navigation', { name: 'Learners' })
    .getByRole('button', { name: /^Tansy/ })
    .tap();
  await page.getByRole('button', { name: /^Gesture/ }).tap();
  await expect(page.getByRole('navigation', { name: 'Learners' }).getByRole('button', { name: /^Tansy/ })).toContainText('2/');
  for (const [width, height] of [
    [390, 844],
    [820, 1180],
    [1180, 820],
    [320, 640],
  ]) {
    await page.setViewportSize({ width, height });
    expect(await page.evaluate(() => document.documentElement.scrollWidth), `${width}`).toBeLessThanOrEqual(width);
    // six side by side on a tablet, held either way
    const ladders = page.locator('section[data-learner]');
    const side = async () => {
      const tops = await ladders.evaluateAll((all) => all.map((s) => s.getBoundingClientRect().top));
      return [tops.length, new Set(tops).size];
    };
    // the room is laid out anew once it hears of its new width
    if (width > 700) await expect.poll(side, { message: `${width}` }).toEqual([6, 1]);
    await noAxeFindings(page, `room at ${width}`);
  }
  await context.close();
});

test('the room’s script is under 120 KB as sent', async ({ page }) => {
  const id = await lessonOf(page, OATS);
  let bytes = 0;
  const counted: Promise<void>[] = [];
  page.on('response', (r) => {
    if (new URL(r.url()).pathname.endsWith('.js'))
      counted.push(
        r
          .request()
          .sizes()
          .then((s) => void (bytes += s.responseBodySize)),
      );
  });
  await page.goto(`/cook/${id}`);
  await ready(page);
  await Promise.all(counted);
  expect(bytes).toBeGreaterThan(20_000);
  expect(bytes).toBeLessThan(120_000);
});
