import type { Schemas } from '@/api/client';
import { words } from '@/shared/pretty';

type Entry = Schemas['LogEntry'];

const CONDITIONS = {
  good: 'good',
  watch: 'watched from here on',
  seldom: 'to the seldom drawer',
  retired: 'out of service',
};

/** An entry of the log in a few words, things and people by their names. */
export function entryWords(entry: Entry, wall: Schemas['Wall']): string {
  const kit = (id: string | null | undefined) =>
    (id == null ? 'the shelf' : wall.kits.find((one) => one.id === id)?.name) ?? 'a kit that is gone';
  const person = (id: string) => wall.people.find((one) => one.id === id)?.name ?? 'somebody who is gone';
  const note = entry.note ? ` – ${entry.note}` : '';
  switch (entry.what) {
    case 'moved':
      return `moved to ${kit(entry.to)}${note}`;
    case 'out': {
      const { to } = entry;
      const whom = to.person !== undefined ? person(to.person) : to.kit !== undefined ? kit(to.kit) : to.text;
      return `given to ${whom}${entry.due ? `, back by ${entry.due}` : ''}${note}`;
    }
    case 'back':
      return `came back${entry.condition ? `: ${CONDITIONS[entry.condition]}` : ''}${note}`;
    case 'condition':
      return `${CONDITIONS[entry.condition]}${note}`;
    case 'cycles':
      return `counter at ${entry.cycles}${note}`;
    case 'done':
      return `${words(entry.due)} ${entry.result === 'fail' ? 'failed' : 'passed'}${entry.certificate ? `, certificate ${entry.certificate}` : ''}${note}`;
    case 'pull':
      return `pulled: ${entry.forces.map((force) => `${force} N`).join(', ')}${note}`;
    case 'cleared':
      return `cleared${note}`;
    default:
      return `${entry.what}${note}`;
  }
}
