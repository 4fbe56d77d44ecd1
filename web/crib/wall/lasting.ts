import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';

type Lasting = Schemas['Wall']['models'][string]['lasting'];

const YEAR = 365.25;
/** A time as one says it of a tool: years with one digit, below one in months. */
export function span(days: number): string {
  if (days < YEAR) return counted(Math.max(1, Math.round((days / YEAR) * 12)), 'month');
  const years = Math.round((days / YEAR) * 10) / 10;
  return years === 1 ? '1 year' : `${years} years`;
}

/** How long things of a model have lasted here, and what the trade says of its kind; "" where neither is known. */
export function lastingWords({ worn, good, practice }: Lasting): string {
  const own =
    worn.length || good.length > 1
      ? [
          `Of ${counted(worn.length + good.length, 'thing')} of this model`,
          worn.length
            ? ` ${worn.length === 1 ? 'one is' : `${worn.length} are`} no longer good, after ${worn.map(span).join(', ')}`
            : ' all are good',
          good[0] === undefined
            ? ''
            : worn.length
              ? `; the oldest good one is ${span(good[0])} old`
              : `, the oldest for ${span(good[0])}`,
          '.',
        ].join('')
      : '';
  return [own, practice && `${practice} (Common practice, no source.)`].filter(Boolean).join(' ');
}
