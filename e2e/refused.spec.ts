import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test, threeEntries } from './test.ts';

test.describe('bad input gets one sentence with its value, and nothing stored is touched', () => {
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
      [good.replaceAll(/"lo": ([\d.]+)/g, '"lo": "$1"'), 'and a number belongs there'],
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
