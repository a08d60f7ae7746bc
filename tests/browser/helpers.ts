// What several browser tests share.
import AxeBuilder from '@axe-core/playwright';
import { expect, type BrowserContext, type Page } from '@playwright/test';

export const COUSCOUS = '4ec10001-0000-4000-8000-000000000001';
export const WREN = '1ea40001-0000-4000-8000-000000000001';
export const NELL = '1ea40001-0000-4000-8000-000000000005';
export const OATS = '4ec10001-0000-4000-8000-000000000002';

/**
 * axe finds nothing: WCAG 2.2 A and AA, and best practice. Another theme changes only colours, another width everything but
 * colours: looking again at the rest would find the same.
 * @param within a selector: only there, where the rest of the page is looked at elsewhere
 */
export async function noAxeFindings(
  page: Page,
  where: string,
  what: 'all' | 'aaa' | 'colours' | 'shape' = 'all',
  within?: string,
): Promise<void> {
  const enhanced = { 'color-contrast-enhanced': { enabled: true }, 'target-size': { enabled: true } };
  // in the page itself, not in a second one; only what is found is told: a path to every element that is well takes longer than looking at it
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'], rules: what === 'aaa' ? enhanced : {} }).setLegacyMode();
  if (within) axe.include(within);
  if (what === 'colours') axe.withRules(['color-contrast']);
  if (what === 'shape') axe.disableRules(['color-contrast']);
  const { violations } = await axe.analyze();
  expect(
    violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`),
    where,
  ).toEqual([]);
}

/** Nothing of the page sticks out to the right. */
export async function fitsWidth(page: Page, where: string): Promise<void> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(over, `${where} is wider than the screen`).toBeLessThanOrEqual(0);
}

/** Collects what the page complains of and what it asks of other hosts. */
export function watch(page: Page): { problems: string[] } {
  const problems: string[] = [];
  page.on('pageerror', (e) => problems.push(String(e)));
  page.on('request', (r) => {
    if (!r.url().startsWith('http://127.0.0.1') && !/^(data|blob):/.test(r.url())) problems.push(`asked ${r.url()}`);
  });
  return { problems };
}

/** Pastes a recipe and lands on Read. @returns its id */
export async function pasteRecipe(page: Page, text: string): Promise<string> {
  await page.goto('/recipes/new');
  await page.getByLabel('Paste the whole recipe').fill(text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await arrived(page, /\/read$/);
  return page.url().split('/').at(-2)!;
}

/** Waits until the page runs its script and is on its way to no other. Fields and buttons wait for the first themselves; keys do not. */
export async function running(page: Page): Promise<void> {
  await expect(page.locator('[data-running=true][data-arriving=false]')).toBeAttached();
}

/**
 * Waits until another page has come to stand: the address changes before the page does, and a click meanwhile is lost when the
 * page is then moved to its top.
 */
export async function arrived(page: Page, at: string | RegExp): Promise<void> {
  await page.waitForURL(at);
  await running(page);
}

/** Waits until the page runs its script and nothing is unsaved. */
export async function settled(page: Page): Promise<void> {
  await running(page);
  await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
}

/**
 * A network that a test takes away and gives back. To be asked for before the page is opened: what a page sends just as it begins to be
 * listened to still goes through, once in some three hundred times.
 * @param method what is lost; null is all
 */
export async function networkOf(of: Page | BrowserContext, path: string, method: string | null = null): Promise<{ reachable: boolean }> {
  const network = { reachable: true };
  await of.route(path, (route) =>
    network.reachable || (method !== null && route.request().method() !== method) ? route.continue() : route.abort(),
  );
  return network;
}
