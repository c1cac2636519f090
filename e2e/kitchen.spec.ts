import { expect, kept, noFaults, potOf, test } from './test.ts';

test('the kitchen: vessels measured by their water, what they stand on, ovens, scoops and how high it lies', async ({
  page,
}) => {
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
    page.getByText('40 cm across, 30.5 cm deep inside, 38.3 l to the brim, 4.20 kg empty; on burner, oven'),
  ).toBeVisible();
  await page.getByLabel('Full of water to the brim').fill('3 kg');
  await page.getByLabel('Full of water to the brim').press('Enter');
  await expect(page.getByText('“3 kg” is no more than it weighs empty')).toBeVisible();
  await page.getByLabel('Full of water to the brim').fill('40.2 kg');
  await page.getByLabel('Full of water to the brim').press('Enter');
  await expect(page.getByText(/36\.0 l to the brim, 4\.20 kg empty/)).toBeVisible();
  await page.getByRole('group', { name: 'May stand on' }).getByLabel('oven').uncheck();
  await expect(page.getByText(/4\.20 kg empty; on burner$/)).toBeVisible();
  await page.getByLabel('The salt by the stove').selectOption({ label: 'another: weigh a teaspoon of it' });
  await page.getByLabel('A level teaspoon weighs').fill('40 g');
  await page.getByLabel('A level teaspoon weighs').press('Enter');
  await expect(page.getByText('“40 g” in a teaspoon is no salt; it weighs 1 to 10 g.')).toBeVisible();
  await page.getByLabel('The salt by the stove').selectOption({ label: 'light flakes, 2.8 g a teaspoon' });

  await page.getByLabel('The kitchen lies at').fill('1500 m');
  await expect(page.getByText(/Water boils at 95 °C there/)).toBeVisible();
  await page.getByLabel('The kitchen lies at').fill('9000 m');
  await page.getByLabel('Inner height, cm').fill('17');
  await expect(page.getByText('“9000 m” is where nobody cooks; write -430 to 5500 m.')).toBeVisible();
  const scoops = page.getByRole('list', { name: 'Scoops and ladles' });
  await scoops.getByLabel('Of shred, weighed once').first().fill('82 g');
  await scoops.getByLabel('Of shred, weighed once').first().press('Enter');
  await kept(page, 'the shred in a scoop');
  await noFaults(page);

  await potOf(page, '6 kg', 'Beef shank, cross-cut, bone in', '40');
  await page.getByLabel('Vessel', { exact: true }).selectOption({ label: '32 cm pot' });
  await expect(
    page.getByText(
      '32 cm pot with its lid stands 20.5 cm high and the oven has 17 cm: cover it with foil in place of the lid.',
    ),
  ).toBeVisible();
  await expect(page.getByText(/tbsp of light flakes/)).toBeVisible();
});
