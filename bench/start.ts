/** How long the second visit takes, from navigation to the figures of the last meal. */
import type { Browser, Page } from '@playwright/test';
import { median, say } from './measure.ts';

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly ts: number;
  readonly dur: number;
  readonly pid: number;
  readonly tid: number;
  readonly args?: { readonly frame?: string };
}

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
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const pairs: { ours: Visit; empty: Visit }[] = [];
  for (let i = 0; i < RUNS; i += 1)
    pairs.push({
      empty: await visit(browser, page, `${emptyUrl}/`, '#ready'),
      ours: await visit(browser, page, batch, FIGURES),
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

async function visit(browser: Browser, page: Page, to: string, ready: string): Promise<Visit> {
  await page.goto('about:blank');
  await browser.startTracing(page, {
    categories: ['toplevel', 'devtools.timeline', 'loading', 'blink.user_timing'],
  });
  await page.goto(to, { waitUntil: 'commit' });
  // As text: the loader that runs this file would name the inner function with a helper of its own.
  await page.evaluate(`new Promise((resolve, reject) => {
    new PerformanceObserver((list) => {
      if (list.getEntriesByName('first-contentful-paint').length === 0) return;
      if (document.querySelector(${JSON.stringify(ready)})) resolve();
      else reject(new Error('painted without its figures'));
    }).observe({ type: 'paint', buffered: true });
  })`);
  const trace = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: TraceEvent[] };
  await page.waitForTimeout(STAY_MS);
  return visitOf(trace.traceEvents);
}

function visitOf(events: readonly TraceEvent[]): Visit {
  const paint = events.findLast(({ name }) => name === 'firstContentfulPaint');
  const began = events.findLast(
    ({ name, pid, args }) =>
      name === 'navigationStart' && pid === paint?.pid && args?.frame === paint.args?.frame,
  );
  if (!paint || !began) throw new Error('The trace holds no visit.');
  const busy = events
    .filter(
      ({ name, pid, tid, ph }) =>
        pid === paint.pid && tid === paint.tid && ph === 'X' && /RunTask/.test(name),
    )
    .filter(({ ts }) => ts >= began.ts && ts < paint.ts)
    .reduce((sum, { ts, dur }) => sum + Math.min(dur, paint.ts - ts), 0);
  return { wallMs: (paint.ts - began.ts) / 1000, busyMs: busy / 1000 };
}
