import type { Schemas } from '@/api/client';
import { daysBetween, plusDays } from '@/shared/days';

/* A year of a kit, laid along a line: where the days stand, and what changes on them. Nothing here draws. */

type Day = Schemas['CalendarDay'];

export interface Stretch {
  from: string;
  /** The last day of it. */
  to: string;
  day: Day;
  /** Terminations that cannot be made, and of them how many more than in the stretch before. */
  open: number;
  more: number;
}

const openOf = ({ headline }: Day): number => headline.hole + headline.faulty;

/** From each day on which something changes to the day before the next. */
export function stretchesOf(days: Day[], to: string): Stretch[] {
  return days.map((day, index) => {
    const [before, next] = [days[index - 1], days[index + 1]];
    return {
      from: day.on,
      to: next ? plusDays(next.on, -1) : to,
      day,
      open: openOf(day),
      more: before ? openOf(day) - openOf(before) : 0,
    };
  });
}

export const stretchAt = (stretches: Stretch[], on: string): Stretch | undefined =>
  stretches.findLast(({ from }) => from <= on);

/** Where a day stands between 0 and 1, and which day stands there. */
export const placeOf = (on: string, from: string, to: string): number =>
  Math.min(1, Math.max(0, daysBetween(from, on) / Math.max(1, daysBetween(from, to))));

export const dayAt = (place: number, from: string, to: string): string =>
  plusDays(from, Math.round(Math.min(1, Math.max(0, place)) * daysBetween(from, to)));

/** The first of each month between two days. */
export function monthsBetween(from: string, to: string): string[] {
  const months: string[] = [];
  let [year, month] = from.split('-').map(Number) as [number, number];
  for (;;) {
    month += 1;
    if (month > 12) [year, month] = [year + 1, 1];
    const first = `${year}-${String(month).padStart(2, '0')}-01`;
    if (first > to) return months;
    months.push(first);
  }
}

/** What one key does: a day or a week on, to the next change or the one before, to an end; null for any other key. */
export function dayByKey(
  key: string,
  on: string,
  stretches: Stretch[],
  from: string,
  to: string,
): string | null {
  const kept = (day: string) => (day < from ? from : day > to ? to : day);
  const changes = stretches.slice(1).map((stretch) => stretch.from);
  const steps: Record<string, () => string> = {
    ArrowRight: () => plusDays(on, 1),
    ArrowLeft: () => plusDays(on, -1),
    ArrowUp: () => plusDays(on, 7),
    ArrowDown: () => plusDays(on, -7),
    PageUp: () => changes.find((day) => day > on) ?? to,
    PageDown: () => changes.findLast((day) => day < on) ?? from,
    Home: () => from,
    End: () => to,
  };
  const step = steps[key];
  return step ? kept(step()) : null;
}

type Change = Schemas['CalendarDay']['changes'][number];

/** What changes on a day: what has the same reason is told together, and where that is a due, that one visit renews it. */
export function changesTold(changes: Change[]): string[] {
  const byReason = new Map<string, Change[]>();
  for (const change of changes) byReason.set(change.text, [...(byReason.get(change.text) ?? []), change]);
  return [...byReason].map(([text, of]) => {
    const names = of.map(({ asset, tool }) => `${asset}, ${tool}`).join('; ');
    const visit =
      of.length > 1 && of[0]?.code === 'due.past' ? `, and one visit renews all ${of.length}` : '';
    return `${names}: ${text ? text.replace(/\.$/, '') : 'counts again'}${visit}`;
  });
}
