import { expect, it } from 'vitest';
import { roundStep } from './roundStep';
import { span } from './spans';

it.each([
  [0, '0 s'],
  [6.34, '6.3 s'],
  [59.9, '59.9 s'],
  [60, '1 min'],
  [89, '1 min'],
  [90, '2 min'],
  [3569, '59 min'],
  [3570, '1 h'],
  [3600, '1 h'],
  [5400, '1 h 30 min'],
  [86400, '24 h'],
])('tells %s seconds as %s', (seconds, said) => {
  expect(span(seconds)).toBe(said);
});

it.each([
  [100, 5, 20],
  [0, 4, 0.25],
  [9, 4, 2.5],
  [4200, 4, 2000],
])('goes over %s in about %s steps of %s', (of, about, step) => {
  expect(roundStep(of, about)).toBe(step);
});
