import { expect, it } from 'vitest';
import { broughtAs, withCells, withoutRows, withSays } from './brought';

const table = broughtAs<string>('stock.csv', {
  rows: [
    ['Stock', '', ''],
    ['Part', 'Gauge', 'Colour'],
    ['w1', '12', 'red'],
    ['', '', ''],
    ['w2', '14', 'blue', 'a word beside the table'],
  ],
  head: 1,
  columns: [
    { index: 0, says: 'id' },
    { index: 1, says: 'size', unit: 'AWG' },
  ],
});

it('has the rows below the head by their place in the file, without the empty ones, and a name for each column', () => {
  expect(table.names).toEqual(['Part', 'Gauge', 'Colour', '']);
  expect(table.rows.map(({ place }) => place)).toEqual([2, 4]);
  expect(broughtAs('bare.csv', { rows: [['w1']], head: null, columns: [] })).toMatchObject({
    names: [''],
    rows: [{ place: 0, cells: ['w1'] }],
  });
});

it('lets a column say something else, and no two the same', () => {
  const other = withSays(table, 2, 'size');
  expect(other.columns).toEqual([
    { index: 0, says: 'id' },
    { index: 2, says: 'size' },
  ]);
  expect(other.corrected).toEqual([2]);
  expect(withSays(table, 1, 'code').columns[1]).toEqual({ index: 1, says: 'code', unit: 'AWG' });
  expect(withSays(other, 0, null).columns).toEqual([{ index: 2, says: 'size' }]);
});

it('mends cells, those beyond the end of a short row too', () => {
  const mended = withCells(table, [
    { place: 2, column: 0, text: 'w9' },
    { place: 2, column: 4, text: 'spare' },
    { place: 4, column: 1, text: '16' },
  ]);
  expect(mended.rows.map(({ cells }) => cells)).toEqual([
    ['w9', '12', 'red', '', 'spare'],
    ['w2', '16', 'blue', 'a word beside the table'],
  ]);
  expect(table.rows[0]?.cells).toEqual(['w1', '12', 'red']);
});

it('is gone with its last row', () => {
  expect(withoutRows(table, new Set([2]))?.rows.map(({ place }) => place)).toEqual([4]);
  expect(withoutRows(table, new Set([2, 4]))).toBeNull();
});
