import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';
import { daysBetween } from '@/shared/days';
import type { Thing } from './wall';

/* What is to be done with things: what is past or will be within 90 days, as the wall tells it. */

type Wall = Schemas['Wall'];

export interface DueNow {
  thing: Thing;
  kind: Thing['dues'][number]['kind'];
  /** The Monday of its week; null for what is past or has no day. */
  week: string | null;
  on: string | null;
  /** Negative where the day has gone; null where it was never done, has failed, or is spent by its counter. */
  days: number | null;
  code: Thing['dues'][number]['code'];
}

/** In the order of the wall: what has no day first, then by its day. */
export function duesOf({ dues, things, on: today }: Pick<Wall, 'dues' | 'things' | 'on'>): DueNow[] {
  const byTag = new Map(things.map((thing) => [thing.tag, thing]));
  return dues.flatMap(({ tag, kind, on, week, code }) => {
    const thing = byTag.get(tag);
    return thing ? [{ thing, kind, week, on, days: on === null ? null : daysBetween(today, on), code }] : [];
  });
}

export const dueWords = ({ days, code }: Pick<DueNow, 'days' | 'code'>): string =>
  code === 'due.never'
    ? 'never done'
    : code === 'due.failed'
      ? 'failed'
      : days === null
        ? 'by its counter'
        : days < 0
          ? `${counted(-days, 'day')} ago`
          : days === 0
            ? 'today'
            : `in ${counted(days, 'day')}`;

/** What falls into one week, or is past. */
export interface DueWeek {
  week: string | null;
  dues: DueNow[];
}

/** The weeks in which something is due, what is past before them. */
export function byWeek(dues: DueNow[]): DueWeek[] {
  const weeks = new Map<string | null, DueNow[]>();
  for (const due of dues) weeks.set(due.week, [...(weeks.get(due.week) ?? []), due]);
  return [...weeks].map(([week, of]) => ({ week, dues: of }));
}
