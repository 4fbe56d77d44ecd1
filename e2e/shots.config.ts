import { defineConfig } from '@playwright/test';
import { chromium } from './chromium';

/** npm run shots: one current picture of each main view, from a running bin/start with the demo data. */
export default defineConfig({
  testDir: '.',
  testMatch: 'shots.ts',
  outputDir: '../var/test-results',
  workers: 1,
  // All pictures are one test.
  timeout: 180_000,
  reporter: [['line']],
  use: {
    baseURL: process.env.GONDRIK_URL ?? 'http://127.0.0.1:8460',
    viewport: { width: 1280, height: 800 },
    launchOptions: chromium,
    serviceWorkers: 'block',
  },
});
