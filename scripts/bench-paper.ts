// Measures a long recipe in the browser: how soon its cards are laid out on Show, and how soon each printed form is painted.
// usage: bench-paper.ts     needs a test cluster, a build and Chromium; ./run bench sees to all three
import { readdirSync, readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { startServer } from '../tests/server/own-server';

/** Targets in milliseconds: cards laid out, cards painted for print, a booklet from the server to its PDF. */
const [LAID_OUT, PAINTED, BOOKLET] = [150, 1000, 2000];
const RUNS = 9;

const folder = new URL('../tests/recipes/', import.meta.url);
const lines = readdirSync(folder)
  .filter((f) => f.endsWith('.txt'))
  .sort()
  .slice(0, 16)
  .map((f) => readFileSync(new URL(f, folder), 'utf8'));
const listed = lines.flatMap((text) => text.split('\n').filter((line) => /^\d/.test(line) && line.length < 60)).slice(0, 22);
const told = lines.flatMap((text) => text.split('\n').filter((line) => /^[A-Z].{30,}\.$/.test(line)));
const text = (n: number) => ['A long one', 'Ingredients', ...listed, 'Method', ...told.slice(0, n)].join('\n');

const server = await startServer({ REQUESTS_A_MINUTE: '1000000' });
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  chromiumSandbox: process.getuid?.() !== 0,
});
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const running = () => page.waitForSelector('[data-running=true][data-arriving=false]', { state: 'attached' });

/** @returns the address of a recipe of its own with so many lines of method */
async function pasted(n: number): Promise<string> {
  await page.goto(`${server.url}/recipes/new`);
  await running();
  await page.getByLabel('Paste the whole recipe').fill(text(n));
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.waitForURL(/\/read$/);
  return page.url().replace(/\/read$/, '');
}

const middle = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];
function said(name: string, all: number[], most: number): boolean {
  const [median, worst] = [middle(all), Math.max(...all)];
  console.log(`${median <= most ? 'ok  ' : 'OVER'} ${name}: median ${median.toFixed(0)} ms, worst ${worst.toFixed(0)} ms (target ${most})`);
  return median <= most;
}
const timed = async (work: () => Promise<unknown>) => {
  const times: number[] = [];
  for (let i = 0; i < RUNS; i++) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  return times;
};
const print = () => page.pdf({ preferCSSPageSize: true, printBackground: true });

const long = await pasted(22);
await page.goto(`${long}/show`);
await running();
const cards = await page.locator('li.card').count();
const laid = await page.evaluate((runs) => {
  const list = document.querySelector('li.card')!.parentElement!;
  return Array.from({ length: runs }, () => {
    list.style.display = 'none';
    void document.body.offsetHeight;
    const from = performance.now();
    list.style.display = '';
    void document.body.offsetHeight;
    return performance.now() - from;
  });
}, RUNS);
const good = [said(`${cards} cards laid out on Show`, laid, LAID_OUT)];
await page.goto(`${long}/show/paper?form=cards`);
await running();
/** Show has its first cards only; paper has all of them. */
const pictures = () => page.locator('svg svg').count();
good.push(said(`${await pictures()} cards painted for print`, await timed(print), PAINTED));
// as long as the longest that a class cooks
const usual = await pasted(6);
await page.goto(`${usual}/show/paper?form=booklet`);
await running();
const steps = await pictures();
good.push(
  said(
    `a booklet of ${steps} steps, from the server to its PDF`,
    await timed(async () => {
      await page.reload();
      await running();
      await print();
    }),
    BOOKLET,
  ),
);
await browser.close();
await server.stop();
process.exit(good.every(Boolean) ? 0 : 1);
