/** What has to be measured in Chromium, on the built app. */
import { chromium, type Browser, type Page } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';
import { browserOptions } from '../e2e/chromium.ts';
import { makeApp } from '../server/app.ts';
import { measureBench } from './atBench.ts';
import { manyMeals } from './backup.ts';
import { measureLog } from './log.ts';
import { manyLots } from './meals.ts';
import { median, say } from './measure.ts';
import { measureStart } from './start.ts';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const SIX = ['Beef blade roast, bone in', 'Beef shank, cross-cut, bone in', 'Lamb shoulder, bone in'];

async function serve(dist: string): Promise<{ url: string; server: Server }> {
  const server = createServer(makeApp({ dist, data: 'own' }));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', () => resolve()));
  return { url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, server };
}

export async function measureBrowser(): Promise<void> {
  await build({ configFile: at('pages/vite.config.ts'), logLevel: 'error' });
  const app = await serve(at('../dist'));
  const empty = await serve(at('../node_modules/.cache/slow-spoon/speed'));
  const browser = await chromium.launch(browserOptions);
  try {
    await measureWorker(browser, `${empty.url}/worker.html`);
    await measureKeystroke(browser, app.url);
    await measureBench(browser, app.url, (page) => fill(page, app.url));
    await measureManyLots(browser, app.url);
    await measureBackup(browser, app.url);
    await measureLists(browser, app.url);
    await measureLog(browser, app.url);
    await measureStart(browser, empty.url, (page) => fill(page, app.url));
  } finally {
    await browser.close();
    app.server.close();
    empty.server.close();
  }
}

async function measureWorker(browser: Browser, url: string): Promise<void> {
  const page = await browser.newPage();
  await page.goto(url);
  await page.waitForFunction(() => 'time' in globalThis);
  const times = await page.evaluate(() =>
    (globalThis as unknown as { time(runs: number): Promise<number[]> }).time(30),
  );
  process.stdout.write(`         (the first, with the worker's start: ${(times[0] ?? NaN).toFixed(0)} ms)\n`);
  say('ranges of a six-lot batch from 5,000 draws in the worker', median(times.slice(1)), 'ms', 40);
  const bought = await page.evaluate(() =>
    (
      globalThis as unknown as { timeBuy(runs: number): Promise<{ times: number[]; longest: number }> }
    ).timeBuy(15),
  );
  say(
    'how much to buy, four dishes and five cuts at 95 in 100, in the worker',
    median(bought.times),
    'ms',
    50,
  );
  const seared = await page.evaluate(() =>
    (globalThis as unknown as { timeSear(runs: number): Promise<number[]> }).timeSear(9),
  );
  say('forty pieces laid out in their pans, in the worker', median(seared), 'ms', 300);
  const day = await page.evaluate(() =>
    (
      globalThis as unknown as { timeDay(runs: number): Promise<{ first: number[]; levelled: number[] }> }
    ).timeDay(9),
  );
  say('three batches planned anew after a fork, a first answer, in the worker', median(day.first), 'ms', 100);
  say('the same, levelled, with its bound', median(day.levelled), 'ms', 2000);
  const eight = await page.evaluate(() =>
    (globalThis as unknown as { timeEight(): Promise<{ ms: number; gapMin: number }> }).timeEight(),
  );
  process.stdout.write(`         (eight pots: no plan is better by more than ${eight.gapMin} min)\n`);
  say('eight pots levelled, with its bound, in the worker', eight.ms, 'ms', 3000);
  say('the longest the page is blocked by it', bought.longest, 'ms', 50);
  await page.close();
}

export async function fill(page: Page, url: string): Promise<void> {
  await page.goto(url);
  for (const [i, cut] of SIX.entries()) {
    if (i > 0) await page.getByRole('button', { name: 'Add a lot' }).click();
    await page
      .getByLabel('Weight')
      .nth(i)
      .fill(`${2 + i} kg`);
    await page.getByLabel('Cut', { exact: true }).nth(i).fill(cut);
  }
  await page.getByLabel('How many soft tacos').fill('80');
  await page
    .getByText(/^\d+ in 100$/)
    .first()
    .waitFor();
}

/** From a keystroke in a weight to the new figure on the screen. */
async function measureKeystroke(browser: Browser, url: string): Promise<void> {
  const page = await browser.newPage();
  await fill(page, url);
  const times = (await keystrokes(page)).sort((a, b) => a - b);
  say('a keystroke to the new figure on the screen, 95 in 100', times.at(-1) ?? NaN, 'ms', 50);
  await page.close();
}

/** Milliseconds from each of some keystrokes in the first weight to the new figure of the bench. */
async function keystrokes(page: Page): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < 15; i += 1) {
    times.push(
      await page.evaluate(
        async (text) => {
          const input = document.querySelector<HTMLInputElement>('[class*="_lot_"] input');
          const key = document.querySelector('[class*="_stations_"] li:nth-child(5) [class*="_key_"]');
          if (!input || !key) throw new Error('The page is not as it was.');
          const changed = new Promise<number>((resolve) => {
            new MutationObserver((_, observer) => {
              observer.disconnect();
              requestAnimationFrame(() => resolve(performance.now()));
            }).observe(key, { childList: true, characterData: true, subtree: true });
          });
          const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
          const began = performance.now();
          value?.set?.call(input, text);
          input.dispatchEvent(new Event('input', { bubbles: true }));
          return (await changed) - began;
        },
        `${3 + i} kg`,
      ),
    );
    await page.waitForTimeout(250);
  }
  return times;
}

/** Two hundred lots in one batch, brought in as a file, must stay smooth to edit. */
async function measureManyLots(browser: Browser, url: string): Promise<void> {
  const page = await browser.newPage();
  await page.goto(`${url}/meals`);
  await page.getByLabel('A meal file').setInputFiles({
    name: 'hall.json',
    mimeType: 'application/json',
    buffer: Buffer.from(manyLots(200)),
  });
  await page.getByRole('link', { name: 'Supper' }).click();
  await page.getByRole('heading', { name: 'What the lots become' }).waitFor();
  await page.getByText('working it out').waitFor({ state: 'hidden' });
  say('a keystroke to the new figure with 200 lots', median(await keystrokes(page)), 'ms', 100);
  await page.close();
}

/** Five thousand batches with sixty readings each: back from one file, and out as one. */
async function measureBackup(browser: Browser, url: string): Promise<void> {
  const page = await browser.newPage();
  await page.goto(`${url}/meals`);
  const file = join(mkdtempSync(join(tmpdir(), 'slow-spoon-')), 'years.jsonl');
  writeFileSync(file, manyMeals(5_000, 60));
  // From when the page has the file: how long the test takes to hand it over is not the program's.
  await page.evaluate(`addEventListener('change', () => { globalThis.began = performance.now(); }, true)`);
  await page.getByLabel('A backup of everything').setInputFiles(file);
  const take = page.getByRole('button', { name: 'Bring it in' });
  await take.waitFor({ timeout: 60_000 });
  const read = await page.evaluate<number>('performance.now() - globalThis.began');
  const began = Date.now();
  await take.click();
  await page.getByText('5000 meals are in.').waitFor({ timeout: 60_000 });
  say('5,000 batches with 60 readings each, back from one file', (read + Date.now() - began) / 1000, 's', 10);
  const saving = Date.now();
  await Promise.all([
    page.waitForEvent('download', { timeout: 60_000 }),
    page.getByRole('button', { name: 'Save everything as one file' }).click(),
  ]);
  say('the same, out as one file', (Date.now() - saving) / 1000, 's', 3);
  await page.close();
}

/** The longest task of the page while five hundred meals are listed, and while they are shopped for. */
async function measureLists(browser: Browser, url: string): Promise<void> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${url}/meals`);
  await page.getByLabel('A backup of everything').setInputFiles({
    name: 'ahead.jsonl',
    mimeType: 'application/jsonl',
    buffer: Buffer.from(manyMeals(500, 0, Date.now())),
  });
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await page.getByText('500 meals are in.').waitFor();
  await page.addInitScript(`globalThis.longest = 0; new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) globalThis.longest = Math.max(globalThis.longest, duration);
  }).observe({ type: 'longtask', buffered: true })`);
  for (const [what, path, ready] of [
    ['listed', 'meals', '500 meals'],
    ['shopped for', 'shopping', 'Beef shank'],
  ] as const) {
    await page.goto(`${url}/${path}`);
    await page.getByText(ready).first().waitFor();
    await page.waitForTimeout(1_000);
    // Tasks of less than 50 ms are not told at all.
    say(`500 meals ${what}: the longest task`, await page.evaluate<number>('globalThis.longest'), 'ms', 50);
  }
  await context.close();
}
