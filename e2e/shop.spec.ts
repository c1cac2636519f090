import { readFileSync } from 'node:fs';
import { expect, kept, noFaults, station, test, threeEntries } from './test.ts';

test('how much to buy, at a chance that is set, is written into the lots and is enough so often', async ({
  page,
}) => {
  await threeEntries(page, '1 kg', 'Beef blade roast, bone in', '40');
  await page.getByRole('button', { name: 'more of Beef blade roast, bone in' }).click();
  await page.getByLabel('Price, EUR').fill('12,50');
  await page.getByRole('button', { name: 'How much to buy' }).click();
  const panel = page.getByRole('region', { name: 'How much to buy' });
  await expect(panel.getByText(/is for safety over an even chance/)).toBeVisible();
  const weight = async () => parseFloat((await panel.locator('[class*="_bought_"] b').textContent()) ?? '');
  const usual = await weight();
  const chance = panel.getByLabel('Enough');
  await chance.focus();
  await page.keyboard.press('End');
  await expect(panel.locator('[class*="_surely_"] b')).toHaveText('99 in 100');
  await expect.poll(weight).toBeGreaterThan(usual);
  await expect(panel.getByText(/In all €\d/)).toBeVisible();
  await panel.getByRole('button', { name: 'Write these weights' }).click();
  await expect(page.locator('[class*="_chance_"] b')).toHaveText(/^(98|99|100) in 100$/);

  await page.getByLabel('The shop has').fill('2 kg');
  await expect(
    panel.getByText(/The shop has too little: all of it is enough \d+ times in 100/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Add a lot' }).click();
  await page.getByLabel('Cut', { exact: true }).nth(1).selectOption({ label: 'Beef brisket, whole' });
  await panel.getByText('the first, then the next').click();
  await expect(panel.getByText('all that the shop has')).toBeVisible();
  await expect(panel.locator('[class*="_bought_"] b')).toHaveText([/^2(\.0)? kg$/, /kg$/]);
  await noFaults(page);
});

test('what it costs on a plate, and a swap for the same shred', async ({ page }) => {
  await threeEntries(page, '2 kg', 'Beef short ribs, bone in', '12');
  await page.getByRole('button', { name: 'more of Beef short ribs, bone in' }).click();
  await page.getByLabel('Price, EUR').fill('dear');
  await page.getByLabel('The shop has').focus();
  await expect(page.getByText('“dear” is no price; write it like 12.90, or 5.99/lb.')).toBeVisible();
  await page.getByLabel('Price, EUR').fill('11');
  await page.getByRole('button', { name: 'What it costs' }).click();
  const row = page.getByRole('row', { name: /Beef short ribs, bone in/ });
  await expect(row).toContainText('€22.00');
  await expect(
    page.getByText(/The meat on one plate, if it is all from this pot: soft tacos €\d+\.\d\d/),
  ).toBeVisible();

  await page.getByRole('button', { name: 'Swap a cut' }).click();
  await page.getByLabel('Take', { exact: true }).selectOption({ label: 'Beef brisket, whole' });
  await page.getByLabel('Its price, EUR').fill('14');
  await expect(page.getByText(/for the same shred/)).toBeVisible();
  await expect(page.getByText(/With it: .* less fat/)).toBeVisible();
  const shred = page.locator('[class*="_lot_"] .figure .value').first();
  const before = await shred.textContent();
  await page.getByRole('button', { name: 'Take it instead' }).click();
  await expect(page.getByLabel('Cut', { exact: true })).toHaveValue('beef-brisket');
  // Rounded up to ten grams, the swap gives the same shred to the last figure shown, or one more.
  const grams = (text: string | null) => parseFloat(text ?? '') * (text?.includes('kg') ? 1000 : 1);
  await expect.poll(async () => Math.abs(grams(await shred.textContent()) - grams(before))).toBeLessThan(15);
});

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
  await expect(page.getByLabel('Plates of soft tacos', { exact: true })).toHaveValue('15');
  const at = await plates.boundingBox();
  if (!at) throw new Error('no last plate');
  await page.mouse.move(at.x + 4, at.y + 10);
  await page.mouse.down();
  await page.mouse.move(at.x + 4 - 5 * 32, at.y + 10, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel('Plates of soft tacos', { exact: true })).toHaveValue('10');
  await page.getByRole('button', { name: 'enough' }).click();
  await expect(page.getByRole('figure', { name: /^shred: short/ })).toBeVisible();
});

test('all cuts are drawn, and one of your own is added, used, and taken out', async ({ page }) => {
  await page.goto('/cuts');
  await expect(page.getByRole('img', { name: /^Goat neck, bone in, 1.00 kg: shred/ })).toBeVisible();
  await page.getByLabel('Look for a cut').fill('oxen');
  await expect(page.getByText('No cut has “oxen”')).toBeVisible();
  await page.getByLabel('Look for a cut').fill('');
  await page.getByRole('button', { name: 'figures, partly estimated of Beef cheek, boneless' }).click();
  await expect(page.getByText(/raw flesh \(estimate, near the shank\)/)).toBeVisible();

  await page.getByLabel('Name', { exact: true }).fill('Hall neck');
  await page.getByLabel('Like', { exact: true }).selectOption({ label: 'Lamb shoulder, bone in' });
  await page.getByLabel('Known by').selectOption('what it came to');
  await page.getByLabel('It came to').fill('140');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('“140” is no share for the yield; write 0 to 100 %.')).toBeVisible();
  await page.getByLabel('It came to').fill('40 %');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('img', { name: /^Hall neck, 1.00 kg: shred 400 g/ })).toBeVisible();
  await noFaults(page);

  await threeEntries(page, '1 kg', 'Hall neck', '4');
  await expect(page.getByRole('img', { name: /^Hall neck, 1.00 kg: shred 400 g/ })).toBeVisible();
});

test('the shopping list adds up, rounds to packs, and goes out as CSV', async ({ page }) => {
  await threeEntries(page, '3 kg', 'Beef shank, cross-cut, bone in', '30');
  await station(page, 'order').click();
  await page.goto('/shopping');
  const line = page.getByRole('listitem').filter({ hasText: 'Beef shank' });
  await expect(line).toContainText('3.00 kg');
  await expect(page.getByRole('listitem').filter({ hasText: 'small tortillas' })).toContainText('3 × 12');
  await page.getByLabel('One pack of stock, hardly salted').fill('500 g');
  await page.getByLabel('One pack of stock, hardly salted').press('Enter');
  await kept(page, 'the pack of stock, hardly salted');
  await expect(page.getByRole('listitem').filter({ hasText: 'stock, hardly' })).toContainText(/× 500 g/);
  await page.getByLabel('small tortillas').check();
  await kept(page, 'ticking off the list');
  await page.reload();
  await expect(page.getByLabel('small tortillas')).toBeChecked();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const csv = readFileSync(await (await waiting).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toBe('section,what,amount,unit,packs,pack,for');
  expect(csv).toContain('meat,"Beef shank, cross-cut, bone in",3000,g,,,');
  await noFaults(page);
});

test('bones for flavour add no shred and must come out; a fattier lot gives more fat', async ({ page }) => {
  await threeEntries(page, '2 kg', 'Beef shank, cross-cut, bone in', '12');
  const shred = page.locator('[class*="_lot_"] .figure .value').first();
  const before = await shred.textContent();
  await page.getByRole('button', { name: 'more of Beef shank, cross-cut, bone in' }).click();
  await page.getByText('boneless', { exact: true }).click();
  await expect(shred).not.toHaveText(before ?? '');
  await page.getByText('bones, for flavour only').click();
  await expect(shred).toHaveText('0 g');
  await expect(page.getByRole('img', { name: /Beef shank.*bone 1.84 kg/ })).toBeVisible();
});
