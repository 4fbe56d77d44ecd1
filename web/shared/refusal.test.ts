import { expect, it } from 'vitest';
import { refusal } from './refusal';

const problem = {
  type: 'about:blank' as const,
  title: 'Not found',
  status: 404,
  detail: 'There is nothing.',
};

it('tells each place with what would be right, or what happened', () => {
  expect(refusal(problem)).toBe('Not found. There is nothing.');
  expect(
    refusal({
      ...problem,
      problems: [
        { path: 'wire/size', value: 'x', expected: 'a size' },
        { path: 'wire/name', value: null, expected: 'name is missing' },
      ],
    }),
  ).toBe('wire, size “x”: a size; wire, name: name is missing');
});

it.each([
  ['changes/0/line/quantity', 0, 'quantity “0”: right'],
  ['changes/3/cells/wire', '12 blorp', 'wire “12 blorp”: right'],
  ['/capabilities/0/nests/1/size', 'x', 'capability 1, nest 2, size “x”: right'],
  ['maxTorque', { a: 1 }, 'max torque: right'],
  ['changes/0/line', null, 'right'],
  ['', '', 'right'],
])('names the place %s in words', (path, value, told) => {
  expect(refusal({ ...problem, problems: [{ path, value, expected: 'right' }] })).toBe(told);
});
