import { expect, it } from 'vitest';
import { costOf, evenLines, reachOf } from './evenLines';
import { even } from './labour.fixture';

const box = { left: 50, right: 850, top: 10, bottom: 210 };

it('costs what is bought at once, and all else by the piece', () => {
  const of = even({ piece: 8 });
  expect((['now', 'bought', 'piece'] as const).map((way) => costOf(of, way, 4000))).toEqual([
    40_000, 40_000, 32_000,
  ]);
  expect(costOf(of, 'bought', 0)).toBe(24_000);
});

it('goes past every crossing, and over ten times the work where there is none', () => {
  expect(reachOf(even())).toBeCloseTo(4001 * 1.6);
  expect(reachOf(even({ fromAgainstPiece: 6001 }))).toBeCloseTo(6001 * 1.6);
  expect(reachOf(even({ from: null }))).toBe(1000);
  expect(reachOf(even({ from: 1 }))).toBe(10);
});

it('names every crossing where its two lines meet', () => {
  const shape = evenLines(even({ piece: 8, isPieceCheaper: true, fromAgainstPiece: 6001 }), box);
  expect(shape.crossings.map(({ against, from }) => [against, from])).toEqual([
    ['now', 4001],
    ['piece', 6001],
  ]);
  const [first] = shape.crossings;
  const x = 50 + (800 * 4001) / (6001 * 1.6);
  expect(first?.x).toBeCloseTo(x);
  // On the line of how it is, too, but for the one piece by which it is past it.
  const most = costOf(even(), 'now', 6001 * 1.6);
  expect(first?.y).toBeCloseTo(210 - (200 * costOf(even(), 'now', 4001)) / most, 0);
  expect(shape.lines.map(({ way }) => way)).toEqual(['now', 'bought', 'piece']);
});

it('draws two lines where nobody is paid by the piece, and no crossing where there is none', () => {
  const shape = evenLines(even({ from: null }), box);
  expect(shape.lines.map(({ way }) => way)).toEqual(['now', 'bought']);
  expect(shape.crossings).toEqual([]);
  expect(shape.lines[0]?.path).toMatch(/^M50\.0 210\.0L850\.0 /);
});

it('has a handful of round ticks that stay inside', () => {
  const { ticks, levels } = evenLines(even(), box);
  expect(ticks.map(({ text }) => text)).toEqual(['0', '2,000', '4,000', '6,000']);
  expect(levels.every(({ y }) => y >= 10 && y <= 210)).toBe(true);
  expect(levels.length).toBeGreaterThan(2);
});
