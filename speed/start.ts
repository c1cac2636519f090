/** How long the second visit takes, from navigation to the figures of the last meal. */
import type { Browser, CDPSession, Page } from '@playwright/test';
import { median, say } from './measure.ts';

/** The figures of the strands: what a cook looks for first. The sheet is drawn after them. */
const FIGURES = '[class*="_stations_"] li:nth-child(5) [class*="_key_"]';
const RUNS = 9;
/** A visit lasts some seconds: meanwhile the browser keeps what it has compiled. */
const STAY_MS = 3_000;

/**
 * Against an empty page with the same libraries, both kept by a service worker and both with the CPU slowed four
 * times. Nothing is painted before the figures are there, so the first paint with content is theirs.
 */
export async function measureStart(
  browser: Browser,
  emptyUrl: string,
  fillIn: (page: Page) => Promise<void>,
): Promise<void> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await fillIn(page);
  const batch = page.url();
  const controlled = () =>
    page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, { timeout: 30_000 });
  await controlled();
  await page.goto(`${emptyUrl}/`);
  await controlled();
  const slow = await context.newCDPSession(page);
  await slow.send('Performance.enable');
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const pairs: { ours: Visit; empty: Visit }[] = [];
  for (let i = 0; i < RUNS; i += 1)
    pairs.push({
      empty: await visit(slow, page, `${emptyUrl}/`, '#ready'),
      ours: await visit(slow, page, batch, FIGURES),
    });
  for (const [what, of] of [
    ['the wall', (one: Visit) => one.wallMs],
    ['the main thread', (one: Visit) => one.busyMs],
  ] as const) {
    const [ours, empty] = [
      median(pairs.map((pair) => of(pair.ours))),
      median(pairs.map((pair) => of(pair.empty))),
    ];
    process.stdout.write(
      `         (by ${what}: the batch ${ours.toFixed(0)} ms, the empty page ${empty.toFixed(0)} ms)\n`,
    );
    say(`second visit to the figures of a batch, of an empty page, by ${what}`, ours / empty, '×', 1.25);
  }
  await context.close();
}

interface Visit {
  readonly wallMs: number;
  /** What the main thread was busy until then, ms. */
  readonly busyMs: number;
}

/** Seconds that the page's own thread has been busy with tasks. */
async function busySeconds(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return metrics.find(({ name }) => name === 'TaskDuration')?.value ?? 0;
}

/** Until the first paint, which must show the figures. */
async function visit(session: CDPSession, page: Page, to: string, ready: string): Promise<Visit> {
  await page.goto('about:blank');
  const before = await busySeconds(session);
  await page.goto(to, { waitUntil: 'commit' });
  // As text: the loader that runs this file would name the inner function with a helper of its own.
  const wallMs = await page.evaluate<number>(`new Promise((resolve, reject) => {
    new PerformanceObserver((list) => {
      const [paint] = list.getEntriesByName('first-contentful-paint');
      if (!paint) return;
      if (document.querySelector(${JSON.stringify(ready)})) resolve(paint.startTime);
      else reject(new Error('painted without its figures'));
    }).observe({ type: 'paint', buffered: true });
  })`);
  const after = await busySeconds(session);
  await page.waitForTimeout(STAY_MS);
  // Another process counts from its own start.
  return { wallMs, busyMs: 1000 * (after < before ? after : after - before) };
}
