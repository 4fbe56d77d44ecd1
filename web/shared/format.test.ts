import { afterEach, expect, it, vi } from 'vitest';
import { money } from './currency';
import { clock, day, moment, hundredths } from './format';

afterEach(() => vi.restoreAllMocks());

it.each([
  ['en-GB', '€1,073.00', '9 January 2027', '9 Jan, 14:05', '14:05'],
  ['de', '1.073,00\u00a0€', '9. Januar 2027', '9. Jan., 14:05', '14:05'],
])('writes as the browser’s language %s does', (language, amount, date, whole, time) => {
  vi.spyOn(navigator, 'language', 'get').mockReturnValue(language);
  const at = new Date(2027, 0, 9, 14, 5);
  expect([money(107_300), day(at), moment(at.getTime()), clock(at.toISOString())]).toEqual([
    amount,
    date,
    whole,
    time,
  ]);
});

it.each([
  ['48.50', 4850],
  ['48,5', 4850],
  [' 48 ', 4800],
  ['0.05', 5],
  ['48.505', null],
  ['-3', null],
  ['4 8', null],
  ['', null],
])('reads %j as an amount', (text, cents) => {
  expect(hundredths(text)).toBe(cents);
});
