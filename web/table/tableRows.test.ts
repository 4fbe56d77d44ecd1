import { expect, it } from 'vitest';
import { fromText } from '@/grid/clipboard';
import { restAsText, rowsWith, tableOf, withCell, withColumn } from './tableRows';

const table = tableOf('parts.csv', {
  sheets: ['Parts'],
  sheet: 'Parts',
  rows: [
    ['Parts list', '', ''],
    ['Qty', 'Wire', 'Terminal'],
    ['40', 'w12', 'ring'],
    ['', '', ''],
    ['some', 'w12', 'a\tb'],
  ],
  head: 1,
  columns: [
    { index: 0, says: 'quantity' },
    { index: 1, says: 'wire' },
  ],
});
const line = {
  line: { wire: 'w12', terminal: 'ring', quantity: 40 },
  rows: [2],
  status: 'hole' as const,
  checks: [],
};
const problem = { column: 0, value: 'some', expected: 'a whole number from 1 to 1000000' };

it('keeps each row with its place in the file, and passes over empty ones', () => {
  expect(table.rows.map(({ place }) => place)).toEqual([2, 4]);
  expect(table.names).toEqual(['Qty', 'Wire', 'Terminal']);
});

it('lets a column say something else, and no two the same', () => {
  const other = withColumn(table, 2, 'wire');
  expect(other.columns).toEqual([
    { index: 0, says: 'quantity' },
    { index: 2, says: 'wire' },
  ]);
  expect(other.corrected).toEqual([2]);
  expect(withColumn(other, 2, null).columns).toEqual([{ index: 0, says: 'quantity' }]);
});

it('shows each row as it was read', () => {
  const rows = rowsWith(table, { lines: [line], bad: [{ row: 4, problems: [problem] }], missing: [] });
  expect(rows.map(({ place, status }) => [place, status])).toEqual([
    [2, 'hole'],
    [4, 'bad'],
  ]);
  expect(rowsWith(table, undefined)[0]?.status).toBe('waiting');
});

it('mends a cell', () => {
  expect(withCell(table, 4, 0, '4').rows[1]?.cells).toEqual(['4', 'w12', 'a\tb']);
});

it('gives back what is left, with what is wrong, as a table', () => {
  const rows = rowsWith(table, { lines: [line], bad: [{ row: 4, problems: [problem] }], missing: [] });
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
  const formula = tableOf('parts.csv', {
    sheets: ['Parts'],
    sheet: 'Parts',
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
