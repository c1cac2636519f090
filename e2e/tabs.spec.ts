import { expect, kept, station, test, threeEntries } from './test.ts';

test('two tabs stay in step: what one writes the other shows, and neither writes over the other', async ({
  page,
  context,
}) => {
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  const other = await context.newPage();
  await other.goto(page.url());
  const plates = (tab: typeof page) => tab.getByLabel('How many soft tacos');
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

test('what is typed and not entered in one tab stands while another enters something: the cook is told, and chooses', async ({
  page,
  context,
}) => {
  await threeEntries(page, '2 kg', 'Beef blade roast, bone in', '12');
  await page.goto(page.url().replace(/\w+$/, 'bench'));
  const other = await context.newPage();
  await other.goto(page.url());
  const bones = (tab: typeof page) => tab.getByLabel('Bones', { exact: true });
  await bones(page).fill('300 g');
  await bones(other).fill('280 g');
  await bones(other).press('Enter');
  await expect(page.getByText('Elsewhere 280 g was entered.')).toBeVisible();
  await expect(bones(page)).toHaveValue('300 g');
  // Left so, neither has replaced the other.
  await bones(page).blur();
  await expect(bones(other)).toHaveValue('280 g');
  await page.getByRole('button', { name: 'Enter 300 g' }).click();
  await expect(bones(other)).toHaveValue('300 g');
  await expect(page.getByText('Elsewhere')).toBeHidden();

  await bones(page).fill('310 g');
  await bones(other).fill('270 g');
  await bones(other).press('Enter');
  await kept(other, 'the weight of the bones');
  await page.getByRole('button', { name: 'Take 270 g' }).click();
  await expect(bones(page)).toHaveValue('270 g');
  await page.reload();
  await expect(bones(page)).toHaveValue('270 g');
  await expect(page.getByRole('button', { name: /^Enter/ })).toBeHidden();
});
