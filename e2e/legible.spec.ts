import type { Page } from '@playwright/test';
import { stages } from '../src/core/meal/index.ts';
import { crowded } from '../speed/meals.ts';
import { illegibleOn } from './legible.ts';
import { ports } from './ports.ts';
import { drawn, expect, test } from './test.ts';

const DEMO = `http://127.0.0.1:${String(ports.demo)}`;
const whole = process.env.SLOW_SPOON_CHECK === '1';

/** A page’s size; the smallest text on it, and of what is tapped the least height, px. */
const sizes = [
  { width: 390, height: 844, least: 13, finger: 44 },
  { width: 820, height: 1180, least: 12, finger: 0 },
  { width: 1280, height: 800, least: 12, finger: 0 },
  { width: 1920, height: 1080, least: 12, finger: 0 },
] as const;
/** The run looks at the two that cooks have most; the check at all. */
const looked = sizes.filter(({ width }) => whole || width === 390 || width === 1280);

/** Nothing on the page is too small, cut, or under another thing. */
async function isLegible(page: Page, { least, finger }: (typeof sizes)[number]): Promise<readonly string[]> {
  await expect(page.locator('main')).not.toHaveAttribute('aria-busy', 'true', { timeout: 30_000 });
  // What is still worked out comes into the picture: then it is looked at.
  await expect(page.getByText(/^(Working|Looking|Trying|One moment)|working it out/)).toHaveCount(0, {
    timeout: 60_000,
  });
  await expect(page.locator('main [data-old]')).toHaveCount(0);
  await drawn(page);
  const found = await illegibleOn(page, least, finger);
  return found.map(({ what, words }) => `${new URL(page.url()).pathname}: ${what}: ${words}`);
}

/** To another page as a link leads there: nothing is loaded anew, and it takes a quarter of the time. */
const goTo = (page: Page, path: string): Promise<void> =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);

for (const size of looked)
  test.describe(`${String(size.width)} px wide`, () => {
    test.use({
      viewport: { width: size.width, height: size.height },
      hasTouch: size.finger > 0,
      colorScheme: size.width === 820 ? 'dark' : 'light',
    });

    test('every page of the demo can be read', async ({ page }) => {
      test.setTimeout(120_000);
      await page.goto(DEMO);
      await expect(page).toHaveURL(/\/meat$/);
      const base = new URL(page.url()).pathname.replace(/\/meat$/, '');
      const found: string[] = [];
      for (const stage of stages) {
        await goTo(page, `${base}/${stage}`);
        await expect(page.locator(`main.of-${stage}`).getByRole('heading', { level: 1 })).toBeVisible();
        found.push(...(await isLegible(page, size)));
      }
      for (const list of ['meals', 'kitchen', 'shelf', 'log', 'cuts', 'shopping']) {
        await goTo(page, `/${list}`);
        await expect(page).toHaveTitle(new RegExp(list, 'i'));
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        found.push(...(await isLegible(page, size)));
      }
      expect(found).toEqual([]);
    });

    for (const pots of whole ? [1, 4, 12] : [1, 12])
      test(`pots: ${String(pots)}, for eight dishes, with names that nothing has room for`, async ({
        page,
      }) => {
        test.setTimeout(180_000);
        // The days before the supper, always the same: what a page has to say hangs on the hour.
        await page.clock.setFixedTime('2026-12-02T01:09:00Z');
        await page.goto('/meals');
        await page.getByLabel('A meal file').setInputFiles({
          name: 'crowded.json',
          mimeType: 'application/json',
          buffer: Buffer.from(crowded(pots)),
        });
        await page.getByRole('link', { name: /^Kadekant/ }).click();
        await expect(page).toHaveURL(/\/batches\//);
        const base = new URL(page.url()).pathname.replace(/\/[^/]*$/, '');
        const found: string[] = [];
        for (const stage of stages) {
          await goTo(page, `${base}/${stage}`);
          await expect(page.locator(`main.of-${stage}`).getByRole('heading', { level: 1 })).toBeVisible();
          found.push(...(await isLegible(page, size)));
        }
        expect(found).toEqual([]);
      });
  });
