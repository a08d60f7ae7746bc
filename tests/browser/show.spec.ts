// Show: the pictures on screen and in movement, every printed form as the PDF that a printer gets, the cards as files.
import { expect, test, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { arrived, COUSCOUS, NELL, noAxeFindings, pasteRecipe, running, watch } from './helpers';

const SHOW = `/recipes/${COUSCOUS}/show`;
const FORMS = [
  'cards',
  'strip',
  'booklet',
  'checklist',
  'first-then',
  'placemat',
  'sequence',
  'choice',
  'tools',
  'labels',
  'sizes',
  'data',
  'help',
  'large',
];
/** Millimetres (ISO 216; ANSI/ASME Y14.1). */
const SIZES = { A4: [210, 297], letter: [215.9, 279.4] } as const;

/** Pages of a PDF and their size in millimetres. */
function pagesOf(pdf: Buffer): { count: number; sizes: [number, number][] } {
  const text = pdf.toString('latin1');
  const sizes = [...text.matchAll(/\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)\s*\]/g)].map((m): [number, number] => [
    (Number(m[1]) * 25.4) / 72,
    (Number(m[2]) * 25.4) / 72,
  ]);
  return { count: text.match(/\/Type\s*\/Page\b(?!s)/g)?.length ?? 0, sizes };
}
const print = (page: Page) => page.pdf({ preferCSSPageSize: true, printBackground: true });

test('every picture stays inside its card, and each card has its words and a picture', async ({ page }) => {
  const { problems } = watch(page);
  await page.goto(SHOW);
  await running(page);
  const odd = await page.evaluate(() =>
    [...document.querySelectorAll('li.card')].flatMap((card) => {
      const box = card.getBoundingClientRect();
      const svg = card.querySelector('svg')!;
      const picture = svg.getBoundingClientRect();
      const words = card.querySelector('p')!;
      const below = words.getBoundingClientRect();
      const inside =
        picture.left >= box.left && picture.right <= box.right && below.bottom <= box.bottom + 1 && picture.bottom <= below.top + 1;
      // nothing of a drawing shows beyond its own edge
      const cut = getComputedStyle(svg).overflow !== 'visible';
      return inside && cut && svg.children.length > 0 && words.textContent.trim() ? [] : [words.textContent];
    }),
  );
  expect(odd).toEqual([]);
  expect(problems).toEqual([]);
});

test('a step shows how it goes when asked, by mouse and by keys, and stops', async ({ page }) => {
  await page.goto(SHOW);
  const card = page.locator('li.card').filter({ hasText: 'Dice the cucumber' });
  await card.getByRole('button', { name: /Show how: Dice/ }).click();
  await expect(card.locator('animateTransform').first()).toBeAttached();
  // only the card that was asked moves
  expect(
    await page
      .locator('li.card')
      .filter({ has: page.locator('animateTransform') })
      .count(),
  ).toBe(1);
  await expect(card.getByRole('button', { name: /^Stop: Dice/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(card.locator('animateTransform')).toHaveCount(0);
  await expect(card.getByRole('button', { name: /Show how/ })).toBeFocused();
});
test('who wants no movement sees three moments side by side', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(SHOW);
  const card = page.locator('li.card').filter({ hasText: 'Dice the cucumber' });
  await card.getByRole('button', { name: /Show how/ }).click();
  await expect(card.locator('svg')).toHaveCount(3);
  await expect(card.locator('animateTransform, animate')).toHaveCount(0);
});
test('a movement that cannot be fetched is said, and the picture stays', async ({ page }) => {
  await page.route('**/moving?**', (route) => route.fulfill({ status: 200, contentType: 'application/json', body: '{"loop":7}' }));
  await page.goto(SHOW);
  const card = page.locator('li.card').first();
  await card.getByRole('button', { name: /Show how/ }).click();
  await expect(card.getByRole('status')).toContainText('could not be fetched');
  await expect(card.locator('svg')).toHaveCount(1);
});

test('each form comes out as it is shown: pages counted, sizes true to half a millimetre, nothing over an edge', async ({ page }) => {
  for (const form of FORMS)
    for (const [size, [w, h]] of Object.entries(SIZES)) {
      await page.goto(`${SHOW}/paper?form=${form}&size=${size}`);
      await running(page);
      const shown = await page.locator('.sheet').count();
      const sideways = form === 'placemat' || form === 'booklet';
      const { count, sizes } = pagesOf(await print(page));
      expect(count, `${form} on ${size}`).toBe(shown);
      for (const [pw, ph] of sizes) {
        expect(Math.abs(pw - (sideways ? h : w)), `${form} on ${size}: width`).toBeLessThan(0.5);
        expect(Math.abs(ph - (sideways ? w : h)), `${form} on ${size}: height`).toBeLessThan(0.5);
      }
      const over = await page.evaluate(() =>
        [...document.querySelectorAll<SVGSVGElement>('.sheet > svg')].flatMap((svg) => {
          const page = svg.getBoundingClientRect();
          return [...svg.querySelectorAll('text')]
            .filter((t) => !t.closest('svg svg'))
            .filter((t) => {
              const b = t.getBoundingClientRect();
              return b.left < page.left || b.right > page.right || b.bottom > page.bottom || b.top < page.top - 2;
            })
            .map((t) => t.textContent);
        }),
      );
      expect(over, `${form} on ${size}`).toEqual([]);
    }
});

test('sixty steps and the longest words fit on every form', async ({ page }) => {
  const long = `Stir the ${'very '.repeat(50)}thick soup.`;
  const method = Array.from({ length: 40 }, (_, i) => (i % 8 === 0 ? long : `Add the carrots to pan number ${i + 1}.`)).join('\n');
  const id = await pasteRecipe(
    page,
    `A soup with a name that is much longer than any name of a soup ought to be, and then some\n\n2 carrots\n1 l vegetable stock\n\nMethod\n${method}`,
  );
  for (const form of FORMS) {
    await page.goto(`/recipes/${id}/show/paper?form=${form}`);
    await running(page);
    const shown = await page.locator('.sheet').count();
    expect(pagesOf(await print(page)).count, form).toBe(shown);
    const apart = await page.evaluate(() => {
      // lines of one page that lie on each other
      const bad: string[] = [];
      for (const svg of document.querySelectorAll('.sheet > svg')) {
        const boxes = [...svg.querySelectorAll('text')]
          .filter((t) => !t.closest('svg svg'))
          .map((t) => ({ t: t.textContent, b: t.getBBox(), m: t.getCTM()! }));
        const at = boxes.map(({ t, b, m }) => ({ t, x: b.x * m.a + m.e, y: b.y * m.d + m.f, w: b.width * m.a, h: b.height * m.d }));
        for (let i = 0; i < at.length; i++)
          for (let k = i + 1; k < at.length; k++) {
            const [p, q] = [at[i], at[k]];
            const over =
              Math.min(p.x + p.w, q.x + q.w) - Math.max(p.x, q.x) > 1 &&
              Math.min(p.y + p.h, q.y + q.h) - Math.max(p.y, q.y) > 0.45 * Math.min(p.h, q.h);
            if (over) bad.push(`${p.t} / ${q.t}`);
          }
      }
      return bad.slice(0, 3);
    });
    expect(apart, form).toEqual([]);
  }
});

test('paper: choices change the pages, stay in the address, and axe finds nothing', async ({ page }) => {
  await page.goto(SHOW);
  await page.getByRole('link', { name: 'On paper' }).click();
  await arrived(page, /paper/);
  await running(page);
  const pages = page.locator('.sheet');
  const four = await pages.count();
  await page.getByLabel('Cards on a page').selectOption('9');
  await expect(page).toHaveURL(/cards=9/);
  await expect.poll(() => pages.count()).toBeLessThan(four);
  await page.getByLabel('Ink').selectOption('black');
  await expect(page).toHaveURL(/ink=black/);
  await expect(pages.first().locator('[fill="#c9452c"]')).toHaveCount(0);
  await page.getByRole('link', { name: 'Checklist' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toContainText('Checklist');
  await expect(page).toHaveURL(/ink=black/);
  await page.getByLabel(/^For/).selectOption({ label: 'Nell' });
  await expect(pages.first()).toContainText('Nell');
  await noAxeFindings(page, 'paper');
});

test('a learner who works with the left hand has pictures for it, also in the lesson’s movement', async ({ page }) => {
  await page.goto(SHOW);
  await page.getByLabel(/^For/).selectOption({ label: 'Odo' });
  await arrived(page, /learner=/);
  const card = page
    .locator('li.card')
    .filter({ hasText: /cucumber/ })
    .last();
  await expect(card.locator('svg > g').first()).toHaveAttribute('transform', /scale\(-1 1\)/);
  await card.getByRole('button', { name: /^Show how/ }).click();
  await expect(card.locator('animateTransform').first()).toBeAttached();
  await expect(card.locator('svg > g').first()).toHaveAttribute('transform', /scale\(-1 1\)/);
});

test('the cards are saved as SVG and PNG, one file for each', async ({ page }) => {
  await page.goto(SHOW);
  await running(page);
  const cards = await page.locator('li.card').count();
  for (const [button, kind] of [
    ['SVG, to any size', 'svg'],
    ['PNG', 'png'],
  ] as const) {
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const file = await (await waiting).path();
    const files = unzipSync(new Uint8Array(readFileSync(file)));
    const names = Object.keys(files);
    expect(names).toHaveLength(cards);
    expect(names[0]).toBe(`01-tie-back-long-hair.${kind}`);
    const first = files[names[0]];
    // PNG's signature (ISO/IEC 15948, 5.2), or an SVG by itself
    if (kind === 'png') expect([...first.slice(0, 8)]).toEqual([137, 80, 78, 71, 13, 10, 26, 10]);
    else expect(new TextDecoder().decode(first)).toMatch(/^<svg xmlns=.*<title>Tie back long hair\.<\/title>/s);
    expect(first.length).toBeGreaterThan(1500);
    await page.keyboard.press('Escape');
  }
});
test('the words come as a braille file of 40 cells and 25 lines', async ({ page }) => {
  const answer = await page.request.get(`${SHOW}/braille?grade=contracted`);
  expect(answer.headers()['content-disposition']).toContain('.brf');
  const pages = (await answer.text()).split('\f').slice(0, -1);
  expect(pages.length).toBeGreaterThan(2);
  for (const one of pages) {
    const lines = one.replace(/\r\n$/, '').split('\r\n');
    expect(lines.length).toBeLessThanOrEqual(25);
    for (const line of lines) expect(line.length).toBeLessThanOrEqual(40);
  }
});

test('a class chooses whose hands its pictures show', async ({ page }) => {
  await page.goto('/kitchen');
  await running(page);
  await page.getByLabel('Hands 5 of 5').check();
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText(/Saved/).first()).toBeVisible();
  await page.goto(SHOW);
  await expect(page.locator('li.card [stroke="#7a5238"]').first()).toBeAttached();
  await expect(page.locator('li.card [stroke="#debb90"]')).toHaveCount(0);
  await page.goto('/kitchen');
  await running(page);
  await expect(page.getByLabel('Hands 5 of 5')).toBeChecked();
  await page.getByLabel('Hands 2 of 5').check();
  await page.getByRole('button', { name: 'Save the kitchen' }).click();
  await expect(page.getByText(/Saved/).first()).toBeVisible();
});

/** A photograph as a file, made in the page. */
async function photo(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [900, 1600];
    const pen = canvas.getContext('2d')!;
    pen.fillStyle = '#3a7';
    pen.fillRect(0, 0, 900, 1600);
    pen.fillStyle = '#c33';
    pen.fillRect(0, 0, 900, 400);
    return canvas.toDataURL('image/png');
  });
  return Buffer.from(url.split(',')[1], 'base64');
}
test('a photo of one’s own takes the drawing’s place everywhere, and gives it back', async ({ page }) => {
  const id = await pasteRecipe(page, 'Rice\n\n1 cup rice\n\nMethod\nRinse the rice. Boil the rice for 10 minutes.');
  await page.goto(`/recipes/${id}/show`);
  await running(page);
  const card = page.locator('li.card').filter({ hasText: 'Rinse the rice' }).first();
  const choose = async (file: { name: string; mimeType: string; buffer: Buffer }) => {
    await card.getByRole('button', { name: /^Photo/ }).click();
    await page.getByLabel('Choose or take a photo').setInputFiles(file);
  };
  // what is no photograph is refused with the reason, and nothing is sent
  for (const [name, bytes, why] of [
    ['soup.jpg', 'hello', 'no photograph'],
    ['soup.png', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'can hold programs'],
    ['soup.gif', 'GIF89a....', 'may move'],
    ['soup.jpg', '\u00ff\u00d8\u00ff\u00e0 and then nothing', 'broken'],
  ] as const) {
    await choose({ name, mimeType: 'image/jpeg', buffer: Buffer.from(bytes, 'latin1') });
    await expect(page.getByRole('dialog').getByRole('status')).toContainText(why);
    await page.keyboard.press('Escape');
    await expect(card.getByRole('button', { name: /^Photo/ })).toBeFocused();
  }
  await expect(card.locator('image')).toHaveCount(0);
  await choose({ name: 'rice.png', mimeType: 'image/png', buffer: await photo(page) });
  await page.getByRole('button', { name: 'Turn', exact: true }).click();
  await page.getByLabel('Larger').fill('1.5');
  await noAxeFindings(page, 'photo dialog');
  await page.getByRole('button', { name: 'Use this photo' }).click();
  await expect(card.locator('image')).toBeAttached();
  const address = await card.locator('image').getAttribute('href');
  const kept = await page.request.get(address!);
  expect(kept.headers()['content-type']).toBe('image/jpeg');
  expect((await kept.body()).toString('latin1')).not.toContain('Exif');
  // on paper too
  await page.goto(`/recipes/${id}/show/paper?form=cards`);
  await expect(page.locator(`.sheet image[href^="/recipes/${id}/"]`)).toHaveCount(1);
  await page.goto(`/recipes/${id}/show`);
  await card.getByRole('button', { name: /^Photo/ }).click();
  await page.getByRole('button', { name: 'Back to the drawing' }).click();
  await expect(card.locator('image')).toHaveCount(0);
  expect((await page.request.get(address!)).status()).toBe(404);
});

test('a photo of a place of the kitchen stands on the cards that fetch from it, and one of a learner beside his name', async ({ page }) => {
  const file = { name: 'shelf.png', mimeType: 'image/png', buffer: await photo(page) };
  const use = async () => {
    await page.getByLabel('Choose or take a photo').setInputFiles(file);
    await noAxeFindings(page, 'photo dialog');
    await page.getByRole('button', { name: 'Use this photo' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  const card = page.locator('li.card').filter({ hasText: 'From the low shelf' }).first();
  await page.goto(`/recipes/${COUSCOUS}/show`);
  await running(page);
  await expect(card.locator('image')).toHaveCount(0);
  await page.goto('/kitchen/photos');
  await running(page);
  await page.getByRole('button', { name: 'Take a photo of the low shelf' }).click();
  await use();
  await expect(page.getByRole('button', { name: 'Another photo of the low shelf' })).toBeVisible();
  await page.goto(`/recipes/${COUSCOUS}/show`);
  const shown = card.locator('image').first();
  await expect(shown).toHaveAttribute('href', /^\/kitchen\/photo/);
  expect((await page.request.get((await shown.getAttribute('href'))!)).headers()['content-type']).toBe('image/jpeg');
  await page.goto('/kitchen/photos');
  await running(page);
  await page.getByRole('button', { name: 'Another photo of the low shelf' }).click();
  await page.getByRole('button', { name: 'Back to the drawing' }).click();
  await expect(page.getByRole('button', { name: 'Take a photo of the low shelf' })).toBeVisible();
  // of a learner: square, with another word about whom to ask
  await page.goto(`/learners/${NELL}`);
  await running(page);
  await page.getByRole('button', { name: 'Add a photo, or a sign' }).click();
  await expect(page.getByRole('dialog')).toContainText('Ask the family first');
  await use();
  await page.goto('/learners');
  const face = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('link', { name: 'Nell', exact: true }) })
    .locator('img');
  expect(await face.evaluate((img: HTMLImageElement) => img.decode().then(() => [img.naturalWidth, img.naturalHeight]))).toEqual([
    480, 480,
  ]);
  await page.goto(`/learners/${NELL}`);
  await running(page);
  await page.getByRole('button', { name: 'Another photo, or none' }).click();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(page.getByRole('button', { name: 'Add a photo, or a sign' })).toBeVisible();
});

test('a learner’s cards are as he reads them, and paper follows', async ({ page }) => {
  await page.goto(`/learners/${NELL}`);
  await running(page);
  const group = page.getByRole('group', { name: 'His or her own screen and cards' });
  const choose = async (label: string, value: string) => {
    const saved = page.waitForResponse((r) => r.request().method() === 'PUT' && r.url().endsWith('/save'));
    await group.getByLabel(label).selectOption(value);
    expect((await saved).status()).toBe(200);
  };
  await choose('Letters', 'very large letters');
  await choose('Pictures', 'lines only');
  await choose('Cards on a page', '2');
  await page.goto(`/recipes/${COUSCOUS}/show?learner=${NELL}`);
  await running(page);
  const card = page.locator('li.card').first();
  expect(
    await card
      .locator('p')
      .first()
      .evaluate((p) => Number.parseFloat(getComputedStyle(p).fontSize)),
  ).toBeGreaterThanOrEqual(36);
  const colours = await card
    .locator('svg')
    .first()
    .evaluate((svg) => [...new Set(svg.innerHTML.match(/#[0-9a-f]{3,8}(?=")/gi))].sort());
  expect(colours).toEqual(['#000', '#fff']);
  await page.goto(`/recipes/${COUSCOUS}/show/paper?form=cards&learner=${NELL}`);
  await running(page);
  await expect(page.getByLabel('Cards on a page')).toHaveValue('2');
  await expect(page.getByLabel('Ink')).toHaveValue('line');
  await page.goto(`/learners/${NELL}`);
  await running(page);
  await choose('Letters', 'usual letters');
  await choose('Pictures', 'in colour');
  await choose('Cards on a page', 'as chosen');
});

test('a voice of the class’s own is recorded, kept, heard in the lesson, and taken away', async ({ page, context }) => {
  await context.grantPermissions(['microphone']);
  await page.goto(`/recipes/${COUSCOUS}/show`);
  await running(page);
  const voice = page.getByRole('button', { name: /^Voice ?: Put on your apron/ });
  await voice.click();
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByText('Recording …')).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  const kept = page.waitForResponse((r) => r.request().method() === 'PUT' && r.url().includes('/show/voice'));
  await page.getByRole('button', { name: 'Use this voice' }).click();
  expect((await kept).status()).toBe(200);
  const said = page.getByRole('button', { name: /^Say it ?: Put on your apron/ });
  await expect(said).toBeVisible();
  const asked = page.waitForResponse((r) => r.request().method() === 'GET' && r.url().includes('/show/voice'));
  await said.click();
  expect((await asked).headers()['content-type']).toBe('audio/webm');
  // what is no recording is refused by its bytes
  const origin = test.info().project.use.baseURL!;
  const at = `${origin}/recipes/${COUSCOUS}/show/voice?step=r-apron-on`;
  const put = (data: Buffer, type: string) =>
    page.request.put(at, { data, headers: { origin, 'content-type': type } }).then((r) => r.status());
  expect(await put(Buffer.from('<script>alert(1)</script>'.repeat(20)), 'audio/webm')).toBe(422);
  expect(await put(Buffer.from('x'), 'text/html')).toBe(415);
  expect(await put(Buffer.alloc(600_000), 'audio/webm')).toBe(413);
  await voice.click();
  await page.getByRole('button', { name: 'Back to the device’s voice' }).click();
  await expect(page.getByRole('button', { name: 'Back to the device’s voice' })).toBeHidden();
});
