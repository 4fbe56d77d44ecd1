import { beforeEach, expect, it } from 'vitest';
import {
  evidence,
  faultsSeen,
  GOOD,
  keepPractice,
  keptPractice,
  OTHER,
  share,
  told,
  written,
} from './practice';
import { record } from './train.fixture';

beforeEach(() => sessionStorage.clear());

it('writes how many were made, how many are good, and the fault of each that is not', () => {
  const pieces = [GOOD, 'flash', GOOD, 'flash', OTHER];
  expect(written({ skill: 'crimp:lug', pieces, note: ' with the press ' }, 'ada')).toEqual({
    what: 'practice',
    person: 'ada',
    skill: 'crimp:lug',
    tries: 5,
    good: 2,
    faults: ['flash', 'flash'],
    note: 'with the press',
  });
  expect(written({ skill: 'cut', pieces: [GOOD], note: ' ' }, 'ada')).toEqual({
    what: 'practice',
    person: 'ada',
    skill: 'cut',
    tries: 1,
    good: 1,
  });
});

it('keeps what was looked at and is not written down, of each person', () => {
  const draft = { skill: 'cut', pieces: [GOOD], note: '' };
  keepPractice('ada', draft);
  expect([keptPractice('ada'), keptPractice('bo')]).toEqual([draft, null]);
  keepPractice('ada', { ...draft, pieces: [] });
  expect(keptPractice('ada')).toBeNull();
  sessionStorage.setItem('gondrik.practice.ada', 'no JSON');
  expect(keptPractice('ada')).toBeNull();
});

it('tells what was practised, with its faults in words and how often each was seen', () => {
  const of = record(
    [],
    [
      {
        what: 'practice',
        skill: 'crimp:lug',
        tries: 10,
        good: 7,
        faults: ['strands-cut', 'flash', 'flash'],
        by: 'bo',
        note: 'cold hands',
      },
      {
        what: 'skill',
        skill: 'crimp:lug',
        level: 'signed-off',
        until: '2027-12-01',
        by: 'bo',
        note: 'ten seen',
      },
      { what: 'skill', skill: 'crimp:lug', level: 'withdrawn', by: 'cy', note: 'wings' },
      { what: 'practice', skill: 'crimp:lug', tries: 3, good: 2, faults: ['flash'], isVoided: true },
      { what: 'practice', skill: 'cut', tries: 3, good: 2, faults: ['unknown'] },
    ],
  );
  expect(of.entries.map((entry) => told(entry, of))).toEqual([
    { title: '7 of 10 good', more: '2 × Fins at the sides. Cut strands. · cold hands · seen by Bo' },
    { title: 'signed off until 2027-12-01', more: 'by Bo · ten seen' },
    { title: 'sign-off taken back', more: 'by Cy · wings' },
    { title: '2 of 3 good', more: 'Fins at the sides.' },
    { title: '2 of 3 good', more: 'unknown' },
  ]);
  // What was taken out of account does not count.
  expect(faultsSeen(of, 'crimp:lug')).toEqual([
    { text: 'Fins at the sides.', count: 2 },
    { text: 'Cut strands.', count: 1 },
  ]);
});

it('fills the bar up to what the house asks for, and no farther', () => {
  expect([share(5, 20), share(30, 20), share(0, 20)]).toEqual([0.25, 1, 0]);
});

it('has a first word of what was seen', () => {
  expect(evidence(undefined)).toBe('');
  expect(evidence({ tries: 0, good: 0, lastTen: null })).toBe('');
  expect(evidence({ tries: 5, good: 4, lastTen: null })).toBe('Practice: 4 of 5 good. ');
  expect(evidence({ tries: 30, good: 28, lastTen: 1 })).toBe(
    'Practice: 28 of 30 good, 100 % of the last ten. ',
  );
});
