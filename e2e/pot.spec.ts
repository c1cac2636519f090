import AxeBuilder from '@axe-core/playwright';
import { expect, kept, station, test, threeEntries } from './test.ts';

test('any of several hundred ingredients is found as it is typed, and its allergens are at hand', async ({
  page,
}) => {
  await threeEntries(page, '2 kg', 'Beef shank, cross-cut, bone in', '12');
  await station(page, 'pot').click();
  const search = page.getByRole('combobox', { name: 'Put something in' });
  await search.fill('sauce fish');
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText('fish, ready-to-serve');
  await page.keyboard.press('Enter');
  const items = page.getByRole('region', { name: 'What goes in' });
  await expect(items.getByRole('listitem').filter({ hasText: 'fish, ready-to-serve' })).toBeVisible();
  await expect(items.getByText(/In the pot:.*fish/)).toBeVisible();
  await items.getByLabel(/^How much sauce, fish/).fill('120 ml');
  await search.fill('grandmother’s paste');
  await page.getByRole('option', { name: /without figures/ }).click();
  await expect(items.getByText('Of grandmother’s paste nothing is known.')).toBeVisible();
  await kept(page, 'putting in grandmother’s paste');
  await page.reload();
  await expect(items.getByText('Of grandmother’s paste nothing is known.')).toBeVisible();
  // Two acts back the sauce has no amount; three back it is not there, nor in the kitchen.
  for (const words of ['putting in grandmother’s paste', 'how much sauce, fish', 'putting in sauce, fish']) {
    await page.getByRole('button', { name: new RegExp(`^undo ${words}`) }).click();
  }
  await expect(items.getByText('fish, ready-to-serve')).toHaveCount(0);
  await expect(items.getByText(/In the pot: celery/)).toBeVisible();
  await search.fill('pars');
  await expect(page.getByRole('option', { name: /parsnips, raw/ })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('the sear is laid out pan by pan, and another pan lays it out anew', async ({ page }) => {
  await threeEntries(page, '2.6 kg', 'Beef blade roast, bone in', '20');
  await station(page, 'pot').click();
  await page.getByRole('button', { name: 'pan by pan' }).click();
  const sear = page.getByRole('region', { name: 'Pan by pan' });
  await expect(sear.getByText(/2\s+panfuls, about/)).toBeVisible();
  await expect(
    sear.getByRole('img', { name: /28 cm frying pan, turn 1: \d pieces of Beef blade/ }),
  ).toBeVisible();
  await sear.getByLabel('Sear in').selectOption({ label: '36 cm pot' });
  await expect(sear.getByText(/1\s+panful, about/)).toBeVisible();
  await kept(page, 'what it is seared in');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  await station(page, 'meat').click();
  await page.getByText('whole', { exact: true }).click();
  await station(page, 'pot').click();
  await page.getByRole('button', { name: 'pan by pan' }).click();
  await sear.getByLabel('Sear in').selectOption({ label: '20 cm pot' });
  await expect(sear.getByText(/do not fit into 20 cm pot: cut them smaller/)).toBeVisible();
  await page.getByText('raw in').click();
  await expect(sear).toBeHidden();
});

test('a vessel of one’s own is measured, weighed empty once, and taken for the pot', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Another vessel' }).click();
  await page.getByLabel('Name', { exact: true }).fill('The hall’s great pot');
  await page.getByLabel('Across, cm').fill('wide');
  await page.getByLabel('Deep, cm').fill('12 in');
  await expect(page.getByText('“wide” is no length; write it like 28 cm, or 11 in.')).toBeVisible();
  await page.getByLabel('Across, cm').fill('40');
  await page.getByLabel('Weight, empty').fill('4.2 kg');
  await page.getByLabel('Weight, empty').press('Enter');
  await expect(
    page.getByText('40 cm across, 30.5 cm deep inside, 38.3 l to the brim, 4.20 kg empty'),
  ).toBeVisible();
  await page.getByLabel('The salt by the stove').selectOption({ label: 'light flakes, 2.8 g a teaspoon' });
  await kept(page, 'the salt by the stove');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  await threeEntries(page, '6 kg', 'Beef shank, cross-cut, bone in', '40');
  await station(page, 'pot').click();
  await page.getByLabel('Vessel', { exact: true }).selectOption({ label: 'The hall’s great pot' });
  await expect(page.getByRole('img', { name: /^The hall’s great pot in section/ })).toBeVisible();
  await expect(page.getByText(/tbsp of light flakes, for a broth to drink/)).toBeVisible();
});
