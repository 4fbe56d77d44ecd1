import type { Schemas } from '@/api/client';
import { roundStep } from '@/shared/roundStep';

/*
 * Terminations against money as a picture: pixels, no drawing. Each point holds until the next, so a curve is a stair; the scale
 * of money is that of a square root, for the first tools cost little and do most.
 */

export type Point = Schemas['CurvePoint'];

export interface CurveShape {
  x: (cost: number) => number;
  y: (covered: number) => number;
  /** The money under a place along the picture. */
  costAt: (x: number) => number;
  exact: string;
  inSteps: string;
  ticks: { x: number; text: string }[];
  levels: { y: number; text: string }[];
}

/** What a curve comes to for so much money. */
export function coveredAt(points: Point[], cost: number): Point | undefined {
  return points.findLast((point) => point.cost <= cost);
}

export function curveShape(
  exact: Point[],
  inSteps: Point[],
  most: number,
  total: number,
  box: { left: number; right: number; top: number; bottom: number },
): CurveShape {
  const ceiling = Math.max(most, 100) * 1.04;
  const width = box.right - box.left;
  const x = (cost: number) => box.left + width * Math.sqrt(Math.min(Math.max(cost, 0), ceiling) / ceiling);
  const y = (covered: number) => box.bottom - ((box.bottom - box.top) * covered) / Math.max(total, 1);
  const stair = (points: Point[]) =>
    points
      .map((point, index) => {
        const to = points[index + 1];
        const flat = `H${(to ? x(to.cost) : box.right).toFixed(1)}`;
        return index === 0
          ? `M${x(point.cost).toFixed(1)} ${y(point.covered).toFixed(1)}${flat}`
          : `V${y(point.covered).toFixed(1)}${flat}`;
      })
      .join('');
  // Money runs together toward the right: marks that would touch are left out.
  const step = roundStep(ceiling / 100, 6) * 100;
  const ticks: CurveShape['ticks'] = [];
  for (const cost of [step / 4, step / 2, ...Array.from({ length: 20 }, (_, n) => (n + 1) * step)]) {
    const last = ticks.at(-1);
    if (cost <= ceiling && (last === undefined || x(cost) - last.x > 46))
      ticks.push({ x: x(cost), text: String(Math.round(cost / 100)) });
  }
  const level = roundStep(total, 4);
  const levels = Array.from({ length: Math.floor(total / level) + 1 }, (_, n) => n * level).map((of) => ({
    y: y(of),
    text: String(of),
  }));

  return {
    x,
    y,
    costAt: (at) => ceiling * (Math.min(Math.max(at - box.left, 0), width) / width) ** 2,
    exact: stair(exact),
    inSteps: stair(inSteps),
    ticks,
    levels,
  };
}

/** What the last tenth of what can be had costs: the money beyond that for nine tenths of what is won at all. */
export function lastTenth(points: Point[]): { covered: number; cost: number } | null {
  const first = points[0];
  const last = points.at(-1);
  if (!first || !last || last.covered === first.covered) return null;
  const nine = points.find((point) => point.covered - first.covered >= 0.9 * (last.covered - first.covered));
  return nine && nine !== last ? { covered: last.covered - nine.covered, cost: last.cost - nine.cost } : null;
}
