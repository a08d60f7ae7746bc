// Read: a recipe put right with keys alone, and worked out for the class.
import { expect, test } from '@playwright/test';
import { arrived, pasteRecipe, running, settled } from './helpers';

const RECIPE = `Oat bake
Serves 6
Ingredients
2 eggs
1 cup self-raising flour
1/2 cup milk
Bits and bobs: seeds, raisins
2 spoons of sugar
Method
Heat the oven to 350 F.
Mix the eggs, milk and flour in a bowl.
Bake in a 20 cm square tin for 25 minutes.
Microwave what is left for 90 seconds.`;

test('put right with keys alone, undone and done again', async ({ page }) => {
  await pasteRecipe(page, RECIPE);
  await expect(page.getByText('2 lines need a look.')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.locator(':focus')).toContainText('Bits and bobs: seeds');
  // left out by one key
  await page.keyboard.press('o');
  await expect(page.getByText('1 line needs a look.')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.locator(':focus')).toContainText('sugar');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Amount')).toBeFocused();
  await page.keyboard.press('Tab');
  await page.keyboard.type('tbsp');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing left unread.')).toBeVisible();
  await expect(page.locator(':focus')).toContainText('2 tbsp');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(page.locator(':focus')).toContainText('milk');
  await page.keyboard.press('Control+z');
  await expect(page.getByText('1 line needs a look.')).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByText('Nothing left unread.')).toBeVisible();
  await settled(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /2 tbsp sugar/ })).toBeVisible();
});

test('a word that a class may not know opens its meaning', async ({ page }) => {
  await pasteRecipe(page, 'Soup\nIngredients\n1 onion, diced\n2 cups water\nMethod\nSimmer the onion in the water for 10 minutes.');
  await page.getByRole('button', { name: 'simmer: what does it mean?' }).click();
  await expect(page.getByText('only small bubbles come up')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('only small bubbles come up')).toBeHidden();
});

test('for our class: other servings, heat, microwave, allergens', async ({ page }) => {
  const id = await pasteRecipe(page, RECIPE);
  await page.goto(`/recipes/${id}/read/class`);
  await page.getByLabel(/Make it for/).fill('1');
  await page.getByLabel(/Make it for/).blur();
  await settled(page);
  // 2 eggs for 6 are 1/3 of one for 1; one whole egg makes 3
  await expect(page.getByText('eggs: ⅓ does not come whole.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'make 3' }).first()).toBeVisible();
  // 20 cm square: 400 cm², a sixth of it 67
  await expect(page.getByText(/about 400 cm².*about 67 cm²/)).toBeVisible();
  // 350 F = 176.7 C, marked 180; a fan oven about 20 lower (common practice)
  await expect(page.getByText('oven 180 °C or 350 °F, gas 4; fan oven 160 °C')).toBeVisible();
  // 90 s at 1000 W = 90 x 1000 / 800 = 113 s at this kitchen's 800 W
  await expect(page.getByText('1 min 53 s at 800 W')).toBeVisible();
  const allergens = page.locator('section').filter({ hasText: 'Allergens that these ingredients name' });
  for (const name of ['milk', 'egg', 'wheat']) await expect(allergens.getByText(name, { exact: false }).first()).toBeVisible();
  await expect(allergens.getByText('may not be complete')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel(/Make it for/)).toHaveValue('1');
});

test('a swap rewrites the steps and can be taken back', async ({ page }) => {
  const id = await pasteRecipe(page, RECIPE);
  await page.goto(`/recipes/${id}/read/class`);
  await page.getByRole('button', { name: 'Swap milk' }).click();
  const soy = page.getByRole('listitem').filter({ hasText: 'soy milk' });
  await expect(soy.getByText('brings soy')).toBeVisible();
  await soy.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByText('soy milk instead of milk')).toBeVisible();
  await settled(page);
  await page.goto(`/recipes/${id}/break-down`);
  await expect(page.getByText(/soy milk/).first()).toBeVisible();
  await page.goto(`/recipes/${id}/read/class`);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await settled(page);
  await page.reload();
  await expect(page.getByText('soy milk instead of milk')).toBeHidden();
});

test('a file is opened on this device: a saved page with data, and one that is no text', async ({ page }) => {
  await page.goto('/recipes/new');
  const data = {
    '@type': 'Recipe',
    name: 'Mint tea',
    recipeYield: '2',
    recipeIngredient: ['2 cups water'],
    recipeInstructions: ['Boil the water.'],
  };
  const html = `<html><script type="application/ld+json">${JSON.stringify(data)}</script><body>Other words</body></html>`;
  await page.getByLabel(/Or open a file/).setInputFiles({ name: 'tea.html', mimeType: 'text/html', buffer: Buffer.from(html) });
  await expect(page.getByLabel('Paste the whole recipe')).toHaveValue(
    'Mint tea\nServes 2\n\nIngredients\n- 2 cups water\n\nMethod\n1. Boil the water.',
  );
  await page
    .getByLabel(/Or open a file/)
    .setInputFiles({ name: 'tea.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.4 \u0000') });
  await expect(page.getByRole('alert')).toHaveText(/“tea.pdf” is not text/);
  await page.getByRole('button', { name: 'Read it' }).click();
  await arrived(page, /\/read$/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Mint tea');
});

test('one shopping list for several recipes, and as CSV', async ({ page }) => {
  const soup = await pasteRecipe(page, 'Soup\nServes 2\nIngredients\n2 onions\n=SUM(1) salt\nMethod\nBoil the onions.');
  const rice = await pasteRecipe(page, 'Rice\nServes 2\nIngredients\n1 onion\n1 cup rice\nMethod\nBoil the rice.');
  await page.goto(`/shopping?recipe=${soup}&recipe=${rice}`);
  await expect(page.getByRole('listitem').filter({ hasText: 'onion' })).toContainText('3');
  const csv = await (await page.request.get(`/shopping/list.csv?recipe=${soup}&recipe=${rice}`)).text();
  expect(csv).toMatch(/onions?,3,vegetable,cupboard,Soup; Rice/);
  // nothing that a spreadsheet would run
  expect(csv).not.toMatch(/^=|,=/m);
});

test('the kitchen: its measures become the steps’ measures; a slip keeps what was typed', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByLabel('One that holds').fill('2/0');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('alert')).toContainText('divides by zero');
  await page.getByLabel('One that holds').fill('2/3');
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  const id = await pasteRecipe(page, 'Rice\nIngredients\n2/3 cup rice\nMethod\nPut the rice in a bowl.');
  await page.goto(`/recipes/${id}/break-down`);
  await expect(page.getByText('Fill the ⅔ cup with rice.').first()).toBeVisible();
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Remove ⅔ cup' }).click();
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  // steps that are there already say so, and are measured anew; what somebody wrote stays
  await page.goto(`/recipes/${id}/break-down`);
  await running(page);
  await expect(page.getByText('This kitchen has no ⅔ cup any more, and a step fills it.')).toBeVisible();
  await page.getByRole('button', { name: /^Put on your apron/ }).click();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Put your blue apron on.');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Measure with what there is' }).click();
  await expect(page.getByText('This kitchen has no ⅔ cup any more')).toBeHidden();
  await expect(page.getByRole('button', { name: /^Fill the ⅓ cup twice with rice/ })).toBeVisible();
  await expect(page.getByText('found none of the faults')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Put your blue apron on/ })).toBeVisible();
  await settled(page);
});
