import { expect, test as base, type Page } from '@playwright/test';
import { cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeServer } from '../server/app.ts';
import { station } from './test.ts';

/** A server that can be ended and started again at its address, with another build or other data. */
class Kitchen {
  #server: Server | undefined;
  #port = 0;
  get url(): string {
    return `http://127.0.0.1:${this.#port}`;
  }
  async start(dist: string, data: 'own' | 'demo' = 'own'): Promise<void> {
    const server = makeServer({ dist, data });
    await new Promise<void>((resolve) => server.listen(this.#port, '127.0.0.1', resolve));
    this.#port = (server.address() as AddressInfo).port;
    this.#server = server;
  }
  async stop(): Promise<void> {
    this.#server?.closeAllConnections();
    await new Promise((resolve) => (this.#server ? this.#server.close(resolve) : resolve(undefined)));
    this.#server = undefined;
  }
}

const test = base.extend<{ kitchen: Kitchen; faults: string[] }>({
  kitchen: async ({ browserName: _ }, use) => {
    const kitchen = new Kitchen();
    await use(kitchen);
    await kitchen.stop();
  },
  faults: [
    async ({ page }, use) => {
      const faults: string[] = [];
      page.on('pageerror', (error) => faults.push(error.message));
      page.on('console', (message) => {
        // That no server answers is what is tried here.
        if (message.type() === 'error' && !message.text().includes('ERR_CONNECTION_REFUSED'))
          faults.push(message.text());
      });
      await use(faults);
      expect(faults).toEqual([]);
    },
    { auto: true },
  ],
});
test.use({ serviceWorkers: 'allow' });

/** The whole application is kept, and this page is served from there. */
async function keptOffline(page: Page): Promise<void> {
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
    timeout: 30_000,
  });
  const listed = new Set(readFileSync('dist/sw.js', 'utf8').match(/"url":"[^"]+"/g));
  const kept = () =>
    page.evaluate(async () => {
      const [name] = await caches.keys();
      return name === undefined ? 0 : (await (await caches.open(name)).keys()).length;
    });
  await expect.poll(kept, { timeout: 30_000 }).toBe(listed.size);
}

/** The same build under other names: what every page and file of the old one asks for is not there any more. */
function nextBuild(): string {
  const dist = mkdtempSync(join(tmpdir(), 'slow-spoon-next-'));
  cpSync('dist', dist, { recursive: true });
  const files = readdirSync(dist, { recursive: true, encoding: 'utf8' }).map((name) => join(dist, name));
  const scripts = readdirSync(join(dist, 'assets')).filter((name) => name.endsWith('.js'));
  const turned = (hash: string) => hash.split('').reverse().join('');
  const renamed = scripts.map((name) => [name, name.replace(/[\w-]{8}(?=\.js$)/, turned)] as const);
  for (const file of files.filter((name) => /\.(js|html)$/.test(name))) {
    let text = readFileSync(file, 'utf8');
    for (const [from, to] of renamed) text = text.replaceAll(from, to);
    if (file === join(dist, 'sw.js')) {
      const listed = /"revision":"\w+","url":"index\.html"/;
      expect(text).toMatch(listed);
      text = text.replace(listed, '"revision":"next","url":"index.html"');
    }
    writeFileSync(file, text);
  }
  for (const [from, to] of renamed) renameSync(join(dist, 'assets', from), join(dist, 'assets', to));
  return dist;
}
const entryOf = (page: Page) =>
  page.evaluate(() => document.querySelector<HTMLScriptElement>('script[type=module]')?.src ?? '');
const cacheNames = (page: Page) => page.evaluate(() => caches.keys());

test('with the server gone it starts at any page, reckons, and keeps what is written', async ({
  page,
  kitchen,
}) => {
  await kitchen.start('dist');
  await page.goto(kitchen.url);
  await keptOffline(page);
  await kitchen.stop();
  await page.goto(kitchen.url);
  await page.getByLabel('Weight').fill('3 kg');
  await page.getByLabel('Cut', { exact: true }).fill('Beef brisket, whole');
  await page.getByLabel('How many soft tacos').fill('12');
  // The ranges come from the worker's thread.
  await expect(page.getByText(/^\d+ in 100$/).first()).toBeVisible();
  const meal = page.url();
  for (const stage of ['pot', 'clock', 'bench', 'broth', 'plates', 'keep', 'order']) {
    await page.goto(meal.replace(/\w+$/, stage));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  for (const path of ['meals', 'cuts', 'shopping', 'helper', 'kitchen']) {
    await page.goto(`${kitchen.url}/${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  // What reads codes for a helper is there too, though no camera has been opened yet.
  const reader = readdirSync('dist/assets').find((name) => name.startsWith('zxing_reader')) ?? '';
  expect(await page.evaluate(async (path) => (await fetch(path)).ok, `/assets/${reader}`)).toBe(true);
  const [licences] = await Promise.all([
    page.context().waitForEvent('page'),
    page.getByRole('link', { name: 'What it is made of' }).click(),
  ]);
  await expect(licences.getByText('public domain')).toBeVisible();
  const shipped = await licences.locator('body').innerText();
  const { dependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as { dependencies: object };
  // What the server alone is made of is not sent to the browser.
  const atTheServer = ['compression', 'express', 'express-rate-limit', 'helmet'];
  for (const name of Object.keys(dependencies).filter((one) => !atTheServer.includes(one)))
    expect(shipped).toContain(`\n${name} `);
  await page.goto(meal);
  await expect(page.getByLabel('Weight')).toHaveValue('3 kg');
});

test('a new version asks; then every tab loads anew, with what was typed; old files stay until nobody needs them', async ({
  page,
  context,
  kitchen,
}) => {
  const next = nextBuild();
  await kitchen.start('dist');
  await page.goto(kitchen.url);
  await page.getByLabel('Weight').fill('3 kg');
  await keptOffline(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByLabel('Weight')).toHaveValue('3 kg');
  const old = await entryOf(page);

  await kitchen.stop();
  await kitchen.start(next);
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
  await expect(page.getByText('A new version of Slow Spoon is here.')).toBeVisible();
  // A sheet of the old version that had not been opened yet: the server has it no more.
  await station(other, 'pot').click();
  await expect(other.getByRole('heading', { name: 'What goes into the pot' })).toBeVisible();
  expect(await entryOf(other)).toBe(old);
  expect(await cacheNames(page)).toHaveLength(2);

  await page.getByLabel('Weight').fill('3.5 kg');
  await page.getByRole('button', { name: 'Update' }).click();
  for (const tab of [page, other]) await expect.poll(() => entryOf(tab).catch(() => old)).not.toBe(old);
  await expect(page.getByLabel('Weight')).toHaveValue('3.5 kg');
  await expect.poll(() => cacheNames(page), { timeout: 20_000 }).toHaveLength(1);
  rmSync(next, { recursive: true });
});

test('the demo and one’s own meals at one address, one after the other, stay apart', async ({
  page,
  kitchen,
}) => {
  await kitchen.start('dist', 'demo');
  await page.goto(`${kitchen.url}/meals`);
  await expect(page.getByRole('button', { name: 'Reset the demo' })).toBeVisible();
  await keptOffline(page);
  await kitchen.stop();
  await kitchen.start('dist', 'own');
  await page.goto(`${kitchen.url}/meals`);
  await expect(page.getByText('No meal is kept here.')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('button', { name: 'Reset the demo' })).toHaveCount(0);
});

test('it can be installed: its manifest and the pictures in it are there', async ({ page, kitchen }) => {
  await kitchen.start('dist');
  await page.goto(kitchen.url);
  const cdp = await page.context().newCDPSession(page);
  const { errors, url } = await cdp.send('Page.getAppManifest');
  expect(errors).toEqual([]);
  const manifest = (await (await page.request.get(url)).json()) as {
    icons: { src: string }[];
    display: string;
  };
  expect(manifest.display).toBe('standalone');
  for (const { src } of manifest.icons)
    expect((await page.request.get(`${kitchen.url}${src}`)).headers()['content-type']).toMatch(/^image\//);
});
