// Break down beyond its list: mends, walking through, chaining, routines, reading, versions, and a connection that drops.
import { expect, test, type Page } from '@playwright/test';
import { arrived, COUSCOUS, fitsWidth, networkOf, noAxeFindings, pasteRecipe, running, settled } from './helpers';

const SOUP =
  'Soup for a test\nIngredients\n1 onion\n2 carrots\n1 tbsp oil\n2 cups water\nMethod\nChop the onion. Slice the carrots. Heat the oil in a saucepan. Add the onion and the carrots and fry for 5 minutes. Add the water. Simmer for 20 minutes. Serve.';

async function open(page: Page, text = SOUP): Promise<string> {
  const id = await pasteRecipe(page, text);
  await page.goto(`/recipes/${id}/break-down`);
  await expect(row(page, 'Chop the onion.')).toBeVisible();
  await running(page);
  return id;
}
const row = (page: Page, text: string) => page.locator('button[id^="step-"]').filter({ hasText: text });
const texts = (page: Page) => page.locator('button[id^="step-"] > span:first-child').allTextContents();
const panel = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();
const aside = (page: Page) => page.getByRole('complementary', { name: 'The chosen step' });

test('a fault is mended by one click, and undone', async ({ page }) => {
  await open(page);
  await row(page, 'Rinse the carrots').click();
  await page.keyboard.press('Delete');
  const fault = page.getByText('No step before this rinses the carrots.');
  await expect(fault).toBeVisible();
  const before = await texts(page);
  await page.getByRole('button', { name: /^Mend it, carrots/ }).click();
  await expect(fault).toBeHidden();
  await expect(row(page, 'Rinse the carrots')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(fault).toBeVisible();
  await expect.poll(() => texts(page)).toEqual(before);
});

test('the picture and the findings follow while words are typed; leaving them changes nothing', async ({ page }) => {
  await open(page);
  const before = await texts(page);
  await row(page, 'Slice the carrots').click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Wait 3 hours.');
  await expect(page.getByText('Nothing is planned for these 180 minutes')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Nothing is planned for these 180 minutes')).toBeHidden();
  await expect.poll(() => texts(page)).toEqual(before);
});

test('the counter is walked through by key', async ({ page }) => {
  await open(page);
  await panel(page, 'Walk through');
  const slider = page.getByRole('slider');
  await slider.focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('region', { name: 'Walk through' })).toContainText('Wash your hands');
  const simmer = (await texts(page)).findIndex((t) => t.startsWith('Simmer'));
  await slider.fill(String(simmer));
  const counter = page.getByRole('region', { name: 'Walk through' });
  await expect(counter).toContainText('onion');
  await expect(counter).toContainText('hob');
  await expect(counter).toContainText('hot');
});

test('technique, tools, amount and a copy are changed in the details', async ({ page }) => {
  await open(page);
  await row(page, 'Chop the onion.').click();
  await aside(page).getByLabel('Technique').selectOption({ label: 'grate' });
  // the technique brings its tool
  await expect(aside(page).getByRole('button', { name: 'Take out: grater' })).toBeVisible();
  await aside(page).getByLabel('Add a tool').selectOption({ label: 'tongs' });
  await aside(page).getByRole('button', { name: 'Take out: tongs' }).click();
  await expect(aside(page).getByRole('button', { name: 'Take out: tongs' })).toBeHidden();
  await row(page, 'Fill the 1 tbsp with oil').click();
  const amount = aside(page).getByLabel('Amount of oil');
  await amount.fill('lots');
  await amount.press('Enter');
  await expect(aside(page).getByText('Write an amount with its unit')).toBeVisible();
  await amount.fill('2 tsp');
  await amount.press('Enter');
  await expect(row(page, 'Fill the 1 tsp twice with oil')).toBeVisible();
  const before = (await texts(page)).length;
  await row(page, 'Slice the carrots').click();
  await page.keyboard.press('d');
  await expect.poll(async () => (await texts(page)).length).toBe(before + 1);
  await settled(page);
  await page.reload();
  await expect.poll(async () => (await texts(page)).filter((t) => t === 'Slice the carrots.').length).toBe(2);
  await expect(row(page, 'Fill the 1 tsp twice with oil')).toBeVisible();
});

test('one step is taught in its small steps, and made one again', async ({ page }) => {
  await open(page);
  const before = await texts(page);
  await row(page, 'Chop the onion.').click();
  await aside(page).getByRole('button', { name: 'Teach it in these small steps' }).click();
  await expect.poll(async () => (await texts(page)).length).toBeGreaterThan(before.length + 1);
  await aside(page).getByRole('button', { name: 'Make it one step again' }).click();
  await expect.poll(() => texts(page)).toEqual(before);
});

test('find goes from step to step', async ({ page }) => {
  await open(page);
  await row(page, 'Chop the onion.').click();
  await page.keyboard.press('/');
  await page.keyboard.type('carrots');
  await expect(page.getByText(/^\d found$/)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.locator('[aria-current="step"]')).toContainText('carrots');
  await page.keyboard.press('Escape');
  await expect(page.locator('[aria-current="step"]')).toBeFocused();
});

test('a routine is kept, used in another recipe, improved there, and offered back', async ({ page }) => {
  const first = await open(page);
  await panel(page, 'Routines');
  const form = page.getByRole('region', { name: 'Routines' });
  await form.getByLabel('From step').selectOption({ index: 0 });
  await form.getByLabel('to step').selectOption({ index: 1 });
  const name = `Start of ${first.slice(0, 6)}`;
  await form.getByLabel('Name of the routine').fill(name);
  await form.getByRole('button', { name: 'Keep 2 steps' }).click();
  await expect(form.getByText('in these steps, as the class has it')).toBeVisible();
  await settled(page);

  await open(page, SOUP.replace('Soup for a test', 'Another soup'));
  await panel(page, 'Routines');
  await row(page, 'Wipe the table').first().click();
  const kept = page.getByRole('region', { name: 'Routines' }).locator('div').filter({ hasText: name });
  await kept.getByRole('button', { name: 'Put behind the chosen step' }).click();
  await expect(row(page, 'Tie back long hair.')).toHaveCount(2);
  await row(page, 'Tie back long hair.').last().click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Tie your hair back with a band.');
  await page.keyboard.press('Enter');
  await settled(page);
  await kept.getByRole('button', { name: 'Make this the class’s' }).click();
  await expect(kept.getByText('in these steps, as the class has it')).toBeVisible();

  await page.goto(`/recipes/${first}/break-down`);
  await page.getByRole('button', { name: 'Routines (1 improved)' }).click();
  await kept.getByRole('button', { name: 'Take the class’s over' }).click();
  await expect(row(page, 'Tie your hair back with a band.')).toBeVisible();
  await settled(page);
  await page.reload();
  await expect(row(page, 'Tie your hair back with a band.')).toBeVisible();
});

test('an earlier version is read, compared and worked on from', async ({ page }) => {
  const id = await open(page);
  await page.getByRole('button', { name: 'Publish version 1' }).click();
  await expect(page.getByText('Version 1 is published. It will not change')).toBeVisible();
  await row(page, 'Slice the carrots').click();
  await page.keyboard.press('Delete');
  await settled(page);
  await page.getByLabel(/Why this version/).fill('They come sliced.');
  await page.getByRole('button', { name: 'Publish version 2' }).click();
  await expect(page.getByText('Version 2 is published. It will not change')).toBeVisible();
  await page.getByRole('link', { name: 'Versions' }).click();
  await expect(page.getByText('taken out: Slice the carrots.')).toBeVisible();
  await expect(page.getByText('They come sliced.')).toBeVisible();
  await page.getByRole('link', { name: /^Version 1/ }).click();
  await page.getByRole('button', { name: 'Work on from version 1' }).click();
  await arrived(page, `**/recipes/${id}/break-down`);
  await expect(row(page, 'Slice the carrots')).toBeVisible();
});

test('what a dropped connection kept from the server is kept on the device', async ({ page, context }) => {
  const network = await networkOf(context, '**/break-down', 'PUT');
  const id = await open(page);
  network.reachable = false;
  await row(page, 'Slice the carrots').click();
  await page.keyboard.press('Delete');
  await expect(page.getByText('The server cannot be reached. Your changes are still here')).toBeVisible();
  // the page is closed before the server answers again
  await page.goto('/learners');
  network.reachable = true;
  await page.goto(`/recipes/${id}/break-down`);
  await expect(row(page, 'Slice the carrots')).toBeVisible();
  await page.getByRole('button', { name: 'Put them back' }).click();
  await expect(row(page, 'Slice the carrots')).toBeHidden();
  await settled(page);
  await page.reload();
  await expect(row(page, 'Slice the carrots')).toBeHidden();
  await expect(page.getByRole('button', { name: 'Put them back' })).toBeHidden();
});

test('another person’s save is told of before it collides', async ({ page, context }) => {
  await page.clock.install();
  const id = await open(page);
  const other = await context.newPage();
  await other.goto(`/recipes/${id}/break-down`);
  await row(other, 'Slice the carrots').click();
  await other.keyboard.press('Delete');
  await settled(other);
  await page.clock.runFor(11_000);
  await expect(page.getByText('changed in another window')).toBeVisible();
});

test('every view beside the list: axe, and narrow', async ({ page }) => {
  await page.goto(`/recipes/${COUSCOUS}/break-down`);
  for (const name of ['Walk through', 'Taught today', 'Reading', 'Routines']) {
    await panel(page, name);
    await expect(page.getByRole('region', { name })).toBeVisible();
    await noAxeFindings(page, name);
    await page.setViewportSize({ width: 390, height: 800 });
    await fitsWidth(page, name);
    await page.setViewportSize({ width: 1280, height: 800 });
  }
  await panel(page, 'Taught today');
  await page.getByLabel('Chaining').selectOption('backward');
  await expect(page.locator('ol[aria-label="Steps"]').getByText('taught today')).toHaveCount(1);
  await page.getByLabel('Learner').selectOption({ index: 1 });
  await arrived(page, '**?learner=*');
  await expect(page.getByText('1 taught today')).toBeVisible();
});
