import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './e2e/chromium.ts';

const serve = (port: number, data: 'own' | 'demo') => ({
  command: 'node --import tsx server/index.ts',
  env: { PORT: String(port), SLOW_SPOON_DATA: data },
  url: `http://127.0.0.1:${port}/api/hello`,
  reuseExistingServer: false,
});

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  fullyParallel: true,
  workers: 2,
  timeout: 90_000,
  expect: { timeout: 15_000 },
  // A loaded machine may be late once; twice is a fault.
  retries: 1,
  reporter: [['list'], ['json']],
  use: {
    baseURL: 'http://127.0.0.1:4180',
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Amsterdam',
    acceptDownloads: true,
    actionTimeout: 15_000,
    trace: 'retain-on-failure',
    launchOptions: chromiumOptions,
  },
  webServer: [serve(4180, 'own'), serve(4181, 'demo')],
});
