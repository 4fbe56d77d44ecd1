import type { Schemas } from '@/api/client';
import type { Thing } from '@/data/wall';

/* What of the things and of what comes is told today. */

/** What is out and was to be back, the longest overdue first. */
export const overdue = (things: Thing[]): Thing[] =>
  things
    .filter(({ sign }) => sign === 'overdue')
    .sort((one, other) => (one.out?.due ?? '').localeCompare(other.out?.due ?? ''));

/** What was pulled under what it must hold, then what a chart says something of, the longest first. */
export const pulledBadly = (things: Thing[]): Thing[] =>
  things
    .filter(({ sign, driftsSince }) => sign === 'held' || driftsSince !== null)
    .sort((one, other) => (one.driftsSince ?? '').localeCompare(other.driftsSince ?? ''));

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
