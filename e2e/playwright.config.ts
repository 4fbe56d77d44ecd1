import { defineConfig } from '@playwright/test';
import { chromium } from './chromium';

const url = process.env.GONDRIK_URL;
if (!url) throw new Error('GONDRIK_URL is not set: these tests are run by bin/test browser');

export default defineConfig({
  testDir: '.',
  outputDir: '../var/test-results',
  workers: 1,
  timeout: 60_000,
  // A machine that stalls for a moment is not a failure; what needed a second try is reported as flaky.
  retries: 1,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  use: {
    baseURL: url,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromium,
    screenshot: 'only-on-failure',
  },
  projects: [
    { name: 'sign-in', testMatch: 'people.setup.ts' },
    { name: 'browser', testMatch: '*.spec.ts', dependencies: ['sign-in'] },
  ],
});
