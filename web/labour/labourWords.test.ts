import { expect, it } from 'vitest';
import { even, labour, swap } from './labour.fixture';
import {
  above,
  dayWords,
  evenWords,
  gangWords,
  monthsWords,
  paceWords,
  rateName,
  savesWords,
  whole,
} from './labourWords';

it.each([
  ['4.2', '4.2'],
  ['4,25', '4.25'],
  ['12', '12'],
  ['0', null],
  ['-1', null],
  ['4.2.1', null],
  ['soon', null],
])('reads “%s” as a number above nothing: %s', (text, said) => {
  expect(above(text)).toBe(said);
});

it.each([
  ['12', '12'],
  ['012', '12'],
  ['1000', '1000'],
  ['1001', null],
  ['0', null],
  ['1.5', null],
])('reads “%s” as a whole number up to a thousand: %s', (text, said) => {
  expect(whole(1000)(text)).toBe(said);
});

it('tells what it comes to a day, or all together where nobody says in how many days', () => {
  expect(dayWords(labour())).toBe('41 min a day, for 4 days');
  expect(dayWords(labour({ perDay: null, scope: { id: 'b', name: 'B', days: null, pieces: null } }))).toBe(
    '2 h 45 min all together',
  );
});

it('tells the pace against the clock of work by the piece', () => {
  const of = (days: number | null) =>
    labour({
      scope: { id: 'b', name: 'B', days, pieces: { name: 'fixture', count: 48 } },
      all: { seconds: 4800, squeezes: 288 },
    });
  expect(paceWords(of(null), 8)).toBe('48 fixtures, 2 min and 6 squeezes each.');
  expect(paceWords(of(1), 8)).toBe(
    '48 fixtures, 2 min and 6 squeezes each: 48 a day, one every 10 min of a day of 8 h.',
  );
  expect(paceWords(of(5), 8)).toContain('9.6 a day, one every 50 min');
  expect(paceWords(labour(), 8)).toBeNull();
});

it.each([
  [swap('A'), 'crimp at 58 terminations: 2 min less, 58 squeezes less'],
  [
    swap('A', { seconds: 0, pieces: 1, squeezes: 1 }),
    'crimp at 1 termination: as long as now, 1 squeeze less',
  ],
  [
    swap('A', { seconds: -90, operations: ['strip', 'crimp'] }),
    'strip, crimp at 58 terminations: 2 min more, 58 squeezes less',
  ],
  [swap('A', { squeezes: 0 }), 'crimp at 58 terminations: 2 min less'],
  [swap('A', { squeezes: -4 }), 'crimp at 58 terminations: 2 min less, 4 squeezes more'],
])('tells what a tool would save', (of, said) => {
  expect(savesWords(of)).toBe(said);
});

it('answers first from how many pieces on it pays, then when, then against paying by the piece', () => {
  expect(evenWords(even(), 'Press')).toEqual([
    'Press is cheaper from 4,001 pieces on, this work 41 times over.',
    'It has paid for itself in 9.6 months of such work.',
  ]);
  expect(evenWords(even({ from: 80, months: null }), 'Press')).toEqual([
    'Press is cheaper from 80 pieces on, less than this work alone.',
  ]);
  expect(evenWords(even({ from: 250, months: null }), 'Press')[0]).toContain('this work 2.5 times over');
  expect(
    evenWords(even({ piece: 8, isPieceCheaper: true, fromAgainstPiece: 6001 }), 'Press').slice(2),
  ).toEqual([
    'Made elsewhere, at €0.08 a piece, it is cheaper than here as it is, however many there are.',
    'Against that, Press is cheaper from 6,001 pieces on.',
  ]);
  expect(
    evenWords(even({ piece: 14, isPieceCheaper: false, fromAgainstPiece: null }), 'Press').slice(2),
  ).toEqual([
    'Made elsewhere, at €0.14 a piece, it is not cheaper than here.',
    'With Press it never gets cheaper than elsewhere.',
  ]);
});

it('says so where it never pays, and where it costs nothing', () => {
  expect(evenWords(even({ from: null, months: null }), 'Press')).toEqual([
    'Press never pays for itself by time alone: no piece is made faster with it.',
  ]);
  expect(evenWords(even({ from: 1, price: 0, months: 0 }), 'Press')).toEqual([
    'Press is there already: it is cheaper from the first piece on.',
  ]);
});

it.each([
  [0.1, '1 week'],
  [0.5, '3 weeks'],
  [1.42, '1.5 months'],
  [23.9, '23.9 months'],
  [24, '2 years'],
  [30, '3 years'],
])('tells %s months as %s', (months, said) => {
  expect(monthsWords(months)).toBe(said);
});

it.each([
  [null, null],
  [{ wires: 2, byHand: true }, 'two wires at once, which comes out about half the time'],
  [
    { wires: 6, byHand: true },
    'made for 6 at once; by hand two come out about half the time, four once, six never',
  ],
  [{ wires: 6, byHand: false }, '6 wires at once, with a drive'],
])('tells how several wires at once come out', (gang, said) => {
  expect(gangWords(gang)).toBe(said);
});

it.each([
  [{ op: 'strip', method: 'self-adjusting' } as const, 'strip, self-adjusting'],
  [{ op: 'cut', method: '' } as const, 'cut'],
])('calls what is done by its method, where there is more than one', (of, said) => {
  expect(rateName(of)).toBe(said);
});
