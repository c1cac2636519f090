import { expect, kept, noFaults, potItems as items, potOf, station, test } from './test.ts';
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
  await expect(page.getByRole('listbox').getByRole('option').first()).toContainText('tomatillos, raw');
  await page.keyboard.press('Enter');
  await expect(row(page, 'tomatillos, raw')).toBeVisible();
  await putIn(page, 'fish sauce');
  await expect(items(page).getByText(/In the pot:.*fish/)).toBeVisible();
  await items(page).getByLabel('How much fish sauce').fill('a splash');
  await search.fill('grandmother’s paste');
  await page.getByRole('option', { name: /without figures/ }).click();
  await expect(items(page).getByText(/Of grandmother’s paste nothing is known/)).toBeVisible();
  await kept(page, 'putting in grandmother’s paste');
  await page.reload();
  await expect(items(page).getByText(/^.*Of grandmother’s paste nothing is known: unfold/)).toBeVisible();
  // One act back the paste is not there, nor in the kitchen; two back the sauce has no amount.
  for (const words of ['putting in grandmother’s paste', 'how much fish sauce', 'putting in fish sauce'])
    await page.getByRole('button', { name: new RegExp(`^undo ${words}`) }).click();
  await expect(row(page, 'fish sauce')).toHaveCount(0);
  await expect(items(page).getByText(/In the pot: celery/)).toBeVisible();
  await noFaults(page);
});

test('what no table has is written from its packet, and then it is known', async ({ page }) => {
  await potOf(page, '2 kg', 'Beef brisket, whole');
  await page.getByRole('combobox', { name: 'Put something in' }).fill('aunt’s paste');
  await page.getByRole('option', { name: /without figures/ }).click();
  const paste = row(page, 'aunt’s paste');
  await paste.getByLabel('How much aunt’s paste').fill('100 g');
  await paste.locator('[class*="_item-name_"]').click();
  await paste.getByLabel('Salt', { exact: true }).fill('20 %');
  await expect(
    page.getByRole('region', { name: 'Salt' }).getByText(/what goes in brings 2\d g/),
  ).toBeVisible();
  await paste.getByLabel('Fat', { exact: true }).fill('90 %');
  await expect(paste.getByText('That makes 110 g in 100 g')).toBeVisible();
  await paste.getByLabel('Fat', { exact: true }).fill('');
  await paste.getByLabel('mustard').check();
  await expect(items(page).getByText(/In the pot:.*mustard/)).toBeVisible();
  await expect(items(page).getByText('nothing is known')).toHaveCount(0);
  await kept(page, 'what guests must know of aunt’s paste');
  await noFaults(page);
});

test('the list is put in order by key, its lines are prepared and timed, and the order has its hints', async ({
  page,
}) => {
  await potOf(page, '2.6 kg', 'Beef blade roast, bone in');
  await putIn(page, 'garlic clove');
  await putIn(page, 'red wine');
  const names = () => items(page).locator('[class*="_item-name_"] b').allTextContents();
  await expect.poll(names).toEqual(['stock, hardly salted', 'onion', 'carrot', 'garlic clove', 'red wine']);
  const hint = items(page).getByRole('list', { name: 'The order of adding' });
  await expect(hint.getByText('Boil red wine down before the stock goes in.')).toBeVisible();

  // Garlic is lifted over carrot and onion; now it would burn, and that is said.
  await page.getByRole('button', { name: 'Move garlic clove' }).focus();
  await page.keyboard.press('Space');
  for (const place of ['3', '2']) {
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText(`garlic clove is at place ${place} of 5.`)).toBeAttached();
  }
  await page.keyboard.press('Space');
  await expect.poll(names).toEqual(['stock, hardly salted', 'garlic clove', 'onion', 'carrot', 'red wine']);
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
  for (const name of ['stock, hardly salted', 'onion', 'red wine'])
    await page.getByLabel(`${name} is in`).check();
  await page.getByRole('button', { name: 'The lid goes on' }).click();
  await expect(page.getByText('Not in yet: garlic clove. Put it in, or tick it.')).toBeVisible();
  await expect(page.getByText(/Later: carrot after \d h/)).toBeVisible();
  await page.getByLabel('garlic clove is in').check();
  await expect(page.getByText('Not in yet')).toHaveCount(0);
  await kept(page, 'garlic clove is in');
  await noFaults(page);
});

test('three figures of salt: solved back, in spoons, and refused where nobody could eat it', async ({
  page,
}) => {
  await potOf(page, '2 kg', 'Beef brisket, whole');
  const salt = page.getByRole('region', { name: 'Salt' });
  const now = salt.getByLabel('Salt on the meat now');
  await expect(salt.getByText('0.80 %')).toBeVisible();
  await expect(now).toHaveAttribute('placeholder', /\d+ g/);
  const before = await now.getAttribute('placeholder');
  await salt.getByLabel('Salt of the finished liquid').fill('1 %');
  await expect(
    salt.getByText('0.99 %').or(salt.getByText('1.00 %')).or(salt.getByText('1.01 %')),
  ).toBeVisible();
  await expect(now).not.toHaveAttribute('placeholder', before ?? '');
  await salt.getByLabel('Salt of the finished liquid').fill('4 %');
  await now.focus();
  await expect(
    salt.getByText('“4 %” is too much: nobody eats anything saltier; write at most 3 %.'),
  ).toBeVisible();
  await salt.getByLabel('Salt of the finished liquid').fill('');

  await now.fill('30 g');
  await expect(page.getByText(/too salty to drink: salt \d+ g less now/)).toBeVisible();
  await now.fill('a heaped tbsp');
  await expect(page.getByText(/too salty to drink: salt \d+ g less now/)).toBeVisible();
  await now.fill('200 g');
  await expect(
    page.getByText(/“200 g” of salt would make the broth .* nobody eats above 3\.0 %/),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Salt with \d+ g/ }).click();
  await expect(page.getByText('nobody eats above')).toHaveCount(0);
  await expect(now).toHaveValue('');
  await now.fill('-5 g');
  await now.press('Tab');
  await expect(salt.getByText('“-5 g” is less than nothing; write a weight above 0.')).toBeVisible();
  await noFaults(page);
});

test('the sear is laid out pan by pan, another pan lays it out anew, and its fat goes where it is told', async ({
  page,
}) => {
  await potOf(page, '2.6 kg', 'Beef blade roast, bone in', '20');
  const line = page.getByRole('region', { name: 'Sear', exact: true });
  await expect(line.getByText(/^2 panfuls, \d+ min/)).toBeVisible();
  await line.getByRole('button', { name: 'pan by pan' }).click();
  const sear = page.getByRole('group', { name: 'Pan by pan' });
  await expect(
    sear.getByRole('img', { name: /28 cm frying pan, turn 1: \d pieces of Beef blade/ }),
  ).toBeVisible();
  await sear.getByLabel('Sear in').selectOption({ label: '36 cm pot' });
  await expect(line.getByText(/^1 panful, \d+ min/)).toBeVisible();
  await line.getByLabel('Fat in the pan, in all').fill('60 g');
  await line.getByLabel('What is left of it').selectOption({ label: 'is kept' });
  await kept(page, 'where the pan’s fat goes');
  await noFaults(page);

  await station(page, 'meat').click();
  await page.getByText('whole', { exact: true }).click();
  await station(page, 'pot').click();
  await page.getByRole('button', { name: 'pan by pan' }).click();
  await sear.getByLabel('Sear in').selectOption({ label: '20 cm pot' });
  await expect(sear.getByText(/do not fit into 20 cm pot: cut them smaller/)).toBeVisible();
  await page.getByText('raw in').click();
  await expect(sear).toBeHidden();
  await expect(line.getByText(/more stays, as juice in the pot/)).toBeVisible();
});

test('too full for its vessel: the pot that holds it, two that share it, and lots moved between them', async ({
  page,
}) => {
  await potOf(page, '6 kg', 'Beef shank, cross-cut, bone in', '40');
  await page.getByLabel('Vessel', { exact: true }).selectOption({ label: '24 cm pot' });
  await expect(page.getByRole('heading', { level: 1, name: /^Too full/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take the 32 cm pot' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^It fits/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^32 cm pot in section/ })).toBeVisible();

  await page.getByLabel('Vessel', { exact: true }).selectOption({ label: '28 cm pot' });
  await page.getByLabel('Shared with').selectOption({ label: 'shared with 24 cm pot' });
  await expect(page.getByRole('img', { name: /^24 cm pot in section/ })).toBeVisible();
  const places = page.getByRole('list', { name: 'Which lot lies where' });
  await expect(places.getByText(/\d+ % in the 28 cm pot, \d+ % in the 24 cm pot/)).toBeVisible();
  await places.getByLabel(/^Where Beef shank/).selectOption({ label: 'all in the 28 cm pot' });
  await expect(places.getByText('all in the 28 cm pot').first()).toBeVisible();
  await kept(page, 'where a lot lies');
  await noFaults(page);
});

test('what must come out again is counted in, asked back at the bench, and not forgotten', async ({
  page,
}) => {
  await potOf(page, '2 kg', 'Beef brisket, whole');
  await putIn(page, 'bay leaf');
  await items(page).getByLabel('How much bay leaf').fill('2');
  await expect(page.getByText('Must come out again2 × bay leaf')).toBeVisible();
  await station(page, 'bench').click();
  const back = page.getByRole('region', { name: 'Must come out again' });
  await expect(back.getByText('0 of 2')).toBeVisible();
  await page.getByLabel('Shred', { exact: true }).fill('1.1 kg');
  await page.getByLabel('Shred', { exact: true }).press('Enter');
  await expect(
    page.getByText('Still in it: 2 of 2 × bay leaf. Find them before it is served.'),
  ).toBeVisible();
  for (const n of ['1', '2']) {
    await back.getByRole('button', { name: 'bay leaf: one found' }).click();
    await expect(back.getByText(`${n} of 2`)).toBeVisible();
  }
  await expect(page.getByText('Still in it')).toHaveCount(0);
  // Weighed in a bowl that was never weighed: asked once, and then it comes off.
  await page.getByLabel('Shred: weighed in').selectOption({ label: 'in the large bowl' });
  await page.getByLabel('The large bowl, empty, once').fill('600 g');
  await page.getByLabel('The large bowl, empty, once').press('Enter');
  await expect(page.getByLabel('Shred: weighed in')).toContainText('in the large bowl, less 600 g');
  await expect(station(page, 'bench')).toContainText('500 g');
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
  await expect(recipe.getByText('This file holds no recipe: it is a “Article”.')).toBeVisible();
  await paste.fill(
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Supper',
      recipeIngredient: ['3 bay leaves', '1 bottle of beer', '2 tbsp of something odd', '12 g salt'],
    }),
  );
  await read.click();
  await expect(recipe.getByText('2 lines are still to be settled.')).toBeVisible();
  await recipe.getByLabel('What “1 bottle of beer” is').selectOption({ label: '1 beer' });
  await recipe
    .getByLabel('What “2 tbsp of something odd” is')
    .selectOption({ label: '“something odd”, without figures' });
  await recipe.getByRole('button', { name: 'Put it in' }).click();
  await expect(row(page, 'beer')).toBeVisible();
  await expect(items(page).getByLabel('How much bay leaf')).toHaveValue('3');
  await expect(items(page).getByText('Of something odd nothing is known', { exact: false })).toBeVisible();
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

test('what is done before the pan: marinade by the line, its rest, and the caution', async ({ page }) => {
  await potOf(page, '2 kg', 'Beef brisket, whole');
  await putIn(page, 'red wine');
  await page.getByRole('button', { name: 'before the pan' }).click();
  const before = page.getByRole('region', { name: 'Before the pan' });
  await before.getByLabel('marinade', { exact: true }).check();
  await before.getByLabel('marinade, for').fill('24 h');
  await row(page, 'red wine').locator('[class*="_item-name_"]').click();
  await row(page, 'red wine').getByRole('button', { name: 'into the marinade' }).click();
  await expect(row(page, 'red wine').getByText('in the marinade', { exact: true })).toBeVisible();
  await before.getByText('thrown away').click();
  await expect(
    before.getByText('A marinade that held raw meat is boiled before anybody tastes it.'),
  ).toBeVisible();
  await before.getByLabel('Or weigh the meat after it').fill('2.06 kg');
  await before.getByLabel('Or weigh the meat after it').press('Enter');
  await kept(page, 'the weight after the marinade');
  await before.getByLabel('stand out').check();
  await expect(
    before.getByText('Two hours in all on the counter is the limit for meat, one in heat.'),
  ).toBeVisible();
  await noFaults(page);
});

test('what is too heavy for the scale is read by a spoon, before the lid and after', async ({ page }) => {
  await potOf(page, '3 kg', 'Beef brisket, whole');
  await page.getByLabel('your spoon says').fill('deep');
  await expect(page.getByText('“deep” is no length; write it like 28 cm, or 11 in.')).toBeVisible();
  await page.getByLabel('your spoon says').fill('9 cm');
  await page.getByRole('button', { name: 'take it as poured' }).click();
  await kept(page, 'the pour, by the spoon');
  await station(page, 'clock').click();
  const pot = page.getByRole('region', { name: 'What is in the pot' });
  const steam = () =>
    page
      .getByText(/^steam \d/)
      .first()
      .textContent();
  const planned = await steam();
  await pot.getByLabel(/^Too heavy\? Spoon wet/).fill('7 cm');
  await pot.getByLabel(/^Too heavy\? Spoon wet/).press('Enter');
  await kept(page, 'how deep the pot stands');
  await expect.poll(steam).not.toBe(planned);
  await noFaults(page);
});
