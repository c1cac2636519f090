/* scratch */
import { chromium } from '@playwright/test';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { chromiumOptions } from '../e2e/chromium.ts';
import { makeApp } from '../server/app.ts';
const [data, w, h, scheme, ...steps] = process.argv.slice(2);
const server = createServer(makeApp({ dist: fileURLToPath(new URL('../dist', import.meta.url)), data: data as 'demo' }));
await new Promise<void>((r) => server.listen(0, '127.0.0.1', () => r()));
const home = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
const browser = await chromium.launch(chromiumOptions);
const ctx = await browser.newContext({ colorScheme: scheme as 'light', viewport: { width: +w!, height: +h! }, timezoneId: 'Europe/Amsterdam' });
const page = await ctx.newPage();
page.setDefaultTimeout(8000);
await page.goto(home); await page.waitForURL(/batches/); await page.waitForTimeout(600);
for (const step of steps) {
  const [k, ...rest] = step.split('='); const v = rest.join('=');
  try {
    if (k === 'go') { await page.goto(page.url().replace(/[^/]*$/, v)); await page.waitForTimeout(900); }
    else if (k === 'url') { await page.goto(home + v); await page.waitForTimeout(900); }
    else if (k === 'press') await page.getByRole('button', { name: v }).first().click();
    else if (k === 'link') await page.getByRole('link', { name: v }).first().click();
    else if (k === 'pot') { await page.locator('a', { hasText: v }).first().click(); await page.waitForTimeout(500); }
    else if (k === 'only') { const [l, t] = v.split('|'); await page.getByRole('combobox', { name: l! }).fill(t!); await page.waitForTimeout(700); console.log(t, await page.getByRole('listbox').getByRole('option').count(), await page.getByRole('combobox', { name: l! }).inputValue(), await page.getByRole('combobox', { name: l! }).getAttribute('aria-expanded')); }
    else if (k === 'focus') await page.getByLabel(v, { exact: true }).first().click();
    else if (k === 'check') await page.getByLabel(v, { exact: true }).first().check();
    else if (k === 'fill') { const [l, t] = v.split('|'); await page.getByLabel(l!, { exact: true }).first().fill(t!); await page.keyboard.press('Tab'); }
    else if (k === 'pick') { const [l, t] = v.split('|'); await page.getByLabel(l!, { exact: true }).first().selectOption({ label: t! }); }
    else if (k === 'type') await page.keyboard.type(v);
    else if (k === 'key') await page.keyboard.press(v);
    else if (k === 'wait') await page.waitForTimeout(+v);
    else if (k === 'scroll') await page.evaluate((y) => scrollTo(0, y), +v);
    else if (k === 'text') console.log((await page.locator('main').innerText()).slice(0, +(v || 3000)));
    else if (k === 'full') await page.screenshot({ path: `/tmp/s/${v}.png`, fullPage: true });
    else if (k === 'shot') await page.screenshot({ path: `/tmp/s/${v}.png` });
  } catch (e) { console.log('FAILED', step, String(e).slice(0, 300)); }
}
await browser.close(); server.close();
