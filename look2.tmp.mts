import { chromium } from 'playwright-core';
import { browserOptions } from './e2e/chromium.ts';
const b = await chromium.launch(browserOptions);
const c = await b.newContext({
  viewport: { width: 1280, height: 800 },
  serviceWorkers: 'block',
  timezoneId: 'Europe/Amsterdam',
});
const p = await c.newPage();
await p.clock.setFixedTime('2026-12-05T14:00:00Z');
await p.goto('http://127.0.0.1:4199/');
await p.waitForTimeout(4000);
await p.goto('http://127.0.0.1:4199/meals/demo-lantern-supper/event');
await p.waitForTimeout(2000);
await p.getByRole('button', { name: 'Another sitting' }).click();
await p.waitForTimeout(1500);
const f = p.getByLabel('Sitting 2 is served at');
await f.fill('Sun 12:30');
await f.press('Enter');
const sel = p
  .getByRole('list', { name: /Dishes of/ })
  .first()
  .locator('select')
  .last();
await sel.selectOption({ label: 'Sitting 2' });
await p.waitForTimeout(5000);
await p.goto('http://127.0.0.1:4199/meals/demo-lantern-supper/batches/demo-pot-one/clock');
await p.waitForTimeout(6000);
await p.screenshot({ path: '/tmp/ev3.png', fullPage: true });
await b.close();
