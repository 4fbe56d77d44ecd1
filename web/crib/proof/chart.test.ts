import { expect, it } from 'vitest';
import { HEIGHT, layoutOf, showsRequired, WIDTH, type Chart } from './chart';

const chart = (means: number[], more: Partial<Chart> = {}): Chart => ({
  wireId: 'w',
  terminalId: null,
  wire: 'Wire',
  terminal: null,
  nest: null,
  sigma: 2,
  inControl: true,
  asset: 'C-1',
  n: 5,
  trial: false,
  leftOut: 0,
  centre: 100,
  rBar: 4,
  upper: 106,
  lower: 94,
  rangeUpper: 10,
  rangeLower: 0,
  required: null,
  capability: null,
  subgroups: means.map((mean, at) => ({
    entry: `p${at}`,
    on: '2027-03-01',
    mean,
    range: 4,
    fired: mean > 106 ? ['beyond-3'] : [],
    forces: [mean],
    says: [],
  })),
  ...more,
});

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
