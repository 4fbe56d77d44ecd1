import { expect, it } from 'vitest';
import { found, sorted } from './tableRows';

const rows = [
  ['UL 486A-486B', '12 AWG', '70'],
  ['UL 486A-486B', '8 AWG', '90'],
  ['IEC 60352-2', '0.5 mm2', '60'],
];

it('finds the rows in which every word stands', () => {
  expect(found(rows, 'ul awg')).toHaveLength(2);
  expect(found(rows, 'iec  60')).toEqual([rows[2]]);
  expect(found(rows, '')).toBe(rows);
  expect(found(rows, 'nothing')).toEqual([]);
});

it('sorts numbers as numbers, both ways, and leaves the rows as they came', () => {
  expect(sorted(rows, 1, false).map((row) => row[1])).toEqual(['0.5 mm2', '8 AWG', '12 AWG']);
  expect(sorted(rows, 2, true).map((row) => row[2])).toEqual(['90', '70', '60']);
  expect(rows[0]?.[1]).toBe('12 AWG');
});
