import { chromium, type Browser, type Page } from '@playwright/test';
import { readFileSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';
import { twelvePotsFile } from '../../speed/meals.ts';
import { browserOptions } from '../../e2e/chromium.ts';
import { AT_ONCE } from '../../src/offline/atOnce.ts';
import { makeApp } from '../../server/app.ts';
import type { Figure, WorthTimes } from './verdict.ts';

const EMPTY = 'node_modules/.cache/slow-spoon/speed';

interface Measured {
  readonly figures: Figure[];
  readonly told: string[];
}

async function serve(dist: string, data: 'own' | 'demo'): Promise<{ url: string; server: Server }> {
  const server = createServer(makeApp({ dist, data }));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', () => resolve()));
  return { url: `http://127.0.0.1:${String((server.address() as AddressInfo).port)}`, server };
}

/**
 * What only a browser tells of the built application: what it loads, how it starts, and what a key moves.
 * @param quiet until then the machine has something else to do, and nothing is timed
 */
export async function pageFigures(worth: WorthTimes, quiet: Promise<unknown>): Promise<Measured> {
  // Of the pages there the empty one alone; it is built while what ours loads is counted, not timed.
  const built = build({
    configFile: 'speed/pages/vite.config.ts',
    logLevel: 'error',
    build: { rolldownOptions: { input: ['speed/pages/index.html'] } },
  });
  const [own, demo] = await Promise.all([serve('dist', 'own'), serve('dist', 'demo')]);
  const browser = await chromium.launch(browserOptions);
  const served = [own, demo];
  try {
    const loaded = await loads(browser, own.url);
    await Promise.all([built, quiet]);
    const empty = await serve(EMPTY, 'own');
    served.push(empty);
    const started = await starts(browser, { own: own.url, demo: demo.url, empty: empty.url }, worth);
    return { figures: [...loaded, ...kept(), ...started.figures], told: started.told };
  } finally {
    await browser.close();
    for (const { server } of served) server.close();
  }
}

const gzipped = (path: string) => gzipSync(readFileSync(`dist${path}`)).length;
const bytes = (name: string, value: number): Figure => ({ name, value, unit: 'bytes, gzip', exact: true });

/** A visit rests when it has asked for nothing for so long, ms: what can wait is begun up to three seconds later. */
const AT_REST = 4_000;

/**
 * What a first visit loads until it rests: the programs of the page alone, those of the worker, whose core the page uses
 * too, the styles, and in how many requests.
 */
async function loads(browser: Browser, url: string): Promise<Figure[]> {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  const asked = new Set<string>();
  let last = 0;
  page.on('request', (request) => {
    last = performance.now();
    if (request.url().startsWith(url)) asked.add(new URL(request.url()).pathname);
  });
  await page.goto(url);
  await page.getByRole('heading', { name: 'What did you buy?' }).waitFor();
  while (performance.now() - last < AT_REST) await page.waitForTimeout(100);
  await page.context().close();
  const sum = (some: readonly string[]) => some.reduce((total, path) => total + gzipped(path), 0);
  const files = [...asked].filter((path) => /\.\w+$/.test(path));
  const scripts = files.filter((path) => path.endsWith('.js'));
  const ofWorker = (path: string) => /\/core[.-]/.test(path);
  return [
    bytes('first visit: programs of the page alone', sum(scripts.filter((path) => !ofWorker(path)))),
    bytes('first visit: the worker, its core shared with the page', sum(scripts.filter(ofWorker))),
    bytes('first visit: all programs', sum(scripts)),
    bytes('first visit: styles', sum(files.filter((path) => path.endsWith('.css')))),
    { name: 'first visit: requests', value: files.length, unit: 'requests', exact: true },
  ];
}

/** What is kept for use without the server, and how much of it before anybody can do without. */
function kept(): Figure[] {
  const listed = new Set(
    [...readFileSync('dist/sw.js', 'utf8').matchAll(/"url":"([^"]+)"/g)].map(([, url = '']) => url),
  );
  const size = (paths: readonly string[]) =>
    paths.reduce((sum, path) => sum + statSync(`dist/${path}`).size, 0);
  const files = [...listed];
  return [
    { name: 'kept offline, all', value: size(files), unit: 'bytes', exact: true },
    {
      name: 'kept offline, at once',
      value: size(files.filter((path) => AT_ONCE.test(path))),
      unit: 'bytes',
      exact: true,
    },
  ];
}

/** A machine may stand still for a while, ms. */
const PATIENCE = 120_000;
/** Pairs of the empty page and ours: of each the least ratio counts; more where it seems slower than it was. */
const PAIRS = 2;
const AT_MOST = 8;

async function starts(
  browser: Browser,
  urls: { readonly own: string; readonly demo: string; readonly empty: string },
  worth: WorthTimes,
): Promise<Measured> {
  const context = await browser.newContext();
  const page = await context.newPage();
  page.setDefaultTimeout(PATIENCE);
  const told: string[] = [];
  const timed = async (of: Page, url: string, ready: (page: Page) => Promise<unknown>) => {
    const began = performance.now();
    await of.goto(url);
    await ready(of);
    return performance.now() - began;
  };
  const emptyStart = (of: Page) => timed(of, urls.empty, (it) => it.locator('#ready').waitFor());
  const figures: Figure[] = [];
  /**
   * The least of ours to the least of the empty page's, in turns, or what a pair has in the middle where that is less: a machine
   * that is twice as quick for the length of one empty page makes nothing of ours slower.
   */
  const pairs = async (name: string, pair: () => Promise<readonly [empty: number, ours: number]>) => {
    let [least, fastest] = [Infinity, Infinity];
    const ratios: number[] = [];
    const value = () => Math.min(least / fastest, middleOf(ratios));
    for (let n = 0; n < (n < PAIRS ? PAIRS : Math.min(AT_MOST, PAIRS * worth(name, value()))); n += 1) {
      const [empty, ours] = await pair();
      fastest = Math.min(fastest, empty);
      least = Math.min(least, ours);
      ratios.push(ours / empty);
    }
    figures.push({ name, value: value(), unit: 'ratio to the start of an empty page', exact: false });
    told.push(`${name}: ${least.toFixed(0)} ms`);
  };
  await emptyStart(page);

  // Cold: nothing of it is in the browser yet.
  await pairs('from the address to the demo’s first chance', async () => {
    const fresh = await browser.newContext();
    const first = await fresh.newPage();
    first.setDefaultTimeout(PATIENCE);
    const empty = await emptyStart(first);
    const ours = await timed(first, urls.demo, (it) =>
      it
        .getByText(/^\d+ in 100$/)
        .first()
        .waitFor(),
    );
    await fresh.close();
    return [empty, ours];
  });

  // Twelve pots and eight dishes: a sheet opened, and a key.
  await page.goto(`${urls.own}/meals`);
  await page.getByLabel('A meal file').setInputFiles({
    name: 'hall.json',
    mimeType: 'application/json',
    buffer: Buffer.from(twelvePotsFile()),
  });
  await page.getByRole('link', { name: 'Supper' }).click();
  await page
    .getByText(/^\d+ in 100$/)
    .first()
    .waitFor();
  const batch = page.url().replace(/\w+$/, '');
  const sheets = [
    [
      'the shares of twelve pots',
      'plates',
      (it: Page) =>
        it
          .getByText(/in 100/)
          .first()
          .waitFor(),
    ],
    [
      'the day of twelve pots',
      'clock',
      (it: Page) => it.getByLabel('The day, in order').waitFor({ state: 'attached' }),
    ],
    [
      'second visit to the figures of twelve pots',
      'meat',
      (it: Page) =>
        it
          .getByText(/in 100/)
          .first()
          .waitFor(),
    ],
  ] as const;
  for (const [name, stage, ready] of sheets)
    await pairs(name, async () => [await emptyStart(page), await timed(page, `${batch}${stage}`, ready)]);
  const moved = await keyMoves(page);
  await context.close();
  return { figures: [...figures, ...moved], told };
}

/** The one in the middle; of an even number the lower of two. */
const middleOf = (of: readonly number[]): number =>
  of.toSorted((a, b) => a - b)[Math.floor((of.length - 1) / 2)] ?? Infinity;

/** What one key more in a weight does to the page until it rests: nodes that are drawn anew, and layouts. */
async function keyMoves(page: Page): Promise<Figure[]> {
  await page.getByText('working it out').waitFor({ state: 'hidden' });
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const layouts = async () =>
    (await session.send('Performance.getMetrics')).metrics.find(({ name }) => name === 'LayoutCount')
      ?.value ?? 0;
  await page.evaluate(`globalThis.moved = 0; new MutationObserver((all) => { globalThis.moved += all.length; })
    .observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });`);
  const field = page.getByLabel('Weight').first();
  await field.click();
  await page.waitForTimeout(300);
  await page.evaluate('globalThis.moved = 0');
  const before = await layouts();
  await page.keyboard.press('End');
  await page.keyboard.type('1');
  await page.waitForTimeout(200);
  await page.getByText('working it out').waitFor({ state: 'hidden' });
  await page.waitForTimeout(300);
  return [
    {
      name: 'twelve pots, a key: what is drawn anew',
      value: await page.evaluate<number>('globalThis.moved'),
      unit: 'changes of the page',
      // A tick of the clock may fall into it.
      exact: false,
    },
    { name: 'twelve pots, a key: layouts', value: (await layouts()) - before, unit: 'layouts', exact: false },
  ];
}
