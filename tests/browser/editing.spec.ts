// Break down by hand and by key: nothing is lost, everything can be undone, two windows are told of each other.
import { expect, test, type Page } from '@playwright/test';
import { pasteRecipe, running, settled } from './helpers';

const RECIPE =
  'Toast fingers\nIngredients\n2 slices bread\n1 tbsp butter\nMethod\nToast the bread. Spread the butter on the bread. Cut the bread into strips.';

async function open(page: Page): Promise<string> {
  const id = await pasteRecipe(page, RECIPE);
  await page.goto(`/recipes/${id}/break-down`);
  await expect(row(page, 'Spread the butter on the bread.')).toBeVisible();
  await running(page);
  return id;
}
const row = (page: Page, text: string) => page.locator('button[id^="step-"]').filter({ hasText: text });
const texts = (page: Page) => page.locator('button[id^="step-"] > span:first-child').allTextContents();

test('words, order, adding, splitting, joining and deleting by key; undone to the start', async ({ page }) => {
  await open(page);
  const start = await texts(page);
  await row(page, 'Spread the butter').click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Grate the cheese with the grater.');
  await page.keyboard.press('Enter');
  const changed = row(page, 'Grate the cheese with the grater.');
  await expect(changed).toBeFocused();
  // the hazard follows the words
  await expect(changed).toContainText('sharp');
  await page.keyboard.press('Alt+ArrowUp');
  await page.keyboard.press('a');
  await page.keyboard.type('Wait 2 minutes.');
  await page.keyboard.press('Enter');
  await expect(row(page, 'Wait 2 minutes.')).toBeFocused();
  await page.keyboard.press('s');
  await expect.poll(async () => (await texts(page)).length).toBeGreaterThan(start.length + 1);
  await page.keyboard.press('j');
  await page.keyboard.press('Delete');
  await settled(page);
  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
  await expect.poll(() => texts(page)).toEqual(start);
  await settled(page);
  await page.reload();
  await expect.poll(() => texts(page)).toEqual(start);
});

test('what was done is undone after the page was loaded again too, until somebody else saves', async ({ page, context }) => {
  const id = await open(page);
  const start = await texts(page);
  await row(page, 'Spread the butter').click();
  await page.keyboard.press('Delete');
  await expect(row(page, 'Spread the butter')).toBeHidden();
  await row(page, 'Cut the bread').click();
  await page.keyboard.press('d');
  await settled(page);
  await page.reload();
  await running(page);
  const undo = page.getByRole('button', { name: 'Undo' });
  await undo.click();
  await undo.click();
  await expect(undo).toBeDisabled();
  await expect.poll(() => texts(page)).toEqual(start);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(row(page, 'Spread the butter')).toBeHidden();
  await settled(page);
  const other = await context.newPage();
  await other.goto(`/recipes/${id}/break-down`);
  await running(other);
  await row(other, 'Toast the bread').click();
  await other.keyboard.press('Delete');
  await settled(other);
  await page.reload();
  await running(page);
  await expect(undo).toBeDisabled();
});

test('an action that nobody knows says so at its step, and an adult is near until somebody says otherwise', async ({ page }) => {
  await open(page);
  await row(page, 'Toast the bread').click();
  await page.keyboard.press('a');
  await page.keyboard.type('Zorble the bread.');
  await page.keyboard.press('Enter');
  const added = row(page, 'Zorble the bread.');
  await expect(added).toContainText('action not known');
  await expect(added).toContainText('adult nearby');
  await expect(page.getByText('I do not know this action: choose one.')).toBeVisible();
  await page.getByLabel('Technique').selectOption('toast');
  await expect(added).not.toContainText('action not known');
  await page.keyboard.press('Escape');
  // words too free to be read leave what was known, and it is said
  await row(page, 'Spread the butter').click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Zorble the butter.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('I do not know the action in these words. The step still counts as “spread”')).toBeVisible();
});

test('a step is dragged, and stays after a reload', async ({ page }) => {
  await open(page);
  const before = await texts(page);
  const handle = (text: string) => page.getByRole('button', { name: new RegExp(`^Drag step \\d+: ${text}`) });
  await row(page, 'Cut the bread into strips').scrollIntoViewIfNeeded();
  const from = (await handle('Spread the butter').boundingBox())!;
  const to = (await row(page, 'Cut the bread into strips').boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  const below = to.y + to.height - 6;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height + 10, { steps: 8 });
  // the list looks where the mouse is now and then: keep it moving a little until the row is taken up there
  const order = () => texts(page).then((all) => all.indexOf('Spread the butter on the bread.') - all.indexOf('Cut the bread into strips.'));
  let wiggle = 0;
  await expect
    .poll(async () => {
      await page.mouse.move(from.x + from.width / 2, below + (wiggle++ % 2), { steps: 4 });
      return order();
    })
    .toBeGreaterThan(0);
  const saved = page.waitForResponse((r) => r.request().method() === 'PUT');
  await page.mouse.up();
  expect((await saved).ok()).toBe(true);
  await settled(page);
  await page.reload();
  expect(await order()).toBeGreaterThan(0);
  await expect.poll(async () => (await texts(page)).length).toBe(before.length);
});

test('two windows: the second is told, nothing is lost, and either may stand', async ({ page, context }) => {
  const id = await open(page);
  const other = await context.newPage();
  await other.goto(`/recipes/${id}/break-down`);
  await expect(row(other, 'Toast the bread.')).toBeVisible();
  const say = async (where: Page, text: string, words: string) => {
    await row(where, text).click();
    await where.keyboard.press('Enter');
    await where.keyboard.press('Control+A');
    await where.keyboard.type(words);
    await where.keyboard.press('Enter');
  };
  await say(page, 'Toast the bread.', 'Toast both slices of bread.');
  await settled(page);
  await say(other, 'Spread the butter', 'Spread butter on one slice of bread.');
  await expect(other.getByText('changed in another window')).toBeVisible();
  await expect(row(other, 'Spread butter on one slice')).toBeVisible();
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await settled(other);
  await page.reload();
  await expect(row(page, 'Spread butter on one slice')).toBeVisible();
});

test('published versions stand; an edit says what changed and makes the next', async ({ page }) => {
  const id = await open(page);
  await page.getByRole('button', { name: 'Publish version 1' }).click();
  await expect(page.getByText('Version 1 is published. It will not change')).toBeVisible();
  await row(page, 'Toast the bread.').click();
  await page.keyboard.press('Delete');
  await expect(page.getByText('Since then: 1 taken out.')).toBeVisible();
  await settled(page);
  await page.goto('/recipes');
  await expect(page.getByRole('row', { name: /Toast fingers/ }).first()).toContainText('changes to publish');
  await page.goto(`/recipes/${id}/break-down`);
  await page.getByLabel(/Why this version/).fill('They come toasted.');
  await page.getByRole('button', { name: 'Publish version 2' }).click();
  await expect(page.getByText('Version 2 is published. It will not change')).toBeVisible();
});

test('a fault planted by an edit is shown at once, and leads to its step', async ({ page }) => {
  await open(page);
  await expect(page.getByText('found none of the faults')).toBeVisible();
  await row(page, 'Spread the butter').click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Wait 20 minutes.');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing is planned for these 20 minutes')).toBeVisible();
  await page.getByRole('button', { name: 'Show the step' }).first().click();
  await expect(row(page, 'Wait 20 minutes.')).toBeFocused();
});
