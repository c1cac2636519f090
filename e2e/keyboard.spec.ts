import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, station, test } from './test.ts';

/** Tabs on until something with this name has the focus. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 90; i += 1) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const at = document.activeElement;
      const label =
        at instanceof HTMLInputElement || at instanceof HTMLSelectElement ? at.labels?.[0]?.textContent : '';
      return [at?.getAttribute('aria-label'), label, at?.textContent].find((words) => words) ?? '';
    });
    if (name.test(focused)) return;
  }
  throw new Error(`Tab never reached ${String(name)}`);
}

test('the whole of it by keyboard alone', async ({ page }) => {
  // The browser must know long before that its own chooser is not wanted: told with the key itself, it may open that.
  page.on('filechooser', () => undefined);
  await page.goto('/');
  await expect(page.getByLabel('Weight')).toBeFocused();
  await page.keyboard.type('2 lb 3 oz');
  await page.keyboard.press('Tab');
  await page.keyboard.type('brisket');
  await tabTo(page, /^How many soft tacos/);
  await page.keyboard.type('14');
  await expect(page.getByRole('heading', { name: /^Sure of/ })).toBeVisible();

  // Choices by arrows, and back by u.
  await tabTo(page, /^leave on/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'silver skin off' })).toBeChecked();
  await page.keyboard.press('u');
  await expect(page.getByRole('radio', { name: 'leave on' })).toBeChecked();

  // Stations by brackets, the list of keys by a question mark.
  await page.keyboard.press(']');
  await expect(page).toHaveURL(/\/pot$/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('the station before');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  for (const stage of ['clock', 'bench']) {
    await page.keyboard.press(']');
    await expect(page).toHaveURL(new RegExp(`/${stage}$`));
  }

  // Weigh.
  await expect(page.getByRole('heading', { name: 'Weigh what you pick out' })).toBeVisible();
  await page.keyboard.press('w');
  await tabTo(page, /^Shred/);
  await page.keyboard.type('510 g');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'The shred is weighed' })).toBeVisible();
  await expect(station(page, 'bench')).toContainText('510 g');

  // A part of the strands gives its figures when it is reached.
  await tabTo(page, /^shred: 510 g, weighed; planned/);
  await expect(page.getByRole('status').filter({ hasText: 'shred: 510 g, weighed' })).toBeVisible();

  // Out as a file, deleted once that was meant, and in again.
  await tabTo(page, /^meals/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Save as a file/);
  const saved = page.waitForEvent('download');
  await page.keyboard.press('Enter');
  const path = await (await saved).path();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('and one reading go with it');
  await tabTo(page, /^Delete it/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('No meal is kept here.')).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await tabTo(page, /^Bring in a file/);
  const choosing = page.waitForEvent('filechooser');
  await page.keyboard.press('Enter');
  await (
    await choosing
  ).setFiles({ name: 'meal.json', mimeType: 'application/json', buffer: readFileSync(path) });
  await expect(page.getByRole('status')).toContainText('is in.');
});
