import type { Page } from '@playwright/test';
import { expect, noFaults, test } from './test.ts';
import { ports } from './ports.ts';

const DEMO = `http://127.0.0.1:${String(ports.demo)}/`;
const BENCH = `${DEMO}meals/demo-lantern-supper/bench`;

/** The demo puts its supper in at its start. */
async function openDemo(page: Page, address: string): Promise<void> {
  await page.goto(DEMO);
  await page.waitForURL(/batches/);
  await page.goto(address);
}

test('a batch is worked at the bench with the stand-in scale: kept, counted, cut off and heard again', async ({
  page,
}) => {
  await openDemo(page, BENCH);
  const title = page.getByRole('heading', { level: 1 });
  const on = page.getByRole('navigation', { name: 'Before and after' }).getByRole('button').nth(1);
  const panel = page.getByText('Stand-in scale: put something on it');
  // The slow cooker is due first: a fork finds it tender.
  await expect(title).toHaveText('Test with a fork');
  await noFaults(page);
  await page.getByRole('button', { name: 'turns freely' }).click();
  // It answers, and stays until somebody goes on.
  await expect(page.getByText(/turns freely/).last()).toBeVisible();
  await expect(title).toHaveText('Test with a fork');
  await page.goto(`${BENCH}?task=${encodeURIComponent('demo-slow|pot')}`);
  await expect(title).toHaveText('Lift out the meat');

  // Two kilos on the server's scale: they settle, and a tap keeps them.
  await panel.click();
  await page.getByRole('button', { name: 'All off' }).click();
  await page.getByRole('button', { name: 'Tare' }).click();
  for (let i = 0; i < 2; i += 1) await page.getByRole('button', { name: '+ 1000 g' }).click();
  await page.getByRole('button', { name: /^Keep (1\.9|2\.0)\d kg of cooked meat$/ }).click();
  await expect(page.getByText(/^Kept \d\d:\d\d$/)).toBeVisible();
  await noFaults(page);

  // The plug is pulled: the weighing is there, and so is the place.
  await page.reload();
  await expect(title).toHaveText('Lift out the meat');
  await expect(page.getByText(/^Kept \d\d:\d\d$/)).toBeVisible();

  // What is next is the day's to say; then the shred of another pot, in two bowls: the first alone can hardly be all.
  await on.click();
  await expect(title).not.toHaveText('Lift out the meat');
  await page.goto(`${BENCH}?task=${encodeURIComponent('demo-pot-one|pull')}`);
  await expect(title).toHaveText('Pull the meat with two forks');
  await panel.click();
  await page.getByRole('button', { name: 'All off' }).click();
  await page.getByLabel('Scene').selectOption('the shred, in two bowls');
  await page.getByRole('button', { name: 'Play it' }).click();
  await page.getByRole('button', { name: /^Keep 2\.2\d kg of shred$/ }).click({ timeout: 20_000 });
  await expect(page.getByRole('alertdialog')).toContainText('Only 2.24 kg of shred, where about 4');
  await page.getByRole('button', { name: 'More is to come' }).click();
  await expect(page.getByText(/so far, and another bowl$/)).toBeVisible();
  await page.getByRole('button', { name: /^Keep 2\.(19|20)\d? ?kg of shred$/ }).click({ timeout: 20_000 });
  await expect(page.getByText(/^Kept \d\d:\d\d: 2\.24 kg \+ 2\.(19|20) kg$/)).toBeVisible();

  // The link goes, and comes back; what is kept stands.
  await page.getByRole('button', { name: 'Weigh it again' }).click();
  await page.getByRole('button', { name: 'Cut the link' }).click();
  await expect(page.getByText('No signal from the scale. Type it, or wait.')).toBeVisible();
  await page.getByRole('button', { name: 'Mend the link' }).click();
  await expect(page.getByText('No signal from the scale. Type it, or wait.')).toBeHidden();

  // By key, and back.
  await page.keyboard.press('ArrowRight');
  await expect(title).not.toHaveText('Pull the meat with two forks');
  await page.keyboard.press('ArrowLeft');
  await expect(title).toHaveText('Pull the meat with two forks');
});

test('two tabs at one bench stay in step', async ({ page, context }) => {
  await openDemo(page, `${BENCH}?task=${encodeURIComponent('demo-pot-two|after bone')}`);
  const other = await context.newPage();
  await other.goto(page.url());
  const title = (tab: typeof page) => tab.getByRole('heading', { level: 1 });
  await expect(title(other)).toHaveText('Take the bones out');
  await page.getByRole('button', { name: 'bones of lamb shoulder: one found' }).click();
  await expect(other.getByRole('button', { name: 'bones of lamb shoulder 1: take it back' })).toBeVisible();
});
