/*
 * How Work moves, measured in one run: a thousand lines scrolled and written in, by their frames; and a parts list of five
 * thousand rows from the file to what each was read as. Needs a running server with the demo:
 * GONDRIK_URL=http://127.0.0.1:8470 npm run bench
 */
import { chromium } from '@playwright/test';
import { bench, signedInPage } from './browser.mjs';

const LINES = 1000;
const ROWS = 5000;
/** Milliseconds of a frame that somebody sees. */
const LATE = 33;
const url = process.env.GONDRIK_URL ?? 'http://127.0.0.1:8470';
const work = `${url}/work?kit=pylon-backpack&scope=tower-7`;
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

const browser = await chromium.launch(bench);
const storageState = await signedInPage(browser, url);
const page = await (
  await browser.newContext({ storageState, viewport: { width: 1280, height: 800 } })
).newPage();
await page.route('**/api/v1/coverage?**', async (route) => {
  const response = await route.fetch();
  const coverage = await response.json();
  const { lines } = coverage.report;
  coverage.report.lines = Array.from({ length: LINES }, (_, index) => {
    const { id } = lines[index % lines.length];
    coverage.lines[`${id}.${index}`] = { ...coverage.lines[id], id: `${id}.${index}` };
    return { ...lines[index % lines.length], id: `${id}.${index}` };
  });
  await route.fulfill({ response, json: coverage });
});
await page.goto(work);
await page.locator('[data-row]').first().waitFor();

/** Frames while something is done again and again. */
const frames = (what) =>
  page.evaluate(async (doing) => {
    const grid = document.querySelector('[role=grid]');
    const press = (key) =>
      document.activeElement.dispatchEvent(
        new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }),
      );
    const steps = {
      scroll: () => (grid.scrollTop += 90),
      walk: () => press('ArrowDown'),
      // Opens a cell with a figure, and leaves it as it was.
      write: (frame) => press(frame % 2 === 0 ? '7' : 'Escape'),
    };
    grid.querySelector('[data-column="2"][role=gridcell]').focus();
    const took = [];
    let last = performance.now();
    for (let frame = 0; frame < 120; frame++) {
      steps[doing](frame);
      await new Promise((resolve) => requestAnimationFrame(resolve));
      took.push(performance.now() - last);
      last = performance.now();
    }
    return took;
  }, what);

for (const what of ['scroll', 'walk', 'write']) {
  const took = await frames(what);
  const late = took.filter((frame) => frame > LATE).length;
  console.log(
    `Work with ${LINES} lines, ${what}: ${median(took).toFixed(1)} ms a frame, ${Math.max(...took).toFixed(0)} at most, ${late} of ${took.length} over ${LATE}`,
  );
}

await page.goto(`${url}/work/table?kit=pylon-backpack&scope=tower-7`);
const terminals = ['ring yellow M6', 'ring blue M5', 'ring red M4'];
const rows = Array.from({ length: ROWS }, (_, at) =>
  [
    (at % 90) + 1,
    [12, 16, 18][at % 3],
    'hook-up',
    terminals[at % 3],
    at % 2 ? (at % 40) + 1 : '',
    `row ${at}`,
  ].join(';'),
);
const start = performance.now();
await page.getByLabel('A table', { exact: true }).setInputFiles({
  name: 'parts.csv',
  mimeType: 'text/csv',
  buffer: Buffer.from(['Qty;Gauge (AWG);Wire;Terminal;Torque (lbf·in);Remarks', ...rows].join('\n')),
});
await page.getByRole('button', { name: `Take ${ROWS} lines` }).waitFor({ timeout: 60_000 });
console.log(
  `${ROWS} rows from the file to what each was read as: ${((performance.now() - start) / 1000).toFixed(1)} s (at most 5)`,
);
await page.getByRole('button', { name: 'Let it go' }).click();
await browser.close();
