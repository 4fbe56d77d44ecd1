import { expect, it } from 'vitest';
import { statusesOf } from './thingTable';

it('tells what is wrong at the row that says it', () => {
  const problem = { row: 5, column: 2, value: 'x', expected: 'a size' };
  const statuses = statusesOf([
    { rows: [4, 5], thing: null, problems: [problem], status: 'bad', version: null },
  ]);
  expect(statuses.get(4)).toEqual({ status: 'bad', problems: [] });
  expect(statuses.get(5)?.problems).toEqual([problem]);
});
