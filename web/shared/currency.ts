import { readonly, shallowRef } from 'vue';

/* What the shop's prices are in, by its code of ISO 4217: one for the whole page, told by who is signed in. */

const code = shallowRef('EUR');
export const currency = readonly(code);

/** From now on amounts are in this. */
export function payIn(of: string): void {
  code.value = of;
}

const writer = (currencyDisplay: 'symbol' | 'narrowSymbol') =>
  new Intl.NumberFormat(navigator.language, {
    style: 'currency',
    currency: code.value,
    currencyDisplay,
    // The workbook holds hundredths of every currency, also of one that has none.
    minimumFractionDigits: 2,
    maximumFractionDigits: 2,
  });

/** Hundredths of the shop's currency, as an amount with its sign. */
export const money = (cents: number): string => writer('symbol').format(cents / 100);

/** How the currency is written beside an amount, in small letters: its code, and its signs. */
export function signs(): string[] {
  const signOf = (display: 'symbol' | 'narrowSymbol') =>
    writer(display)
      .formatToParts(0)
      .find(({ type }) => type === 'currency')?.value ?? code.value;
  return [code.value, signOf('symbol'), signOf('narrowSymbol')].map((sign) => sign.toLowerCase());
}
