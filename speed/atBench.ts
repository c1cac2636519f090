/** The bench in Chromium: how soon an entry is on the disk, and an hour of a scale's readings. */
import type { Browser, Page } from '@playwright/test';
import { median, say } from './measure.ts';

/** An hour at ten readings a second, played at sixty times the speed. */
const READINGS = 36_000;
const PER_SECOND = 600;

export async function measureBench(
  browser: Browser,
  url: string,
  fill: (page: Page) => Promise<void>,
): Promise<void> {
  const page = await browser.newPage();
  await page.addInitScript(FAKE_STREAM);
  await page.addInitScript(TELL_WRITES);
  await fill(page);
  const [, meal = ''] = /meals\/([^/]+)/.exec(page.url()) ?? [];
  await page.goto(`${url}/meals/${meal}/bench`);
  await page.getByRole('heading', { name: 'Test with a fork' }).waitFor();
  await page.getByRole('navigation', { name: 'Before and after' }).getByRole('button').nth(1).click();
  await page.getByRole('heading', { name: 'Lift out the meat' }).waitFor();
  await measureEntry(page);
  await measureStream(page);
  await page.close();
}

/**
 * In the page, as text: what builds this file would name the functions in it. It is on the disk once the transaction that
 * wrote it says so.
 */
const UNTIL_KEPT = `new Promise((resolve) => {
  const begun = performance.now();
  globalThis.written = () => resolve(performance.now() - begun);
  document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
})`;
const TELL_WRITES = `{
  const { transaction } = IDBDatabase.prototype;
  IDBDatabase.prototype.transaction = function (stores, mode, ...more) {
    const made = transaction.call(this, stores, mode, ...more);
    if (mode === 'readwrite' && [stores].flat().includes('entries'))
      made.addEventListener('complete', () => globalThis.written?.());
    return made;
  };
}`;

/** From the key that enters a weighing until it is on the disk. */
async function measureEntry(page: Page): Promise<void> {
  const times: number[] = [];
  for (let i = 0; i < 15; i += 1) {
    const again = page.getByRole('button', { name: 'Weigh it again' });
    if (await again.isVisible()) await again.click();
    await page.getByRole('button', { name: 'Type the weight' }).click();
    await page.getByLabel('cooked meat, by weight').fill(`${String(5600 + i)} g`);
    times.push(await page.evaluate<number>(UNTIL_KEPT));
    await again.waitFor();
  }
  say('a weighing at the bench, from Enter until it is on the disk', median(times), 'ms', 50);
}

async function measureStream(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Weigh it again' }).click();
  await page.getByRole('button', { name: 'Stand-in scale' }).click();
  await page.waitForFunction(() => 'play' in globalThis);
  const session = await page.context().newCDPSession(page);
  const heap = async () => {
    await session.send('HeapProfiler.collectGarbage');
    return (await session.send('Runtime.getHeapUsage')).usedSize / 1e6;
  };
  const before = await heap();
  const longest = await page.evaluate<number>(`play(${String(READINGS)}, ${String(PER_SECOND)})`);
  const after = await heap();
  say(
    'an hour of readings at sixty times the speed: what memory it leaves',
    Math.max(0, after - before),
    'MB',
    2,
  );
  say('the longest that a batch of them blocks the page', longest, 'ms', 50);
}

/** In the page, as text for the same reason: a stream whose readings the measurement sends, in place of the server's. */
const FAKE_STREAM = `globalThis.EventSource = class {
  constructor() {
    const send = (grams, stable) =>
      this.onmessage?.({ data: JSON.stringify({ link: 'on', scale: { at: Date.now(), grams, stable }, probes: [] }) });
    globalThis.play = async (readings, perSecond) => {
      let longest = 0;
      const each = Math.round(perSecond / 60);
      for (let sent = 0; sent < readings; sent += each) {
        await new Promise((resolve) => requestAnimationFrame(resolve));
        const begun = performance.now();
        for (let i = 0; i < each; i += 1) {
          const n = sent + i;
          send(1000 + ((n * 7919) % 400) + Math.floor(n / 600), n % 20 > 12);
        }
        longest = Math.max(longest, performance.now() - begun);
      }
      return longest;
    };
  }
  close() {
    this.onmessage = undefined;
  }
};`;
