import { expect, it } from 'vitest';
import { daysBetween, dayWords, fromNow, plusDays } from './days';

it('counts days over the ends of months and years', () => {
  expect(plusDays('2027-02-28', 1)).toBe('2027-03-01');
  expect(plusDays('2028-02-28', 1)).toBe('2028-02-29');
  expect(plusDays('2027-01-01', -1)).toBe('2026-12-31');
  // The clocks change between these two.
  expect(daysBetween('2027-03-27', '2027-03-29')).toBe(2);
  expect(daysBetween('2027-03-29', '2027-03-27')).toBe(-2);
});

it('says a day with its year only where it is another', () => {
  expect(dayWords('2027-03-04', '2027-12-01')).toBe('4 Mar');
  expect(dayWords('2027-03-04', '2026-12-01')).toBe('4 Mar 2027');
});

it('says how far off a day is', () => {
  expect(
    ['2027-03-04', '2027-03-05', '2027-03-10', '2027-03-03', '2027-02-28'].map((day) =>
      fromNow(day, '2027-03-04'),
    ),
  ).toEqual(['today', 'in 1 day', 'in 6 days', '1 day ago', '4 days ago']);
});
