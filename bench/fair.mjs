/*
 * npm run bench: whether long questions keep anybody from a page. A running server (GONDRIK_URL, else http://127.0.0.1:8460
 * with the demo) is asked the worst plan there is (bench/hard-plan.php) by two persons without end, and meanwhile somebody else
 * looks at Cover; told is how long that takes against the same alone, measured in one run, in turns.
 */
import { execFileSync } from 'node:child_process';
import { signIn } from './signIn.mjs';

const base = process.env.GONDRIK_URL ?? 'http://127.0.0.1:8460';
const LOOKS = 150;
const COVER = '/api/v1/coverage?kit=pylon-backpack&scope=tower-7';
const PLAN = '/api/v1/plan?kit=hard&scopes=hard';

const people = await Promise.all(
  ['lead', 'coordinator', 'hand'].map((who) => signIn(base, `${who}@tarnholt.example`)),
);
const [lead, , hand] = people;
const headers = (cookie) => {
  const token = /XSRF-TOKEN=([^;]*)/.exec(cookie)[1];
  return {
    Accept: 'application/json',
    Referer: base + '/',
    Cookie: cookie,
    'X-XSRF-TOKEN': decodeURIComponent(token),
  };
};

async function sent(method, path, body) {
  const response = await fetch(base + path, { method, headers: headers(lead), body });
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
  return response.status === 204 ? undefined : response.json();
}

async function look() {
  const start = performance.now();
  const response = await fetch(base + COVER, { headers: headers(hand) });
  await response.arrayBuffer();
  if (response.status !== 200) throw new Error(`${COVER}: ${response.status}`);
  return performance.now() - start;
}

const form = new FormData();
const workbook = execFileSync('php', [new URL('hard-plan.php', import.meta.url).pathname]);
form.append('workbook', new Blob([workbook]), 'hard.json');
const { id } = await sent('POST', '/api/v1/imports', form);
await sent('POST', `/api/v1/imports/${id}/apply`);

const statuses = {};
let stop = false;
const aborted = new AbortController();
async function asks(cookie) {
  while (!stop) {
    const response = await fetch(base + PLAN, { headers: headers(cookie), signal: aborted.signal }).catch(
      () => undefined,
    );
    if (!response) return;
    await response.arrayBuffer().catch(() => undefined);
    statuses[response.status] = (statuses[response.status] ?? 0) + 1;
  }
}

const at = (times, share) =>
  times.toSorted((one, other) => one - other)[Math.floor(share * (times.length - 1))];
const many = async () => {
  const times = [];
  for (let number = 0; number < LOOKS; number++) times.push(await look());
  return times;
};

try {
  await many();
  const alone = await many();
  // Two at once of each: what is not their turn is refused, which takes workers too.
  const askers = people.slice(0, 2).flatMap((cookie) => [asks(cookie), asks(cookie)]);
  await new Promise((resolve) => setTimeout(resolve, 3000));
  const beside = await many();
  stop = true;
  aborted.abort();
  await Promise.all(askers);
  for (const share of [0.5, 0.95]) {
    const [one, other] = [at(alone, share), at(beside, share)];
    console.log(
      `Cover beside the worst plans of two persons, p${share * 100}: ${other.toFixed(1)} ms, alone ${one.toFixed(1)} ms, ratio ${(other / one).toFixed(2)} (aim: below 2)`,
    );
  }
  console.log(`answers to who asked meanwhile: ${JSON.stringify(statuses)}`);
} finally {
  stop = true;
  aborted.abort();
  await new Promise((resolve) => setTimeout(resolve, 3000));
  await sent('POST', `/api/v1/imports/${id}/undo`);
}
