// People: from nothing to a first recipe, signing in with all that can go wrong, invitations, roles, and a session that ends in the middle of a lesson.
import { expect, test, type Page } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { connect } from '../../src/lib/server/connect';
import { DEMO_PASSWORD } from '../../src/lib/server/demo/people';
import { startServer } from '../server/own-server';
import { arrived, COUSCOUS, fitsWidth, NELL, noAxeFindings, OATS, running } from './helpers';

/** Signs in at the door of the demo. Each test takes another of its people: tries are counted by account. */
async function signIn(page: Page, mail: string, { password = DEMO_PASSWORD, shared = false, to = '/' } = {}): Promise<void> {
  await page.goto(`/sign-in?to=${encodeURIComponent(to)}`);
  await page.getByLabel('E-mail').fill(mail.includes('@') ? mail : `${mail}@cedar-quay.example`);
  await page.getByLabel('Password').fill(password);
  if (shared) await page.getByLabel(/Others use this device/).check();
  await page.getByRole('button', { name: 'Sign in' }).click();
}
/** Goes on by Tab to what has a name, and says it has it. */
async function tabTo(page: Page, name: RegExp, most = 40): Promise<void> {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const has = await page.evaluate(() => {
      const e = document.activeElement as HTMLInputElement | null;
      return [e?.labels?.[0]?.textContent, e?.getAttribute('aria-label'), e?.textContent].find((t) => t?.trim())?.trim() ?? '';
    });
    if (name.test(has)) return;
  }
  throw new Error(`no ${String(name)} within ${most} tabs`);
}

test('from nothing to a class and a first recipe, by keyboard', async ({ browser }) => {
  const server = await startServer({ OPEN_AS: '' }, false);
  try {
    const code = /with the code (\d{4}-\d{4}-\d{4})/.exec(server.log())?.[1];
    expect(code).toBeDefined();
    const page = await (await browser.newContext({ baseURL: server.url })).newPage();
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'You are the first here' })).toBeVisible();
    await running(page);
    await noAxeFindings(page, 'the first person');
    await tabTo(page, /^Code/);
    await page.keyboard.type('0000-0000-0000');
    for (const [label, text] of [
      [/^Name of the school/, 'Harbour Lane Kitchen'],
      [/^Your name/, 'Ms Reed'],
      [/^Your e-mail/, 'reed@harbour-lane.example'],
      [/^Password/, 'harbour lane kitchen'],
    ] as const) {
      await tabTo(page, label);
      await page.keyboard.type(text);
    }
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toHaveText('This is not the code that the server printed when it started.');
    // what was entered stands, but for the password
    await expect(page.getByLabel('Your name')).toHaveValue('Ms Reed');
    await page.getByLabel('Code').fill(code!);
    await page.getByLabel('Password').fill('harbour lane kitchen');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText('tried first');
    await page.getByLabel('Password').fill('seven otters pay rent');
    await page.keyboard.press('Enter');

    await expect(page.getByRole('heading', { name: 'The first steps' })).toBeVisible();
    await running(page);
    await noAxeFindings(page, 'the first steps');
    await tabTo(page, /Add a learner/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Learners', level: 1 })).toBeVisible();
    await running(page);
    await tabTo(page, /^New learner/);
    await page.keyboard.type('Bo');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Bo', exact: true })).toBeVisible();
    await page.goto('/');
    await running(page);
    await tabTo(page, /Paste a recipe/);
    await page.keyboard.press('Enter');
    await arrived(page, /\/recipes\/new/);
    await running(page);
    await page.locator('textarea').focus();
    await page.keyboard.insertText(
      'Rice\nServes 1\n\n1 cup rice\n2 cups water\n\nBoil the water in a pan. Add the rice. Simmer for 12 minutes.',
    );
    await tabTo(page, /^(Read|Go on|Take)/);
    await page.keyboard.press('Enter');
    await arrived(page, /\/recipes\/[0-9a-f-]{36}/);
    await expect(page.getByRole('heading', { name: 'Rice' }).first()).toBeVisible();
    // the code is good for one
    await page.goto('/first');
    await expect(page).not.toHaveURL(/\/first/);
  } finally {
    await server.stop();
  }
});

test('wrong passwords say nothing of who exists, and are counted; the e-mail is taken in any case', async ({ page }) => {
  await signIn(page, 'nobody@nowhere.example', { password: 'not the password' });
  await expect(page.getByRole('alert')).toHaveText('The e-mail or the password is not right.');
  for (let i = 0; i < 5; i++) {
    await signIn(page, 'voss', { password: 'not the password' });
    await expect(page.getByRole('alert')).toHaveText('The e-mail or the password is not right.');
  }
  // the sixth within a minute is not looked at, right as it may be
  await signIn(page, 'VOSS@cedar-quay.example');
  await expect(page.getByRole('alert')).toContainText('Too many tries.');
  await noAxeFindings(page, 'sign in');
  await page.setViewportSize({ width: 320, height: 640 });
  await fitsWidth(page, 'sign in at 320');
});

test('a second factor: set up, asked for, a code good once, a recovery code good once, turned off', async ({ page, context }) => {
  await signIn(page, 'tarn');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto('/account');
  await running(page);
  const second = page.getByRole('region', { name: /^Second factor/ });
  await second.getByLabel('Your password, once more').fill(DEMO_PASSWORD);
  await second.getByRole('button', { name: 'Set one up' }).click();
  const secret = (await second.locator('.font-mono').innerText()).replaceAll(' ', '');
  const codeAt = (seconds: number) => new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + seconds * 1000 });
  await second.getByRole('textbox', { name: 'Code' }).fill('000000');
  await second.getByRole('button', { name: 'Turn it on' }).click();
  await expect(second.getByRole('alert')).toContainText('does not fit');
  const used = codeAt(-30);
  await second.getByRole('textbox', { name: 'Code' }).fill(used);
  await second.getByRole('button', { name: 'Turn it on' }).click();
  await expect(second.getByText('Write these recovery codes down now')).toBeVisible();
  await noAxeFindings(page, 'recovery codes');
  const recovery = await second.getByRole('listitem').allInnerTexts();
  expect(recovery).toHaveLength(10);

  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  const enter = async (code: string) => {
    await page.getByLabel('Code').fill(code);
    await page.getByRole('button', { name: 'Sign in' }).click();
  };
  await signIn(page, 'tarn', { to: '/learners' });
  await expect(page.getByRole('heading', { name: /authenticator/ })).toBeVisible();
  // half-way there is nothing to see
  expect((await page.request.get('/learners', { maxRedirects: 0 })).status()).toBe(303);
  await noAxeFindings(page, 'the code');
  await enter(used);
  await expect(page.getByRole('alert')).toContainText('was used before');
  await enter(recovery[0].toUpperCase());
  await expect(page.getByRole('heading', { name: 'Learners', level: 1 })).toBeVisible();

  await context.clearCookies({ name: 'session' });
  await signIn(page, 'tarn');
  await enter(recovery[0]);
  await expect(page.getByRole('alert')).toContainText('was used before');
  await enter(codeAt(0));
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto('/account');
  await running(page);
  await expect(page.getByText('9 recovery codes are left')).toBeVisible();
  await page
    .getByRole('region', { name: /^Second factor/ })
    .getByLabel('Your password, once more')
    .fill(DEMO_PASSWORD);
  await page.getByRole('button', { name: 'Turn it off' }).click();
  await expect(page.getByRole('heading', { name: 'Second factor: off' })).toBeVisible();
});

test('a lead invites; the link works once; the role says what is seen; put away is out at once', async ({ page, browser, baseURL }) => {
  await signIn(page, 'okell');
  await page.getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People', level: 1 })).toBeVisible();
  await running(page);
  await noAxeFindings(page, 'people');
  await page.getByLabel('Name', { exact: true }).fill('Ms Quill');
  await page.getByLabel('E-mail').fill('Quill@cedar-quay.example');
  await page.getByLabel(/^Is here as/).selectOption('reader');
  await page.getByRole('button', { name: 'Invite' }).click();
  const link = await page.locator('code').innerText();
  await expect(page.getByText(/quill@cedar-quay.example, reader/)).toBeVisible();

  // the demo would open by itself
  const cookies = [
    { name: 'demo-as', value: 'out', domain: '127.0.0.1', path: '/', expires: -1, httpOnly: true, secure: false, sameSite: 'Lax' as const },
  ];
  const other = await (await browser.newContext({ baseURL, storageState: { cookies, origins: [] } })).newPage();
  await other.goto(link);
  await expect(other.getByRole('heading', { name: 'Come in, Ms Quill' })).toBeVisible();
  await running(other);
  await noAxeFindings(other, 'come in');
  await other.getByLabel('Password').fill('seven otters pay rent');
  await other.getByRole('button', { name: 'Come in' }).click();
  await expect(other.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(other.getByRole('link', { name: 'New recipe' })).toHaveCount(0);
  await other.goto('/recipes/new');
  await expect(other.getByText(/not yours to add/)).toBeVisible();
  await other.goto(`/recipes/${COUSCOUS}/break-down`);
  await expect(other.getByText(/As reader you look at this page/)).toBeVisible();
  // what would change something is closed, or is not there
  await other.goto('/kitchen');
  await running(other);
  await expect(other.getByLabel('A lesson has (minutes)')).toBeDisabled();
  await other.goto('/recipes');
  await expect(other.getByRole('button', { name: /^Put away/ })).toHaveCount(0);
  await noAxeFindings(other, 'recipes of a reader');
  expect((await other.request.get(link)).status()).toBe(404);

  await page.goto('/people');
  await running(page);
  await page.getByLabel('Ms Quill is here as').selectOption('teacher');
  await expect.poll(async () => (await other.request.get('/recipes/new')).status()).toBe(200);
  await page.getByRole('button', { name: 'Put away Ms Okell' }).click();
  await expect(page.getByRole('alert')).toContainText('needs one lead');
  await page.getByRole('button', { name: 'Put away Ms Quill' }).click();
  await expect(page.getByText('Put away: 1')).toBeVisible();
  await other.goto('/recipes');
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible();

  // a forgotten password: the answer is the same for all, the lead sees who asked
  for (const mail of ['lund@cedar-quay.example', 'nobody@nowhere.example']) {
    await other.goto('/forgot');
    await running(other);
    await other.getByLabel('E-mail').fill(mail);
    await other.getByRole('button', { name: 'Ask for a link' }).click();
    await expect(other.getByRole('status')).toContainText('If this e-mail has an account');
  }
  await page.reload();
  await running(page);
  await expect(page.getByText('Asked for a new password')).toHaveCount(1);
  await page.getByRole('button', { name: 'New password for Mr Lund' }).click();
  await other.goto(await page.locator('code').innerText());
  await running(other);
  await other.getByLabel('Password').fill('nine herons mind the gap');
  await other.getByRole('button', { name: 'Keep' }).click();
  await expect(other.getByRole('link', { name: 'Mr Lund' })).toBeVisible();
});

test('who saw what: the lead sees that a teacher opened a learner and took the records out', async ({ page, context }) => {
  await page.goto('/learners');
  await page.getByRole('link', { name: 'What is next for Pim' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Pim');
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Everything in one file' }).click();
  expect((await file).suggestedFilename()).toBe('learner.zip');
  await context.addCookies([{ name: 'demo-as', value: 'lead', url: new URL(page.url()).origin }]);
  await page.goto('/people/trail');
  await running(page);
  await noAxeFindings(page, 'the trail');
  for (const path of ['/people', '/people/trail', `/learners/${NELL}/erase`]) {
    await page.goto(path);
    await running(page);
    for (const width of [390, 320]) {
      await page.setViewportSize({ width, height: 800 });
      await fitsWidth(page, `${path} at ${width}`);
    }
    await noAxeFindings(page, `${path}, phone`, 'shape');
    await page.setViewportSize({ width: 1280, height: 800 });
  }
  await page.goto('/people/trail');
  const lines = page.getByRole('row').filter({ hasText: 'Pim' });
  await expect(lines.filter({ hasText: 'took out: everything' })).toContainText('Ms Ferrow');
  await expect(lines.filter({ hasText: 'saw: what is next' })).toContainText('Ms Ferrow');
});

test('a lesson pass: another adult’s phone records in this lesson, and sees nothing else', async ({ page, browser, baseURL }) => {
  await page.goto('/cook/1e550001-0000-4000-8000-000000000001');
  await expect(page.locator('main[data-ready=true]')).toBeVisible();
  await page.keyboard.press('t');
  await page.getByRole('button', { name: 'Let another adult’s device in' }).click();
  const code = await page.locator('b.tracking-widest').innerText();
  await noAxeFindings(page, 'a lesson pass');
  const cookies = [
    { name: 'demo-as', value: 'out', domain: '127.0.0.1', path: '/', expires: -1, httpOnly: true, secure: false, sameSite: 'Lax' as const },
  ];
  const phone = await (
    await browser.newContext({
      baseURL,
      storageState: { cookies, origins: [] },
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'block',
    })
  ).newPage();
  await phone.goto('/own');
  await running(phone);
  await phone.getByLabel(/code on the teacher/).fill('00000000');
  await phone.getByRole('button', { name: 'Open' }).click();
  await expect(phone.getByRole('alert')).toContainText('No lesson of today has this code');
  await phone.getByLabel(/code on the teacher/).fill(code);
  await phone.getByRole('button', { name: 'Open' }).click();
  await expect(phone.locator('main[data-ready=true]')).toBeVisible();
  await phone.keyboard.press('1');
  await expect(phone.getByText('All sent')).toBeVisible();
  await phone.keyboard.press('t');
  await expect(phone.getByLabel('Another step')).toBeVisible();
  await expect(phone.getByRole('button', { name: /Let another adult/ })).toHaveCount(0);
  await phone.goto('/learners');
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});

test('a session that ends in a lesson loses nothing: what is tapped waits for whoever signs in', async ({ page, context }) => {
  await signIn(page, 'ferrow', { shared: true });
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await context.addCookies([{ name: 'demo-as', value: 'out', url: new URL(page.url()).origin }]);
  await page.goto('/recipes');
  await page.goto(`/recipes/${OATS}/cook`);
  await running(page);
  await page.locator('button[id^=begin-]').first().click();
  await arrived(page, /\/cook\/[0-9a-f-]{36}$/);
  await expect(page.locator('main[data-ready=true]')).toBeVisible();
  // ended from elsewhere
  const app = connect(process.env.ADMIN_DATABASE_URL!.replace(/[^/]*$/, new URL(process.env.DATABASE_URL!).pathname.slice(1)));
  await app('session').delete();
  await app.destroy();
  await page.keyboard.press('1');
  const away = page.getByText(/1 on this device: sign in to send/);
  await expect(away).toBeVisible();
  await away.getByRole('link', { name: 'sign in' }).click();
  await page.getByLabel('E-mail').fill('ferrow@cedar-quay.example');
  await page.getByLabel('Password').fill(DEMO_PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.locator('main[data-ready=true]')).toBeVisible();
  await expect(page.getByText('All sent')).toBeVisible();
  await expect(page.getByText(/^1 of \d+ recorded/)).toBeVisible();
});
