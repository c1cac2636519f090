import { expect, noFaults, test } from './test.ts';
import { ports } from './ports.ts';

const DEMO = `http://127.0.0.1:${String(ports.demo)}`;

test('a batch is closed, stands in the log beside what is published, and is cooked again for more', async ({
  page,
}) => {
  await page.goto(DEMO);
  await page.waitForURL(/batches/);
  await page.goto(`${DEMO}/log`);
  await expect(
    page.getByRole('heading', { level: 1, name: /^Shank gives about \d+ % here, not \d+$/ }),
  ).toBeVisible();
  await expect(page.getByText('11 cooks')).toBeVisible();
  await expect(page.getByText(/in ten, from 5 batches here/)).toBeVisible();
  await noFaults(page);

  // By keyboard: the next cook, and one left out of the learning.
  await page.getByRole('button', { name: /^Pie night, .* of it shredded/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { level: 2, name: /^First frost/ })).toBeVisible();
  await page.getByRole('button', { name: /^First frost, .*; space leaves it out/ }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/in ten, from 4 batches here/)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText(/in ten, from 5 batches here/)).toBeVisible();

  await page.getByRole('button', { name: 'over time' }).click();
  await expect(page.getByText('Shred of raw, in the range that was expected')).toBeVisible();
  await page.getByRole('button', { name: 'cook it again' }).click();
  await page.getByLabel('Plates', { exact: true }).fill('80');
  await expect(page.getByText(/kg of meat, was 5\.80 kg/)).toBeVisible();
  await page.getByRole('button', { name: /^Cook again/ }).click();
  await expect(page).toHaveURL(/batches\/.*\/meat$/);
  await expect(page.getByText(/Shank from 5 batches here/)).toBeVisible();
  await noFaults(page);
});

test('the eye: knives in a slab, the paper off, and the next', async ({ page }) => {
  await page.goto(DEMO);
  await page.waitForURL(/batches/);
  await page.goto(`${DEMO}/log/eye`);
  await page.getByRole('slider').first().focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: /^You (missed|saw)/ })).toBeVisible();
  await page.getByText('a pot', { exact: true }).click();
  await page.getByRole('button', { name: 'Uncover it' }).click();
  await expect(page.getByText('It was')).toBeVisible();
  await noFaults(page);
});

test('a table of past cooks is read in a thread, asked about, and brought in', async ({ page }) => {
  await page.goto('/log');
  await page.getByRole('button', { name: 'past cooks in and out' }).click();
  const rows = [
    'date,cut,raw weight,shred weight',
    ...['shank', 'beef shank', 'unicorn'].map((cut, i) => `2026-03-0${i + 1},${cut},2.6 kg,98${i} g`),
  ];
  await page
    .getByLabel('A table of past cooks')
    .setInputFiles({ name: 'cooks.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
  await expect(page.getByText('2 rows are left out')).toBeVisible();
  await page.getByLabel('“shank” is').selectOption('beef-shank');
  await expect(page.getByText('1 row is left out')).toBeVisible();
  await page.getByRole('button', { name: 'Bring these 2 in' }).click();
  await expect(page.getByText('2 past cooks are in the log.')).toBeVisible();
  await expect(page.getByText(/^2 cooks/)).toBeVisible();
  await page.getByRole('button', { name: /^undo 2 past cooks/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Nothing has been cooked yet' })).toBeVisible();
});
