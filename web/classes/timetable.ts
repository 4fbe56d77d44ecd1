import type { Appointment, Away, Course, Slot } from '@/data/classes';

/** Of the class: minutes since midnight at which it begins. */
export function beginOf(start: string | undefined): number {
  const [hours = 8, minutes = 0] = (start ?? '08:00').split(':').map(Number);
  return 60 * hours + minutes;
}

/** What the clock shows some minutes after the start. */
export function clockOf(begin: number, minutes: number): string {
  const all = (begin + minutes) % 1440;
  return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
}

/** Minutes after the start that a clock shows. */
export const minutesOf = (begin: number, clock: string): number => beginOf(clock) - begin;

/** Letters by which stations are told apart beside their hatch. */
export const letterOf = (index: number): string => String.fromCharCode(65 + (index % 26));

export const keyOf = ({ person, exercise }: { person: string; exercise: string }): string =>
  `${person}/${exercise}`;

export const keptOf = (slots: readonly Slot[]): Appointment[] =>
  slots.map(({ person, exercise, station, from }) => ({ person, exercise, station, from }));

/** The slots of a timetable that somebody draws, before the server has looked at it. */
export function slotsOf(timetable: readonly Appointment[], exercises: Course['exercises']): Slot[] {
  const minutes = new Map(exercises.map((exercise) => [exercise.id, exercise.minutes]));
  return timetable.map((at) => ({ ...at, to: at.from + (minutes.get(at.exercise) ?? 0) }));
}

/** The same with one appointment elsewhere; all the others stay. */
export function withMoved(
  timetable: readonly Appointment[],
  key: string,
  to: Partial<Pick<Appointment, 'from' | 'station'>>,
): Appointment[] {
  return timetable.map((at) =>
    keyOf(at) === key ? { ...at, ...to, from: Math.max(0, to.from ?? at.from) } : at,
  );
}

/** The next station at which an exercise can be done. */
export function otherStation(course: Course, exercise: string, station: string, step: 1 | -1): string {
  const may = course.exercises.find(({ id }) => id === exercise)?.stations ?? [];
  const at = may.indexOf(station);
  return may[(at + step + may.length) % may.length] ?? station;
}

/** With somebody who is late or gone; whoever is there again is not among them. */
export const withAway = (away: readonly Away[], one: Away): Away[] => [
  ...away.filter(({ person }) => person !== one.person),
  one,
];

/** What somebody, or somebody at a station, does at a time and what comes next. */
export interface NowNext {
  now: Slot | null;
  next: Slot | null;
  /** Minutes until the present one ends, or else until the next begins. */
  left: number | null;
}

export function nowNext(slots: readonly Slot[], at: number): NowNext {
  const of = [...slots].sort((one, other) => one.from - other.from);
  const now = of.find((slot) => slot.from <= at && at < slot.to) ?? null;
  const next = of.find((slot) => slot.from > at) ?? null;
  return { now, next, left: now ? now.to - at : next ? next.from - at : null };
}
