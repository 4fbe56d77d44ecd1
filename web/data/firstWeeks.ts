import { daysBetween, fromNow } from '@/shared/days';
import { counted } from '@/shared/pretty';
import type { Thing } from './wall';

/* What is told of things that have come lately. */

/** Until when it can go back, or when it goes home, in a few words; "" where there is nothing to tell. */
export function returnWords({ returnBy, terms }: Pick<Thing, 'returnBy' | 'terms'>, today: string): string {
  if (returnBy === null) return '';
  const left = daysBetween(today, returnBy);
  const when = fromNow(returnBy, today);
  if (terms === 'owned' && left < 0) return '';
  if (terms === 'owned')
    return left === 0
      ? 'can go back today for the last time'
      : `can go back for ${counted(left, 'more day')}`;
  return left < 0 ? `should have gone home ${when}` : `goes home ${when}`;
}

/** Things that nobody has looked at since they came, or whose day of going back is near: what goes back first stands first. */
export const comeLately = (things: Thing[]): Thing[] =>
  things
    .filter(({ firstCheck, goesBackSoon }) => firstCheck !== null || goesBackSoon)
    .sort((one, other) => {
      const day = ({ returnBy, goesBackSoon }: Thing) => (goesBackSoon ? returnBy : null) ?? '9999';
      return day(one).localeCompare(day(other)) || one.tag.localeCompare(other.tag);
    });
