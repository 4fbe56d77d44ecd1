/*
 * npm run bench: what requests cost a running server (GONDRIK_URL, else http://127.0.0.1:8460 with the demo), as ratios
 * measured in one run:
 *   1. an authenticated request against one that needs no database, in turns, by their medians;
 *   2. a quick entry, read and judged, against that authenticated request, by their slow ones;
 *   3. 200 readers at once for 20 seconds: errors, and how far the slow are from the middle.
 */
import autocannon from 'autocannon';
import { signIn } from './signIn.mjs';

const base = process.env.GONDRIK_URL ?? 'http://127.0.0.1:8460';
const ROUNDS = 400;
const READERS = 200;
const SECONDS = Number(process.env.GONDRIK_BENCH_SECONDS ?? 20);

const headers = { Accept: 'application/json', Referer: base + '/', Cookie: await signIn(base) };
const bare = { Accept: 'application/json' };

const at = (sorted, share) => sorted[Math.floor(share * (sorted.length - 1))];
const sort = (times) => times.toSorted((one, other) => one - other);

async function timed(path, sent) {
  const start = performance.now();
  const response = await fetch(base + path, { headers: sent });
  await response.arrayBuffer();
  if (response.status !== 200) throw new Error(`${path}: ${response.status}`);
  return performance.now() - start;
}

const requests = {
  'no database (/reasons)': () => timed('/api/v1/reasons', bare),
  'who is signed in (/session)': () => timed('/api/v1/session', headers),
  'authenticated (/kits)': () => timed('/api/v1/kits', headers),
  'an entry read and judged (/entry)': () =>
    timed(
      `/api/v1/scopes/tower-7/entry?kit=pylon-backpack&text=${encodeURIComponent('14 × 12 AWG hook-up → ring yellow M6, wet')}`,
      headers,
    ),
  'a report (/coverage)': () => timed('/api/v1/coverage?kit=pylon-backpack&scope=tower-7', headers),
};
const times = Object.fromEntries(Object.keys(requests).map((name) => [name, []]));
for (let round = -20; round < ROUNDS; round++) {
  for (const [name, request] of Object.entries(requests)) {
    const time = await request();
    // The first rounds warm everything up.
    if (round >= 0) times[name].push(time);
  }
}
const medians = Object.values(times).map((list) => at(sort(list), 0.5));
Object.keys(times).forEach((name, index) => {
  console.log(
    `${name}: median ${medians[index].toFixed(2)} ms, ratio ${(medians[index] / medians[0]).toFixed(2)}`,
  );
});

const p95 = (name) => at(sort(times[name]), 0.95);
const [entry, empty] = ['an entry read and judged (/entry)', 'authenticated (/kits)'].map(p95);
console.log(
  `an entry against an authenticated request, p95: ${entry.toFixed(1)} and ${empty.toFixed(1)} ms, ratio ${(entry / empty).toFixed(2)} (aim: at most 2)`,
);

/** What looks at every thing, kit and scope: asked less often, against a report of one pair. */
const LOOKS = 12;
const looks = {
  'a report on a day (/coverage?on)': `/api/v1/coverage?kit=pylon-backpack&scope=tower-7&on=${new Date().toLocaleDateString('sv-SE')}`,
  'every thing (/wall)': '/api/v1/wall',
  'all kits on all scopes, a month ahead (/today)': '/api/v1/today',
  'what rests on every thing (/wall/busiest)': '/api/v1/wall/busiest',
  'what rests on one thing (/resting)': '/api/v1/assets/TQ-03/resting',
};
const report = at(sort(times['a report (/coverage)']), 0.5);
for (const [name, path] of Object.entries(looks)) {
  const list = [];
  for (let round = -2; round < LOOKS; round++) {
    const time = await timed(path, headers);
    if (round >= 0) list.push(time);
  }
  const median = at(sort(list), 0.5);
  console.log(`${name}: median ${median.toFixed(1)} ms, ratio to a report ${(median / report).toFixed(2)}`);
}

const latencies = [];
const statuses = {};
const load = autocannon({ url: base + '/api/v1/kits', headers, connections: READERS, duration: SECONDS });
load.on('response', (_client, status, _bytes, time) => {
  latencies.push(time);
  statuses[status] = (statuses[status] ?? 0) + 1;
});
const result = await load;
const sorted = sort(latencies);
console.log(
  `${READERS} readers, ${SECONDS} s: ${latencies.length} answers ${JSON.stringify(statuses)}, ${result.errors} errors, ` +
    `${result.timeouts} time-outs, ${result.resets} resets; p50 ${at(sorted, 0.5).toFixed(0)} ms, ` +
    `p95 ${at(sorted, 0.95).toFixed(0)} ms, ratio ${(at(sorted, 0.95) / at(sorted, 0.5)).toFixed(2)}`,
);
