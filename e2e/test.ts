import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

export { expect } from '@playwright/test';

/** Fails any test in whose page something is logged as an error, or another host is asked. */
export const test = base.extend<{ watched: undefined }>({
  watched: [
    async ({ page }, use) => {
      const faults: string[] = [];
      page.on('console', (message) => {
        if (message.type() === 'error' || /content security policy/i.test(message.text()))
          faults.push(message.text());
      });
      page.on('pageerror', (error) => faults.push(error.message));
      page.on('request', (request) => {
        const { protocol, hostname } = new URL(request.url());
        if (/^(https?|wss?):$/.test(protocol) && hostname !== '127.0.0.1') faults.push(`asked ${hostname}`);
      });
      await use(undefined);
      if (faults.length > 0) throw new Error(faults.join('\n'));
    },
    { auto: true },
  ],
});

/** Opens the app on its empty start and writes the three entries. */
export async function threeEntries(
  page: Page,
  weight: string,
  cut: string,
  plates: string,
  at = '/',
): Promise<void> {
  await page.goto(at);
  await page.getByLabel('Weight').fill(weight);
  await page.getByLabel('Cut', { exact: true }).fill(cut);
  await page.getByLabel('How many soft tacos').fill(plates);
  await kept(page, 'the number of plates');
}

/** Named as what could be undone, an act is on the disk. */
export async function kept(page: Page, words: string): Promise<void> {
  await expect(page.getByRole('button', { name: `undo ${words}` })).toBeVisible();
}

export const station = (page: Page, word: string) =>
  page.getByRole('navigation', { name: 'The strands' }).getByRole('link', { name: new RegExp(`^${word}`) });

/**
 * The screen, or all of the page, has no fault that axe can find, once it has come to rest: a button that is still
 * changing from one look to the next has neither's contrast. There are no frames from elsewhere, and what passed is
 * not asked for: both take axe half of its time.
 */
export async function noFaults(page: Page, { whole = false, rules = [] as string[] } = {}): Promise<void> {
  await page.waitForFunction(() =>
    document.getAnimations().every(({ playState }) => playState === 'finished' || playState === 'idle'),
  );
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  if (!whole) axe.include('main');
  if (rules.length > 0) axe.withRules(rules);
  const { violations } = await axe.analyze();
  const where = new URL(page.url()).pathname;
  expect(violations.map(({ id, nodes }) => `${where}: ${id} ${nodes[0]?.html ?? ''}`)).toEqual([]);
}

/** Two pictures more have been drawn: where a thing is told to lie, it lies by then. */
export const drawn = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        requestAnimationFrame(() => requestAnimationFrame(() => resolve()));
      }),
  );

export const potItems = (page: Page) => page.getByRole('region', { name: 'What goes in' });

/** The three entries, and then the pot's screen. */
export async function potOf(page: Page, weight: string, cut: string, plates = '12'): Promise<void> {
  await threeEntries(page, weight, cut, plates);
  await station(page, 'pot').click();
  await expect(potItems(page)).toBeVisible();
}
