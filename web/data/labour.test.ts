import { expect, it } from 'vitest';
import { labourQuery } from './labour';

it('asks numbers as such, and how many people only with how many hours', () => {
  const pair = { kit: 'bench', scope: 'boards' };
  expect(labourQuery(pair)).toEqual(pair);
  expect(labourQuery({ ...pair, wage: '4200', each: '3.2', by: 'table', hand: 'nela' })).toEqual({
    ...pair,
    wage: 4200,
    each: 3.2,
    by: 'table',
    hand: 'nela',
  });
  expect(labourQuery({ ...pair, people: '12' })).toEqual(pair);
  expect(labourQuery({ ...pair, hours: '6' })).toEqual(pair);
  expect(labourQuery({ ...pair, people: '12', hours: '6.5' })).toEqual({ ...pair, people: 12, hours: 6.5 });
});
