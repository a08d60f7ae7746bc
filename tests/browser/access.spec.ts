// Every screen: axe finds nothing, it fits a desk and a phone, it works in every theme, and its keys are told.
import { expect, test } from '@playwright/test';
import { arrived, COUSCOUS, fitsWidth, NELL, noAxeFindings, OATS, running, watch } from './helpers';

const SCREENS: [string, string][] = [
  ['Today', '/'],
  ['Recipes', '/recipes'],
  ['New recipe', '/recipes/new'],
  ['Read', `/recipes/${COUSCOUS}/read`],
  ['Read for our class', `/recipes/${COUSCOUS}/read/class`],
  ['Shopping', `/shopping?recipe=${COUSCOUS}&recipe=${OATS}`],
  ['Break down', `/recipes/${COUSCOUS}/break-down`],
  ['Versions', `/recipes/${COUSCOUS}/break-down/versions`],
  ['Show', `/recipes/${COUSCOUS}/show`],
  ['On paper', `/recipes/${COUSCOUS}/show/paper?form=checklist`],
  ['Fit', `/recipes/${COUSCOUS}/fit?learner=${NELL}`],
  ['Fit, the class', `/recipes/${OATS}/fit/class`],
  ['Cook', `/recipes/${COUSCOUS}/cook`],
  ['Lessons', '/lessons'],
  ['Before a lesson', '/lessons/1e550001-0000-4000-8000-000000000002'],
  ['My screen', '/own'],
  ['Look back', `/recipes/${COUSCOUS}/look-back`],
  ['Learners', '/learners'],
  ['A learner', `/learners/${NELL}`],
  ['Kitchen', '/kitchen'],
  ['What to buy', '/kitchen/buy'],
  ['Photos of the kitchen', '/kitchen/photos'],
  ['My account', '/account'],
  ['Design', '/design'],
  ['Nothing here', '/nothing'],
];

for (const [name, path] of SCREENS)
  test(`${name}: axe, desk and phone, dark and high contrast`, async ({ page, context }) => {
    const { problems } = watch(page);
    for (const theme of ['light', 'dark', 'contrast']) {
      await context.addCookies([{ name: 'theme', value: theme, url: 'http://127.0.0.1' }]);
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(path);
      await running(page);
      await noAxeFindings(page, `${name}, ${theme}`, theme === 'light' ? 'all' : 'colours');
      await fitsWidth(page, `${name} at 1280`);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    await fitsWidth(page, `${name} at 390`);
    await noAxeFindings(page, `${name}, phone`, 'shape');
    // 400 % zoom of a 1280 px screen
    await page.setViewportSize({ width: 320, height: 640 });
    await fitsWidth(page, `${name} at 320`);
    expect(problems).toEqual([]);
  });

test('the lesson: axe, desk and phone, every theme', async ({ page, context }) => {
  await page.goto(`/recipes/${OATS}/cook`);
  await page.getByRole('button', { name: 'Begin with Nell' }).click();
  await arrived(page, /\/cook\//);
  for (const theme of ['light', 'dark', 'contrast']) {
    await context.addCookies([{ name: 'theme', value: theme, url: 'http://127.0.0.1' }]);
    await page.reload();
    await expect(page.locator('main[data-ready=true]')).toBeVisible();
    await page.keyboard.press('v');
    await page.keyboard.press('ArrowLeft');
    await noAxeFindings(page, theme, theme === 'light' ? 'all' : 'colours');
    await fitsWidth(page, theme);
  }
  for (const width of [390, 320]) {
    await page.setViewportSize({ width, height: 844 });
    await fitsWidth(page, `lesson at ${width}`);
    await noAxeFindings(page, `lesson at ${width}`, 'shape');
  }
});

test('keys are told on each place, and the sheet itself is clean', async ({ page }) => {
  for (const place of ['read', 'break-down', 'show', 'fit', 'cook', 'look-back']) {
    await page.goto(`/recipes/${COUSCOUS}/${place}`);
    await running(page);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys here' })).toBeVisible();
    await noAxeFindings(page, `keys of ${place}`, 'all', '[role=dialog]');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});

test('a theme is kept', async ({ page }) => {
  await page.goto('/learners');
  await page.getByRole('button', { name: 'High contrast' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'contrast');
  await page.goto('/kitchen');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'contrast');
});

test('the cards print on their own', async ({ page }) => {
  await page.goto(`/recipes/${COUSCOUS}/show`);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('link', { name: 'On paper' })).toBeHidden();
  await expect(page.locator('li.card').first()).toBeVisible();
  const size = await page
    .locator('li.card p')
    .first()
    .evaluate((p) => parseFloat(getComputedStyle(p).fontSize));
  // at least 18 pt is 24 px (handbook practice)
  expect(size).toBeGreaterThanOrEqual(24);
});
