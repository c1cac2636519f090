import { readFileSync, writeFileSync } from 'node:fs';
import { expect, kept, test, threeEntries } from './test.ts';

test.describe('bad input gets one sentence with its value, and nothing stored is touched', () => {
  for (const [typed, words] of [
    ['0 kg', /“0 kg” is nothing/],
    ['-2 kg', /“-2 kg” is less than nothing/],
    ['900 kg', /“900 kg” is more than one pot can braise/],
    ['2 lb 40 oz', /“2 lb 40 oz”: 40 oz is more than a lb/],
    ['a lot', /“a lot” is not a weight/],
    ['2 cups', /“2 cups” is a volume, not a weight/],
  ] as const) {
    test(`a weight of ${typed}`, async ({ page }) => {
      await threeEntries(page, '1.2 kg', 'Beef brisket, whole', '10');
      await page.getByRole('button', { name: 'Add a lot' }).click();
      await page.getByLabel('Cut', { exact: true }).nth(1).selectOption({ label: 'Beef brisket, whole' });
      await page.getByLabel('Weight').nth(1).fill(typed);
      await page.getByLabel('Weight').nth(1).blur();
      await kept(page, 'the weight of a lot');
      await expect(page.getByRole('alert')).toHaveText(words);
      await expect(page.getByText('1.20 kg in one lot')).toBeVisible();
      await page.reload();
      await expect(page.getByLabel('Weight').nth(1)).toHaveValue(typed);
      await expect(page.getByText('1.20 kg in one lot')).toBeVisible();
    });
  }

  test('what can be read two ways is asked, and one tap settles it', async ({ page }) => {
    await threeEntries(page, '1,400 kg', 'Beef brisket, whole', '10');
    await expect(page.getByRole('alert')).toContainText('is it 1.400 kg or 1400 kg?');
    await page.getByRole('button', { name: '1.400 kg' }).click();
    await expect(page.getByText('1.40 kg in one lot')).toBeVisible();
  });

  test('plates that are none, too many or a range', async ({ page }) => {
    await threeEntries(page, '1.2 kg', 'Beef brisket, whole', '10');
    for (const [typed, words] of [
      ['0', '“0” is nothing'],
      ['ten', '“ten” is not a number'],
      ['90000', '“90000” is more plates than one meal can have'],
      ['10–12', '“10–12” is a range'],
    ] as const) {
      await page.getByLabel('Plates of soft tacos').fill(typed);
      await page.getByLabel('Plates of soft tacos').blur();
      await expect(page.getByRole('alert')).toContainText(words);
    }
  });

  test('files that are broken, foreign, newer, too large or of the wrong kind', async ({ page }) => {
    await threeEntries(page, '1.2 kg', 'Beef brisket, whole', '10');
    await page.getByRole('link', { name: 'meals' }).click();
    const saving = page.waitForEvent('download');
    await page.getByRole('button', { name: /^Save as a file/ }).click();
    const good = readFileSync(await (await saving).path(), 'utf8');
    for (const [text, words] of [
      [good.slice(0, good.length / 2), 'broken or not JSON'],
      ['{"name": "somebody else’s"}', 'not a Slow Spoon meal'],
      [good.replace('"version": 1', '"version": 7'), 'version 7'],
      [good.replaceAll(/"lo": ([\d.]+)/g, '"lo": "$1"'), 'lo is "'],
    ] as const) {
      await page
        .getByLabel('A meal file')
        .setInputFiles({ name: 'file.json', mimeType: 'application/json', buffer: Buffer.from(text) });
      await expect(page.getByRole('alert')).toContainText(words);
      await expect(page.getByRole('listitem')).toHaveCount(1);
    }
    const large = test.info().outputPath('large.json');
    writeFileSync(large, Buffer.alloc(50_000_000, 'x'));
    await page.getByLabel('A meal file').setInputFiles(large);
    await expect(page.getByRole('alert')).toContainText('50 MB');
    const again = page.waitForEvent('download');
    await page.getByRole('button', { name: /^Save as a file/ }).click();
    expect(readFileSync(await (await again).path(), 'utf8')).toBe(good);
  });

  test('a cut that no longer exists', async ({ page }) => {
    await threeEntries(page, '1.2 kg', 'Beef brisket, whole', '10');
    await page.getByRole('link', { name: 'meals' }).click();
    const saving = page.waitForEvent('download');
    await page.getByRole('button', { name: /^Save as a file/ }).click();
    const text = readFileSync(await (await saving).path(), 'utf8').replaceAll('beef-brisket', 'beef-unicorn');
    await page
      .getByLabel('A meal file')
      .setInputFiles({ name: 'file.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Replace it' }).click();
    await page.getByRole('main').getByRole('listitem').getByRole('link').first().click();
    await expect(page.getByRole('alert')).toContainText(
      '“beef-unicorn” is not in the table of cuts any more',
    );
  });
});
