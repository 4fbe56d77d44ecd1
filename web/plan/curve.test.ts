import { expect, it } from 'vitest';
import { roundStep } from '@/shared/roundStep';
import { coveredAt, curveShape, lastTenth, type Point } from './curve';

const points: Point[] = [
  { cost: 0, covered: 54 },
  { cost: 3400, covered: 124 },
  { cost: 7300, covered: 130 },
  { cost: 89300, covered: 136 },
];
const box = { left: 40, right: 440, top: 10, bottom: 210 };

it('finds what an amount of money does: the step below it holds until the next', () => {
  expect(coveredAt(points, 3399)?.covered).toBe(54);
  expect(coveredAt(points, 3400)?.covered).toBe(124);
  expect(coveredAt(points, 999999)?.covered).toBe(136);
  expect(coveredAt(points, -1)).toBeUndefined();
});

it('draws a stair that starts at the kit as it is and ends at the edge', () => {
  const shape = curveShape(points, points.slice(0, 1), 89300, 172, box);
  expect(shape.x(0)).toBe(40);
  expect(shape.y(0)).toBe(210);
  expect(shape.y(172)).toBe(10);
  expect(shape.exact).toMatch(/^M40\.0 147\.2H/);
  expect(shape.exact.match(/V/g)).toHaveLength(3);
  expect(shape.exact).toMatch(/H440\.0$/);
  expect(shape.inSteps).toBe('M40.0 147.2H440.0');
});

it('tells the money under a place, whatever the scale', () => {
  const shape = curveShape(points, [], 89300, 172, box);
  for (const cost of [0, 3400, 50000, 89300]) {
    expect(shape.costAt(shape.x(cost))).toBeCloseTo(cost, 4);
  }
  expect(shape.costAt(-100)).toBe(0);
});

it('marks no money beyond what it shows', () => {
  for (const most of [500, 9_900, 41_000, 276_400]) {
    const { ticks } = curveShape(points, [], most, 1948, box);
    expect(Math.max(...ticks.map(({ text }) => Number(text) * 100))).toBeLessThanOrEqual(most * 1.04);
  }
});

it('has round marks that do not touch', () => {
  const shape = curveShape(points, [], 276400, 1948, box);
  expect(shape.ticks.length).toBeGreaterThan(3);
  for (const [at, tick] of shape.ticks.entries()) {
    if (at > 0) expect(tick.x - shape.ticks[at - 1]!.x).toBeGreaterThan(46);
  }
  expect(roundStep(172, 4)).toBe(50);
  expect(roundStep(1948, 4)).toBe(500);
  expect(roundStep(0, 4)).toBe(0.25);
});

it('tells what the last tenth costs, where there is one', () => {
  expect(lastTenth(points)).toEqual({ covered: 6, cost: 82000 });
  expect(lastTenth(points.slice(0, 1))).toBeNull();
  expect(lastTenth([])).toBeNull();
  expect(lastTenth(points.slice(0, 2))).toBeNull();
});
