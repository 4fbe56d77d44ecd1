import { expect, it } from 'vitest';
import { alarmsInWords, HEIGHT, layoutOf, showsRequired, WIDTH } from './chart';
import { chart } from './chart.fixture';

it('draws the higher force higher, and marks what fired', () => {
  const { points, y } = layoutOf(chart([100, 103, 108]));
  expect(points.map(({ isOut }) => isOut)).toEqual([false, false, true]);
  expect(points[0]!.y).toBeGreaterThan(points[1]!.y);
  expect(points[1]!.y).toBeGreaterThan(points[2]!.y);
  expect(points.map(({ x }) => x)).toEqual([...points.map(({ x }) => x)].sort((a, b) => a - b));
  expect(points[1]!.y).toBe(y(103));
});

it('keeps everything in the picture', () => {
  const { points, bands, marks } = layoutOf(chart([80, 120], { required: 78 }));
  for (const at of [...points.map((point) => point.y), ...marks.map((mark) => mark.y)]) {
    expect(at).toBeGreaterThanOrEqual(0);
    expect(at).toBeLessThanOrEqual(HEIGHT);
  }
  expect(points.every(({ x }) => x >= 0 && x <= WIDTH)).toBe(true);
  expect(bands.map(({ sigmas }) => sigmas)).toEqual([3, 2, 1]);
  expect(bands[0]!.height).toBeCloseTo(3 * bands[2]!.height);
});

it('draws what is required where it is near, and leaves it out where it would press the chart flat', () => {
  expect(showsRequired(chart([100], { required: 80 }))).toBe(true);
  expect(showsRequired(chart([100], { required: 70 }))).toBe(false);
  expect(showsRequired(chart([100]))).toBe(false);
  expect(layoutOf(chart([100], { required: 80 })).marks.map(({ says }) => says)).toContain('least');
  expect(layoutOf(chart([100], { required: 70 })).marks.map(({ says }) => says)).not.toContain('least');
});

it('draws a single subgroup, and equal ones, where they can be seen', () => {
  const { points } = layoutOf(chart([100], { sigma: 0, upper: 100, lower: 100 }));
  expect([Number.isFinite(points[0]!.x), Number.isFinite(points[0]!.y)]).toEqual([true, true]);
});

it('numbers what is said in the order of days, each at its point', () => {
  const of = chart([100, 108, 101, 109]);
  of.subgroups[1]!.says = ['beyond three sigma'];
  of.subgroups[3]!.says = ['beyond three sigma', 'eight in a row'];
  const { alarms, points } = layoutOf(of);
  expect(alarms.map(({ number, x, says }) => [number, x, says])).toEqual([
    [1, points[1]!.x, 'beyond three sigma'],
    [2, points[3]!.x, 'beyond three sigma; eight in a row'],
  ]);
});

it('draws the ranges below, on their own scale, with the one that is beyond', () => {
  const of = chart([100, 101]);
  [of.subgroups[0]!.range, of.subgroups[1]!.range] = [4, 12];
  of.subgroups[1]!.fired = ['range'];
  const { ranges } = layoutOf(of);
  expect(ranges.points.map(({ isOut }) => isOut)).toEqual([false, true]);
  // The greatest is at the top, and the limit of 10 below it.
  expect(ranges.points[1]!.y).toBe(4);
  expect(ranges.upper).toBeGreaterThan(4);
  expect(ranges.middle).toBe(ranges.points[0]!.y);
  expect(layoutOf(chart([100])).ranges.upper).toBe(4);
});

it('says the same of several in a row once', () => {
  const alarm = (number: number, on: string, says: string) => ({ number, on, says, x: 0, y: 0 });
  const alarms = [alarm(1, 'a', 'x'), alarm(2, 'b', 'y'), alarm(3, 'c', 'y'), alarm(4, 'd', 'x')];
  expect(alarmsInWords({ alarms })).toEqual([
    { first: 1, last: 1, from: 'a', to: 'a', says: 'x' },
    { first: 2, last: 3, from: 'b', to: 'c', says: 'y' },
    { first: 4, last: 4, from: 'd', to: 'd', says: 'x' },
  ]);
});
