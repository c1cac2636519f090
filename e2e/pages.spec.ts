import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, noFaults, station, test, threeEntries } from './test.ts';
import { ports } from './ports.ts';

const DEMO = `http://127.0.0.1:${ports.demo}`;
const stages = ['order', 'meat', 'pot', 'clock', 'bench', 'broth', 'plates', 'keep'];

/** In the dark only the colours are others: their contrast alone is looked at again. */
async function noFaultsLightOrDark(page: Page, whole = false): Promise<void> {
  await noFaults(page, { whole });
  await page.emulateMedia({ colorScheme: 'dark' });
  await noFaults(page, { whole, rules: ['color-contrast'] });
  await page.emulateMedia({ colorScheme: 'light' });
}

test('no sheet has an accessibility fault, light or dark', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  await page.goto(DEMO);
  await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
  for (const stage of stages) {
    await station(page, stage).click();
    await expect(page).toHaveURL(new RegExp(`/${stage}$`));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    // The strands are the same beside every sheet: once is enough.
    await noFaultsLightOrDark(page, stage === 'meat');
  }
});

test('no list has an accessibility fault, light or dark', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  for (const path of ['/meals', '/kitchen', '/cuts', '/shopping', '/shelf']) {
    await page.goto(DEMO + path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await noFaultsLightOrDark(page);
  }
});

/** What unfolds on a sheet, by the words of its buttons; what stands open together is looked at together. */
const folds = [
  ['order', /^portions, guests/],
  ['meat', /^more of /, 'How much to buy'],
  ['meat', 'Swap a cut'],
  ['pot', 'pan by pan', 'before the pan'],
  ['clock', 'heat and lid'],
  ['clock', 'more tasks'],
  ['plates', 'in 100'],
  ['plates', 'how they are built', 'in rounds'],
  ['keep', 'sent out'],
] as const;

test('what unfolds on a sheet has no accessibility fault', async ({ page }) => {
  test.setTimeout(180_000);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(DEMO);
  await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
  for (const [stage, ...buttons] of folds) {
    await station(page, stage).click();
    for (const words of buttons) await page.getByRole('button', { name: words }).first().click();
    await expect(page.getByRole('main')).toHaveAttribute('aria-busy', 'false');
    await noFaults(page);
  }
});

test('an empty start and a dialog have no accessibility fault', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'What did you buy?' })).toBeVisible();
  await noFaults(page, { whole: true });
  await page.getByRole('button', { name: 'as a table' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await noFaults(page, { whole: true });
});

test('no other host is asked, no inline script is allowed, and the demo is kept apart', async ({
  page,
  request,
}) => {
  const asked = new Set<string>();
  page.on('request', (r) => asked.add(new URL(r.url()).host));
  const policy = (await request.get('/')).headers()['content-security-policy'] ?? '';
  expect(policy).toContain("script-src 'self'");
  // The solver's WebAssembly, and nothing else.
  expect(policy.replace("'wasm-unsafe-eval'", '')).not.toContain('unsafe');
  await threeEntries(page, '2.6 kg', 'Beef blade roast, bone in', '24');
  for (const stage of stages) await station(page, stage).click();
  expect([...asked]).toEqual([`127.0.0.1:${ports.own}`]);
  const names = await page.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name));
  expect(names).toEqual(['slow-spoon']);
  await page.goto(DEMO);
  await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
  expect(await page.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name))).toEqual([
    'slow-spoon-demo',
  ]);
});

test('on a phone the frame takes 120 px: the stations are a strip at the foot, the stove drops from the pot’s name', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(DEMO);
  await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
  const strands = page.getByRole('navigation', { name: 'The strands and their stations' });
  const [top, foot] = [await page.getByRole('banner').boundingBox(), await strands.boundingBox()];
  expect(top?.height).toBeLessThanOrEqual(57);
  expect((foot?.y ?? 0) + (foot?.height ?? 0)).toBeCloseTo(844, 0);
  expect((foot?.y ?? 0) - (top?.height ?? 0)).toBeGreaterThanOrEqual(680);
  for (const stage of stages.filter((one) => one !== 'meat'))
    await expect(station(page, stage)).toBeInViewport();
  await strands.getByRole('button', { name: /^meat .*the strands/ }).click();
  await expect(page.getByRole('group', { name: 'The strands, to scale' })).toBeVisible();
  await page.getByRole('button', { name: 'as a table' }).click();
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a picture' }).click(),
  ]);
  expect(picture.suggestedFilename()).toMatch(/, Pot one\.png$/);
  expect(
    readFileSync(await picture.path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'back to the meat' }).click();
  await page.getByRole('button', { name: /^Pot one/ }).click();
  await page
    .getByRole('dialog', { name: 'On the stove' })
    .getByRole('link', { name: /^Pot two/ })
    .click();
  await expect(page.getByRole('button', { name: /^Pot two/ })).toBeVisible();
  await expect(page).toHaveURL(/demo-pot-two\/meat$/);
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});
