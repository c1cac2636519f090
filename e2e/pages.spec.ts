import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, noFaults, station, test, threeEntries } from './test.ts';
import { ports } from './ports.ts';

const DEMO = `http://127.0.0.1:${ports.demo}`;
const stages = ['order', 'meat', 'pot', 'clock', 'bench', 'broth', 'plates', 'keep'];

/** In the dark only the colours are others: their contrast alone is looked at again. */
function axeOf(page: Page, scheme: 'light' | 'dark'): AxeBuilder {
  const axe = new AxeBuilder({ page });
  return scheme === 'dark' ? axe.withRules(['color-contrast']) : axe;
}

for (const scheme of ['light', 'dark'] as const) {
  test(`no sheet has an accessibility fault, ${scheme}`, async ({ page }) => {
    test.setTimeout(180_000);
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
    await page.goto(DEMO);
    await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
    for (const stage of stages) {
      await station(page, stage).click();
      await expect(page).toHaveURL(new RegExp(`/${stage}$`));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      // The strands are the same beside every sheet: once is enough.
      const axe = axeOf(page, scheme);
      const { violations } = await (stage === 'meat' ? axe : axe.include('main')).analyze();
      expect(violations.map(({ id, nodes }) => `${stage}: ${id} ${nodes[0]?.html ?? ''}`)).toEqual([]);
    }
    for (const path of ['/meals', '/kitchen', '/cuts', '/shopping', '/shelf']) {
      await page.goto(DEMO + path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const { violations } = await axeOf(page, scheme).include('main').analyze();
      expect(violations.map(({ id, nodes }) => `${path}: ${id} ${nodes[0]?.html ?? ''}`)).toEqual([]);
    }
  });
}

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
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'as a table' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  // The dialog fades in; its contrast counts once it stands.
  await page.waitForTimeout(400);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
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

test('on a phone the stations are a strip, and the ribbons open from it', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(DEMO);
  await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'The strands, to scale' })).toBeHidden();
  await page.getByRole('button', { name: 'show the strands' }).click();
  await expect(page.getByRole('group', { name: 'The strands, to scale' })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});
