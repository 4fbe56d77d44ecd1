import { expect, it } from 'vitest';
import { conflictWords } from './conflictWords';
import { course } from './classes.fixture';

const ada = { person: 'ada', exercise: 'lug', station: 'press' };
const adaCut = { person: 'ada', exercise: 'cut', station: 'bench' };
const bo = { person: 'bo', exercise: 'lug', station: 'press' };

it.each([
  ['person.twice', [ada, adaCut], 'Ada is at “Lug” and at “Cut” from 08:10 to 08:20.'],
  ['station.full', [ada, bo], 'Press has 2 people from 08:10 to 08:20, and room for 1: Ada, Bo.'],
  ['station.elsewhere', [{ ...ada, station: 'bench' }], '“Lug” of Ada cannot be done at Bench.'],
  ['exercise.too-soon', [ada, adaCut], 'Ada begins “Lug” at 08:10, before “Cut” is done.'],
  ['people.apart', [ada, bo], 'Ada and Bo are kept apart, and both at Press from 08:10 to 08:20.'],
  ['break.across', [ada], '“Lug” of Ada runs into the break from 08:10 to 08:20.'],
  ['person.away', [ada], 'Ada is away from 08:10 to 08:20, and was to be at “Lug”.'],
  ['session.over', [ada], '“Lug” of Ada ends at 08:20, after all is to be done.'],
  ['exercise.not-for', [ada], 'Ada does not do “Lug”.'],
] as const)('says of %s what cannot be so', (code, slots, said) => {
  expect(conflictWords({ code, slots: [...slots], from: 10, to: 20 }, course(), 480)).toBe(said);
});
