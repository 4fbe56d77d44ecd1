import type { Schemas } from '@/api/client';
import type { Thing } from '@/data/wall';
import { daysBetween } from '@/shared/days';

/* What is to be done with things, from what the wall knows of them. */

export interface DueNow {
  thing: Thing;
  kind: string;
  /** Negative where the day has gone; null where it was never done, has failed, or runs by cycles alone. */
  days: number | null;
  code: Thing['dues'][number]['code'];
}

const SOON = 30;

/** What is past or due within a month, what is latest first; of things that are used for nothing any more nothing is due. */
export function duesNow(things: Thing[], today: string): DueNow[] {
  return things
    .filter(({ condition, sign }) => condition !== 'retired' && sign !== 'not-yet')
    .flatMap((thing) =>
      thing.dues.map(({ kind, next, code }) => ({
        thing,
        kind,
        days: next === null || code === 'due.failed' ? null : daysBetween(today, next),
        code,
      })),
    )
    .filter(({ days, code }) => code !== null || (days !== null && days <= SOON))
    .sort(
      (one, other) =>
        (one.days ?? -Infinity) - (other.days ?? -Infinity) || one.thing.tag.localeCompare(other.thing.tag),
    );
}

/** What is out and was to be back, the longest overdue first. */
export const overdue = (things: Thing[]): Thing[] =>
  things
    .filter(({ sign }) => sign === 'overdue')
    .sort((one, other) => (one.out?.due ?? '').localeCompare(other.out?.due ?? ''));

type Coming = Schemas['Today']['coming'][number];

export interface Cause {
  kit: Coming['kit'];
  on: string;
  why: string;
  scopes: { id: string; name: string; lost: number }[];
}

/** What opens in one kit on one day has one cause, whatever the scope: it is told once. */
export function byCause(coming: Coming[]): Cause[] {
  const causes = new Map<string, Cause>();
  for (const { kit, scope, on, lost, changes } of coming) {
    const why = changes.map(({ asset, tool, text }) => `${asset}, ${tool}. ${text}`).join(' ');
    const key = `${on} ${kit.id}`;
    const cause = causes.get(key) ?? { kit, on, why, scopes: [] };
    causes.set(key, { ...cause, scopes: [...cause.scopes, { ...scope, lost }] });
  }
  return [...causes.values()];
}
