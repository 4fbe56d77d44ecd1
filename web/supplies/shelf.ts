import type { Supply } from '@/data/supplies';
import { daysBetween } from '@/shared/days';

/* What is on the shelf in the order in which it wants to be seen. */

export type Shelf = 'short' | 'open' | 'order' | 'enough' | 'rests';

export const titles: Record<Shelf, string> = {
  short: 'Short',
  open: 'Short, and nothing brings it',
  order: 'Enough for this, and time to order',
  enough: 'Enough',
  rests: 'Lies there: nothing asks for it',
};

export const shelfOf = (item: Supply): Shelf =>
  item.open > 0
    ? 'open'
    : item.short > 0
      ? 'short'
      : item.reorder
        ? 'order'
        : item.rests
          ? 'rests'
          : 'enough';

/** What runs out first stands first; what is not used weekly, after it, in the order of the shop. */
const untilOut = (item: Supply): string => item.runsOut ?? '9999';

export function onShelves(items: Supply[]): { shelf: Shelf; items: Supply[] }[] {
  return (Object.keys(titles) as Shelf[])
    .map((shelf) => ({
      shelf,
      items: items
        .filter((item) => shelfOf(item) === shelf)
        .sort((one, other) => untilOut(one).localeCompare(untilOut(other))),
    }))
    .filter((of) => of.items.length > 0);
}

/** Those whose name has each of these words in it. */
export function named(items: Supply[], search: string): Supply[] {
  const sought = search.toLowerCase().split(/\s+/).filter(Boolean);
  return items.filter((item) => sought.every((word) => item.name.toLowerCase().includes(word)));
}

/** What runs out within some days although the work's order has come. */
export const runningOut = (items: Supply[], on: string, days: number): Supply[] =>
  items.filter((item) => item.stock !== null && item.lasts !== null && daysBetween(on, item.lasts) < days);

/** How much of a bar is there, and how much of it is asked for, in percent of the greater of both. */
export function bar(item: Supply): { have: number; wanted: number } {
  const wanted = item.need + item.reserve;
  const whole = Math.max(item.have, wanted, 1);
  return { have: (100 * item.have) / whole, wanted: (100 * wanted) / whole };
}

/** How many times scopes are made, as the address has it: boards:12,cabin:3; what is no number of times is left. */
export const timesRead = (text: string | null): Map<string, number> =>
  new Map([...(text ?? '').matchAll(/([^:,]+):(\d+)/g)].map(([, id, count]) => [id ?? '', Number(count)]));

/** The same for the address; null where each is made once. */
export const timesText = (times: Map<string, number>): string | null =>
  [...times]
    .filter(([, count]) => count > 1)
    .map(([id, count]) => `${id}:${count}`)
    .join(',') || null;
