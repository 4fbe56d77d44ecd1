import type { Conflict, Course } from '@/data/classes';
import { clockOf } from './timetable';

/** Says what cannot be so in a timetable, with names and times. */
export function conflictWords(
  { code, slots, from, to }: Conflict,
  course: Pick<Course, 'people' | 'stations' | 'exercises'>,
  begin: number,
): string {
  const nameIn = (list: readonly { id: string; name: string }[], id: string | undefined) =>
    list.find((one) => one.id === id)?.name ?? '';
  const [first, last] = [slots[0], slots.at(-1)];
  const who = nameIn(course.people, first?.person);
  const what = `“${nameIn(course.exercises, first?.exercise)}”`;
  const other = `“${nameIn(course.exercises, last?.exercise)}”`;
  const station = course.stations.find(({ id }) => id === first?.station);
  const where = station?.name ?? '';
  const when = `from ${clockOf(begin, from)} to ${clockOf(begin, to)}`;
  switch (code) {
    case 'person.twice':
      return `${who} is at ${what} and at ${other} ${when}.`;
    case 'station.full':
      return `${where} has ${String(slots.length)} people ${when}, and room for ${String(station?.capacity ?? 1)}: ${slots.map(({ person }) => nameIn(course.people, person)).join(', ')}.`;
    case 'station.elsewhere':
      return `${what} of ${who} cannot be done at ${where}.`;
    case 'exercise.too-soon':
      return `${who} begins ${what} at ${clockOf(begin, from)}, before ${other} is done.`;
    case 'people.apart':
      return `${who} and ${nameIn(course.people, last?.person)} are kept apart, and both at ${where} ${when}.`;
    case 'break.across':
      return `${what} of ${who} runs into the break ${when}.`;
    case 'person.away':
      return `${who} is away ${when}, and was to be at ${what}.`;
    case 'session.over':
      return `${what} of ${who} ends at ${clockOf(begin, to)}, after all is to be done.`;
    case 'exercise.not-for':
      return `${who} does not do ${what}.`;
  }
}
