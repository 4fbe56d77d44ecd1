/*
 * How the page loads and moves, as ratios measured in one run: from nothing until the ruler stands, against the same for an
 * empty page of the toolkit; and a table of a thousand lines under the pointer and the wheel. Needs a running server with the
 * demo: GONDRIK_URL=http://127.0.0.1:8470 npm run bench
 */
import { createReadStream, existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { chromium } from '@playwright/test';
import { build } from 'vite';
import { bench, signedInPage } from './browser.mjs';

const RUNS = 9;
const url = process.env.GONDRIK_URL ?? 'http://127.0.0.1:8470';
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

await build({
  root: 'bench/empty',
  logLevel: 'error',
  build: { outDir: '../../var/bench/empty', emptyOutDir: true },
});
const types = { html: 'text/html', js: 'text/javascript', css: 'text/css' };
const server = createServer((request, response) => {
  const path = `var/bench/empty${request.url === '/' ? '/index.html' : request.url}`;
  if (!existsSync(path)) return response.writeHead(404).end();
  response.writeHead(200, { 'Content-Type': types[path.split('.').pop()] ?? 'application/octet-stream' });
  createReadStream(path).pipe(response);
}).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));

const browser = await chromium.launch(bench);

/** Milliseconds from the start of the navigation until something stands, in a browser that has never been here. */
async function load(address, selector, state) {
  const context = await browser.newContext({
    storageState: state,
    viewport: { width: 1280, height: 800 },
    // The page comes from the server, as for who has never been here.
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  await page.addInitScript((wanted) => {
    new MutationObserver((_, observer) => {
      if (!document.querySelector(wanted)) return;
      observer.disconnect();
      requestAnimationFrame(() => (window.stoodAt = performance.now()));
    }).observe(document, { childList: true, subtree: true });
  }, selector);
  await page.goto(address);
  const took = await page.waitForFunction(() => window.stoodAt).then((handle) => handle.jsonValue());
  await context.close();
  return took;
}

const state = await signedInPage(browser, url);
const cover = `${url}/cover?kit=pylon-backpack&scope=tower-7`;
const empty = `http://127.0.0.1:${server.address().port}/`;
const [ours, theirs] = [[], []];
for (let run = 0; run <= RUNS; run++) {
  const pair = [await load(empty, '#stands'), await load(cover, '.ruler .drop', state)];
  // The first of each warms what is not measured.
  if (run === 0) continue;
  theirs.push(pair[0]);
  ours.push(pair[1]);
}
const [one, other] = [median(ours), median(theirs)];
console.log(
  `cold load until the ruler stands: ${one.toFixed(0)} ms, an empty page of the toolkit: ${other.toFixed(0)} ms, ratio ${(one / other).toFixed(2)} (aim: at most 2)`,
);

const context = await browser.newContext({ storageState: state, viewport: { width: 1280, height: 800 } });
const page = await context.newPage();
await page.route('**/api/v1/coverage?**', async (route) => {
  const response = await route.fetch();
  const coverage = await response.json();
  const { lines } = coverage.report;
  coverage.report.lines = Array.from({ length: 1000 }, (_, index) => {
    const id = `${lines[index % lines.length].id}.${index}`;
    coverage.lines[id] = { ...coverage.lines[lines[index % lines.length].id], id };
    return { ...lines[index % lines.length], id };
  });
  await route.fulfill({ response, json: coverage });
});
await page.goto(cover);
await page.locator('[data-row]').first().waitFor();
const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
const hover = await page.evaluate(async () => {
  const rows = [...document.querySelectorAll('[data-row] .cell')].filter(
    (cell) => cell.dataset.column === '0',
  );
  const took = [];
  for (const cell of rows.slice(0, 12)) {
    const start = performance.now();
    cell.dispatchEvent(new PointerEvent('pointerover', { bubbles: true }));
    await Promise.resolve();
    await new Promise((resolve) => queueMicrotask(resolve));
    took.push(performance.now() - start);
    await new Promise((resolve) => requestAnimationFrame(resolve));
  }
  return took;
});
const frames = await page.evaluate(async () => {
  const grid = document.querySelector('[role=grid]');
  const took = [];
  let last = performance.now();
  for (let frame = 0; frame < 180; frame++) {
    grid.scrollTop += 90;
    await new Promise((resolve) => requestAnimationFrame(resolve));
    const now = performance.now();
    took.push(now - last);
    last = now;
  }
  return took;
});
const late = frames.filter((frame) => frame > 33).length;
console.log(
  `1,000 lines: ${nodes} nodes (at most 2,000); hover ${median(hover).toFixed(1)} ms of script at the median, ${Math.max(...hover).toFixed(1)} at most (16); scrolling ${median(frames).toFixed(1)} ms a frame, ${Math.max(...frames).toFixed(0)} at most, ${late} of ${frames.length} over 33`,
);
await browser.close();
server.close();
