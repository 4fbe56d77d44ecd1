/*
 * What the page may weigh, compressed. A place that grows beyond it fails bin/test, so that it is noticed by who makes it grow.
 */
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const folder = process.argv[2] ?? 'public/build';
const manifest = JSON.parse(readFileSync(`${folder}/.vite/manifest.json`, 'utf8'));
const KILOBYTE = 1000;
const weigh = (files) =>
  files.reduce((sum, file) => sum + gzipSync(readFileSync(`${folder}/${file}`), { level: 9 }).length, 0) /
  KILOBYTE;

/** A chunk with everything that must be there before it runs. */
function withImports(name, seen = new Set()) {
  if (seen.has(name)) return seen;
  seen.add(name);
  for (const one of manifest[name].imports ?? []) withImports(one, seen);
  return seen;
}
const scripts = (names) => [...names].map((name) => manifest[name].file);
const styles = (names) => [...new Set([...names].flatMap((name) => manifest[name].css ?? []))];

const first = withImports('index.html');
const later = Object.keys(manifest).filter((name) => manifest[name].isDynamicEntry);
const places = later.filter((name) => /Place\.vue$/.test(name));
// Set at what is used and a tenth.
const budgets = [
  ['first script', weigh(scripts(first)), 182],
  ['first styles', weigh(styles(first)), 13],
  ...later.flatMap((name) => {
    const own = new Set([...withImports(name)].filter((one) => !first.has(one)));
    const isPlace = places.includes(name);
    return [
      [`${name}, its scripts`, weigh(scripts(own)), isPlace ? 20.5 : 30],
      [`${name}, its styles`, weigh(styles(own)), isPlace ? 3.1 : 7.6],
    ];
  }),
];
let failed = 0;
for (const [what, weight, most] of budgets) {
  const isOver = weight > most;
  failed += isOver ? 1 : 0;
  console.log(`${isOver ? 'over' : 'ok  '} ${what}: ${weight.toFixed(1)} kB of ${most}`);
}
if (places.length < 3) {
  console.log(`over places: ${places.length}; each has a chunk of its own`);
  failed++;
}
console.log(`${budgets.length - failed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
