import { expect, it } from 'vitest';
import { figuresOf, nameOf, scaleOf, verdictOf, WIDTH, type Series } from './series';

const series = (more: Partial<Series> = {}): Series => ({
  asset: 'CR-01',
  tool: 'Crimper',
  nest: 'red',
  note: 'stripped 2 mm',
  forces: [100, 120],
  mean: 110,
  deviation: 14.14,
  least: 100,
  most: 120,
  modes: [],
  required: null,
  difference: null,
  chance: null,
  isWorse: false,
  ...more,
});

it('lays all on one scale, with what is required where it is near enough', () => {
  const both = scaleOf([series(), series({ forces: [140], required: 89 })]);
  expect([both.least, both.most]).toEqual([89, 140]);
  expect([both.x(89), both.x(140)]).toEqual([4, WIDTH - 4]);
  expect(scaleOf([series({ required: 20 })]).least).toBe(100);
  expect(scaleOf([series({ required: 200 })]).least).toBe(100);
  expect(scaleOf([series({ forces: [100] })]).x(100)).toBe(4);
});

it('names each by what was tried', () => {
  expect(nameOf(series())).toBe('CR-01, nest “red”, stripped 2 mm');
  expect(nameOf(series({ nest: null, note: null }))).toBe('CR-01');
  expect(figuresOf(series({ modes: [{ mode: 'pulled-out', count: 2 }] }))).toBe(
    '2 pulls, mean 110.0 N; spread 14.1 N; 2 × pulled out',
  );
  expect(figuresOf(series({ forces: [110], deviation: null }))).toBe('1 pull, mean 110.0 N');
});

it.each([
  [0, {}, 'the best of them'],
  [1, {}, 'too few pulls to tell'],
  [
    1,
    { difference: 37.44, chance: 0.02, isWorse: true },
    'worse by 37.4 N; chance alone does that once in 50 times',
  ],
  [
    1,
    { difference: 37, chance: 1e-9, isWorse: true },
    'worse by 37.0 N; chance alone does that less than once in 1000 times',
  ],
  [1, { difference: 0.4, chance: 0.6 }, 'no worse than chance explains'],
])('says of number %i, %j: %s', (at, more, says) => expect(verdictOf(series(more), at)).toBe(says));
