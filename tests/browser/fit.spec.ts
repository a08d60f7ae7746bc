// Fit: a learner is added and fitted by keys alone, what is kept stays, what is refused goes, and a lesson takes the learner's own cards.
import { expect, test, type Page } from '@playwright/test';
import { arrived, COUSCOUS, NELL, OATS, running, watch } from './helpers';

const KIT = '1ea40001-0000-4000-8000-000000000006';

/** Presses Tab until this has the focus. */
async function tabTo(page: Page, name: string | RegExp, role: 'link' | 'button' | 'radio' | 'textbox'): Promise<void> {
  const target = page.getByRole(role, { name, exact: typeof name === 'string' }).first();
  for (let n = 0; n < 120; n++) {
    await page.keyboard.press('Tab');
    if (await target.evaluate((el) => el === document.activeElement)) return;
  }
  throw new Error(`no way by Tab to ${String(name)}`);
}

test('a learner is added, asked, and sees a couscous bowl of their own: by keyboard, in under two minutes', async ({ page }) => {
  test.setTimeout(120_000);
  const { problems } = watch(page);
  await page.goto('/learners');
  await running(page);
  await tabTo(page, 'New learner, short name', 'textbox');
  await page.keyboard.type('Bram');
  await page.keyboard.press('Enter');
  await arrived(page, /\/learners\/[0-9a-f-]{36}$/);
  await running(page);
  // the group of radios is one stop: arrows choose in it
  await tabTo(page, 'not asked', 'radio');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('radio', { name: 'One hand', exact: true })).toBeChecked();
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
  await tabTo(page, 'Couscous bowl', 'link');
  await page.keyboard.press('Enter');
  await arrived(page, /\/fit\?learner=/);
  await expect(page.getByRole('heading', { name: /steps another way for Bram/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Rocker knife' })).toBeVisible();
  await tabTo(page, 'Use these steps', 'button');
  await page.keyboard.press('Enter');
  await expect(page.getByText('In use: Cook and the cards take them from now on.')).toBeVisible();
  expect(problems).toEqual([]);
});

test('what is kept stays, what is refused goes, and both can be taken back', async ({ page }) => {
  await page.goto(`/recipes/${OATS}/fit?learner=${NELL}`);
  const way = page.getByRole('article').filter({ hasText: 'One thing after the other, a card each' });
  // each way shows the first step that it serves
  await expect(way.locator('svg path').first()).toBeAttached();
  await page.getByLabel('Kept and answered by').fill('Mr Oake');
  await way.getByRole('button', { name: /^Keep/ }).click();
  await expect(way.getByText(/Kept by Mr Oake/)).toBeVisible();
  await way.locator('summary').click();
  await way.getByRole('button', { name: /^Refuse: one thing/ }).click();
  await expect(way).toHaveCount(0);
  await page.getByRole('link', { name: 'Nell’s answers' }).click();
  await page.getByRole('button', { name: /^Take out One thing after the other/ }).click();
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
  await page.goto(`/recipes/${OATS}/fit?learner=${NELL}`);
  await expect(way).toBeVisible();
});

test('what a learner must not have is told, with what stands in its place', async ({ page }) => {
  await page.goto(`/recipes/${OATS}/fit?learner=${NELL}`);
  await expect(page.getByRole('region', { name: 'Must not have' })).toContainText('oat drink in the own portion');
  await expect(page.getByText('Fill the ½ cup with oat drink.')).toBeVisible();
  // nothing takes the yoghurt's place: a person answers before it is used, on the page and at the server
  await expect(page.getByRole('button', { name: 'Use these steps' })).toBeDisabled();
  const answer = await page.request.post(`/recipes/${OATS}/fit`, {
    form: { learner: NELL, what: 'use', ways: '', key: '', text: '', by: '' },
    headers: { origin: new URL(page.url()).origin },
  });
  expect(((await answer.json()) as { status: number }).status).toBe(409);
  await page.getByLabel('Kept and answered by').fill('Ms Ferrow');
  await page.getByLabel('Who agreed, and what').fill('The family brings her own yoghurt.');
  await page.getByRole('button', { name: 'Answered' }).click();
  await expect(page.getByText(/Ms Ferrow, .*The family brings her own yoghurt/)).toBeVisible();
  await page.getByRole('button', { name: 'Use these steps' }).click();
  await expect(page.getByText('In use: Cook and the cards take them from now on.')).toBeVisible();
});

test('own words, put in use, are on the lesson’s cards', async ({ page }) => {
  await page.goto(`/recipes/${OATS}/fit?learner=${KIT}`);
  await page.getByLabel('only what differs').uncheck();
  const row = page.getByRole('listitem').filter({ hasText: 'Fill the ½ cup with milk.' });
  await row.getByRole('button', { name: /^Change/ }).click();
  await page.getByRole('textbox', { name: /^Own words for step/ }).fill('Fill your own cup with milk.');
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  await expect(page.getByText('Fill your own cup with milk.')).toBeVisible();
  const wait = page.getByRole('listitem').filter({ hasText: 'Peel the banana.' });
  await wait.getByRole('button', { name: /^Change/ }).click();
  await page.getByLabel('an adult does it').check();
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Peel the banana.' })).toContainText('an adult:');
  await expect(page.getByText('Not in use yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Use these steps' }).click();
  await expect(page.getByText('In use: Cook and the cards take them from now on.')).toBeVisible();
  await page.goto(`/recipes/${OATS}/cook`);
  await page.getByRole('button', { name: 'Begin with Kit' }).click();
  await arrived(page, /\/cook\/[0-9a-f-]{36}$/);
  await expect(page.locator('main[data-ready=true]')).toBeVisible();
  await page.keyboard.press('t');
  const at = page.getByLabel('Another step');
  const place = await at.locator('option').filter({ hasText: 'Fill your own cup' }).getAttribute('value');
  await at.selectOption(place);
  // the lesson asks for itself again meanwhile: what was chosen stays
  await page.getByLabel('Aim at this step').selectOption({ label: 'Gesture' });
  await expect(page.locator('section[aria-label="The step"]')).toContainText('Aim: Gesture');
  await expect(at).toHaveValue(place!);
  await page.getByRole('button', { name: 'Go on from there' }).click();
  await expect(page.getByRole('region', { name: 'The step' })).toContainText('Fill your own cup with milk.');
});

test('the class table is gone about with arrows, and tells who and how without colour', async ({ page }) => {
  await page.goto(`/recipes/${COUSCOUS}/fit/class`);
  await running(page);
  const cell = page.locator('[data-cell="0-1"]');
  await page.locator('[data-cell="0-0"]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(cell).toBeFocused();
  await expect(cell).toHaveAccessibleName(/^Odo, step \d+: as the class, /);
});

test('a tool that the kitchen lacks is on no card', async ({ page }) => {
  await page.goto('/kitchen');
  await running(page);
  const knife = page.getByRole('group').filter({ hasText: 'rocker knife' });
  await knife.getByRole('radio', { name: 'no', exact: true }).check();
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText('Saved. New steps are built for it.')).toBeVisible();
  await page.goto(`/recipes/${COUSCOUS}/fit?learner=1ea40001-0000-4000-8000-000000000002`);
  await expect(page.getByRole('article').filter({ hasText: 'Rocker knife' })).toHaveCount(0);
  await page.goto('/kitchen');
  await knife.getByRole('radio', { name: 'we have it' }).check();
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText('Saved. New steps are built for it.')).toBeVisible();
});
