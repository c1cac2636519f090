import { expect, station, test, threeEntries } from './test.ts';

test('two tabs stay in step: what one writes the other shows, and neither writes over the other', async ({
  page,
  context,
}) => {
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  const other = await context.newPage();
  await other.goto(page.url());
  const plates = (tab: typeof page) => tab.getByLabel('Plates of soft tacos');
  await expect(plates(other)).toHaveValue('12');

  await plates(page).fill('18');
  await expect(plates(other)).toHaveValue('18');

  // Another field from the other tab: both acts stand, here and there.
  await station(other, 'meat').click();
  const weight = (tab: typeof page) => tab.getByLabel('Weight', { exact: true }).first();
  await weight(other).fill('2.4 kg');
  await station(page, 'meat').click();
  await expect(weight(page)).toHaveValue('2.4 kg');
  await station(other, 'order').click();
  await expect(other.getByLabel('Plates', { exact: true })).toHaveValue('18');

  // Killed just after the last act was named as done, it loses nothing.
  await other.close({ runBeforeUnload: false });
  await page.reload();
  await expect(weight(page)).toHaveValue('2.4 kg');
});
