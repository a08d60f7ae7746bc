// In the kitchen: a tap is on the device first, survives a reload and a lost network, and reaches the server once.
import { expect, test, type Page } from '@playwright/test';
import { COUSCOUS, networkOf } from './helpers';

const LEARNERS = ['Wren', 'Odo', 'Pim', 'Tansy', 'Nell', 'Kit'];
async function begin(page: Page, learner: string): Promise<string> {
  const id = crypto.randomUUID();
  const learnerId = `1ea40001-0000-4000-8000-00000000000${LEARNERS.indexOf(learner) + 1}`;
  const origin = test.info().project.use.baseURL!;
  const form = { id, learnerId, version: '1', hierarchy: 'full', phase: 'baseline' };
  await page.request.post(`${origin}/recipes/${COUSCOUS}/cook`, { form, headers: { origin } });
  await page.goto(`/cook/${id}`);
  await ready(page);
  return page.url();
}
const ready = (page: Page) => expect(page.locator('main[data-ready=true]')).toBeVisible();
const sent = (page: Page) => expect(page.locator('[data-unsent]')).toHaveAttribute('data-unsent', '0');

test('taps without a network survive a reload and are sent when it is back', async ({ page }) => {
  const network = await networkOf(page, '**/records');
  await begin(page, 'Tansy');
  network.reachable = false;
  for (const key of ['i', 'g', 'v']) await page.keyboard.press(key);
  await expect(page.getByText('3 on this device, waiting for the network')).toBeVisible();
  await page.reload();
  await ready(page);
  await expect(page.getByText(/^3 of \d+ recorded/)).toBeVisible();
  // it goes on at the first step that is not recorded
  await expect(page.locator('[data-step]')).toHaveAttribute('data-step', '4');
  network.reachable = true;
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await sent(page);
  await page.context().clearCookies();
  await page.evaluate(() => indexedDB.deleteDatabase('yellow-rung'));
  await page.reload();
  await ready(page);
  await expect(page.getByText(/^3 of \d+ recorded/)).toBeVisible();
});

test('sending the same records twice changes nothing', async ({ page }) => {
  await begin(page, 'Nell');
  const bodies: string[] = [];
  page.on('request', (r) => r.method() === 'POST' && r.url().endsWith('/records') && bodies.push(r.postData() ?? ''));
  await page.keyboard.press('m');
  await sent(page);
  const again = await page.evaluate(
    ([url, body]) => fetch(url, { method: 'POST', headers: { 'content-type': 'application/json' }, body }).then((r) => r.status),
    [`${page.url()}/records`, bodies[0]] as [string, string],
  );
  expect(again).toBe(200);
  await page.reload();
  await ready(page);
  await expect(page.getByText(/^1 of \d+ recorded/)).toBeVisible();
});

test('undo goes back step by step, and the other codes are one tap too', async ({ page }) => {
  await begin(page, 'Kit');
  await page.getByRole('button', { name: 'not offered' }).click();
  await page.keyboard.press('r');
  await page.keyboard.press('p');
  await expect(page.getByText(/^3 of \d+ recorded/)).toBeVisible();
  for (let n = 0; n < 3; n++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^0 of \d+ recorded/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await sent(page);
  await page.reload();
  await ready(page);
  await expect(page.getByText(/^0 of \d+ recorded/)).toBeVisible();
});

test('every record is a target of at least 64 px, at the desk and on a phone', async ({ page }) => {
  await begin(page, 'Odo');
  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size);
    const heights = await page
      .locator('section[aria-label="How much help"] button')
      .evaluateAll((all) => all.map((b) => b.getBoundingClientRect().height));
    expect(heights.length).toBe(11);
    for (const height of heights) expect(height).toBeGreaterThanOrEqual(64);
  }
});

test('the yellow rung stands at the aim of the step, with its word', async ({ page }) => {
  await begin(page, 'Wren');
  await expect(page.getByRole('button', { name: /– next/ })).toHaveCount(1);
  await expect(page.getByText(/^Aim: /)).toBeVisible();
});

test('records that are no level are refused, and hold up no other', async ({ page }) => {
  const url = await begin(page, 'Pim');
  const asked = page.waitForRequest('**/records');
  await page.keyboard.press('m');
  const { stepKey } = ((await asked).postDataJSON() as { observations: { stepKey: string }[] }).observations[0];
  await sent(page);
  const observation = (code: string) => ({
    id: crypto.randomUUID(),
    learnerId: '1ea40001-0000-4000-8000-000000000003',
    stepKey,
    code,
    observer: 'teacher',
    how: 'tap',
    madeAt: '2026-01-01T10:00:00.000Z',
    replaces: null,
  });
  const post = (data: unknown) =>
    page.request.post(`${url}/records`, { data, headers: { 'content-type': 'application/json', origin: new URL(url).origin } });
  const bad = observation('dancing');
  expect((await post({ observations: [bad], notes: [], finished: [] })).status()).toBe(422);
  expect((await post({ observations: [observation('independent')], notes: [], finished: [], extra: 1 })).status()).toBe(422);
  expect((await post('no json')).status()).toBe(422);
  const good = observation('independent');
  const both = await post({ observations: [bad, good], notes: [], finished: [] });
  expect(both.status()).toBe(200);
  expect(await both.json()).toMatchObject({
    taken: [good.id],
    refused: [{ id: bad.id, code: 'wrong', why: expect.stringContaining('no level') }],
  });
  await page.reload();
  await ready(page);
  await expect(page.getByText(/^1 of \d+ recorded/)).toBeVisible();
});
