/*
 * Makes the small changes of bench/pageMutations.mjs in the page, one at a time, in a copy, and asks the tests that know the changed
 * file each time whether they notice. A change that lives is something that no test of the page holds. `npm run mutate`, and with a
 * number only from there on, with a second only to there.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { changes } from './pageMutations.mjs';

const root = resolve(import.meta.dirname, '..');
const copy = `${root}/var/mutate-page`;
const [from = 1, to = changes.length] = process.argv.slice(2).map(Number);

rmSync(copy, { recursive: true, force: true });
mkdirSync(copy, { recursive: true });
for (const name of ['web', 'vite.config.ts', 'tsconfig.json', 'package.json', 'bench'])
  cpSync(`${root}/${name}`, `${copy}/${name}`, { recursive: true });
for (const name of ['node_modules', 'core', 'database', 'app'])
  symlinkSync(`${root}/${name}`, `${copy}/${name}`);

function isRefused(...asked) {
  const vitest = ['vitest', ...asked, '--bail=1', '--reporter=dot'];
  return spawnSync('npx', vitest, { cwd: copy, stdio: 'ignore' }).status !== 0;
}

const living = [];
for (const [index, [file, was, is]] of changes.entries()) {
  const number = index + 1;
  if (number < from || number > to) continue;
  const path = `${copy}/web/${file}`;
  const before = readFileSync(path, 'utf8');
  if (before.split(was).length !== 2) {
    console.log(
      `${number} ${file}: “${was}” stands there ${before.split(was).length - 1} times, and not once`,
    );
    process.exit(1);
  }
  writeFileSync(
    path,
    before.replace(was, () => is),
  );
  // Its own tests first: most changes do not get past them.
  const own = path.replace(/\.(ts|vue)$/, '.test.ts');
  const isNoticed = (existsSync(own) && isRefused('run', own)) || isRefused('related', '--run', path);
  writeFileSync(path, before);
  console.log(
    `${number} ${isNoticed ? 'noticed' : 'LIVES  '} ${file}: ${was.trim()} → ${is.trim() || 'nothing'}`,
  );
  if (!isNoticed) living.push(number);
}
console.log(living.length ? `${living.length} live: ${living.join(', ')}` : 'all noticed');
process.exit(living.length ? 1 : 0);
