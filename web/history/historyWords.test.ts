import { expect, it } from 'vitest';
import { changeWords, entryWords, mayTakeBack, whatChanged } from './historyWords';

const change = {
  list: 'lines',
  scope: 'cabin',
  id: 'l1',
  before: { id: 'l1', quantity: 4, wet: true },
  after: { id: 'l1', quantity: 9, note: 'bow' },
};
const entry = {
  id: 7,
  event: 'changed' as const,
  by: 'Ivo',
  at: '2026-11-25T10:00:00Z',
  changes: [change],
  count: 1,
};

it('tells an entry in a few words', () => {
  expect(entryWords(entry)).toBe('Changed: line l1 of cabin');
  expect(entryWords({ ...entry, event: 'edited', count: 300 })).toBe('Edited: 300 lines');
  expect(entryWords({ ...entry, event: 'undone', undoes: 5 })).toBe('Taken back: line l1 of cabin (entry 5)');
  expect(entryWords({ ...entry, event: 'imported', changes: [], count: 0, file: 'shop.json' })).toBe(
    'Brought in: shop.json',
  );
  const gone = { list: 'wires', id: 'w2', before: { name: 'Twice' }, after: null };
  expect(entryWords({ ...entry, event: 'merged', changes: [gone, change], count: 2 })).toBe(
    'Merged into another: wire “Twice”',
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
  expect(entryWords({ ...changed, changes: [kit, came] })).toBe('Arrived: Hex dies');
  expect(
    entryWords({ ...changed, changes: [kit, { ...came, before: came.after, after: came.before }] }),
  ).toBe('Not arrived after all: Hex dies');
  expect(entryWords({ ...changed, changes: [kit, { ...kit, id: 'box' }] })).toBe('Changed: 2 things');
});

it('tells key by key what was and what is', () => {
  expect(whatChanged(change)).toEqual([
    { key: 'quantity', before: '4', after: '9' },
    { key: 'wet', before: 'true', after: null },
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
  expect(changeWords(called)).toBe('what wire hookup-12 is called');
  const plans = { list: 'plans', id: '7', before: { kit: 'pylon-backpack' }, after: null };
  expect(changeWords(plans)).toBe('a plan that was accepted');
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
