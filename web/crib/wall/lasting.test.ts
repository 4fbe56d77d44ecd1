import { expect, it } from 'vitest';
import { lastingWords, span } from './lasting';

it.each([
  [5, '1 month'],
  [200, '7 months'],
  [365, '12 months'],
  [366, '1 year'],
  [1000, '2.7 years'],
  [2922, '8 years'],
])('%i days are %s', (days, words) => expect(span(days)).toBe(words));

it.each([
  [[], [], null, ''],
  [[], [400], null, ''],
  [[], [1000, 400], null, 'Of 2 things of this model all are good, the oldest for 2.7 years.'],
  [[1000], [], null, 'Of 1 thing of this model one is no longer good, after 2.7 years.'],
  [
    [400, 1000],
    [2922, 30],
    null,
    'Of 4 things of this model 2 are no longer good, after 1.1 years, 2.7 years; the oldest good one is 8 years old.',
  ],
  [[], [], 'Some last.', 'Some last. (Common practice, no source.)'],
])('says of %j worn and %j good ones, and of %j, "%s"', (worn, good, practice, words) =>
  expect(lastingWords({ worn, good, practice })).toBe(words),
);
