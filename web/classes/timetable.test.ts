import { expect, it } from 'vitest';
import { course } from './classes.fixture';
import {
  beginOf,
  clockOf,
  keptOf,
  letterOf,
  minutesOf,
  nowNext,
  otherStation,
  slotsOf,
  withAway,
  withMoved,
} from './timetable';

it('reads a clock, and tells one after the start', () => {
  expect(beginOf('09:30')).toBe(570);
  expect(beginOf(undefined)).toBe(480);
  expect(clockOf(480, 95)).toBe('09:35');
  expect(clockOf(1380, 90)).toBe('00:30');
  expect(minutesOf(480, '09:35')).toBe(95);
  expect(minutesOf(480, '07:50')).toBe(-10);
});

it('has letters for stations, and begins again behind the last', () => {
  expect([0, 3, 25, 26].map(letterOf)).toEqual(['A', 'D', 'Z', 'A']);
});

it('gives what is kept its ends', () => {
  const { slots, exercises } = course();
  expect(slotsOf(keptOf(slots), exercises)).toEqual(slots);
});

it('moves one and leaves the others, and nothing before the start', () => {
  const kept = keptOf(course().slots);
  const moved = withMoved(kept, 'ada/lug', { from: 45 });
  expect(moved[2]).toEqual({ ...kept[2], from: 45 });
  expect(moved.filter((_, index) => index !== 2)).toEqual(kept.filter((_, index) => index !== 2));
  expect(withMoved(kept, 'bo/lug', { from: -5 })[1]?.from).toBe(0);
  expect(withMoved(kept, 'bo/cut', { station: 'vice' })[3]).toEqual({ ...kept[3], station: 'vice' });
});

it.each([
  ['cut', 'bench', 1, 'vice'],
  ['cut', 'vice', 1, 'bench'],
  ['cut', 'bench', -1, 'vice'],
  ['lug', 'press', 1, 'press'],
] as const)(
  'goes from station to station where %s can be done: from %s by %i to %s',
  (what, from, step, to) => {
    expect(otherStation(course(), what, from, step)).toBe(to);
  },
);

it('has of one person one word about being away', () => {
  expect(
    withAway([{ person: 'ada', until: '09:00' }, { person: 'bo' }], { person: 'ada', from: '10:00' }),
  ).toEqual([{ person: 'bo' }, { person: 'ada', from: '10:00' }]);
});

it.each([
  [-10, null, 0, 10],
  [0, 0, 30, 20],
  [19, 0, 30, 1],
  [20, null, 30, 10],
  [30, 30, null, 30],
  [60, null, null, null],
])(
  'at minute %i tells what goes on since %s and what begins at %s, with %s minutes left',
  (at, now, next, left) => {
    const of = nowNext(
      course().slots.filter(({ person }) => person === 'ada'),
      at,
    );
    expect([of.now?.from ?? null, of.next?.from ?? null, of.left]).toEqual([now, next, left]);
  },
);
