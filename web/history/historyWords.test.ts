import { expect, it } from 'vitest';
import { changeWords, entryWords, mayTakeBack, whatChanged } from './historyWords';

const names = {
  wires: { 'hookup-12': '12 AWG hook-up' },
  terminals: { ring: 'Ring M6' },
  scopes: { cabin: 'Cabin 12' },
  tools: { frame: 'Press frame', dies: 'Dies' },
};
const change = {
  list: 'lines',
  scope: 'cabin',
  id: 'l1',
  before: { id: 'l1', wire: 'hookup-12', terminal: 'ring', quantity: 4, wet: true },
  after: { id: 'l1', wire: 'hookup-12', terminal: 'ring', quantity: 9, note: 'bow' },
};
const line = 'line “12 AWG hook-up → Ring M6” of “Cabin 12”';
const entry = {
  id: 7,
  event: 'changed' as const,
  by: 'Ivo',
  at: '2026-11-25T10:00:00Z',
  changes: [change],
  count: 1,
};

it('tells an entry in a few words', () => {
  expect(entryWords(entry, names)).toBe(`Changed: ${line}`);
  expect(entryWords({ ...entry, event: 'edited', count: 300 }, names)).toBe('Edited: 300 lines');
  expect(entryWords({ ...entry, event: 'undone', undoes: 5 }, names)).toBe(`Taken back: ${line}`);
  expect(entryWords({ ...entry, event: 'imported', changes: [], count: 0, file: 'shop.json' }, names)).toBe(
    'Brought in: shop.json',
  );
  const gone = { list: 'wires', id: 'w2', before: { name: 'Twice' }, after: null };
  expect(entryWords({ ...entry, event: 'merged', changes: [gone, change], count: 2 }, names)).toBe(
    'Merged into another: wire “Twice”',
  );
});

it('tells that the house judges otherwise, which only the lead takes back', () => {
  const rules = {
    list: 'rules',
    id: 'shop',
    before: { preset: 'building' },
    after: { preset: 'building', hammerLugs: 'accept' },
  };
  expect(changeWords(rules, names)).toBe('what the house judges by');
  expect(whatChanged(rules, names)).toEqual([{ key: 'hammer lugs', before: null, after: 'accept' }]);
  expect([
    mayTakeBack({ ...entry, changes: [rules] }, 'coordinator'),
    mayTakeBack({ ...entry, changes: [rules] }, 'lead'),
  ]).toEqual([false, true]);
});

it('tells that prices are in something else, which only the lead takes back', () => {
  const priced = {
    ...entry,
    changes: [{ list: 'currency', id: 'shop', before: { code: 'EUR' }, after: { code: 'SEK' } }],
  };
  expect(entryWords(priced, names)).toBe('Changed: what prices are in');
  expect(whatChanged(priced.changes[0]!, names)).toEqual([{ key: 'code', before: 'EUR', after: 'SEK' }]);
  expect(['lead', 'coordinator'].map((role) => mayTakeBack(priced, role))).toEqual([true, false]);
});

it('tells that the shop tells things otherwise, which only the lead takes back', () => {
  const set = {
    ...entry,
    changes: [
      {
        list: 'settings',
        id: 'shop',
        before: { name: 'North', decimalSign: 'point' },
        after: { name: 'North', decimalSign: 'comma' },
      },
    ],
  };
  expect(entryWords(set, names)).toBe('Changed: how the shop is called and tells things');
  expect(whatChanged(set.changes[0]!, names)).toEqual([
    { key: 'decimal sign', before: 'point', after: 'comma' },
  ]);
  expect(['lead', 'coordinator'].map((role) => mayTakeBack(set, role))).toEqual([true, false]);
});

it('tells of a proposal, which its maker takes back, and of its confirmation, which only the lead does', () => {
  const ring = { list: 'terminals', id: 'ring', before: null, after: { name: 'Ring M6' } };
  const waits = { list: 'proposed', scope: 'terminals', id: 'ring', before: null, after: { by: 'Mats' } };
  const proposal = { ...entry, event: 'added' as const, changes: [ring, waits], count: 2 };
  const confirmed = {
    ...entry,
    event: 'confirmed' as const,
    changes: [{ ...waits, before: waits.after, after: null }],
  };
  expect(entryWords(confirmed, names)).toBe('Confirmed: what was proposed: terminal “Ring M6”');
  expect([proposal, confirmed].map((one) => mayTakeBack(one, 'coordinator'))).toEqual([true, false]);
  // What the lead took away or merged, only the lead brings back.
  for (const event of ['removed', 'merged'] as const)
    expect(mayTakeBack({ ...proposal, event }, 'coordinator')).toBe(false);
  // That another waits makes nothing of this one.
  const other = { ...proposal, changes: [ring, { ...waits, id: 'lug' }] };
  expect(mayTakeBack(other, 'coordinator')).toBe(false);
  expect(mayTakeBack({ ...proposal, changes: [ring, { ...waits, scope: 'wires' }] }, 'coordinator')).toBe(
    false,
  );
});

it('tells what has come of a plan, and not only that two things were changed', () => {
  const plan = (arrivedAt: string | null) => ({
    items: [
      { id: 1, name: 'Hex dies', arrivedAt },
      { id: 2, name: 'Frame', arrivedAt: null },
    ],
  });
  const kit = { list: 'kits', id: 'van', before: { name: 'Van' }, after: { name: 'Van' } };
  const came = { list: 'plans', id: '7', before: plan(null), after: plan('2026-11-30T10:00:00Z') };
  const changed = { ...entry, event: 'changed' as const, count: 2 };
  expect(entryWords({ ...changed, changes: [kit, came] }, names)).toBe('Arrived: Hex dies');
  expect(
    entryWords({ ...changed, changes: [kit, { ...came, before: came.after, after: came.before }] }, names),
  ).toBe('Not arrived after all: Hex dies');
  expect(entryWords({ ...changed, changes: [kit, { ...kit, id: 'box' }] }, names)).toBe('Changed: 2 things');
});

it('tells key by key what was and what is', () => {
  expect(whatChanged(change, names)).toEqual([
    { key: 'quantity', before: '4', after: '9' },
    { key: 'wet', before: 'yes', after: null },
    { key: 'note', before: null, after: 'bow' },
  ]);
});

it('tells what goes with a thing because people made it', () => {
  const called = {
    list: 'called',
    scope: 'wires',
    id: 'hookup-12',
    before: { words: ['bell'] },
    after: null,
  };
  expect(changeWords(called, names)).toBe('what wire “12 AWG hook-up” is called');
  expect(changeWords({ ...called, id: 'gone' }, names)).toBe('what wire that is gone is called');
  const plans = { list: 'plans', id: '7', before: { kit: 'pylon-backpack' }, after: null };
  expect(changeWords(plans, names)).toBe('a plan that was accepted');
});

it('offers to take back what one may take back', () => {
  const tool = { list: 'tools', id: 't1', before: null, after: { id: 't1' } };
  const may = (of: Partial<Parameters<typeof mayTakeBack>[0]>) =>
    ['lead', 'coordinator'].map((role) => mayTakeBack({ ...entry, ...of }, role));
  expect(may({})).toEqual([true, true]);
  expect(may({ changes: [change, tool] })).toEqual([true, false]);
  // Of two things that became one only lines may be among the first changes.
  expect(may({ event: 'merged', into: 'w3' })).toEqual([true, false]);
  expect(may({ event: 'imported', count: 0, changes: [] })).toEqual([false, false]);
});

it.each([
  [{ wire: 'gone', terminal: 'ring' }, 'line “a wire that is gone → Ring M6” of “Cabin 12”'],
  [{ torque: 0.8 }, 'line “screw” of “Cabin 12”'],
])('calls a line by what it makes: %j', (after, says) => {
  expect(changeWords({ ...change, before: null, after: { id: 'l1', ...after } }, names)).toBe(says);
});

it('reads what things are made of by their names', () => {
  const kit = (count: number) => ({
    id: 'van',
    name: 'Van',
    tools: [{ tool: 'frame', count }, { tool: 'x' }],
  });
  const kits = { list: 'kits', id: 'van', before: kit(1), after: kit(2) };
  expect(whatChanged(kits, names)).toEqual([
    {
      key: 'tools',
      before: 'Press frame, count 1; one that is gone',
      after: 'Press frame, count 2; one that is gone',
    },
  ]);
  const tool = {
    list: 'tools',
    id: 'dies',
    before: { requires: [] },
    after: { requires: ['frame'], inPlaceOnly: true },
  };
  expect(whatChanged(tool, names)).toEqual([
    { key: 'requires', before: 'none', after: 'Press frame' },
    { key: 'in place only', before: null, after: 'yes' },
  ]);
  expect(changeWords({ list: 'order', id: 'cabin', before: null, after: null }, names)).toBe(
    'order of the lines of “Cabin 12”',
  );
});
