import { expect, it } from 'vitest';
import { handOver, isTable, isWorkbook, takeHanded } from './handedOver';

it('gives a file to the place that asks, once', () => {
  expect(takeHanded()).toBeNull();
  const file = new File(['x'], 'list.csv');
  handOver(file);
  expect(takeHanded()).toBe(file);
  expect(takeHanded()).toBeNull();
});

it.each([
  ['list.csv', true, false],
  ['LIST.XLSX', true, false],
  ['parts.ods', true, false],
  ['shop.json', false, true],
  ['shop.ZIP', false, true],
  ['pasted table', false, false],
  ['csv', false, false],
])('knows %s by its name', (name, table, workbook) => {
  const file = new File([''], name);
  expect([isTable(file), isWorkbook(file)]).toEqual([table, workbook]);
});
