// Bad input gets a clear message by the field, keeps what was typed, and saves nothing by half.
import { expect, test, type Page } from '@playwright/test';
import { pasteRecipe, running } from './helpers';

const FIELD = 'Paste the whole recipe';
async function count(page: Page): Promise<number> {
  await page.goto('/recipes');
  return page.locator('tbody tr').count();
}

const REFUSED: [string, string, RegExp][] = [
  ['nothing', '   ', /Paste the recipe here/],
  ['emoji only', '🍕🍕🍕', /no word in this text/],
  ['no ingredients and no method', 'My grandmother was a fine cook and lived by the sea', /no ingredients and no method/i],
];
for (const [name, text, message] of REFUSED)
  test(`refused: ${name}`, async ({ page }) => {
    const before = await count(page);
    await page.goto('/recipes/new');
    await page.getByLabel(FIELD).fill(text);
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('alert')).toHaveText(message);
    await expect(page.getByLabel(FIELD)).toHaveValue(text);
    await expect(page.getByLabel(FIELD)).toHaveAttribute('aria-invalid', 'true');
    expect(await count(page)).toBe(before);
  });

test('too long a text is kept in the field; a megabyte is answered as clearly', async ({ page }) => {
  const before = await count(page);
  await page.goto('/recipes/new');
  const text = '1 cup rice\n'.repeat(10_000);
  // a value set before the page runs would be taken for the page's own, and cleared
  await running(page);
  await page.getByLabel(FIELD).evaluate((field, value) => ((field as HTMLTextAreaElement).value = value), text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toHaveText(/110 thousand characters long; 100 thousand is the most/);
  expect((await page.getByLabel(FIELD).inputValue()).length).toBe(text.length);
  const id = await page.locator('input[name=id]').inputValue();
  const answer = await page.request.post('/recipes/new', {
    form: { id, source: 'x'.repeat(1_000_000) },
    headers: { origin: new URL(page.url()).origin },
  });
  const said = (await answer.json()) as { type: string; status: number; data: string };
  expect([said.type, said.status]).toEqual(['failure', 400]);
  expect(said.data).toContain('1000 thousand characters long');
  expect(await count(page)).toBe(before);
});

test('“1/0 cup” is shown where it stands, and can be put right', async ({ page }) => {
  await pasteRecipe(page, 'Cake\nIngredients\n1/0 cup sugar\n1 egg\nMethod\nMix the sugar and egg in a bowl.');
  await expect(page.getByText('1 line needs a look.')).toBeVisible();
  await expect(page.getByText('“1/0” divides by zero')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('button', { name: /^sugar/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.getByLabel('Amount').fill('1 1/2');
  await page.getByLabel('Unit').fill('cups');
  await page.getByLabel('Unit').press('Enter');
  await expect(page.getByText('Nothing left unread.')).toBeVisible();
  await expect(page.getByRole('button', { name: /1½ cups sugar/ })).toBeVisible();
});

test('HTML with a script is data', async ({ page }) => {
  let ran = false;
  page.on('dialog', async (d) => {
    ran = true;
    await d.dismiss();
  });
  await pasteRecipe(
    page,
    '<h1>Tea <img src=x onerror=alert(1)></h1><script>alert(2)</script><ul><li>1 cup water</li></ul><p>Boil the water.</p>',
  );
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tea');
  await page.getByRole('link', { name: 'To the steps' }).click();
  await expect(page.getByText('Boil the water.').first()).toBeVisible();
  expect(ran).toBe(false);
});

test('right-to-left words keep their letters and their side', async ({ page }) => {
  await pasteRecipe(page, 'מרק עדשים\nIngredients\n1 cup עדשים\n2 cups water\nMethod\nBoil the water in a pan. Add the עדשים.');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('מרק עדשים');
  await expect(page.getByRole('button', { name: /1 cup עדשים/ })).toBeVisible();
  await page.getByRole('link', { name: 'To the steps' }).click();
  await expect(page.getByText('עדשים').first()).toBeVisible();
});

test('a double submit makes one recipe', async ({ page }) => {
  const before = await count(page);
  await page.goto('/recipes/new');
  const id = await page.locator('input[name=id]').inputValue();
  const send = () =>
    page.request.post('/recipes/new', {
      form: { id, source: 'Rice\n1 cup rice\nBoil the rice.' },
      headers: { origin: new URL(page.url()).origin },
    });
  const answers = await Promise.all([send(), send(), send()]);
  for (const answer of answers) expect(answer.ok()).toBe(true);
  expect(await count(page)).toBe(before + 1);
});

test('a stale edit of the reading is told, not lost', async ({ page, context }) => {
  const id = await pasteRecipe(page, 'Rice\nServes 2\n1 cup rice\nBoil the rice.');
  const other = await context.newPage();
  await other.goto(`/recipes/${id}/read`);
  for (const [where, name] of [
    [page, 'Plain rice'],
    [other, 'White rice'],
  ] as const) {
    await where.getByLabel('Name').fill(name);
    await where.getByLabel('Name').blur();
    if (where === page) await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
  }
  await expect(other.getByText('changed in another window')).toBeVisible();
  await expect(other.getByLabel('Name')).toHaveValue('White rice');
  await page.reload();
  await expect(page.getByLabel('Name')).toHaveValue('Plain rice');
});

test('an address of nothing says so', async ({ page }) => {
  for (const path of [
    '/recipes/nothing/read',
    '/recipes/00000000-0000-4000-8000-000000000000/break-down',
    '/cook/x',
    "/recipes/'; drop table recipe; --/show",
  ]) {
    const answer = await page.goto(path);
    expect(answer?.status(), path).toBe(404);
    await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
  }
});

test('until the page runs, no field takes what would be lost', async ({ page }) => {
  let run = () => {};
  const held = new Promise<void>((done) => (run = done));
  await page.route('**/_app/**/*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/recipes/new', { waitUntil: 'commit' });
  const field = page.getByLabel('Paste the whole recipe');
  const others = [
    page.getByRole('combobox', { name: 'Class', exact: true }),
    page.getByLabel('Demo, seen by'),
    page.getByRole('button', { name: 'Sign out' }),
  ];
  for (const one of [field, ...others]) await expect(one).toBeDisabled();
  run();
  for (const one of [field, ...others]) await expect(one).toBeEnabled();
});
