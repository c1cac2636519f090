import { drawn, expect, kept, noFaults, potItems as items, potOf, test } from './test.ts';
import type { Page } from '@playwright/test';

const row = (page: Page, name: RegExp | string) =>
  items(page).locator('[class*="_item_"]').filter({ hasText: name });

async function putIn(page: Page, words: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Put something in' }).fill(words);
  await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Enter');
}

test('any of several hundred ingredients is found as it is typed, and its allergens are at hand', async ({
  page,
}) => {
  await potOf(page, '2 kg', 'Beef shank, cross-cut, bone in');
  const search = page.getByRole('combobox', { name: 'Put something in' });
  await search.fill('tomatillos');
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText('tomatillo');
  await page.keyboard.press('Enter');
  await expect(row(page, 'tomatillo')).toBeVisible();
  await putIn(page, 'fish sauce');
  await expect(items(page).getByText(/It contains.*fish/)).toBeVisible();
  await items(page).getByLabel('How much fish sauce').fill('a splash');
  await search.fill('grandmother’s paste');
  await page.getByRole('option', { name: /without figures/ }).click();
  await expect(items(page).getByText(/Not known is what grandmother’s paste contains/)).toBeVisible();
  await kept(page, 'putting in grandmother’s paste');
  await page.reload();
  await expect(
    items(page).getByText(/^.*Not known is what grandmother’s paste contains: open/),
  ).toBeVisible();
  // One act back the paste is not there, nor in the kitchen; two back the sauce has no amount.
  for (const words of ['putting in grandmother’s paste', 'how much fish sauce', 'putting in fish sauce'])
    await page.getByRole('button', { name: new RegExp(`^undo ${words}`) }).click();
  await expect(row(page, 'fish sauce')).toHaveCount(0);
  await expect(items(page).getByText(/No allergen is known|It contains/)).toBeVisible();
  await noFaults(page);
});

test('the list is put in order by key, its lines are prepared and timed, and the order has its hints', async ({
  page,
}) => {
  await potOf(page, '2.6 kg', 'Beef blade roast, bone in');
  await page.getByRole('button', { name: 'Use it' }).click();
  await putIn(page, 'garlic clove');
  await putIn(page, 'red wine');
  const names = () => items(page).locator('[class*="_item-name_"] b').allTextContents();
  await expect.poll(names).toEqual(['stock, low salt', 'onion', 'carrot', 'garlic clove', 'red wine']);
  const hint = items(page).getByRole('list', { name: 'The order of adding' });
  await expect(hint.getByText(/^Boil red wine down before/)).toBeVisible();

  // Garlic is lifted over carrot and onion; now it would burn, and that is said.
  await page.getByRole('button', { name: 'Move garlic clove', exact: true }).focus();
  await page.keyboard.press('Space');
  // Lifted it says where it is; only then does it listen to the arrows.
  await expect(page.getByText('garlic clove is at place 4 of 5.')).toBeAttached();
  for (const place of ['3', '2']) {
    await drawn(page);
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText(`garlic clove is at place ${place} of 5.`)).toBeAttached();
  }
  await page.keyboard.press('Space');
  await expect.poll(names).toEqual(['stock, low salt', 'garlic clove', 'onion', 'carrot', 'red wine']);
  await expect(hint.getByText('Garlic clove after onion, for the last minute.')).toBeVisible();
  await hint.getByRole('button', { name: /Dismiss: Garlic clove after/ }).click();
  await expect(hint.getByText('Garlic clove after onion')).toHaveCount(0);

  // Wine boiled down is what is left of it, and its hint is heeded.
  const wine = row(page, 'red wine');
  await wine.getByLabel('How much red wine').fill('600 ml');
  await wine.locator('[class*="_item-name_"]').click();
  await wine.getByLabel('Boiled down to').fill('200 ml');
  await expect(wine.getByText('boiled down to 200 ml')).toBeVisible();
  await expect(hint.getByText('Boil red wine down')).toHaveCount(0);

  const onion = row(page, 'onion');
  await onion.getByLabel('How much onion').fill('1 kg');
  await onion.locator('[class*="_item-name_"]').click();
  await onion.getByLabel('Before it goes in').selectOption('peeled');
  await onion.getByText('as bought').click();
  await expect(onion.getByText('as bought, peeled')).toBeVisible();
  await onion.getByLabel('And then').selectOption('puréed');
  await onion.getByLabel('Blended', { exact: true }).selectOption('after');
  await onion.getByLabel('Blended, time').fill('1 h 30 min');
  await onion.getByLabel('Blended, time').press('Enter');
  await kept(page, 'when to take out onion');

  const carrot = row(page, 'carrot');
  await carrot.locator('[class*="_item-name_"]').click();
  await carrot.getByLabel('Goes in', { exact: true }).selectOption('before');
  await expect(carrot.locator('[class*="_item-name_"]')).toContainText(/the usual, after \d h/);

  // Held back, it is no longer in; poured in again, it is.
  await wine.getByRole('button', { name: 'hold it back' }).click();
  await expect(wine).toHaveCount(0);
  await expect(items(page).getByText('Held back 600 ml red wine')).toBeVisible();
  await items(page).getByRole('button', { name: 'pour it in' }).click();
  await expect(wine).toBeVisible();

  // The lid goes on: what is not ticked is named, what comes later is remembered.
  for (const name of ['stock, low salt', 'onion', 'red wine']) await page.getByLabel(`${name} is in`).check();
  await page.getByRole('button', { name: 'Put the lid on: start the clock' }).click();
  await expect(page.getByText('Not in yet: garlic clove. Put it in, or tick it.')).toBeVisible();
  await expect(page.getByText(/Later: carrot after \d h/)).toBeVisible();
  await page.getByLabel('garlic clove is in').check();
  await expect(page.getByText('Not in yet')).toHaveCount(0);
  await kept(page, 'garlic clove is in');
  await noFaults(page);
});

test('a recipe goes in by its lines, what is not understood is settled, and the pot comes out as one', async ({
  page,
}) => {
  await potOf(page, '2 kg', 'Beef brisket, whole');
  await page.getByRole('button', { name: 'a recipe in or out' }).click();
  const recipe = page.getByRole('region', { name: 'A recipe in or out' });
  const paste = recipe.getByLabel('Paste its lines, or its JSON-LD');
  const read = recipe.getByRole('button', { name: 'Read it' });
  await paste.fill('{"@type":"Article","name":"News"}');
  await read.click();
  await expect(recipe.getByText('This file has no recipe in it: it is a “Article”.')).toBeVisible();
  await paste.fill(
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Supper',
      recipeIngredient: ['3 bay leaves', '1 bottle of beer', '2 tbsp of something odd', '12 g salt'],
    }),
  );
  await read.click();
  await expect(recipe.getByText('1 line is still to be settled.')).toBeVisible();
  await expect(recipe.getByLabel('What “1 bottle of beer” is')).toHaveValue('beer');
  await recipe
    .getByLabel('What “2 tbsp of something odd” is')
    .selectOption({ label: '“something odd”, without figures' });
  await recipe.getByRole('button', { name: 'Put it in' }).click();
  await expect(row(page, 'beer')).toBeVisible();
  await expect(items(page).getByLabel('How much bay leaf')).toHaveValue('3');
  await expect(
    items(page).getByText('Not known is what something odd contains', { exact: false }),
  ).toBeVisible();
  await expect(page.getByLabel('Salt on the meat now')).toHaveValue('12 g');
  await kept(page, 'a recipe');
  await noFaults(page);

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    recipe.getByRole('button', { name: 'save this pot as a recipe' }).click(),
  ]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  const saved = JSON.parse(Buffer.concat(chunks).toString('utf8')) as {
    '@type': string;
    recipeIngredient: string[];
  };
  expect(saved['@type']).toBe('Recipe');
  expect(saved.recipeIngredient).toEqual(
    expect.arrayContaining(['2.00 kg beef brisket, whole', '3 bay leaf']),
  );
  await page.getByRole('button', { name: 'undo a recipe' }).click();
  await expect(row(page, 'beer')).toHaveCount(0);
});
