/** The log of years: five thousand batches with sixty readings each, opened, searched and learned from. */
import type { Browser } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import type { Learnable } from '../src/core/meal/index.ts';
import { learn, learnedBefore, type PastBatch } from '../src/core/log/index.ts';
import { manyMeals } from './backup.ts';
import { median, say } from './measure.ts';

const BATCHES = 5_000;
const cuts = ['beef-shank', 'beef-blade-roast', 'lamb-shoulder', 'beef-brisket', 'pork-picnic'];
const whats: readonly Learnable[] = ['y', 'pickings', 'steam', 'held', 'tender', 'pull'];

/** Learning from scratch: all that so many batches say, six things each. */
export function measureLearning(): void {
  const past = Array.from({ length: BATCHES }, (_, i): PastBatch => ({
    meal: `meal-${String(i)}`,
    batch: `batch-${String(i)}`,
    at: i,
    evidence: whats.map((what, k) => ({
      what,
      of: cuts[(i + k) % cuts.length] ?? '',
      value: 0.08 * Math.sin(i * 12.9898 + k) - 0.05,
      noise: 0.07,
    })),
  }));
  const evidence = past.flatMap((one) => one.evidence);
  const times = Array.from({ length: 9 }, () => {
    const began = performance.now();
    learn(evidence, BATCHES);
    return performance.now() - began;
  });
  say(
    `learning from scratch, ${String(evidence.length)} things that ${String(BATCHES)} batches say`,
    median(times),
    'ms',
    300,
  );
  const opening = Array.from({ length: 9 }, (_, i) => {
    const began = performance.now();
    learnedBefore(past, { id: `meal-${String(i)}` });
    return performance.now() - began;
  });
  say('the same, for a meal that is opened', median(opening), 'ms', 300);
}

export async function measureLog(browser: Browser, url: string): Promise<void> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${url}/meals`);
  const file = join(mkdtempSync(join(tmpdir(), 'slow-spoon-')), 'years.jsonl');
  writeFileSync(file, manyMeals(BATCHES, 60));
  await page.getByLabel('A backup of everything').setInputFiles(file);
  await page.getByRole('button', { name: 'Bring it in' }).click({ timeout: 60_000 });
  await page.getByText(`${String(BATCHES)} meals are in.`).waitFor({ timeout: 60_000 });
  const began = Date.now();
  await page.goto(`${url}/log`);
  await page.getByText(`${String(BATCHES)} cooks`).waitFor({ timeout: 300_000 });
  await page.getByText('Reading past meals').waitFor({ state: 'detached', timeout: 300_000 });
  process.stdout.write(
    `         (the log of ${String(BATCHES)} batches made for the first time: ${((Date.now() - began) / 1000).toFixed(1)} s, in a thread of its own)\n`,
  );
  const opened: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    await page.goto(`${url}/log`);
    await page.getByText(`${String(BATCHES)} cooks`).waitFor();
    opened.push(await page.evaluate<number>('performance.now()'));
  }
  say(
    `the log of ${String(BATCHES)} batches opened, from the address to its figures`,
    median(opened),
    'ms',
    500,
  );
  const searches: number[] = [];
  for (const word of ['supper 77', '2012-05', 'shank <40 %', 'supper 4999', '>45%']) {
    searches.push(
      await page.evaluate<number>(`(async () => {
        const field = document.querySelector('[aria-label="Look for a cook"], input[placeholder^="a word"]');
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
        const status = () => [...document.querySelectorAll('[role=status]')].map((one) => one.textContent).join();
        const before = status();
        const began = performance.now();
        set.call(field, ${JSON.stringify(word)});
        field.dispatchEvent(new Event('input', { bubbles: true }));
        while (status() === before && performance.now() - began < 3000) await new Promise((go) => requestAnimationFrame(go));
        return performance.now() - began;
      })()`),
    );
  }
  say('a search through them, from the key to the result', median(searches), 'ms', 100);
  await context.close();
}
