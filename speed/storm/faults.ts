/** The disk refuses now one write, now another, while a cook goes on writing: nothing may be lost, and nothing shown as kept that is not. */
import type { Page } from '@playwright/test';
import { House } from './house.ts';
import type { Random } from './random.ts';
import { loose } from './rows.ts';

export interface Faulted {
  readonly edits: number;
  readonly refused: number;
  /** What was written last, and what stands on the disk after all. */
  readonly wrote: string;
  readonly stands: string;
  readonly loose: readonly string[];
}

/** A write is refused as a full disk refuses it, as often as the page says. */
const FAULTY = `{
  const { put } = IDBObjectStore.prototype;
  globalThis.chance = 0;
  globalThis.refused = 0;
  IDBObjectStore.prototype.put = function (...row) {
    if (Math.random() < globalThis.chance) {
      globalThis.refused += 1;
      throw new DOMException('no room', 'QuotaExceededError');
    }
    return put.apply(this, row);
  };
}`;
const chance = (page: Page, share: number) =>
  page.evaluate((now) => {
    Object.assign(globalThis, { chance: now });
  }, share);

export async function faultStorm(dist: string, random: Random, edits: number): Promise<Faulted> {
  const house = new House(dist);
  await house.begin();
  try {
    const page = await house.open('/', FAULTY);
    const weight = page.getByLabel('Weight', { exact: true }).first();
    const again = page.getByRole('button', { name: 'Try again' });
    await weight.fill('2 kg');
    await page.getByLabel('Cut', { exact: true }).fill('Beef brisket, whole');
    await chance(page, 0.08);
    let wrote = '';
    for (let i = 0; i < edits; i += 1) {
      wrote = `${1000 + i} g`;
      await weight.fill(wrote);
      if (random.upTo(5) === 0 && (await again.isVisible())) await again.click();
    }
    await chance(page, 0);
    for (let tries = 0; tries < 5 && (await again.isVisible()); tries += 1) {
      await again.click();
      await page.waitForTimeout(500);
    }
    await page.waitForFunction(() => document.querySelector('[data-pending], [data-stuck]') === null);
    const refused = await page.evaluate(() => (globalThis as unknown as { refused: number }).refused);
    await page.reload();
    await weight.waitFor();
    return { edits, refused, wrote, stands: await weight.inputValue(), loose: await loose(page) };
  } finally {
    await house.end();
  }
}
