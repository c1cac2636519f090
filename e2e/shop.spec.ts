import { readFileSync } from 'node:fs';
import { expect, kept, noFaults, station, test, threeEntries } from './test.ts';

test('the edge of a lot and the last plate are pulled, by hand and by keys', async ({ page }) => {
  await threeEntries(page, '2 kg', 'Beef brisket, whole', '16');
  const lot = page.getByRole('slider', { name: 'How much Beef brisket, whole' });
  await lot.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('2.05 kg');
  const box = await lot.boundingBox();
  if (!box) throw new Error('no edge');
  await page.mouse.move(box.x + 6, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x - 100, box.y + 20, { steps: 8 });
  await page.mouse.up();
  await expect
    .poll(async () => parseFloat(await page.getByLabel('Weight', { exact: true }).inputValue()))
    .toBeLessThan(2);

  const plates = page.getByRole('slider', { name: 'The last plate: soft tacos' });
  await plates.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByLabel('How many soft tacos', { exact: true })).toHaveValue('15');
  const at = await plates.boundingBox();
  if (!at) throw new Error('no last plate');
  await page.mouse.move(at.x + 4, at.y + 10);
  await page.mouse.down();
  await page.mouse.move(at.x + 4 - 5 * 32, at.y + 10, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel('How many soft tacos', { exact: true })).toHaveValue('10');
  await page.getByRole('button', { name: /in 100$/ }).click();
  await expect(page.getByRole('figure', { name: /^shred: short/ })).toBeVisible();
});

test('the shopping list adds up, rounds to packs, and goes out as CSV', async ({ page }) => {
  await threeEntries(page, '3 kg', 'Beef shank, cross-cut, bone in', '30');
  await station(page, 'order').click();
  await page.goto('/shopping');
  const line = page.getByRole('listitem').filter({ hasText: 'Beef shank' });
  await expect(line).toContainText('3.00 kg');
  await expect(page.getByRole('listitem').filter({ hasText: 'small wheat tortillas' })).toContainText(
    '3 × 12',
  );
  await page.getByLabel('One pack of stock, low salt').fill('500 g');
  await page.getByLabel('One pack of stock, low salt').press('Enter');
  await kept(page, 'the pack of stock, low salt');
  await expect(page.getByRole('listitem').filter({ hasText: 'stock, low' })).toContainText(/× 500 g/);
  await page.getByLabel('small wheat tortillas').check();
  await kept(page, 'ticking off the list');
  await page.reload();
  await expect(page.getByLabel('small wheat tortillas')).toBeChecked();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const csv = readFileSync(await (await waiting).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toBe('section,what,amount,unit,packs,pack,for');
  expect(csv).toContain('meat,"Beef shank, cross-cut, bone in",3000,g,,,');
  await noFaults(page);
});
