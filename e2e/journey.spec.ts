import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, kept, station, test, threeEntries } from './test.ts';

interface Printed {
  readonly batches: readonly {
    readonly meat: { readonly shredG: { readonly mid: number; readonly p10: number; readonly p90: number } };
    readonly liquid: { readonly brothMl: { readonly mid: number } };
  }[];
  readonly meal: {
    readonly enough: number;
    readonly plates: { readonly surely: number; readonly likely: number };
  };
}

const reckoned = (path: string) =>
  JSON.parse(execFileSync('./slow-spoon', ['reckon', path], { encoding: 'utf8' })) as Printed;

async function saveFile(page: Page): Promise<string> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save as a file/ }).click();
  return (await waiting).path();
}

test('three entries give the whole answer, and the stations tell it', async ({ page }) => {
  await threeEntries(page, '2 lb 3 oz', 'Beef brisket, whole', '12');
  await expect(page.getByRole('heading', { name: 'What the lots become' })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Sure of \d+ plates|^Sure of all/ })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Beef brisket, whole, 992 g: shred \d+ g, juice \d+ g/ }),
  ).toBeVisible();
  await expect(page.getByText(/^\d+ in 100$/).first()).toBeVisible();
  await expect(station(page, 'order')).toContainText('12 plates');
  await expect(station(page, 'bench')).toContainText(/\d+–\d+/);
  await expect(station(page, 'broth')).toContainText(/–.* broth/);
  await expect(station(page, 'clock')).toContainText(/3 h \d\d/);
  await station(page, 'plates').click();
  const serving = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: '12 soft tacos' }) });
  await expect(serving).toContainText(/52 g/);
  await expect(serving).toContainText(/\d+ ml/);
});

test('what is typed is kept as it is typed, and undo names each act and takes them back, across a reload', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await threeEntries(page, '2½ lb', 'Beef brisket, whole', '12');
  await page.getByRole('radio', { name: 'all but lean' }).check({ force: true });
  await kept(page, 'what is picked out');
  await page.reload();
  await expect(page.getByLabel('Weight')).toHaveValue('2½ lb');
  await expect(page.getByLabel('How many soft tacos')).toHaveValue('12');
  for (let i = 0; i < 3; i += 1) {
    await page.getByRole('radio', { name: i % 2 === 0 ? 'close' : 'leave on' }).check({ force: true });
    await page.getByRole('radio', { name: i % 2 === 0 ? 'whole' : 'ribs' }).check({ force: true });
  }
  // Acts are written one after the other: once the last is on the disk, all are.
  await page.getByRole('radio', { name: 'membrane, lumps' }).check({ force: true });
  await kept(page, 'what is picked out');
  await page.reload();
  await page.getByRole('button', { name: 'undo what is picked out' }).click();
  await expect(page.getByRole('radio', { name: 'all but lean' })).toBeChecked();
  for (let i = 0; i < 3; i += 1) {
    await page.getByRole('button', { name: 'undo the size of the pieces' }).click();
    await page.getByRole('button', { name: 'undo how it is trimmed' }).click();
  }
  await expect(page.getByRole('radio', { name: '5–8 cm chunks' })).toBeChecked();
  await page.getByRole('button', { name: 'undo what is picked out' }).click();
  await page.getByRole('button', { name: 'undo the number of plates' }).click();
  await expect(page.getByLabel('How many soft tacos')).toHaveValue('');
  await page.getByRole('button', { name: 'Do again: the number of plates' }).click();
  await expect(page.getByLabel('How many soft tacos')).toHaveValue('12');
});

test('a meal goes out, is deleted, comes in and is the same to the byte; the command prints its figures', async ({
  page,
}) => {
  await threeEntries(page, '2.6 kg', 'Beef blade roast, bone in', '24');
  const bench = station(page, 'bench').locator('[class*="_key_"]');
  const plates = station(page, 'plates').locator('[class*="_key_"]');
  await expect(plates).toContainText('in 100');
  await expect(page.getByRole('main')).toHaveAttribute('aria-busy', 'false');
  const [shred, chance] = [await bench.textContent(), await plates.textContent()];
  await page.getByRole('link', { name: 'meals' }).click();
  const path = await saveFile(page);
  const text = readFileSync(path, 'utf8');

  const printed = reckoned(path);
  expect(shred).toBe(`${((printed.batches[0]?.meat.shredG.mid ?? 0) / 1000).toFixed(1)} kg`);
  expect(chance).toBe(`${Math.round(printed.meal.enough * 100)} in 100`);

  await page.getByRole('button', { name: /^Delete/ }).click();
  await expect(page.getByText('No meal is kept here.')).toBeVisible();
  await page
    .getByLabel('A meal file')
    .setInputFiles({ name: 'meal.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByRole('status')).toContainText('is in.');
  expect(readFileSync(await saveFile(page), 'utf8')).toBe(text);

  await page
    .getByLabel('A meal file')
    .setInputFiles({ name: 'meal.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByRole('dialog')).toContainText('is here already');
  await page.getByRole('button', { name: 'Leave it as it is' }).click();
});
