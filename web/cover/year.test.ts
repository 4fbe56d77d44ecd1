import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { changesTold, dayAt, dayByKey, monthsBetween, placeOf, stretchAt, stretchesOf } from './year';

const day = (on: string, hole: number, faulty = 0): Schemas['CalendarDay'] => ({
  on,
  headline: {
    terminations: 100,
    covered: 100 - hole - faulty,
    makeshift: 0,
    hole,
    faulty,
    share: 1,
    makeshiftCounts: false,
    carryMissing: [],
  },
  changes: [],
});
const days = [day('2026-12-01', 10), day('2026-12-08', 30, 2), day('2027-05-06', 0)];
const stretches = stretchesOf(days, '2027-11-30');

it('goes from each change to the day before the next', () => {
  expect(stretches.map(({ from, to, open, more }) => [from, to, open, more])).toEqual([
    ['2026-12-01', '2026-12-07', 10, 0],
    ['2026-12-08', '2027-05-05', 32, 22],
    ['2027-05-06', '2027-11-30', 0, -32],
  ]);
});

it('knows in which stretch a day is', () => {
  expect(
    ['2026-12-01', '2026-12-07', '2026-12-08', '2027-11-30'].map((on) => stretchAt(stretches, on)?.from),
  ).toEqual(['2026-12-01', '2026-12-01', '2026-12-08', '2027-05-06']);
  expect(stretchAt(stretches, '2026-11-30')).toBeUndefined();
});

it('lays days along a line and finds them again', () => {
  const [from, to] = ['2026-12-01', '2027-11-30'];
  for (const on of ['2026-12-01', '2026-12-08', '2027-06-15', '2027-11-30'])
    expect(dayAt(placeOf(on, from, to), from, to)).toBe(on);
  expect([placeOf('2020-01-01', from, to), placeOf('2030-01-01', from, to)]).toEqual([0, 1]);
  expect([dayAt(-3, from, to), dayAt(7, from, to)]).toEqual([from, to]);
});

it('names the first of each month', () => {
  expect(monthsBetween('2026-11-30', '2027-02-01')).toEqual(['2026-12-01', '2027-01-01', '2027-02-01']);
  expect(monthsBetween('2026-12-01', '2026-12-31')).toEqual([]);
});

it.each([
  ['ArrowRight', '2026-12-02'],
  ['ArrowLeft', '2026-12-01'],
  ['ArrowUp', '2026-12-08'],
  ['PageUp', '2026-12-08'],
  ['End', '2027-11-30'],
  ['x', null],
])('goes by %s', (key, to) => {
  expect(dayByKey(key, '2026-12-01', stretches, '2026-12-01', '2027-11-30')).toBe(to);
});

it('goes back to the change before, and to the first day', () => {
  const back = (on: string) => dayByKey('PageDown', on, stretches, '2026-12-01', '2027-11-30');
  expect([back('2027-06-01'), back('2027-05-06'), back('2026-12-08')]).toEqual([
    '2027-05-06',
    '2026-12-08',
    '2026-12-01',
  ]);
  expect(dayByKey('ArrowDown', '2026-12-20', stretches, '2026-12-01', '2027-11-30')).toBe('2026-12-13');
  expect(dayByKey('Home', '2027-06-01', stretches, '2026-12-01', '2027-11-30')).toBe('2026-12-01');
});

it('tells together what lapses together, with the one visit that renews it', () => {
  const change = (asset: string, text: string, code: 'due.past' | 'asset.away' | null = 'due.past') => ({
    asset,
    tool: 'Driver',
    counts: code === null,
    code,
    text,
  });
  const past = 'Its verification is past since 2027-02-05.';
  expect(
    changesTold([change('A', past), change('B', 'Lent to Ada.', 'asset.away'), change('C', past)]),
  ).toEqual([
    'A, Driver; C, Driver: Its verification is past since 2027-02-05, and one visit renews all 2',
    'B, Driver: Lent to Ada',
  ]);
  expect(changesTold([change('A', past)])).toEqual(['A, Driver: Its verification is past since 2027-02-05']);
  expect(changesTold([change('A', '', null), change('B', '', null)])).toEqual([
    'A, Driver; B, Driver: counts again',
  ]);
  expect(changesTold([change('A', 'Lent.', 'asset.away'), change('B', 'Lent.', 'asset.away')])).toEqual([
    'A, Driver; B, Driver: Lent',
  ]);
});
