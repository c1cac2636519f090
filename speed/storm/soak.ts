/** A long evening: thousands of edits in one page. What it holds of the machine's memory is back a minute later. */
import { House } from './house.ts';

export interface Soaked {
  readonly edits: number;
  readonly beforeMb: number;
  readonly afterMb: number;
}

const BYTES = 1_000_000;
const WARM = 300;
/** Answers to old questions are let go after a minute. */
const REST_MS = 65_000;

export async function soak(dist: string, edits: number, restMs = REST_MS): Promise<Soaked> {
  const house = new House(dist);
  await house.begin();
  try {
    const page = await house.open('/');
    const weight = page.getByLabel('Weight', { exact: true }).first();
    await weight.fill('2 kg');
    await page.getByLabel('Cut', { exact: true }).fill('Beef brisket, whole');
    await page.getByLabel('How many soft tacos').fill('12');
    const cdp = await page.context().newCDPSession(page);
    const heap = async () => {
      await cdp.send('HeapProfiler.enable');
      await cdp.send('HeapProfiler.collectGarbage');
      const { usedSize } = await cdp.send('Runtime.getHeapUsage');
      return usedSize / BYTES;
    };
    // The first edits bring in what is loaded late, and the browser compiles what is called often: that stays.
    for (let i = 0; i < WARM; i += 1) await weight.fill(`${500 + i} g`);
    await page.waitForTimeout(restMs);
    const beforeMb = await heap();
    for (let i = 0; i < edits; i += 1) await weight.fill(`${1000 + i} g`);
    await page.waitForFunction(() => document.querySelector('[data-pending]') === null);
    await page.waitForTimeout(restMs);
    return { edits, beforeMb, afterMb: await heap() };
  } finally {
    await house.end();
  }
}
