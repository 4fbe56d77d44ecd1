import { expect, it } from 'vitest';
import { fromText } from '@/grid/clipboard';
import { broughtAs } from './brought';
import { restAsText, rowsWith } from './tableRows';

const table = broughtAs('parts.csv', {
  rows: [
    ['Parts list', '', ''],
    ['Qty', 'Wire', 'Terminal'],
    ['40', 'w12', 'ring'],
    ['', '', ''],
    ['some', 'w12', 'a\tb'],
  ],
  head: 1,
  columns: [
    { index: 0, says: 'quantity' as const },
    { index: 1, says: 'wire' as const },
  ],
});
const line = {
  line: { wire: 'w12', terminal: 'ring', quantity: 40 },
  rows: [2],
  status: 'hole' as const,
  checks: [],
};
const names = { wires: { w12: '12 AWG' }, terminals: { ring: 'Ring M6' } };
const problem = { column: 0, value: 'some', expected: 'a whole number from 1 to 1000000' };

it('shows each row as it was read', () => {
  const rows = rowsWith(table, { lines: [line], bad: [{ row: 4, problems: [problem] }], missing: [], names });
  expect(rows.map(({ place, status }) => [place, status])).toEqual([
    [2, 'hole'],
    [4, 'bad'],
  ]);
  expect(rows.map(({ makes }) => makes)).toEqual(['12 AWG → Ring M6', null]);
  expect(rowsWith(table, undefined)[0]?.status).toBe('waiting');
});

it('gives back what is left, with what is wrong, as a table', () => {
  const rows = rowsWith(table, { lines: [line], bad: [{ row: 4, problems: [problem] }], missing: [], names });
  expect(
    fromText(
      restAsText(
        table,
        rows.filter(({ status }) => status === 'bad'),
      ),
    ),
  ).toEqual([
    ['Qty', 'Wire', 'Terminal', 'What is wrong'],
    ['some', 'w12', 'a\tb', 'some: a whole number from 1 to 1000000'],
  ]);
});

it('writes no formula into a file', () => {
  const formula = broughtAs<never>('parts.csv', {
    rows: [['Qty'], ['=HYPERLINK("x")']],
    head: 0,
    columns: [],
  });
  const row = {
    place: 1,
    cells: ['=HYPERLINK("x")'],
    status: 'bad' as const,
    problems: [{ value: '=1', expected: 'a number' }],
  };
  expect(fromText(restAsText(formula, [row as never]))[1]).toEqual([`'=HYPERLINK("x")`, "'=1: a number"]);
});
