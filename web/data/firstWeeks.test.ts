import { expect, it } from 'vitest';
import { comeLately, returnWords } from './firstWeeks';
import { thing } from './wall.fixture';

it.each([
  [{ terms: 'owned', returnBy: null }, ''],
  [{ terms: 'owned', returnBy: '2027-03-14' }, 'can go back for 10 more days'],
  [{ terms: 'owned', returnBy: '2027-03-04' }, 'can go back today for the last time'],
  [{ terms: 'owned', returnBy: '2027-03-03' }, ''],
  [{ terms: 'hired', returnBy: '2027-03-05' }, 'goes home in 1 day'],
  [{ terms: 'dealer', returnBy: '2027-03-04' }, 'goes home today'],
  [{ terms: 'hired', returnBy: '2027-03-01' }, 'should have gone home 3 days ago'],
] as const)('tells of %o', (of, words) => expect(returnWords(of, '2027-03-04')).toBe(words));

it('tells what is new, and first what goes back first', () => {
  const things = [
    thing('A', { firstCheck: 'Look.' }),
    thing('B', { returnBy: '2027-03-09', goesBackSoon: true }),
    thing('C', { returnBy: '2028-03-09' }),
    thing('D', { returnBy: '2027-03-05', goesBackSoon: true, firstCheck: 'Look.' }),
    thing('E', { returnBy: '2027-03-01', firstCheck: 'Look.' }),
    thing('F'),
  ];
  expect(comeLately(things).map(({ tag }) => tag)).toEqual(['D', 'B', 'A', 'E']);
});
