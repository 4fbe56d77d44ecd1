import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { filtersOf, shownOf } from './filters';
import type { LineRow } from './reading';

const row = (
  id: string,
  status: Schemas['Status'],
  ops: Schemas['Operation'][],
  terminal: string | null,
  change: LineRow['change'] = null,
) =>
  ({
    id,
    change,
    report: { id, status, steps: ops.map((op) => ({ op })) },
    terminal: terminal === null ? null : { class: terminal },
  }) as unknown as LineRow;
const rows = [
  row('a', 'covered', ['cut', 'crimp'], 'lug'),
  row('b', 'hole', ['cut', 'crimp'], 'open-barrel'),
  row('c', 'makeshift', ['cut', 'torque'], 'ferrule'),
  row('d', 'faulty', [], 'lug', 'opened'),
  row('e', 'covered', ['torque'], null),
];
const coverage = { report: { lines: rows.map(({ report }) => report) } } as unknown as Schemas['Coverage'];
const filters = filtersOf(coverage, rows);
const shown = (only: string | null, isOpenFirst = false) =>
  shownOf(rows, filters, only, isOpenFirst)
    .map(({ id }) => id)
    .join('');

it('asks for what some line has', () => {
  expect(filters.map(({ name }) => name)).toEqual([
    'holes and faulty lines',
    'makeshift',
    'what would be otherwise',
    'with cut',
    'with crimp',
    'with torque',
    'ferrule',
    'lug',
    'open barrel',
  ]);
  const covered = filtersOf(
    { report: { lines: [rows[0]?.report] } } as unknown as Schemas['Coverage'],
    rows.slice(0, 1),
  );
  expect(covered.map(({ id }) => id)).toEqual(['op-cut', 'op-crimp', 'class-lug']);
});

it.each([
  ['open', 'bd'],
  ['makeshift', 'c'],
  ['changed', 'd'],
  ['op-torque', 'ce'],
  ['op-crimp', 'ab'],
  ['class-lug', 'ad'],
  ['rubbish', 'abcde'],
  [null, 'abcde'],
])('shows of %s', (only, ids) => {
  expect(shown(only)).toBe(ids);
});

it('has what is open first, then what is makeshift, else in their order', () => {
  expect(shown(null, true)).toBe('bdcae');
  expect(shown('op-cut', true)).toBe('bca');
});
