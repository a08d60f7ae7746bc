// Classes of a school, passkeys, and a page that was opened before a new release.
import { expect, test, type Page } from '@playwright/test';
import { startServer } from '../server/own-server';
import { fitsWidth, noAxeFindings, running } from './helpers';

const asRole = (page: Page, role: string) =>
  page
    .context()
    .addCookies([
      { name: 'demo-as', value: role, domain: '127.0.0.1', path: '/', expires: -1, httpOnly: true, secure: false, sameSite: 'Lax' },
    ]);

test('a teacher of two classes works with one at a time; another window turns along, and keeps nothing in the wrong one', async ({
  page,
  context,
}) => {
  await page.goto('/learners');
  await running(page);
  await expect(page.getByRole('link', { name: 'Wren', exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto('/kitchen');
  await running(other);
  await expect(other.getByLabel('A lesson has (minutes)')).toHaveValue('60');
  await page.getByRole('combobox', { name: 'Class', exact: true }).selectOption({ label: 'Tide Group' });
  await expect(page.getByRole('link', { name: 'Fern', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Wren', exact: true })).toHaveCount(0);
  // its own kitchen, in the window that stood at the other
  await expect(other.getByLabel('A lesson has (minutes)')).toHaveValue('45');
  await expect(other.getByRole('combobox', { name: 'Class', exact: true })).toHaveValue('c1a55001-0000-4000-8000-000000000002');
  // a link to a learner of the other class opens with that class
  await page.goto('/learners/1ea40001-0000-4000-8000-000000000001');
  await expect(page.getByRole('combobox', { name: 'Class', exact: true })).not.toHaveValue('c1a55001-0000-4000-8000-000000000002');
  await page.goto('/lessons');
  await expect(page.getByRole('combobox', { name: 'Class', exact: true })).toHaveValue('c1a55001-0000-4000-8000-000000000002');
  // a form of before says so, and changes nothing
  await running(page);
  const name = page.locator('form[action="?/add"] input[name="class"]');
  await name.evaluate((e: HTMLInputElement) => (e.value = '00000000-0000-4000-8000-000000000000'));
  await page.getByRole('button', { name: 'Put it on the list' }).click();
  await expect(page.getByRole('alert')).toContainText('turned to Tide Group in another window');
  await page.getByRole('combobox', { name: 'Class', exact: true }).selectOption({ index: 0 });
  await expect(page.getByRole('combobox', { name: 'Class', exact: true })).toHaveValue(/^(?!c1a55001)/);
  await context.clearCookies({ name: 'class' });
});

test('a lead adds a class, renames it, moves a learner up by key, and puts it away', async ({ page }) => {
  await asRole(page, 'lead');
  await page.goto('/people');
  await page.getByRole('link', { name: 'Classes' }).click();
  await expect(page.getByRole('heading', { name: 'Classes', level: 1 })).toBeVisible();
  await running(page);
  await noAxeFindings(page, 'classes');
  await page.getByLabel('New class').fill('Lantern Group');
  await page.keyboard.press('Enter');
  const lantern = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Lantern Group' }) });
  await expect(lantern).toContainText('Ms Okell');
  await lantern.getByText('Change', { exact: false }).click();
  await lantern.getByLabel('Name of Lantern Group').fill('Lamp Group');
  await page.keyboard.press('Enter');
  const lamp = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Lamp Group' }) });
  await expect(lamp).toBeVisible();
  const tide = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Tide Group' }) });
  await tide.getByRole('checkbox', { name: 'Ash' }).focus();
  await page.keyboard.press('Space');
  await tide.getByLabel('Class that they move to').selectOption({ label: 'Lamp Group' });
  await tide.getByRole('button', { name: /^Move there/ }).focus();
  await page.keyboard.press('Enter');
  await expect(lamp.getByRole('checkbox', { name: 'Ash' })).toBeVisible();
  await expect(tide.getByRole('checkbox', { name: 'Ash' })).toHaveCount(0);
  // who is in a lesson under way stays
  const quay = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Cedar Quay Skills Kitchen' }) });
  await quay.getByRole('checkbox', { name: 'Wren' }).check();
  await quay.getByRole('button', { name: /^Move there/ }).click();
  await expect(page.getByRole('alert')).toContainText('Wren: in a lesson that is under way');
  await lamp.getByRole('checkbox', { name: 'Ash' }).check();
  await lamp.getByLabel('Class that they move to').selectOption({ label: 'Tide Group' });
  await lamp.getByRole('button', { name: /^Move there/ }).click();
  await expect(tide.getByRole('checkbox', { name: 'Ash' })).toBeVisible();
  await lamp.getByRole('button', { name: /^Put away/ }).click();
  await expect(page.getByText('Put away: 1')).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await fitsWidth(page, 'classes');
  // what was done stands on the trail
  await page.goto('/people/trail');
  await expect(page.getByRole('row').nth(1)).toContainText('changed: classes');
  await asRole(page, 'teacher');
});

test('a recipe is found by a word of its title', async ({ page }) => {
  // with three recipes nobody has to look for one: the field is there once somebody looks
  await page.goto('/recipes?find=LENTIL&page=7');
  await running(page);
  await expect(page.getByText('1 recipe with “LENTIL” in the title.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Red lentil soup' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Couscous bowl' })).toBeHidden();
  await page.getByRole('searchbox', { name: 'Find a recipe' }).fill('nothing like it');
  await page.keyboard.press('Enter');
  await expect(page.getByText('No recipe with “nothing like it” in the title.')).toBeVisible();
  await page.getByRole('link', { name: 'All recipes' }).click();
  await expect(page.getByRole('link', { name: 'Couscous bowl' })).toBeVisible();
});

test('recipes and lessons are put away and brought back', async ({ page }) => {
  await page.goto('/recipes');
  await running(page);
  await page.getByRole('button', { name: 'Put away Red lentil soup' }).click();
  await expect(page.getByText('Put away: 1')).toBeVisible();
  await page.getByText('Put away: 1').click();
  await page.getByRole('link', { name: 'Red lentil soup' }).click();
  await expect(page.getByText('This recipe is put away')).toBeVisible();
  await page.goto('/recipes');
  await running(page);
  await page.getByText('Put away: 1').click();
  await page.getByRole('button', { name: 'Bring back Red lentil soup' }).click();
  await expect(page.getByRole('button', { name: 'Put away Red lentil soup' })).toBeVisible();
  await page.goto('/lessons?week=2026-10-05');
  await running(page);
  await page
    .getByRole('button', { name: /^Put away .* on \d/ })
    .first()
    .click();
  await expect(page.getByText('Put away: 1')).toBeVisible();
  await page.getByText('Put away: 1').click();
  await expect(page.getByText(/steps recorded, counted nowhere/)).toBeVisible();
  await page.getByRole('button', { name: /^Bring back/ }).click();
  await expect(page.getByText('Put away: 1')).toHaveCount(0);
});

test('a passkey: added after the password, opens the account without it, is asked for again after it is taken away', async ({
  browser,
}) => {
  const server = await startServer({ OPEN_AS: '' }, false, 'localhost');
  try {
    const code = /with the code (\d{4}-\d{4}-\d{4})/.exec(server.log())![1];
    const context = await browser.newContext({ baseURL: server.url });
    const page = await context.newPage();
    const device = await context.newCDPSession(page);
    await device.send('WebAuthn.enable');
    const has = {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
    } as const;
    await device.send('WebAuthn.addVirtualAuthenticator', { options: { ...has, automaticPresenceSimulation: true } });
    await page.goto('/');
    await running(page);
    for (const [label, text] of [
      ['Code', code],
      ['Name of the school', 'Harbour Lane Kitchen'],
      ['Your name', 'Ms Reed'],
      ['Your e-mail', 'reed@harbour-lane.example'],
      ['Password', 'seven otters pay rent'],
    ])
      await page.getByLabel(label).first().fill(text);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await page.goto('/account');
    await running(page);
    const keys = page.getByRole('region', { name: 'Passkeys' });
    await keys.getByLabel('Your password, once more').fill('not mine');
    await keys.getByRole('button', { name: 'Add one on this device' }).click();
    await expect(keys.getByRole('status')).toContainText('not right');
    await keys.getByLabel('Your password, once more').fill('seven otters pay rent');
    await keys.getByRole('button', { name: 'Add one on this device' }).click();
    await expect(keys.getByRole('listitem')).toHaveCount(1);
    await noAxeFindings(page, 'passkeys');
    // it counts as the second factor that a school may ask for
    await page.goto('/people');
    await running(page);
    await page.getByRole('checkbox', { name: 'School lead' }).check();
    const kept = page.waitForResponse(/\/people\?\/school/);
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    expect((await kept).status()).toBe(200);
    await page.reload();
    await expect(page.getByRole('checkbox', { name: 'School lead' })).toBeChecked();
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await page.goto('/sign-in?to=/learners');
    await running(page);
    // where the school asks for a second factor, a password alone opens nothing
    await page.getByLabel('E-mail').fill('reed@harbour-lane.example');
    await page.getByLabel('Password').fill('seven otters pay rent');
    await page.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(page.getByRole('alert')).toContainText('sign in with your passkey');
    await page.getByRole('button', { name: 'With a passkey' }).click();
    await expect(page.getByRole('heading', { name: 'Learners', level: 1 })).toBeVisible();
    await page.goto('/account');
    await running(page);
    await keys.getByRole('button', { name: /^Take away/ }).click();
    await expect(keys.getByRole('listitem')).toHaveCount(0);
    // without it the school's rule holds: nothing else opens
    await page.goto('/learners');
    await expect(page.getByRole('alert').filter({ hasText: 'Your school asks for a second factor' })).toBeVisible();
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await page.goto('/sign-in');
    await running(page);
    await page.getByRole('button', { name: 'With a passkey' }).click();
    await expect(page.getByRole('alert')).toContainText('opens nothing here');
  } finally {
    await server.stop();
  }
});

test('a page that was opened before a new release still saves, and goes on with the new one', async ({ page }) => {
  await page.goto('/learners');
  await running(page);
  // the files of the page are gone from the server, as after a release; whatever is opened anew is the new release
  let isNew = false;
  page.on('request', (r) => (isNew ||= r.isNavigationRequest()));
  const gone = (path: string) => page.route(path, (route) => (isNew ? route.continue() : route.fulfill({ status: 404, body: '' })));
  await gone('**/_app/immutable/**');
  await page.route('**/_app/version.json', (route) => route.fulfill({ json: { version: 'a later one' } }));
  await page.getByLabel('New learner, short name').fill('Reed');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Reed');
  expect(isNew).toBe(true);
  await page.goto('/learners');
  await running(page);
  await page.getByRole('button', { name: 'Put away Reed' }).click();
  await expect(page.getByRole('button', { name: 'Put away Reed' })).toHaveCount(0);
});
