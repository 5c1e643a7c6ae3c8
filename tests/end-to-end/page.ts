import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { asLoaded } from '../helpers/as-loaded';

/** The database behind the server that the running test talks to. */
export const databaseUrl = (): string => String(test.info().project.metadata['database']);

/** The demo bench as on the first day, for tests that others may have fished from before. */
export const resetDemo = (): Promise<void> => asLoaded(databaseUrl());

/** Errors that a page logged in the running test; a test that asks for one empties it. */
export const errors: string[] = [];

/** No page may log an error. Call once in each file of tests. */
export function watchErrors(): void {
  test.beforeEach(({ page }) => {
    errors.length = 0;
    page.on('pageerror', (error) => errors.push(error.message));
    page.on(
      'console',
      (message) => message.type() === 'error' && errors.push(`${message.text()} ${message.location().url}`),
    );
  });
  test.afterEach(() => expect(errors, 'the page logs no error').toEqual([]));
}

/** Nothing for axe to find once the page has settled: while the server's answer comes in, the title is taken out and put back. */
export async function clean(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle');
  await expect(page).toHaveTitle(/\S/);
  // What waits for a worker is dimmed on purpose, and for a moment only.
  await expect(page.locator('[data-state="waiting"], [data-ranges="waiting"]')).toHaveCount(0);
  // Our pages have no frames, and what passes is not asked for: a fifth of the time.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .analyze();
  // All that is wrong is told, not only the first.
  expect
    .soft(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`))
    .toEqual([]);
}

/** Opens a page and waits until it is alive: a key pressed before that is lost, as it would be for anyone. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await untilAlive(page);
}

/** Loads the page again, as `open`. */
export async function reload(page: Page): Promise<void> {
  await page.reload();
  await untilAlive(page);
}

async function untilAlive(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    Object.keys(document.querySelector('main') ?? {}).some((key) => key.startsWith('__reactProps')),
  );
  // It is drawn; who listens to keys does so once nothing else is to be done.
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)).then(() => undefined));
}

/** Takes the first part of the Box that a place of a new setup offers. */
export async function chooseFirst(page: Page, place: string): Promise<void> {
  await page.getByRole('combobox', { name: place, exact: true }).click();
  await page.getByRole('listbox', { name: place, exact: true }).getByRole('option').first().click();
}
