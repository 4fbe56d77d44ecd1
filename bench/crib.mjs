/*
 * How the crib moves, measured in one run on a running server with the demo (GONDRIK_URL, else http://127.0.0.1:8460):
 *   1. a tool that is dragged, tried on 60 wires and on as many terminals, against an authenticated request, in turns, by their slow
 *      ones;
 *   2. three thousand wires: the list until it is whole, its frames while it is scrolled, and a search;
 *   3. a bar that is dragged: frames, and how long its last answer takes to be on the page.
 * What it adds to the shop it takes back.
 */
import { chromium } from '@playwright/test';
import { bench, signedInPage } from './browser.mjs';
import { signIn } from './signIn.mjs';

const base = process.env.GONDRIK_URL ?? 'http://127.0.0.1:8460';
const ROUNDS = 200;
const TRIED = 60;
const MANY = 3000;
const LATE = 33;

const cookie = await signIn(base);
const token = /XSRF-TOKEN=([^;]+)/.exec(cookie)[1];
const headers = {
  Accept: 'application/json',
  'Content-Type': 'application/json',
  Referer: base + '/',
  Cookie: cookie,
  'X-XSRF-TOKEN': decodeURIComponent(token),
};
const call = async (method, path, body) => {
  const response = await fetch(`${base}/api/v1${path}`, {
    method,
    headers,
    body: body && JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`);
  return response.json();
};
const at = (times, share) =>
  times.toSorted((one, other) => one - other)[Math.floor(share * (times.length - 1))];
const sizes = ['24 AWG', '20 AWG', '16 AWG', '12 AWG', '8 AWG', '0.5 mm2', '1.5 mm2', '4 mm2', '10 mm2'];
const wires = (count) =>
  Array.from({ length: count }, (_, n) => ({
    thing: {
      id: `bench-${n}`,
      name: `Bench wire ${n}`,
      size: sizes[n % sizes.length],
      construction: n % 3 ? 'stranded' : 'solid',
      insulation: ['pvc', 'xlpe', 'silicone'][n % 3],
    },
  }));
const add = async (count) => (await call('POST', '/tables/wires/take', { things: wires(count) })).change;

const has = (await call('GET', '/wires?most=200')).data.length;
let added = await add(Math.max(0, TRIED - has) || 1);
const oval = await call('GET', '/tools/oval-ratchet');
const stripper = await call('GET', '/tools/notch-10-18');
const without = ({ version, ...tool }) => (version, tool);
const requests = {
  'authenticated (/kits)': () => call('GET', '/kits'),
  'a notched stripper tried (60 wires)': () => call('POST', '/trials/tools?shape=known', without(stripper)),
  'a crimper tried (60 wires, 45 terminals)': () => call('POST', '/trials/tools?shape=known', without(oval)),
};
const times = Object.fromEntries(Object.keys(requests).map((name) => [name, []]));
for (let round = -10; round < ROUNDS; round++) {
  for (const [name, request] of Object.entries(requests)) {
    const start = performance.now();
    await request();
    if (round >= 0) times[name].push(performance.now() - start);
  }
}
const [empty] = Object.values(times);
for (const [name, list] of Object.entries(times)) {
  console.log(
    `${name}: median ${at(list, 0.5).toFixed(1)} ms, p95 ${at(list, 0.95).toFixed(1)} ms, ratio of p95 ${(at(list, 0.95) / at(empty, 0.95)).toFixed(2)} (aim: at most 2)`,
  );
}

const browser = await chromium.launch(bench);
const storageState = await signedInPage(browser, base);
const page = await (
  await browser.newContext({ storageState, viewport: { width: 1280, height: 800 } })
).newPage();

await page.goto(`${base}/crib/tools/self-adjusting`);
await page.getByRole('slider', { name: 'Strips, thick end, AWG' }).waitFor();
await page.locator('.trial h3').waitFor();
const dragged = await page.evaluate(async () => {
  const grip = document.querySelector('[aria-label="Strips, thick end, AWG"]');
  const box = grip.getBoundingClientRect();
  const y = box.top + box.height / 2;
  const event = (type, x) =>
    grip.dispatchEvent(
      new PointerEvent(type, { bubbles: true, pointerId: 1, button: 0, clientX: x, clientY: y }),
    );
  grip.setPointerCapture = () => {};
  const start = box.left + 8;
  const frames = [];
  event('pointerdown', start);
  let last = performance.now();
  for (let n = 0; n < 120; n++) {
    event('pointermove', start - 150 * Math.sin((n / 120) * Math.PI * 3));
    await new Promise((resolve) => requestAnimationFrame(resolve));
    frames.push(performance.now() - last);
    last = performance.now();
  }
  event('pointermove', start - 140);
  event('pointerup', start - 140);
  const from = performance.now();
  await new Promise((resolve) => setTimeout(resolve, 1500));
  const answers = performance.getEntriesByType('resource').filter(({ name }) => name.includes('/trials/'));
  return { frames, answered: answers.at(-1).responseEnd - from };
});
console.log(
  `a bar dragged: ${at(dragged.frames, 0.5).toFixed(1)} ms a frame at the median, ${dragged.frames.filter((frame) => frame > LATE).length} of 120 over ${LATE}; its last judgement is there ${dragged.answered.toFixed(0)} ms after it was let go`,
);

await call('POST', `/history/${added}/undo`);
added = await add(MANY);
let start = performance.now();
await page.goto(`${base}/crib/wires`);
await page.locator('[data-row]').first().waitFor();
const first = performance.now() - start;
await page.getByText(new RegExp(`^${MANY + has} wires$`)).waitFor({ timeout: 60_000 });
console.log(
  `${MANY + has} wires: the first are there after ${first.toFixed(0)} ms, all after ${(performance.now() - start).toFixed(0)} ms`,
);
const frames = await page.evaluate(async () => {
  const grid = document.querySelector('[role=grid]');
  const took = [];
  let last = performance.now();
  for (let frame = 0; frame < 120; frame++) {
    grid.scrollTop += 120;
    await new Promise((resolve) => requestAnimationFrame(resolve));
    took.push(performance.now() - last);
    last = performance.now();
  }
  return took;
});
console.log(
  `scrolled: ${at(frames, 0.5).toFixed(1)} ms a frame at the median, ${Math.max(...frames).toFixed(0)} at most, ${frames.filter((frame) => frame > LATE).length} of 120 over ${LATE}`,
);
start = performance.now();
await page.getByLabel('Find wires').fill('bench 2999');
await page.getByText('1 wire', { exact: true }).waitFor();
console.log(
  `found one of them ${(performance.now() - start).toFixed(0)} ms after it was typed (160 of them are waited for more letters)`,
);
await browser.close();
await call('POST', `/history/${added}/undo`);
