import { drawn, expect, kept, noFaults, station, test, threeEntries } from './test.ts';

test('dishes are tickets: added, sized, counted by guests, and moved by keys and by hand', async ({
  page,
}) => {
  await threeEntries(page, '4 kg', 'Beef blade roast, bone in', '20');
  await station(page, 'order').click();
  await page.getByRole('button', { name: 'Another dish' }).click();
  const tickets = page.getByRole('list').filter({ has: page.getByRole('button', { name: /^Move / }) });
  const second = tickets.getByRole('listitem').nth(1);
  await second.getByLabel('Dish', { exact: true }).selectOption({ label: 'plates of pasta' });
  await second.getByLabel('Plates', { exact: true }).fill('6');
  await expect(second).toContainText('660 g + 690 ml');

  await second.getByRole('button', { name: /portions, guests/ }).click();
  const meat = second.getByRole('group', { name: 'meat' });
  await meat.getByLabel('each').fill('120 g');
  await expect(second).toContainText('720 g');
  await meat.getByLabel('at least').fill('150 g');
  await expect(second).toContainText('“120 g”, is less than the smallest, “150 g”');
  await meat.getByLabel('at least').fill('90 g');
  await expect(second).not.toContainText('less than the smallest');

  await second.getByText('guests', { exact: true }).click();
  await second.getByLabel('servings each').fill('2');
  await second.getByLabel('children').fill('4');
  // 2 × (6 usual + 4 × ½) servings
  await expect(second).toContainText('1.92 kg');
  await kept(page, 'the guests');

  await page.getByRole('button', { name: 'Move plates of pasta', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/is at place 2 of 2/)).toBeAttached();
  await drawn(page);
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/is at place 1 of 2/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(tickets.getByRole('listitem').first()).toContainText('1.92 kg');
  await kept(page, 'the order of the dishes');

  const grip = page.getByRole('button', { name: 'Move soft tacos', exact: true });
  await grip.scrollIntoViewIfNeeded();
  const from = await grip.boundingBox();
  const to = await page.getByRole('button', { name: 'Move plates of pasta', exact: true }).boundingBox();
  if (!from || !to) throw new Error('no tickets');
  await page.mouse.move(from.x + 8, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 30, { steps: 4 });
  await page.mouse.move(to.x + 8, to.y + 6, { steps: 8 });
  await page.mouse.up();
  await expect(tickets.getByRole('listitem').first()).not.toContainText('1.92 kg');
  // Acts are written one after the other: once a later one is on the disk, the move is.
  await tickets.getByRole('listitem').first().getByLabel('Plates', { exact: true }).fill('21');
  await kept(page, 'the number of plates');

  await page.reload();
  await expect(tickets.getByRole('listitem').nth(1)).toContainText('1.92 kg');
  await noFaults(page);
});
