import { expect, it } from 'vitest';
import { ofBusiness } from './busy';

const rests = (...of: number[]) => of.map((terminations, at) => ({ tag: `T${at}`, terminations }));

it('names the dozen on which most rests, and their equals', () => {
  const many = ofBusiness(rests(3, 0, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 4, 4, 4), 'busy');
  expect([...many.values()]).toEqual([9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 4, 4, 4]);
  expect(many.has('T0')).toBe(false);
});

it('calls nothing busy on which nothing rests', () => {
  expect(ofBusiness(rests(0, 2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0), 'busy').size).toBe(1);
  expect([...ofBusiness(rests(0, 2, 0), 'busy')]).toEqual([['T1', 2]]);
  expect([...ofBusiness(rests(0, 2, 0), 'idle')]).toEqual([
    ['T0', 0],
    ['T2', 0],
  ]);
});
