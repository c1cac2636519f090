import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import { expect, kept, station, test } from './test.ts';

/*
 * An event of 120 and 60 from the headcount to the last box, by the interface alone, with a second profile for the helper's phone. Its acts
 * are counted, each press and each field that is filled in, and the seconds for which it was waited.
 */

/** A caterer gives up beyond this. */
const MOST_ACTS = 120;

/** Wednesday morning, Friday noon, Saturday evening, Sunday afternoon. */
const WEDNESDAY = Date.UTC(2026, 11, 2, 8);
const FRIDAY = Date.UTC(2026, 11, 4, 19);
const SATURDAY = Date.UTC(2026, 11, 5, 17, 30);
const SUNDAY = Date.UTC(2026, 11, 6, 13);

class Hands {
  acts = 0;
  waitedMs = 0;
  readonly #slow: string[] = [];

  async press(one: Locator): Promise<void> {
    await this.wait(String(one), () => expect(one).toBeVisible());
    this.acts += 1;
    await one.click();
  }

  async write(one: Locator, text: string): Promise<void> {
    await this.wait(String(one), () => expect(one).toBeVisible());
    this.acts += 1;
    await one.fill(text);
    await one.page().keyboard.press('Tab');
  }

  async choose(one: Locator, label: string): Promise<void> {
    this.acts += 1;
    await one.selectOption({ label });
  }

  /** Looks until it is there. */
  async until(one: Locator): Promise<void> {
    await this.wait(String(one), () => expect(one).toBeVisible({ timeout: 60_000 }));
  }

  /** Does nothing but wait. */
  async wait(what: string, work: () => Promise<void>): Promise<void> {
    const from = Date.now();
    await work();
    const took = Date.now() - from;
    this.waitedMs += took;
    if (took > 1000) this.#slow.push(`${what}: ${String(took)} ms`);
  }

  /** What was waited for more than a second. */
  get slow(): readonly string[] {
    return this.#slow;
  }
}

/** The kitchen of a hall with a wide oven, and a boat shed with three alike pots, an oven, a fridge and a pair of hands. */
async function twoKitchens(page: Page, hands: Hands): Promise<void> {
  await hands.press(page.getByRole('link', { name: 'kitchen', exact: true }));
  await hands.write(page.getByLabel('Inner width, cm'), '120');
  await hands.press(page.getByRole('button', { name: 'Another kitchen' }));
  await hands.write(page.getByLabel('Name of kitchen 2'), 'boat shed');
  await hands.press(page.getByRole('button', { name: 'Another vessel' }));
  await hands.write(page.getByLabel('Across, cm'), '30');
  await hands.write(page.getByLabel('Deep, cm'), '15');
  await hands.choose(page.getByLabel('Where New pot stands'), 'boat shed');
  for (let i = 0; i < 2; i += 1) await hands.press(page.getByRole('button', { name: 'One more like it' }));
  await hands.press(page.getByRole('button', { name: 'Another burner or oven' }));
  const fire = page
    .getByRole('listitem')
    .filter({ has: page.locator('input[value="Another burner"]') })
    .last();
  await hands.choose(fire.getByRole('combobox').first(), 'oven');
  await hands.write(fire.getByLabel('Inner width, cm'), '110');
  await hands.choose(fire.getByRole('combobox').last(), 'boat shed');
  await hands.press(page.getByRole('button', { name: 'Another burner or oven' }));
  await hands.choose(fire.getByRole('combobox').last(), 'boat shed');
  await hands.press(page.getByRole('button', { name: 'Another fridge or freezer' }));
  const fridge = page
    .getByRole('listitem')
    .filter({ has: page.getByLabel('Width of a shelf, cm') })
    .last();
  await hands.choose(fridge.getByRole('combobox').last(), 'boat shed');
}

test('an event of 180 people, from the headcount to the last box', async ({ page, browser }) => {
  test.setTimeout(600_000);
  const hands = new Hands();
  await page.clock.setFixedTime(WEDNESDAY);
  await page.goto('/');
  await hands.write(page.getByLabel('Weight'), '36 kg');
  await hands.write(page.getByLabel('Cut', { exact: true }), 'Beef brisket, whole');
  await hands.write(page.getByLabel('How many soft tacos'), '360');
  await hands.press(page.getByRole('button', { name: '+ pot' }));
  await hands.write(page.getByLabel('Weight'), '16 kg');
  await hands.write(page.getByLabel('Cut', { exact: true }), 'Lamb shoulder, bone in');
  await kept(page, 'the cut of a lot');
  await twoKitchens(page, hands);

  // The order, and who sits down when.
  await hands.press(page.getByRole('link', { name: 'meals', exact: true }));
  await hands.press(page.getByRole('link', { name: 'Wednesday 2 December' }));
  await hands.press(station(page, 'order'));
  await hands.write(page.getByLabel('Served at'), 'Sat 18:00');
  await hands.press(page.getByRole('button', { name: 'Another dish' }));
  await hands.choose(page.getByRole('main').getByRole('combobox').nth(1), 'plates of pasta');
  await hands.write(page.getByLabel('Plates', { exact: true }).nth(1), '60');
  await hands.press(page.getByRole('link', { name: /more sittings|the whole event/ }));
  await hands.press(page.getByRole('button', { name: 'Another sitting' }));
  const sittings = page.getByRole('region', { name: 'Sittings' });
  await hands.write(sittings.getByRole('textbox', { name: /is served at$/ }).nth(1), 'Sun 12:30');
  await hands.write(sittings.getByLabel('Adults').nth(0), '120');
  await hands.write(sittings.getByLabel('Adults').nth(1), '60');
  await hands.choose(sittings.getByLabel('Plates of pasta is served at'), 'Sitting 2');
  await expect(page.getByText('180 people', { exact: false }).first()).toBeVisible();

  // What is short is bought; then all of it is dealt over the two kitchens.
  await hands.choose(page.getByLabel('Everybody home by'), '19:00');
  await hands.press(page.getByText('equal pots'));
  await hands.press(page.getByRole('button', { name: 'Deal', exact: true }));
  await hands.until(page.getByRole('status').filter({ hasText: /fits in \d+ pots?/ }));
  await hands.press(page.getByRole('button', { name: 'Cook it so' }));
  await kept(page, 'dealing meat over pots');
  await hands.press(page.getByRole('link', { name: 'Hand out the jobs' }));
  await hands.write(page.getByLabel('Name of a cook'), 'Ada');
  await hands.press(page.getByRole('button', { name: 'Add', exact: true }));
  await hands.press(page.getByText('Somebody else cooks too'));
  await hands.write(page.getByLabel('Name of a cook'), 'Bram');
  await hands.choose(page.getByLabel('Where they work'), 'boat shed');
  await hands.press(page.getByRole('button', { name: 'Add', exact: true }));
  const given = page.getByRole('region', { name: 'Bram’s part' });
  await hands.until(given);
  await hands.wait('the levelled plan', () =>
    expect(given).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 }),
  );
  const part = await saved(page, hands, given.getByRole('button', { name: 'Save the file' }));

  // Bram’s phone is another profile: it has the part and nothing else.
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage();
  await phone.clock.setFixedTime(FRIDAY);
  await phone.goto('/helper');
  hands.acts += 1;
  await phone.getByLabel('What was handed out').setInputFiles(part);
  const hand = phone.getByRole('region', { name: 'In hand' });
  const sure = phone.getByRole('button', { name: 'Yes, it does' });
  await hands.press(sure);
  const told = phone.getByRole('banner').locator('p');
  for (let i = 0; i < 60 && !(await told.textContent())?.includes('all done'); i += 1) {
    const before = (await told.textContent()) ?? '';
    for (const field of await hand.getByRole('textbox').all()) {
      const likely = (await field.getAttribute('placeholder')) ?? '';
      if (likely.startsWith('about ')) await hands.write(field, likely.slice('about '.length));
    }
    const ends = hand.getByRole('button', { name: /^Done$|^Write the weight$|turns freely/ }).first();
    await hands.press(ends);
    await expect(told).not.toHaveText(before);
  }
  await hands.press(phone.getByRole('button', { name: 'Hand back' }));
  const back = await saved(phone, hands, phone.getByRole('button', { name: 'Save a file' }));
  hands.acts += 1;
  await page.getByLabel('What a helper hands back').setInputFiles(back);
  await expect(
    page.getByRole('region', { name: 'What comes back' }).getByRole('status').first(),
  ).toContainText('came in');

  // What the other pots came to is weighed at the bench.
  await page.clock.setFixedTime(SATURDAY);
  const pots = page.getByRole('list', { name: 'The stove' }).getByRole('link');
  await hands.press(pots.first());
  for (const [place, label] of [
    ['bench', /^Shred/],
    ['broth', /by weight or volume/],
  ] as const) {
    await hands.press(station(page, place));
    for (const [i, pot] of (await pots.all()).entries()) {
      if (i > 0 || place === 'broth') await hands.press(pot);
      const field = page.getByRole('main').getByRole('textbox', { name: label }).first();
      await hands.until(field);
      await expect(pot).toHaveAttribute('aria-current', 'true');
      if ((await field.inputValue()) !== '') continue;
      await hands.write(field, ((await field.getAttribute('placeholder')) ?? '').replace('about ', ''));
    }
  }
  // Saturday evening: all that stand at the counter.
  await hands.press(station(page, 'plates'));
  await hands.press(page.getByRole('button', { name: /^All \d+ out$/ }).first());
  await kept(page, 'soft tacos served');
  await page.clock.setFixedTime(SUNDAY);
  await hands.press(page.getByRole('button', { name: /^All \d+ out$/ }).last());
  await kept(page, 'plates of pasta served');
  await hands.press(station(page, 'order'));
  await hands.press(page.getByRole('link', { name: 'the whole event' }));
  const left = page.getByRole('region', { name: 'What is left' });
  await hands.press(left.getByRole('button', { name: 'Put all there' }));
  await kept(page, 'what is left of all pots, to the shelf');
  await hands.press(left.getByRole('button', { name: /^Close all/ }));
  await expect(left).toContainText('Every pot is closed');
  // The report of the run keeps what was counted.
  test.info().annotations.push({
    type: 'played',
    description: `${String(await pots.count())} pots, ${String(hands.acts)} acts, waited for ${(hands.waitedMs / 1000).toFixed(1)} s; over a second: ${hands.slow.join(', ')}`,
  });
  expect(hands.acts).toBeLessThan(MOST_ACTS);
});

/** What a button saves, as a file. */
async function saved(page: Page, hands: Hands, button: Locator): Promise<string> {
  const [download] = await Promise.all([page.waitForEvent('download'), hands.press(button)]);
  const path = join(mkdtempSync(join(tmpdir(), 'slow-spoon-weekend-')), download.suggestedFilename());
  await download.saveAs(path);
  return path;
}
