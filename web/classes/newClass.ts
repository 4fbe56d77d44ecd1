import type { ClassDraft } from '@/data/classes';

/** A class as somebody writes it down: all as it is typed. */
export interface ClassFields {
  name: string;
  on: string;
  start: string;
  until: string;
  /** A name to a line. */
  people: string;
  stations: string[];
  exercises: string[];
  /** "09:45 15, 12:00 30": from, and minutes. */
  breaks: string;
}

interface Named {
  id: string;
  name: string;
}

/** Names as they are pasted, each with the person who has it; null for whom nobody knows yet. */
export function peopleOf(text: string, known: readonly Named[]): { name: string; id: string | null }[] {
  const byName = new Map(known.map(({ id, name }) => [name.toLocaleLowerCase(), id]));
  return text
    .split(/[\n;,\t]+/)
    .map((name) => name.trim().replace(/\s+/g, ' '))
    .filter(Boolean)
    .map((name) => ({ name, id: byName.get(name.toLocaleLowerCase()) ?? null }));
}

const BREAK = /^(\d\d:\d\d) (\d{1,4})$/;
const breakWords = (text: string): string[] =>
  text
    .split(/[,;\n]+/)
    .map((one) => one.trim().replace(/\s+/g, ' '))
    .filter(Boolean);

/** What is wrong with it, by its field; nothing where it can be sent. */
export function problemsOf(fields: ClassFields, known: readonly Named[]): Map<keyof ClassFields, string> {
  const problems = new Map<keyof ClassFields, string>();
  if (!fields.name.trim()) problems.set('name', 'Say what the class is called.');
  const names = peopleOf(fields.people, known).map(({ name }) => name.toLocaleLowerCase());
  const twice = names.find((name, index) => names.indexOf(name) !== index);
  if (!names.length) problems.set('people', 'Name who comes, a name to a line.');
  else if (twice) problems.set('people', `“${twice}” stands in it twice.`);
  if (!fields.stations.length) problems.set('stations', 'Pick at least one station.');
  if (!fields.exercises.length) problems.set('exercises', 'Pick at least one exercise.');
  if (!fields.start) problems.set('start', 'Say when it begins.');
  if (fields.until && fields.until <= fields.start)
    problems.set('until', `Say a time after ${fields.start}.`);
  const odd = breakWords(fields.breaks).find((one) => !BREAK.test(one));
  if (odd) problems.set('breaks', `“${odd}”: say when it begins and its minutes, as 09:45 15.`);
  return problems;
}

/** What is sent; everybody in it is known by now. */
export function draftOf(fields: ClassFields, people: string[]): ClassDraft {
  return {
    name: fields.name.trim(),
    people,
    stations: fields.stations,
    exercises: fields.exercises,
    ...(fields.on ? { on: fields.on } : {}),
    start: fields.start,
    ...(fields.until ? { until: fields.until } : {}),
    breaks: breakWords(fields.breaks).map((one) => {
      const [, from = '', minutes = ''] = BREAK.exec(one) ?? [];
      return { from, minutes: Number(minutes) };
    }),
  };
}
