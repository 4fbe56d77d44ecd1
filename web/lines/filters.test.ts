import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { filtersOf, groupingsOf, shownOf } from './filters';
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

it('groups by what tells lines apart', () => {
  const line = (id: string, size: string, tool: string | null, terminal: string | null) =>
    ({
      id,
      wire: { size },
      wires: 'hook-up',
      terminal: terminal === null ? null : { class: terminal },
      report: { status: 'covered', steps: terminal === null ? [] : [{ op: 'crimp', tool }] },
    }) as unknown as LineRow;
  const lines = [
    line('a', '16 AWG', 'oval', 'open-barrel'),
    line('b', '1 mm2', null, 'lug'),
    line('c', '1 mm2', 'oval', null),
  ];
  const tools = { oval: { name: 'Oval crimper' } } as unknown as Schemas['Coverage']['tools'];
  // All are covered and of one wire: that groups nothing.
  expect(groupingsOf({ tools }, lines).map(({ id, name, of }) => [id, name, lines.map(of)])).toEqual([
    ['by-size', 'size', ['16 AWG', '1 mm²', '1 mm²']],
    ['by-class', 'class of terminal', ['open barrel', 'lug', 'screw']],
    ['by-crimp', 'crimping tool', ['Oval crimper', 'no tool', 'not crimped']],
  ]);
  expect(
    groupingsOf(
      { tools },
      rows.map((row) => ({ ...row, wires: row.id })),
    ).map(({ id }) => id),
  ).toEqual(['by-status', 'by-wire', 'by-class', 'by-crimp']);
});
