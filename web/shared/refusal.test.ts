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
  ).toBe('wire/size: a size; wire/name: name is missing');
});
