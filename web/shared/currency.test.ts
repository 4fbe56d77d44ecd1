import { afterEach, expect, it, vi } from 'vitest';
import { money, payIn, signs } from './currency';

afterEach(() => {
  vi.restoreAllMocks();
  payIn('EUR');
});

it.each([
  ['en-US', 'USD', '$1,073.50', ['usd', '$', '$']],
  ['en-US', 'CAD', 'CA$1,073.50', ['cad', 'ca$', '$']],
  // The workbook holds hundredths of every currency.
  ['en-US', 'JPY', '¥1,073.50', ['jpy', '¥', '¥']],
])('in %s writes an amount of %s as %s', (language, code, written, taken) => {
  vi.spyOn(navigator, 'language', 'get').mockReturnValue(language);
  payIn(code);
  expect(money(107_350)).toBe(written);
  expect(signs()).toEqual(taken);
});
