import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { cameraOf, codesShown, filmCodes } from './camera.ts';
import { engineOptions } from './chromium.ts';
import { ports } from './ports.ts';
import { expect, kept, noFaults, test, threeEntries } from './test.ts';

const demo = `http://127.0.0.1:${ports.demo}`;
const MORNING = Date.UTC(2026, 11, 4, 7);
/** The demo has a clock of its own, which its kitchen goes by. */
const SCENE = Date.UTC(2026, 11, 4, 14);
const video = join(mkdtempSync(join(tmpdir(), 'slow-spoon-camera-')), 'codes.y4m');

const watched = (page: Page, faults: string[]) => {
  page.on('pageerror', ({ message }) => faults.push(message));
  page.on('console', (message) => {
    if (message.type() === 'error') faults.push(message.text());
  });
};

/** The page on which the event’s jobs are handed out, Bram’s in hand. */
async function handingOut(page: Page): Promise<void> {
  await page.clock.setFixedTime(MORNING);
  await page.goto(demo);
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  await page.goto(`${demo}/meals/lantern-weekend/handout`);
  await expect(page.getByRole('heading', { level: 1, name: /^Give Bram/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bram’s part' })).toHaveAttribute('aria-busy', 'false');
}

test('a part passes by sight to a phone and back: a made video for a camera, no network, a clock that is off', async () => {
  filmCodes(video, ['M0 0h1v1h-1z']);
  const browser = await chromium.launch({
    ...engineOptions,
    args: [...engineOptions.args, ...cameraOf(video)],
  });
  const faults: string[] = [];
  const laptop = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  watched(laptop, faults);
  await handingOut(laptop);
  const given = laptop.getByRole('region', { name: 'Bram’s part' });
  const words =
    (await given
      .getByText(/^The phone then shows/)
      .locator('b')
      .textContent()) ?? '';
  expect(words).toMatch(/^\w+ \w+$/);
  await noFaults(laptop);
  filmCodes(video, await codesShown(given));

  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage();
  watched(phone, faults);
  // Twelve minutes behind.
  await phone.clock.setFixedTime(SCENE - 12 * 60_000);
  await phone.goto(`${demo}/helper`);
  await phone.getByRole('button', { name: 'Catch with the camera' }).click();
  await expect(phone.getByRole('status')).toContainText(words);
  await phone.context().setOffline(true);
  await noFaults(phone);
  await phone.getByRole('button', { name: 'Yes, it does' }).click();

  // Every job up to the scale, the scale, and a note.
  const hand = phone.getByRole('region', { name: 'In hand' });
  for (let done = 1; (await hand.getByRole('textbox').count()) === 0; done += 1) {
    await hand.getByRole('button', { name: /^Done$|turns freely/ }).click();
    await expect(phone.getByRole('banner')).toContainText(`${done} of`);
  }
  const field = hand.getByRole('textbox').first();
  const thing = await hand.locator('label').first().textContent();
  await field.fill('19.6 kg');
  await hand.getByRole('button', { name: 'Write the weight' }).click();
  await expect(hand.getByRole('textbox', { name: thing ?? '', exact: true })).toHaveCount(0);
  await phone.getByLabel('A note').fill('one splinter found in the bowl');
  await phone.getByRole('button', { name: 'Write it down' }).click();
  await phone.getByRole('button', { name: 'Hand back' }).click();
  const back = phone.getByRole('region', { name: 'What goes back' });
  await expect(back).toContainText('19.6 kg');
  await noFaults(phone);
  filmCodes(video, await codesShown(back));

  await laptop.getByRole('button', { name: 'Catch it with the camera' }).click();
  const told = laptop.getByRole('region', { name: 'What comes back' }).getByRole('status');
  await expect(told.first()).toContainText('one note of Bram’s came in');
  await expect(told.last()).toContainText('12 min behind');
  await expect(laptop.getByRole('button', { name: /^undo what Bram handed back/ })).toBeVisible();
  await browser.close();
  expect(faults).toEqual([]);
});

test('a page of one file goes to any browser, and comes back as a file; what two have weighed otherwise is judged, settled, undone', async ({
  page,
  context,
}) => {
  await handingOut(page);
  const save = async (from: Page, name: string) => {
    const [download] = await Promise.all([
      from.waitForEvent('download'),
      from.getByRole('button', { name, exact: true }).click(),
    ]);
    const path = join(mkdtempSync(join(tmpdir(), 'slow-spoon-handout-')), download.suggestedFilename());
    await download.saveAs(path);
    return path;
  };
  const file = await save(page, 'Save the page');
  const other = await context.newPage();
  await other.clock.setFixedTime(MORNING);
  await other.goto(`file://${file}`);
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(/^Bram, \w+ jobs$/);
  const shred = other.getByLabel(/^Shred/).first();
  await shred.fill('half a bowl');
  await shred.press('Tab');
  await expect(other.getByRole('status')).toContainText('“half a bowl” is not a weight');
  await shred.fill('9.4 kg');
  await shred.press('Tab');
  await other.getByRole('checkbox').first().check();
  await other.reload();
  // What was written there is there still.
  await expect(shred).toHaveValue('9.4 kg');
  const first = await save(other, 'Save what goes back');
  expect(JSON.parse(readFileSync(first, 'utf8'))).toMatchObject({
    format: 'slow-spoon hand-back',
    entries: expect.arrayContaining([
      expect.objectContaining({ value: { text: '9.4 kg', lo: 9400, hi: 9400 } }),
    ]) as unknown,
  });
  await page.getByLabel('What a helper hands back').setInputFiles(first);
  const came = page.getByRole('region', { name: 'What comes back' });
  await expect(came.getByRole('status')).toHaveText('Two readings of Bram’s came in.');
  // Once more it brings nothing.
  await page.getByLabel('What a helper hands back').setInputFiles(first);
  await expect(came.getByRole('status')).toContainText('two were here already');

  // Another phone has weighed the same, and far less of it.
  const second = await other.context().browser()?.newContext({ acceptDownloads: true });
  const third = await second?.newPage();
  if (!third) throw new Error('no third browser');
  await third.clock.setFixedTime(MORNING + 60_000);
  await third.goto(`file://${file}`);
  await third
    .getByLabel(/^Shred/)
    .first()
    .fill('6.2 kg');
  await third
    .getByLabel(/^Shred/)
    .first()
    .press('Tab');
  await page.getByLabel('What a helper hands back').setInputFiles(await save(third, 'Save what goes back'));
  await second?.close();
  const clash = came.getByRole('group', { name: 'Weighed twice' });
  await expect(clash.getByRole('heading')).toHaveText('Which is right, 9.4 kg or 6.2 kg of shred?');
  await noFaults(page);
  await clash.getByRole('button', { name: 'Keep 9.4 kg' }).click();
  await expect(clash).toBeHidden();
  await page.getByRole('button', { name: /^undo which reading/ }).click();
  await expect(clash).toBeVisible();
  await clash.getByRole('button', { name: /^Leave it open/ }).click();
  await expect(clash).toBeHidden();
});

test('two copies of a meal come together: what one has changed comes in, what both have is chosen, one at a time', async ({
  page,
  browser,
}) => {
  await threeEntries(page, '3 kg', 'Beef brisket, whole', '12');
  const folder = mkdtempSync(join(tmpdir(), 'slow-spoon-copies-'));
  const save = async (from: Page, name: string) => {
    await from.getByRole('link', { name: 'meals' }).click();
    const [download] = await Promise.all([
      from.waitForEvent('download'),
      from
        .getByRole('button', { name: /^Save as a file/ })
        .first()
        .click(),
    ]);
    const path = join(folder, name);
    await download.saveAs(path);
    return path;
  };
  const meal = page.url();
  const first = await save(page, 'first.json');
  const context = await browser.newContext({ acceptDownloads: true });
  const other = await context.newPage();
  await other.goto(`http://127.0.0.1:${ports.own}/meals`);
  await other.getByLabel('A meal file').setInputFiles(first);
  await expect(other.getByText('is in.')).toBeVisible();
  await other.goto(meal);
  await other.getByLabel('How many soft tacos').fill('30');
  await other.getByLabel('Weight').fill('4 kg');
  await kept(other, 'the weight');
  await page.goto(meal);
  await page.getByLabel('How many soft tacos').fill('18');
  await kept(page, 'the number of plates');
  await page.getByRole('link', { name: 'meals' }).click();
  await page.getByLabel('A meal file').setInputFiles(await save(other, 'second.json'));
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('holds what either says until you choose');
  await dialog.getByRole('button', { name: 'Put them together' }).click();
  // The weight is only the other’s to say; of the plates both have said something.
  const asked = page.getByRole('group', { name: 'Written twice' });
  await expect(asked.getByRole('heading')).toHaveText('Which is right: how many, soft tacos?');
  await expect(asked.getByRole('listitem')).toHaveCount(2);
  await asked.getByRole('button', { name: '30', exact: true }).click();
  await expect(asked).toBeHidden();
  await kept(page, 'which of two is right');
  await page.goto(meal);
  await expect(page.getByLabel('How many soft tacos')).toHaveValue('30');
  await expect(page.getByLabel('Weight')).toHaveValue('4 kg');
  await context.close();
});
