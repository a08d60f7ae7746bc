// Look back: what comes next is answered, goals are set and changed, every figure opens the records it rests on, reports hold one learner only.
import { expect, test, type Page } from '@playwright/test';
import { arrived, COUSCOUS, fitsWidth, noAxeFindings, OATS, running, watch } from './helpers';

const WREN = '1ea40001-0000-4000-8000-000000000001';
const ODO = '1ea40001-0000-4000-8000-000000000002';
const KIT = '1ea40001-0000-4000-8000-000000000006';

async function setGoal(page: Page, learner: string): Promise<string> {
  await page.goto(`/learners/${learner}/goals/new?recipe=${OATS}`);
  await running(page);
  await page.getByRole('button', { name: 'Set this goal' }).click();
  await arrived(page, /\/goals\/[0-9a-f-]{36}$/);
  return page.url();
}

test('the class at once: what to teach to whom, one thing before all else, and from there to a learner', async ({ page }) => {
  const { problems } = watch(page);
  await page.goto('/look-back');
  await expect(page.getByRole('heading', { name: 'What to teach to whom in the next lesson' })).toBeVisible();
  await expect(page.locator('.next')).toHaveCount(1);
  await expect(page.getByText(/Three times running \w+ did/).first()).toBeVisible();
  await expect(page.getByRole('row', { name: /Odo/ })).toContainText('Overnight oats');
  await page
    .getByRole('row', { name: /Wren/ })
    .getByRole('link', { name: /things$/ })
    .click();
  await expect(page.getByRole('heading', { name: 'What is next for Wren' })).toBeVisible();
  expect(problems).toEqual([]);
});

test('what is next is taken by key, or not, with a reason; neither is proposed again, both are kept', async ({ page }) => {
  await page.goto(`/learners/${KIT}/look-back`);
  await running(page);
  const list = page.locator('ol > li');
  await expect(list).toHaveCount(3);
  await expect(page.locator('.next')).toHaveCount(1);
  const first = list.first().locator('p').first();
  const said = await first.innerText();
  // the very records, by key
  await list
    .first()
    .getByText(/What it rests on/)
    .focus();
  await page.keyboard.press('Enter');
  await expect(list.first().getByRole('listitem').first()).toContainText(/\d (Oct|Nov)/);
  await list.first().getByRole('button').first().focus();
  await page.keyboard.press('Enter');
  const decided = page.getByRole('region', { name: 'What was decided' }).getByRole('listitem');
  await expect(decided).toHaveCount(1);
  await expect(decided.first()).toContainText('taken');
  await expect(first).not.toHaveText(said);
  const second = await first.innerText();
  await list.first().getByText('Not now').click();
  await list.first().getByLabel('Why not, if you like').fill('After the holidays.');
  await list.first().getByRole('button', { name: 'Keep this answer' }).click();
  await expect(decided).toHaveCount(2);
  await expect(decided.first()).toContainText('not taken');
  await expect(decided.first()).toContainText('After the holidays.');
  await page.reload();
  await expect(first).not.toHaveText(second);
});

test('a goal is written from its parts, and what is lacking is said', async ({ page }) => {
  await page.goto(`/learners/${ODO}/goals/new?recipe=${OATS}`);
  await running(page);
  const sentence = page.locator('form p[aria-live]');
  await expect(sentence).toContainText('Odo makes Overnight oats');
  await page.getByLabel('some steps of a recipe').check();
  await page.getByRole('button', { name: 'Set this goal' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Choose at least one step.' })).toBeVisible();
  await page.getByLabel(/Stir the oats/).check();
  await page.getByLabel('What counts, or less help').selectOption({ label: 'Gesture' });
  await page.getByLabel('Lessons in a row').fill('2');
  await expect(sentence).toContainText('Odo does “Stir the oats');
  await expect(sentence).toContainText('at “Gesture” or with less help, two lessons in a row');
  await page.getByRole('button', { name: 'Set this goal' }).click();
  await arrived(page, /\/goals\/[0-9a-f-]{36}$/);
  await expect(page.getByTestId('chart').locator('svg')).toBeVisible();
});

test('a chart is gone along by key; each lesson opens its records, and the same stands in a table', async ({ page }) => {
  await page.goto(`/learners/${ODO}/look-back`);
  await page.getByRole('link', { name: 'Overnight oats', exact: true }).click();
  await running(page);
  const slider = page.getByRole('slider', { name: 'Go along the lessons' });
  await slider.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(slider).toHaveAttribute('aria-valuetext', /\d+ of \d+ steps; help score/);
  const taps = page.getByTestId('taps').getByRole('listitem');
  await expect(taps.first()).toContainText(/Ms Ferrow|Mr Lund/);
  // as many records as the figure says
  const of = Number(/of (\d+) steps/.exec((await slider.getAttribute('aria-valuetext'))!)![1]);
  await expect(taps).toHaveCount(of);
  await page.getByText('The same as a table').click();
  await expect(page.getByRole('row', { name: /missed/ })).toBeVisible();
  await page.getByText(/Figures for those who want them/).click();
  await expect(page.getByRole('row', { name: /^NAP/ })).toContainText('Parker & Vannest 2009');
  await expect(page.getByText(/3 or 4 baseline lessons/)).toBeVisible();
});

test('a goal is changed, called learnt, and put away; another window is told', async ({ page, context }) => {
  const url = await setGoal(page, ODO);
  const other = await context.newPage();
  await other.goto(url);
  await running(other);
  for (const p of [page, other]) await p.getByText('Other words, another criterion, another day').click();
  // what is open stays open when the page's data come anew: another window has turned to another class
  await Promise.all([
    page.waitForResponse((r) => r.url().includes('__data.json')),
    page.evaluate(() => {
      new BroadcastChannel('class').postMessage('another');
    }),
  ]);
  await page.getByLabel('Share of steps, %').fill('70');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: '70 % in 3 lessons' })).toBeVisible();
  await other.getByLabel('Share of steps, %').fill('60');
  await other.getByRole('button', { name: 'Keep the change' }).click();
  await expect(other.getByRole('alert').filter({ hasText: 'changed in another window' })).toBeVisible();
  await page.getByRole('button', { name: 'Call it learnt' }).click();
  await expect(page.getByRole('heading', { name: 'Is it still there?' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: '2 weeks on' })).toContainText('waits');
  await page.getByRole('button', { name: 'Put it away' }).click();
  await arrived(page, /\/look-back$/);
  await page.goto(url);
  await expect(page.getByRole('button', { name: 'Bring it back' })).toBeVisible();
});

test('once somebody has looked, Look back is no longer what waits', async ({ page }) => {
  const ladder = page.getByRole('navigation', { name: 'Places of this recipe' });
  await page.goto(`/recipes/${OATS}/cook`);
  await expect(ladder.locator('.next')).toContainText('Look back');
  const looked = page.waitForResponse(/look-back\/seen$/);
  await page.goto(`/recipes/${OATS}/look-back?learner=${ODO}`);
  expect((await looked).status()).toBe(204);
  await expect(page.locator('.next')).toHaveCount(1);
  await page.goto(`/recipes/${OATS}/cook`);
  await expect(ladder.locator('.next')).toContainText('Cook');
});

test('the table of steps is sorted by what needs teaching', async ({ page }) => {
  await page.goto(`/recipes/${COUSCOUS}/look-back?learner=${WREN}`);
  await running(page);
  const rows = page.getByRole('region', { name: 'Steps by lessons' }).locator('tbody tr');
  await expect(rows.first()).toContainText('Get ready');
  await page.getByLabel('In which order').selectOption({ label: 'most help first' });
  await expect(rows.first()).toContainText(/Squeeze the juice/);
  await page.getByLabel('In which order').selectOption({ label: 'what needs teaching first' });
  await expect(rows.first()).toContainText(/level (more|less) help/);
});

test('the class’s rules are kept, and rules that cannot be are refused', async ({ page }) => {
  await page.goto('/look-back');
  await running(page);
  await page.getByText('The class’s rules').click();
  await page.getByLabel('on at least so many days').fill('9');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'it cannot ask for more days' })).toBeVisible();
  await page.getByLabel('on at least so many days').fill('2');
  await page.getByRole('button', { name: 'Keep these rules' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
});

test('reports and the file hold one learner only', async ({ page }) => {
  for (const path of ['report', 'report/home', 'look-back']) {
    await page.goto(`/learners/${WREN}/${path}`);
    const main = page.locator('main');
    await expect(main).toContainText('Wren');
    if (path !== 'look-back') await expect(main).not.toContainText(/Odo|Pim|Tansy|Nell|Kit\b/);
  }
  await page.goto(`/learners/${WREN}/report/home`);
  await expect(page.locator('main')).toContainText(/did \d+ of \d+ steps alone/);
  await expect(page.locator('main li svg').first()).toBeVisible();
  const file = await page.request.get(`/learners/${WREN}/records.csv`);
  const text = await file.text();
  expect(text).toMatch(/^\ufeffday,recipe,version,place,phase,procedure,levels,step,technique,letter,help,observer\r\n/);
  expect(text.split('\r\n').length).toBeGreaterThan(400);
  expect(text).not.toMatch(/Odo|Tansy/);
  expect((await page.request.get(`/learners/${COUSCOUS}/records.csv`)).status()).toBe(404);
});

test('every page of it: axe, narrow, dark and in print', async ({ page }) => {
  const goal = await setGoal(page, WREN);
  for (const path of [
    '/look-back',
    `/learners/${WREN}/look-back`,
    goal,
    `/learners/${WREN}/goals/new`,
    `/learners/${WREN}/report`,
    `/learners/${WREN}/report/home`,
  ]) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(path);
    await running(page);
    await noAxeFindings(page, path);
    await fitsWidth(page, path);
    await page.setViewportSize({ width: 390, height: 844 });
    await noAxeFindings(page, `${path}, narrow`, 'shape');
    await fitsWidth(page, `${path}, narrow`);
    await page.emulateMedia({ colorScheme: 'dark' });
    await noAxeFindings(page, `${path}, dark`, 'colours');
    await page.emulateMedia({ colorScheme: 'light', media: 'print' });
    await fitsWidth(page, `${path}, printed`);
    await page.emulateMedia({ media: 'screen' });
  }
});
