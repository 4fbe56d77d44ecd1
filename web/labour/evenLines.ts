import type { BreakEven } from '@/data/labour';
import { roundStep } from '@/shared/roundStep';

/*
 * What pieces cost in three ways, as a picture: pixels, no drawing. Each way is a straight line over the number of pieces; where two of
 * them cross is what somebody wants to know.
 */

export type Way = 'now' | 'bought' | 'piece';

export interface EvenLines {
  lines: { way: Way; path: string }[];
  /** Where two ways come to the same; `from` is the first number of pieces at which what is bought comes to less. */
  crossings: { against: Way; from: number; x: number; y: number }[];
  ticks: { x: number; text: string }[];
  levels: { y: number; text: string }[];
}

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Cents for so many pieces. */
export function costOf(even: BreakEven, way: Way, pieces: number): number {
  if (way === 'bought') return even.price + even.eachWithIt * pieces;
  return (way === 'now' ? even.each : (even.piece ?? 0)) * pieces;
}

/** So far the picture goes: past every crossing, else over ten times the work that was asked about. */
export function reachOf(even: BreakEven): number {
  const farthest = Math.max(even.from ?? 0, even.fromAgainstPiece ?? 0);
  return farthest > 0 ? Math.max(farthest * 1.6, 10) : even.pieces * 10;
}

export function evenLines(even: BreakEven, box: Box): EvenLines {
  const reach = reachOf(even);
  const ways: Way[] = even.piece === null ? ['now', 'bought'] : ['now', 'bought', 'piece'];
  const most = Math.max(...ways.map((way) => costOf(even, way, reach)), 100);
  const x = (pieces: number) => box.left + ((box.right - box.left) * pieces) / reach;
  const y = (cents: number) => box.bottom - ((box.bottom - box.top) * cents) / most;
  const step = roundStep(reach, 5);
  const level = roundStep(most / 100, 4);
  const crossings: [Way, number | null][] = [
    ['now', even.from],
    ['piece', even.fromAgainstPiece],
  ];
  return {
    lines: ways.map((way) => ({
      way,
      path: `M${x(0).toFixed(1)} ${y(costOf(even, way, 0)).toFixed(1)}L${x(reach).toFixed(1)} ${y(costOf(even, way, reach)).toFixed(1)}`,
    })),
    crossings: crossings.flatMap(([against, from]) =>
      from === null ? [] : [{ against, from, x: x(from), y: y(costOf(even, 'bought', from)) }],
    ),
    ticks: Array.from({ length: Math.floor(reach / step) + 1 }, (_, at) => at * step).map((pieces) => ({
      x: x(pieces),
      text: pieces.toLocaleString(),
    })),
    levels: Array.from({ length: Math.floor(most / 100 / level) + 1 }, (_, at) => at * level).map((of) => ({
      y: y(of * 100),
      text: of.toLocaleString(),
    })),
  };
}
