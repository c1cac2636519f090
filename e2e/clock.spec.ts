import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import type { Page } from '@playwright/test';
import { expect, kept, noFaults, station, test, threeEntries } from './test.ts';
import { ports } from './ports.ts';

/** A Saturday morning in the kitchen. */
const NINE = '2026-12-05T08:00:00Z';

async function atTheClock(page: Page, moment = NINE): Promise<void> {
  await page.clock.setFixedTime(new Date(moment));
  await threeEntries(page, '2 kg', 'Beef blade roast, bone in', '22');
  await station(page, 'clock').click();
}
const title = (page: Page) => page.getByRole('heading', { level: 1 });
const served = (page: Page) => page.getByLabel('Served', { exact: true });
async function serve(page: Page, when: string): Promise<void> {
  await served(page).fill(when);
  await served(page).press('Enter');
}
const line = (page: Page, words: RegExp) =>
  page.getByRole('list', { name: 'The day, in order' }).getByRole('button', { name: words });
/** A clock's minutes of the day in a text. */
const minutes = (text: string | null) => {
  const [, hours = '0', rest = '0'] = /(\d\d):(\d\d)/.exec(text ?? '') ?? [];
  return 60 * Number(hours) + Number(rest);
};
/** The better order has been looked for, and none is. */
/** What is said once no better plan is looked for. */
const LEVELLED = /^(This plan starts as late as it can|No plan is better than this)\.$/;
const levelled = (page: Page) => expect(page.getByText(LEVELLED)).toBeVisible();

test('the day hangs from the serving, by key and by hand, at a chance, and is there after a reload', async ({
  page,
}) => {
  await atTheClock(page);
  await expect(title(page)).toHaveText(/^Start now, test at 12:\d\d$/);
  await expect(
    page.getByText(/^No serving time is written: begun now, it is served at 1[45]:\d\d\.$/),
  ).toBeVisible();

  await serve(page, '5 Dec, 18:00');
  await expect(title(page)).toHaveText(/^Start at 12:\d\d, test at 15:\d\d$/);
  await expect(page.getByText(LEVELLED)).toBeVisible();
  const start = async () => minutes(await title(page).textContent());
  const before = await start();

  const foot = page.getByRole('button', { name: /^Serving at 18:00/ });
  await foot.focus();
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: /^Serving at 18:30/ })).toBeVisible();
  await expect.poll(start).toBe(before + 30);

  // By hand: up by some way is sooner.
  const pill = page.getByRole('button', { name: /^Serving at/ });
  await pill.scrollIntoViewIfNeeded();
  const box = await pill.boundingBox();
  if (!box) throw new Error('no foot of the day');
  await page.mouse.move(box.x + 20, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y + box.height / 2 - 60, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Serving at 17:/ })).toBeVisible();
  await serve(page, '5 Dec, 18:00');

  await page.getByRole('button', { name: 'crew and timing' }).click();
  await page.getByText('95 in 100').click();
  await expect.poll(start).toBeLessThan(before);
  const alone = await start();
  await page.getByLabel('Cooks').selectOption('3');
  await expect.poll(start).toBeGreaterThan(alone);
  await levelled(page);
  const surer = await start();
  await page.getByLabel('Pot one the day before, chilled overnight').check();
  await expect(title(page)).toHaveText(/^Start now|^Start at/);
  await expect(line(page, /Chills overnight/)).toBeVisible();
  await page.getByLabel('Pot one the day before, chilled overnight').uncheck();
  await expect.poll(start).toBe(surer);
  // An act shows before it is on the disk.
  await expect(page.locator('[data-pending]')).toHaveCount(0);
  await page.reload();
  await expect.poll(start).toBe(surer);
  await noFaults(page);
});

test('tasks of one’s own, their time and their minutes, done and taken back', async ({ page }) => {
  await atTheClock(page);
  await serve(page, '5 Dec, 18:00');
  await page.getByRole('button', { name: 'more tasks' }).click();
  await page.getByRole('button', { name: '+ toast the rolls' }).click();
  await expect(line(page, /Toast the rolls/)).toBeVisible();
  await page.getByLabel('Task').fill('Fetch the trays');
  await page.getByLabel('takes').fill('half an hour or so');
  await expect(page.getByRole('button', { name: 'Put it into the day' })).toBeDisabled();
  await page.getByLabel('takes').fill('20 min');
  await page.getByLabel('due', { exact: true }).selectOption({ label: 'before the pot' });
  await page.getByRole('button', { name: 'Put it into the day' }).click();
  const fetch = line(page, /Fetch the trays/);
  await expect(fetch).toBeVisible();
  const at = async () => minutes(await fetch.textContent());
  await levelled(page);
  const before = await at();
  expect(before).toBeLessThan(minutes(await line(page, /Soften onion/).textContent()));

  await fetch.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(at).toBe(before - 5);
  await fetch.click();
  await page.getByLabel('Starts').fill('10:00');
  await page.keyboard.press('Enter');
  await expect.poll(at).toBe(600);
  await page.getByLabel('Takes here').fill('40 min');
  await expect(page.getByText('10:00 to 10:40')).toBeVisible();
  await page.getByRole('button', { name: 'time it for me' }).click();
  await expect.poll(at).not.toBe(600);
  // And by hand: its bar is pulled up by some way.
  const bar = page
    .locator('[class*="_day-lines_"] li')
    .filter({ hasText: 'Fetch the trays' })
    .locator('[class*="_bar_"]');
  // Not before the levelled plan stands: it may move the bar.
  await expect(page.getByText(LEVELLED)).toBeVisible();
  await bar.scrollIntoViewIfNeeded();
  const free = await at();
  const box = await bar.boundingBox();
  if (!box) throw new Error('no bar');
  await page.mouse.move(box.x + 2, box.y + 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 2, box.y - 30, { steps: 4 });
  await page.mouse.up();
  await expect(fetch.getByLabel('its time is set by hand')).toBeVisible();
  await expect.poll(at).toBeLessThan(free);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(fetch).toHaveCount(0);
  await kept(page, 'a task that is done');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'undo a task that is done' }).click();
  await expect(fetch).toBeVisible();
});

test('service is now: the plates that can be served, and each way out taken with one press', async ({
  page,
}) => {
  await page.clock.setFixedTime(new Date('2026-12-05T14:00:00Z'));
  await page.goto(`http://127.0.0.1:${ports.demo}/`);
  await page.getByRole('link', { name: /^Pot two/ }).click();
  await station(page, 'clock').click();
  await page.getByRole('button', { name: 'serve now' }).click();
  await expect(title(page)).toHaveText(/^\d\d of 98 plates now$/);
  await expect(
    page.getByText(/^Tender: beef shank, beef blade roast.*\. Not yet: lamb shoulder/),
  ).toBeVisible();
  const plates = async () => Number(/\d+/.exec((await title(page).textContent()) ?? '')?.[0]);
  const before = await plates();
  await page.getByRole('button', { name: /first$/ }).click();
  await expect.poll(plates).toBeGreaterThan(before);
  await noFaults(page);
  await page.getByRole('button', { name: /^Serve at 1[678]:/ }).click();
  await expect(served(page)).toHaveValue(/^Sat 5 Dec, 1[678]:/);

  // Chopped and served now: its pot comes off, and nobody looks at it again; the other is likely tender, and looked at.
  await expect(line(page, /^\d\d:\d\d Test/).first()).toBeVisible();
  await page.getByRole('button', { name: 'serve now' }).click();
  await page.getByRole('button', { name: 'Chop, serve now' }).click();
  await expect(line(page, /^\d\d:\d\d Test.*Pot two/)).toHaveCount(0);
  await expect(line(page, /Pull the meat/).first()).toBeVisible();
});

test('the day goes into a calendar that another program reads, and onto paper', async ({ page }) => {
  await atTheClock(page);
  await serve(page, '5 Dec, 18:00');
  await expect(title(page)).toHaveText(/^Start at 12:/);
  const look = /test at (\d\d:\d\d)/.exec((await title(page).textContent()) ?? '')?.[1] ?? '';
  await page.getByRole('button', { name: 'calendar, paper' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar with alarms' }).click();
  const calendar = await saving;
  expect(calendar.suggestedFilename()).toMatch(/\.ics$/);
  const parsed = new ICAL.Component(ICAL.parse(readFileSync(await calendar.path(), 'utf8')) as unknown[]);
  const events = parsed.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  const wall = (event: ICAL.Event | undefined) =>
    event &&
    new Intl.DateTimeFormat('en-GB', { timeStyle: 'short', timeZone: 'Europe/Amsterdam' }).format(
      event.startDate.toJSDate(),
    );
  expect(wall(events.find(({ summary }) => summary.startsWith('Test')))).toBe(look);
  expect(wall(events.at(-1))).toBe('18:00');

  const sheet = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Run sheet, PDF' }).click();
  const pdf = readFileSync(await (await sheet).path(), 'latin1');
  expect(pdf).toMatch(/^%PDF-/);
  expect(pdf).toContain('/Title (Run sheet: ');
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
});
