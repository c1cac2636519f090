import { defineConfig } from '@playwright/test';
import { engineOptions } from './e2e/chromium.ts';
import { ports } from './e2e/ports.ts';

const serve = (port: number, data: 'own' | 'demo') => ({
  command: 'node --import tsx server/index.ts',
  env: { PORT: String(port), SLOW_SPOON_DATA: data },
  url: `http://127.0.0.1:${port}/api/hello`,
  reuseExistingServer: false,
});

const { own, demo } = ports;

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  // Half a minute: only the check plays a whole event.
  testIgnore: process.env.SLOW_SPOON_CHECK === '1' ? [] : ['weekend.spec.ts'],
  fullyParallel: true,
  workers: 2,
  timeout: 180_000,
  // On a busy machine a page stands still for seconds.
  expect: { timeout: 30_000 },
  // A test that fails once is a fault.
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${own}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Amsterdam',
    acceptDownloads: true,
    actionTimeout: 30_000,
    // Tracing takes two fifths of the time: what has failed is run once more with it, only to be looked at.
    trace: 'off',
    // Each test would load the whole application into a cache of its own; what is kept offline is tried by itself.
    serviceWorkers: 'block',
    launchOptions: engineOptions,
  },
  webServer: [serve(own, 'own'), serve(demo, 'demo')],
});
