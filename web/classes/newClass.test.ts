import { expect, it } from 'vitest';
import { draftOf, peopleOf, problemsOf, type ClassFields } from './newClass';

const known = [
  { id: 'ada', name: 'Ada Lind' },
  { id: 'bo', name: 'Bo Rask' },
];
const fields = (more: Partial<ClassFields> = {}): ClassFields => ({
  name: 'Day one',
  on: '2027-01-11',
  start: '08:00',
  until: '',
  people: 'Ada Lind\nBo Rask',
  stations: ['bench'],
  exercises: ['cut'],
  breaks: '09:45 15, 12:00 30',
  ...more,
});

it('reads names as they are pasted, and knows whom the shop has', () => {
  expect(peopleOf(' ada  lind\n\nNew One; Bo Rask\t', known)).toEqual([
    { name: 'ada lind', id: 'ada' },
    { name: 'New One', id: null },
    { name: 'Bo Rask', id: 'bo' },
  ]);
});

it('has nothing to say of what can be sent', () => {
  expect([...problemsOf(fields(), known)]).toEqual([]);
  expect([...problemsOf(fields({ breaks: '', until: '12:30' }), known)]).toEqual([]);
});

it.each([
  ['name', { name: '  ' }, 'Say what the class is called.'],
  ['people', { people: ' \n' }, 'Name who comes, a name to a line.'],
  ['people', { people: 'Ada Lind\nada lind' }, '“ada lind” stands in it twice.'],
  ['stations', { stations: [] }, 'Pick at least one station.'],
  ['exercises', { exercises: [] }, 'Pick at least one exercise.'],
  ['start', { start: '' }, 'Say when it begins.'],
  ['until', { until: '08:00' }, 'Say a time after 08:00.'],
  ['breaks', { breaks: '09:45 15, noon' }, '“noon”: say when it begins and its minutes, as 09:45 15.'],
] as const)('says what is wrong with %s', (field, more, said) => {
  expect([...problemsOf(fields(more as Partial<ClassFields>), known)]).toEqual([[field, said]]);
});

it('sends what was written, and nothing for what was left empty', () => {
  expect(draftOf(fields(), ['ada', 'bo'])).toEqual({
    name: 'Day one',
    people: ['ada', 'bo'],
    stations: ['bench'],
    exercises: ['cut'],
    on: '2027-01-11',
    start: '08:00',
    breaks: [
      { from: '09:45', minutes: 15 },
      { from: '12:00', minutes: 30 },
    ],
  });
  expect(draftOf(fields({ on: '', until: '12:30', breaks: '' }), [])).toMatchObject({
    until: '12:30',
    breaks: [],
  });
  expect(draftOf(fields({ on: '' }), [])).not.toHaveProperty('on');
});
