// The plan of a lesson on its page: made at once, changed by drag and by keys, taken back, used, printed, planned anew in the lesson.
import { expect, test, type Page } from '@playwright/test';
import { connect } from '../../src/lib/server/connect';
import { DEMO_SCHOOL, withSchool } from '../../src/lib/server/school-scope';
import { arrived, COUSCOUS, fitsWidth, noAxeFindings, OATS, running, watch } from './helpers';

const app = connect(process.env.DATABASE_URL!);
test.afterAll(() => app.destroy());

const day = () => {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
};
/** A lesson of the six today, shared out in pairs. @returns its id */
async function lessonOf(page: Page, recipe: string, mode = 'pairs'): Promise<string> {
  const id = crypto.randomUUID();
  const origin = test.info().project.use.baseURL!;
  const form = { id, heldOn: day(), startsAt: '10:00', minutes: '90', recipeId: recipe };
  await page.request.post(`${origin}/lessons?/add`, { form, headers: { origin } });
  await withSchool(app, DEMO_SCHOOL, async (trx) => {
    await trx('lesson_learner').where({ lesson_id: id }).whereRaw('learner_id::text not like ?', ['1ea40001-%']).delete();
    await trx('lesson').where({ id }).update({ mode });
    await trx('class_lesson')
      .where({ id })
      .update({ adults: JSON.stringify(['Ms Ferrow', 'Mr Lund']) });
  });
  return id;
}
const planOf = (id: string) =>
  withSchool(app, DEMO_SCHOOL, async (trx) => (await trx('class_lesson').where({ id }).first('plan'))!.plan as PlanDoc | null);
type PlanDoc = { used: boolean; locks: { block: string; who?: string; start?: number }[]; before: { keys: string[] }[] };
/** Planned, searched, and all that would help worked out. */
async function planned(page: Page): Promise<void> {
  await running(page);
  await expect(page.getByText(/^Ends /)).toBeVisible();
  await expect(page.getByText('Working it out …')).toHaveCount(0);
}
const lane = (page: Page, name: string) => page.getByRole('list', { name: `${name}, in order` });
const saved = (page: Page) => expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');

test('a plan stands at once, with each person’s blocks, the adults and the one sentence; to look at it changes nothing', async ({
  page,
}) => {
  const { problems } = watch(page);
  const id = await lessonOf(page, OATS);
  await page.goto(`/lessons/${id}`);
  await page.getByRole('link', { name: 'Plan who does what, and when' }).click();
  await planned(page);
  await expect(page.getByText(/^Ends \d+:\d\d, bell 11:30\./)).toBeVisible();
  for (const name of ['Wren', 'Odo', 'Pim', 'Tansy', 'Nell', 'Kit'])
    await expect(lane(page, name).getByRole('button').first()).toContainText('Get ready');
  expect(await planOf(id)).toBeNull();
  expect(problems).toEqual([]);
});

test('a block is dragged to another learner and another time; where he may not it stays and says why; undone', async ({ page }) => {
  const id = await lessonOf(page, OATS, 'together');
  await page.goto(`/lessons/${id}/plan`);
  await planned(page);
  const block = page.locator('[data-lane] button', { hasText: 'Stir oats' });
  const from = await block.locator('xpath=ancestor::*[@data-lane]').getAttribute('aria-label');
  const to = from!.startsWith('Kit') ? 'Wren' : 'Kit';
  const [a, b] = [(await block.boundingBox())!, (await lane(page, to).boundingBox())!];
  await page.mouse.move(a.x + 10, a.y + 10);
  await page.mouse.down();
  await page.mouse.move(a.x + 12, b.y + b.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(lane(page, to).getByRole('button', { name: /Stir the oats.*set by you/ })).toBeVisible();
  await saved(page);
  expect((await planOf(id))!.locks.length).toBe(1);
  // getting ready is each one's own: nobody else can have it
  const ready = lane(page, 'Wren')
    .getByRole('button', { name: /Wash your hands/ })
    .first();
  const [c, d] = [(await ready.boundingBox())!, (await lane(page, 'Pim').boundingBox())!];
  await page.mouse.move(c.x + 10, c.y + 10);
  await page.mouse.down();
  await page.mouse.move(c.x + 10, d.y + d.height / 2, { steps: 5 });
  await expect(lane(page, 'Pim')).toContainText('this is each one’s own');
  await page.mouse.up();
  await expect(page.getByRole('status').filter({ hasText: 'It stays: this is each one’s own.' })).toBeAttached();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /set by you/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('by keys alone: walk the blocks, move one, give it to another, take it out of the lesson and back', async ({ page }) => {
  const id = await lessonOf(page, OATS, 'together');
  await page.goto(`/lessons/${id}/plan`);
  await planned(page);
  await lane(page, 'Wren').getByRole('button').first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(lane(page, 'Odo').getByRole('button').first()).toBeFocused();
  const block = page.locator('[data-lane] button', { hasText: 'Stir oats' });
  await block.focus();
  const before = Number(await block.getAttribute('data-start'));
  await page.keyboard.press('Alt+ArrowRight');
  // a minute on, or as much more as what already stands there takes
  const moved = page.locator('[data-lane] button', { hasText: 'Stir oats' }).and(page.getByRole('button', { name: /set by you/ }));
  await expect.poll(async () => Number(await moved.getAttribute('data-start'))).toBeGreaterThan(before);
  await page.locator('[data-lane] button', { hasText: 'Stir oats' }).press('Enter');
  const panel = page.getByRole('region', { name: 'The block that is chosen' });
  await expect(panel).toBeVisible();
  await panel.getByLabel('Who does it').selectOption({ label: 'Kit' });
  await expect(lane(page, 'Kit').getByRole('button', { name: /Stir the oats/ })).toBeVisible();
  await panel.getByRole('button', { name: 'Let the plan decide' }).click();
  await expect(panel.getByRole('button', { name: 'Let the plan decide' })).toHaveCount(0);
  await panel.getByRole('button', { name: 'Do it before the lesson' }).click();
  await expect(page.locator('[data-lane] button', { hasText: 'Stir oats' })).toHaveCount(0);
  await page.getByText(/^Done before the lesson: [1-9]/).click();
  await saved(page);
  expect((await planOf(id))!.before[0].keys.length).toBeGreaterThan(0);
  await page.getByRole('listitem').filter({ hasText: 'Stir the oats' }).getByRole('button', { name: 'Back into the lesson' }).click();
  await expect(page.locator('[data-lane] button', { hasText: 'Stir oats' })).toBeVisible();
});

test('what cannot fit is said, with what would help; a lever is pulled', async ({ page }) => {
  const id = await lessonOf(page, COUSCOUS, 'own');
  await page.goto(`/lessons/${id}/plan`);
  await planned(page);
  await expect(page.getByText(/This cannot be done by the bell: at the very best it takes \d+ minutes/)).toBeVisible();
  // nothing says that this plan is next
  await expect(page.getByRole('button', { name: 'Use it all the same' })).toBeVisible();
  await expect(page.locator('.next')).toHaveCount(0);
  await expect(page.getByText(/In two lessons: stop Couscous bowl after/)).toBeVisible();
  const end = async () => (await page.getByText(/^Ends /).innerText()).match(/\d+:\d\d/)![0];
  const was = await end();
  const lever = page.getByRole('listitem').filter({ hasText: 'Washing up left for after' });
  await lever.getByRole('button', { name: 'Do that' }).click();
  await expect.poll(end).not.toBe(was);
  await planned(page);
  expect((await end()) < was).toBe(true);
});

test('the plan is used: each has his steps; the room says now and next, and the rest is planned anew', async ({ page }) => {
  const id = await lessonOf(page, OATS);
  const origin = test.info().project.use.baseURL!;
  await page.goto(`/lessons/${id}/plan`);
  await planned(page);
  await page.getByRole('button', { name: 'Use this plan – next' }).click();
  await arrived(page, `**/lessons/${id}`);
  expect((await planOf(id))!.used).toBe(true);
  const shares = await withSchool(app, DEMO_SCHOOL, (trx) => trx('lesson_learner').where({ lesson_id: id }).pluck('share'));
  expect(shares.every((s: unknown[]) => s.length > 0)).toBe(true);
  await page.request.post(`${origin}/lessons/${id}?/begin`, { form: {}, headers: { origin } });
  await page.goto(`/cook/${id}`);
  await expect(page.locator('main[data-ready=true]')).toBeVisible();
  const wren = page.getByRole('region', { name: 'Wren', exact: true });
  await expect(wren).toContainText(/1\d:\d\d Get ready, then/);
  const first = wren.getByRole('list').getByRole('button').first();
  for (let k = 0; k < 4; k++) {
    await first.dispatchEvent('click');
    await page.waitForFunction((t) => performance.now() - t > 420, await page.evaluate(() => performance.now()));
  }
  await expect(wren).not.toContainText('Get ready, then');
  await expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0');
  await page.goto(`/lessons/${id}/plan`);
  await running(page);
  await expect(page.getByRole('button', { name: 'Go on by this plan – next' })).toBeEnabled();
  await page.getByRole('button', { name: 'Go on by this plan – next' }).click();
  await arrived(page, `**/cook/${id}`);
});

test('desk, tablet, phone, print: nothing is wider than the screen, strips for all; axe finds nothing', async ({ page, context }) => {
  const id = await lessonOf(page, COUSCOUS);
  for (const theme of ['light', 'dark', 'contrast']) {
    await context.addCookies([{ name: 'theme', value: theme, url: 'http://127.0.0.1' }]);
    await page.goto(`/lessons/${id}/plan`);
    await planned(page);
    if (theme === 'light') await page.locator('[data-lane] button').nth(3).click();
    await noAxeFindings(page, `plan, ${theme}`, theme === 'light' ? 'all' : 'colours');
  }
  for (const [width, height] of [
    [820, 1180],
    [390, 844],
  ]) {
    await page.setViewportSize({ width, height });
    await fitsWidth(page, `plan at ${width}`);
    await noAxeFindings(page, `plan at ${width}`, 'shape');
  }
  await page.emulateMedia({ media: 'print' });
  for (const name of ['Wren', 'Kit', 'Ms Ferrow']) await expect(page.getByRole('table', { name })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
});
