import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { expect, it } from 'vitest';

/*
 * The folders of the page, each with those it may use: always such as stand above it in this list, so that there is no way round.
 * A folder that is missing here, uses one that it does not name, or names one that it does not use, fails.
 */
const LAYERS: Record<string, string[]> = {
  theme: [],
  settings: [],
  grid: ['theme'],
  api: [],
  shared: ['api', 'settings'],
  session: ['api', 'shared'],
  frame: ['api', 'session', 'settings', 'shared'],
  data: ['api', 'frame', 'session', 'settings', 'shared'],
  ruler: ['api', 'settings', 'shared', 'theme'],
  lines: ['api', 'data', 'frame', 'grid', 'ruler', 'settings', 'shared'],
  rules: ['data', 'shared'],
  work: ['api', 'data', 'frame', 'lines', 'rules', 'session', 'settings', 'shared'],
  table: ['api', 'data', 'frame', 'grid', 'lines', 'session', 'settings', 'shared', 'work'],
  cover: ['api', 'data', 'frame', 'grid', 'lines', 'ruler', 'rules', 'session', 'settings', 'shared'],
  labour: ['api', 'data', 'frame', 'session', 'shared'],
  plan: ['api', 'data', 'frame', 'ruler', 'session', 'settings', 'shared'],
  bench: ['api', 'data', 'frame', 'lines', 'session', 'settings', 'shared'],
  crib: ['api', 'data', 'frame', 'grid', 'lines', 'ruler', 'session', 'settings', 'shared', 'table'],
  supplies: ['data', 'frame', 'ruler', 'session', 'settings', 'shared'],
  train: ['api', 'data', 'frame', 'session', 'settings', 'shared'],
  classes: ['api', 'data', 'frame', 'session', 'shared'],
  today: ['api', 'data', 'frame', 'session', 'shared'],
  tables: ['api', 'data', 'frame', 'ruler', 'shared'],
  history: ['api', 'data', 'frame', 'session', 'shared'],
  shop: ['api', 'data', 'frame', 'rules', 'session', 'shared'],
};

const root = import.meta.dirname;
const folders = readdirSync(root, { withFileTypes: true })
  // What is given out as it is holds no script.
  .filter((entry) => entry.isDirectory() && entry.name !== 'public')
  .map(({ name }) => name);

function usedBy(folder: string): string[] {
  const files = readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' }).filter((name) =>
    /(?<!\.(test|fixture))\.(ts|vue)$/.test(name),
  );
  const named = files.flatMap((name) => [
    ...readFileSync(join(root, folder, name), 'utf8').matchAll(/(?:from|import\()\s*'@\/(\w+)/g),
  ]);
  return [...new Set(named.map(([, used]) => used ?? ''))].filter((used) => used !== folder).sort();
}

it('has no two files whose names differ by capital letters alone, which some disks hold for one', () => {
  const names = folders.flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' }).map((name) => join(folder, name)),
  );
  const seen = new Map(names.map((name) => [name.toLowerCase(), name]));
  expect(names.filter((name) => seen.get(name.toLowerCase()) !== name)).toEqual([]);
});

it('has layers of folders, each of which uses only those above it', () => {
  expect(folders.sort()).toEqual(Object.keys(LAYERS).sort());
  const above: string[] = [];
  for (const [folder, may] of Object.entries(LAYERS)) {
    expect(
      may.filter((one) => !above.includes(one)),
      `${folder} names what does not stand above it`,
    ).toEqual([]);
    above.push(folder);
    expect(usedBy(folder), folder).toEqual(may);
  }
});

it('reaches another folder only by its name', () => {
  for (const folder of folders) {
    for (const name of readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })) {
      if (!/\.(ts|vue)$/.test(name)) continue;
      const file = join(root, folder, name);
      const near = [...readFileSync(file, 'utf8').matchAll(/from '(\.[^']*)'/g)].map(([, path]) =>
        relative(root, join(dirname(file), path ?? '')),
      );
      // What lies outside the page (a table of the core, the demo) has no other name.
      const elsewhere = near.filter((path) => !path.startsWith('..') && path.split('/')[0] !== folder);
      expect(elsewhere, `${folder}/${name}`).toEqual([]);
    }
  }
});

it('keeps what it reads of a shop under the number of the shop', () => {
  for (const folder of folders) {
    for (const name of readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })) {
      if (!/(?<!\.test)\.(ts|vue)$/.test(name)) continue;
      const keys = [...readFileSync(join(root, folder, name), 'utf8').matchAll(/queryKey: \[['S][^\]]*\]/g)];
      const without = keys.filter(
        ([key]) => /'shop'|SHOP/.test(key) && !/useShop\(\)|shop(\.value)?[,\]]/.test(key),
      );
      // What is read anew when the shop has changed is all of it.
      expect(
        without.map(([key]) => key).filter((key) => key !== "queryKey: ['shop']"),
        `${folder}/${name}`,
      ).toEqual([]);
    }
  }
});
