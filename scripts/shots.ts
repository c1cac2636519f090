/** Makes docs/screenshots/*.png from the demo: one current picture of each main view. */
import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { browserOptions } from '../e2e/chromium.ts';
import { makeApp } from '../server/app.ts';

const to = (name: string) => fileURLToPath(new URL(`../docs/screenshots/${name}.png`, import.meta.url));
const stages = ['meat', 'pot', 'clock', 'bench', 'broth', 'plates', 'keep'];

const server = createServer(
  makeApp({ dist: fileURLToPath(new URL('../dist', import.meta.url)), data: 'demo' }),
);
await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', () => resolve()));
const home = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
const browser = await chromium.launch(browserOptions);
mkdirSync(fileURLToPath(new URL('../docs/screenshots', import.meta.url)), { recursive: true });

try {
  await shoot('light', 1280, 800, async (page, save) => {
    for (const stage of stages.filter((one) => one !== 'pot' && one !== 'clock' && one !== 'bench')) {
      await open(page, stage);
      if (stage === 'keep') await page.getByRole('heading', { level: 1, name: /cm deep|°C/ }).waitFor();
      if (stage === 'plates') await page.getByRole('heading', { level: 1, name: /enough for all/ }).waitFor();
      await save(stage);
    }
    await page.getByRole('link', { name: /^Pot two/ }).click();
    await open(page, 'pot');
    await save('pot');
    for (const [path, address] of [
      ['shopping', 'shopping'],
      ['kitchen', 'kitchen'],
      ['shelf', 'shelf'],
      ['log', 'log'],
      ['eye', 'log/eye'],
    ] as const) {
      await page.goto(`${home}/${address}`);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.waitForTimeout(600);
      await save(path);
    }
  });
  await shoot('light', 1280, 800, async (page, save) => {
    await open(page, 'plates');
    await page.getByRole('link', { name: 'weigh out' }).first().click();
    await page.getByRole('button', { name: 'type the weights' }).click();
    for (const [n, grams] of [52, 54, 55, 53, 54, 55].entries()) {
      await page.getByLabel(`Plate ${String(n + 1)}, by weight`).fill(`${String(grams)} g`);
      await page.keyboard.press('Enter');
      await page.getByRole('heading', { name: new RegExp(`: ${String(n + 2)} of`) }).waitFor();
    }
    await save('weigh-out');
  });
  await shoot('light', 1280, 900, async (page, save) => {
    await page.goto(`${home}/meals/lantern-weekend/event`);
    await page.getByRole('figure', { name: 'What the pots give to the sittings' }).locator('svg').waitFor();
    await page.getByRole('row', { name: /as planned/ }).waitFor();
    await save('event');
    await page
      .getByRole('columnheader', { name: 'What it costs' })
      .evaluate((one) => window.scrollTo(0, one.getBoundingClientRect().top + window.scrollY - 100));
    await page.waitForTimeout(400);
    await save('quote');
    await page.goto(`${home}/meals/lantern-weekend/handout`);
    await page.getByText(/^The phone then shows/).waitFor();
    await page.locator('[aria-busy=false][aria-label$=part]').waitFor();
    await save('handout');
  });
  await shoot('light', 1280, 1120, async (page, save) => {
    await page.getByRole('link', { name: /^Pot two/ }).click();
    await open(page, 'clock');
    await page.getByText(/^(This plan|The best start|No plan is better)/).waitFor();
    await save('clock');
  });
  // Tall enough for all that unfolds: nothing is scrolled, so nothing is cut.
  await shoot('light', 1280, 1180, async (page, save) => {
    await page.getByRole('link', { name: /^Pot two/ }).click();
    await open(page, 'meat');
    await page.getByRole('button', { name: 'How much to buy' }).click();
    await page.getByText('is the safety margin').waitFor();
    await save('buy');
  });
  await shoot('dark', 1280, 800, async (page, save) => {
    await page.goto(
      `${home}/meals/demo-lantern-supper/bench?task=${encodeURIComponent('demo-pot-one|after bone')}`,
    );
    await page.getByRole('heading', { name: 'The bones are out' }).waitFor();
    await page.waitForTimeout(600);
    await save('bench-dark');
  });
  await shoot('light', 390, 844, async (page, save) => {
    await open(page, 'meat');
    await save('phone');
  });
  await shoot('light', 1280, 800, async (page, save) => {
    await page.getByRole('button', { name: '+ meal' }).click();
    await page.getByRole('heading', { name: 'What did you buy?' }).waitFor();
    await page.getByLabel('Weight').fill('2 kg');
    await page.getByLabel('Cut', { exact: true }).fill('Beef blade roast, bone in');
    await page.getByLabel('How many soft tacos').fill('22');
    await page.getByText(/more beef blade roast.*: enough \d+ in 100/).waitFor();
    await save('short');
  });
} finally {
  await browser.close();
  server.close();
}

async function open(page: Page, stage: string): Promise<void> {
  await page.goto(page.url().replace(/[^/]*$/, stage));
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.locator('main[aria-busy=false]').waitFor();
  await page.waitForTimeout(400);
}

async function shoot(
  colorScheme: 'light' | 'dark',
  width: number,
  height: number,
  each: (page: Page, save: (name: string) => Promise<void>) => Promise<void>,
): Promise<void> {
  const context = await browser.newContext({
    colorScheme,
    viewport: { width, height },
    timezoneId: 'Europe/Amsterdam',
  });
  const page = await context.newPage();
  // The demo stands three hours before its serving; the pictures always of the same evening.
  await page.clock.setFixedTime(new Date('2026-12-05T14:00:00Z'));
  await page.goto(home);
  await page.waitForURL(/batches/);
  await each(page, async (name) => {
    // A picture of ranges that are still those of a moment ago shows what no cook sees for long.
    await page.waitForFunction(() => !/working it out/.test(document.body.innerText));
    await page.screenshot({ path: to(name) });
  });
  await context.close();
}
