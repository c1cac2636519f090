import { readFileSync } from 'node:fs';
import type { Download, Page } from '@playwright/test';
import { ports } from './ports.ts';
import { expect, kept, noFaults, test, threeEntries } from './test.ts';

const bytesOf = async (download: Download) => readFileSync(await download.path());
const saved = async (page: Page, name: string) => {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name }).click(),
  ]);
  return { name: download.suggestedFilename(), bytes: await bytesOf(download) };
};

test('two meals become one event and are undone in one; its shortage is put right, its meat dealt, its quote shows no cost', async ({
  page,
}) => {
  await threeEntries(page, '9 kg', 'Beef brisket, whole', '60');
  await page.getByRole('link', { name: 'meals' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Meals' })).toBeVisible();
  await page.getByRole('button', { name: '+ meal' }).first().click();
  await expect(page.getByLabel('Weight')).toHaveValue('');
  await page.getByLabel('Weight').fill('4 kg');
  await page.getByLabel('Cut', { exact: true }).fill('Lamb shoulder, bone in');
  await page.getByLabel('How many soft tacos').fill('45');
  await kept(page, 'the number of plates');
  const here = page.url().replace(/\/batches\/.*/, '/event');
  await page.goto(here);
  await expect(page.getByRole('heading', { level: 1, name: 'One sitting so far' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring another meal in' }).click();
  await page.getByRole('dialog').getByRole('listitem').getByRole('button').first().click();
  await expect(page.getByRole('textbox', { name: 'Sitting' })).toHaveCount(2);
  // One act, both ways: the other meal is in the list again, and comes back in with redo.
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^undo bringing/ }).click();
  await expect(page.getByRole('textbox', { name: 'Sitting' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Bring another meal in' }).click();
  await page.getByRole('dialog').getByRole('listitem').getByRole('button').first().click();
  await expect(page.getByRole('textbox', { name: 'Sitting' })).toHaveCount(2);

  // The lamb is too little for its 45; the beef has plenty over.
  await expect(page.getByRole('heading', { level: 1 })).toContainText('short');
  const way = page.getByRole('list', { name: 'Ways out' }).getByRole('button', { name: /draw on/ });
  await way.click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Both sittings have what they want' }),
  ).toBeVisible();
  await kept(page, 'a way out');

  const fields = page.getByRole('region', { name: 'Sittings' });
  for (const [i, when] of ['Sat 18:00', 'Sun 12:30'].entries()) {
    await fields
      .getByRole('textbox', { name: /is served at$/ })
      .nth(i)
      .fill(when);
    await page.keyboard.press('Enter');
    await fields.getByLabel('Adults').nth(i).fill('40');
  }
  await expect(page.getByText('80 people', { exact: false }).first()).toBeVisible();
  // Sat and Sun by the plan: what Sunday draws of Saturday's pot is cooled that evening.
  await page.getByRole('button', { name: 'Deal', exact: true }).click();
  await expect(page.getByRole('status').filter({ hasText: /fits in \d+ pots?/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cook it so' }).click();
  await kept(page, 'dealing meat over pots');

  await fields
    .page()
    .getByLabel(/^Asked a head/)
    .fill('13.50');
  await page.getByRole('button', { name: 'packing' }).click();
  await page.getByLabel(/^packing costs/).fill('0.77');
  await expect(page.getByText('Asked: €1,080.00', { exact: false })).toBeVisible();
  const csv = await saved(page, 'The costs, CSV');
  expect(csv.bytes.toString()).toContain('packing');
  const quote = await saved(page, 'The quote, PDF');
  expect(quote.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  expect(quote.name).toMatch(/quote\.pdf$/);
});

test('the demo’s weekend: three pots, two sittings, drawn and read, with no fault that axe finds, at a desk and on a phone', async ({
  page,
}) => {
  await page.goto(`http://127.0.0.1:${String(ports.demo)}/`);
  await page.getByRole('link', { name: 'meals' }).first().click();
  await expect(page.getByRole('link', { name: /Lantern weekend/ })).toBeVisible();
  await page.goto(`http://127.0.0.1:${String(ports.demo)}/meals/lantern-weekend/event`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Sunday noon is');
  await expect(page.getByRole('figure', { name: 'What the pots give to the sittings' })).toContainText(
    'Saturday supper',
  );
  await expect(page.getByRole('heading', { name: /is left of what is asked/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /as planned/ })).toBeVisible();
  await page.getByText('As a table').click();
  await noFaults(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await noFaults(page);
  // No part of the sheet is wider than the phone.
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
