/* Amounts and moments as the browser's language writes them. */

const of = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(navigator.language, options);
type Moment = string | number | Date;

/** A day with its year. */
export const day = (at: Moment): string =>
  of({ day: 'numeric', month: 'long', year: 'numeric' }).format(new Date(at));

/** A day and the time of it. */
export const moment = (at: Moment): string =>
  of({ day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }).format(new Date(at));

/** A time of today. */
export const clock = (at: Moment): string => of({ hour: '2-digit', minute: '2-digit' }).format(new Date(at));

/** Hundredths of the shop's currency, as a number alone: where a field takes it. */
export const amount = (cents: number): string => (cents / 100).toFixed(2);

/** An amount as somebody writes it, with a point or a comma before its hundredths; null where it is none. */
export function hundredths(text: string): number | null {
  const found = /^\s*(\d{1,10})(?:[.,](\d{1,2}))?\s*$/.exec(text);
  return found ? Number(found[1]) * 100 + Number((found[2] ?? '').padEnd(2, '0')) : null;
}
