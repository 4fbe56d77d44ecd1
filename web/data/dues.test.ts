import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { byWeek, dueWords, duesOf } from './dues';
import { thing } from './wall.fixture';

const due = (tag: string, more: Partial<Schemas['DueDate']> = {}): Schemas['DueDate'] => ({
  tag,
  kind: 'calibration',
  on: null,
  week: null,
  code: null,
  ...more,
});

const wall = {
  on: '2027-03-04',
  things: ['A', 'B', 'C'].map((tag) => thing(tag)),
  dues: [
    due('C', { kind: 'verification', code: 'due.never' }),
    due('B', { on: '2027-03-01', code: 'due.past' }),
    due('A', { on: '2027-03-04', week: '2027-03-01' }),
    due('B', { kind: 'oil', on: '2027-03-07', week: '2027-03-01' }),
    due('A', { kind: 'oil', on: '2027-03-08', week: '2027-03-08' }),
    due('gone', { on: '2027-03-09', week: '2027-03-08' }),
  ],
};

it('tells what is past first, then week by week, each with its thing', () => {
  const told = byWeek(duesOf(wall)).map(({ week, dues }) => [
    week,
    ...dues.map(({ thing: { tag }, kind, days }) => `${tag} ${kind} ${days}`),
  ]);
  expect(told).toEqual([
    [null, 'C verification null', 'B calibration -3'],
    ['2027-03-01', 'A calibration 0', 'B oil 3'],
    ['2027-03-08', 'A oil 4'],
  ]);
});

it.each([
  [{ days: null, code: 'due.never' as const }, 'never done'],
  [{ days: null, code: 'due.failed' as const }, 'failed'],
  [{ days: null, code: 'due.past' as const }, 'by its counter'],
  [{ days: -1, code: 'due.past' as const }, '1 day ago'],
  [{ days: -3, code: 'due.past' as const }, '3 days ago'],
  [{ days: 0, code: null }, 'today'],
  [{ days: 1, code: null }, 'in 1 day'],
])('says of %o %s', (of, words) => expect(dueWords(of)).toBe(words));
