// The whole thread: from a pasted recipe to a recorded lesson and the next rung.
import { expect, test } from '@playwright/test';
import { arrived, pasteRecipe, settled, watch } from './helpers';

const RECIPE = `Carrot rice
Serves 2

What you need
1/2 cup rice
1 cup water
1 carrot, peeled and grated
1 tbsp oil

How to make it
1. Put the rice and water in a saucepan. Bring to the boil, cover and simmer for 12 minutes.
2. Stir in the carrot and oil. Serve.`;

test('read, break down, show, cook, look back', async ({ page }) => {
  const { problems } = watch(page);
  const id = await pasteRecipe(page, RECIPE);
  await expect(page.getByText('4 ingredients, 2 lines of method.')).toBeVisible();

  // correct a line by keys alone
  await page.getByRole('button', { name: /1 tbsp oil/ }).press('Enter');
  await page.getByLabel('Amount').fill('1/0');
  await page.getByLabel('Amount').press('Enter');
  await expect(page.getByRole('alert')).toContainText('divides by zero');
  await page.getByLabel('Amount').fill('2');
  await page.getByLabel('Amount').press('Enter');
  await expect(page.getByRole('button', { name: /2 tbsp oil/ })).toBeFocused();
  await settled(page);

  await page.getByRole('link', { name: 'To the steps' }).click();
  await expect(page.getByText('Fill the 1 tbsp twice with oil', { exact: false }).first()).toBeVisible();
  await expect(page.getByText(/^Turn off the hob/).first()).toBeVisible();
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  const count = await steps.count();
  expect(count).toBeGreaterThan(25);

  await page.getByRole('button', { name: 'Publish version 1' }).click();
  await expect(page.getByText('Version 1 is published. It will not change')).toBeVisible();

  await page.getByRole('link', { name: 'To the cards' }).click();
  await expect(page.getByText(`${count} cards.`)).toBeVisible();
  await expect(page.locator('li.card svg').first()).toBeVisible();

  await page.getByRole('link', { name: /^Cook/ }).click();
  await page.getByRole('button', { name: 'Begin with Pim' }).click();
  await expect(page.getByRole('heading', { name: 'Pim' })).toBeVisible();
  await expect(page.locator('main[data-ready=true]')).toBeVisible();
  const first = await page.locator('section[aria-label="The step"] p').nth(1).innerText();
  await page.getByRole('button', { name: /^I? ?Shown how/ }).click();
  await expect(page.locator('section[aria-label="The step"]')).not.toContainText(first);
  await page.keyboard.press('g');
  await page.keyboard.press('1');
  await expect(page.getByText(`3 of ${count} recorded`)).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText(`2 of ${count} recorded`)).toBeVisible();
  await page.keyboard.press('t');
  await page.getByLabel('Note on this step').fill('Asked for the tap to be on first.');
  await page.getByRole('button', { name: 'Keep' }).click();
  await page.getByRole('button', { name: 'Finish' }).click();
  await expect(page.getByText(`Pim, ${count - 2} steps`)).toBeVisible();
  await page.getByRole('button', { name: 'End the lesson' }).click();

  await arrived(page, /look-back/);
  await expect(page.getByTestId('chart').locator('svg')).toBeVisible();
  await expect(page.getByText('First 0 %')).toBeVisible();
  await expect(page.getByText('Not enough yet: 1 of 3 times recorded.').first()).toBeVisible();
  await expect(page.getByText('Asked for the tap to be on first.')).toBeVisible();
  expect(id).toMatch(/^[0-9a-f-]{36}$/);
  expect(problems).toEqual([]);
});

test('scaling: half the servings, exact amounts, and the steps follow', async ({ page }) => {
  const id = await pasteRecipe(page, RECIPE);
  await page.goto(`/recipes/${id}/read/class`);
  await page.getByLabel(/Make it for/).fill('1');
  await page.getByLabel(/Make it for/).blur();
  // half an egg
  await expect(page.getByText('does not come whole').first()).toBeVisible();
  await settled(page);
  await page.goto(`/recipes/${id}/break-down`);
  await expect(page.getByText('Fill the ¼ cup with rice', { exact: false }).first()).toBeVisible();
});

test('the demo shows ten lessons and today’s, a gap, a phase change and rungs with their data', async ({ page }) => {
  await page.goto('/recipes/4ec10001-0000-4000-8000-000000000001/look-back');
  const chart = page.getByTestId('chart');
  await expect(chart).toHaveAttribute('aria-label', /11 lessons.*20 Oct missed/);
  await expect(chart.locator('svg')).toContainText('teaching');
  const stubborn = page.getByRole('row', { name: /Squeeze the juice/ });
  await expect(stubborn).toContainText('physical help');
  await expect(stubborn).toContainText(/Last \d: [FPM]/);
});
