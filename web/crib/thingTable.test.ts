import { expect, it } from 'vitest';
import { headOf, statusesOf, withSays } from './thingTable';

const read = {
  sheets: ['a'],
  sheet: 'a',
  rows: [
    ['Stock', '', ''],
    ['Part', 'Gauge', 'Colour'],
    ['w1', '12', 'red'],
    ['', '', ''],
    ['w2', '14', 'blue'],
  ],
  head: 1,
  columns: [
    { index: 0, says: 'id' },
    { index: 1, says: 'size', unit: 'AWG' },
  ],
  names: ['id', 'name', 'size', 'code'],
};

it('has the rows below the head by their place in the file, without the empty ones', () => {
  const table = headOf('stock.csv', read);
  expect(table.names).toEqual(['Part', 'Gauge', 'Colour']);
  expect(table.rows.map(({ id }) => id)).toEqual(['2', '4']);
});

it('lets a column say something else, and no two the same', () => {
  const table = headOf('stock.csv', read);
  expect(withSays(table, 2, 'size').columns).toEqual([
    { index: 0, says: 'id' },
    { index: 2, says: 'size' },
  ]);
  expect(withSays(table, 1, 'code').columns[1]).toEqual({ index: 1, says: 'code', unit: 'AWG' });
  expect(withSays(table, 0, '').columns).toEqual([{ index: 1, says: 'size', unit: 'AWG' }]);
});

it('tells what is wrong at the row that says it', () => {
  const problem = { row: 5, column: 2, value: 'x', expected: 'a size' };
  const statuses = statusesOf([
    { rows: [4, 5], thing: null, problems: [problem], status: 'bad', version: null },
  ]);
  expect(statuses.get(4)).toEqual({ status: 'bad', problems: [] });
  expect(statuses.get(5)?.problems).toEqual([problem]);
});
