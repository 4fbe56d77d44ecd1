import { defineConfig } from '@playwright/test';
import { chromium } from './chromium';
import { shops } from './people';

const url = process.env.GONDRIK_URL;
if (!url) throw new Error('GONDRIK_URL is not set: these tests are run by bin/test browser');

// Where bin/test wants to read how long each has taken.
const times = process.env.GONDRIK_TIMES;

export default defineConfig({
  testDir: '.',
  outputDir: '../var/test-results',
  // Files side by side, the tests of one after the other; each worker writes in a shop of its own.
  workers: shops.length,
  timeout: 180_000,
  // A machine that stalls for a moment is not a failure; what needed a second try is reported as flaky.
  retries: 1,
  expect: { timeout: 30_000 },
  reporter: [['list'], ...(times ? [['junit', { outputFile: times }] as const] : [])],
  use: {
    baseURL: url,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromium,
    screenshot: 'only-on-failure',
    // Each test has the page from the server; keeping it has tests of its own.
    serviceWorkers: 'block',
  },
  projects: [
    { name: 'sign-in', testMatch: 'people.setup.ts' },
    { name: 'browser', testMatch: '*.spec.ts', dependencies: ['sign-in'] },
  ],
});
