import type { Schemas } from '@/api/client';
import { widthOf } from './measure';

/*
 * The scale of a ruler: areas in mm² on a logarithmic axis, thin wire left. Nothing here draws.
 */

export interface Scale {
  /** Place of an area, in pixels. */
  x(area: number): number;
  /** The same, kept on the ruler. */
  clip(area: number): number;
  /** First and last pixel. */
  left: number;
  right: number;
}

export interface LaidTick {
  x: number;
  /** Null where it would run into its neighbour's. */
  label: string | null;
}

/** Every size of the trade, 30 AWG to 4/0: the ends of a ruler that stands beside many things and must look alike. */
export const EVERY_SIZE: [number, number] = [0.045, 135];

/** Bars reach this many times beyond the thinnest and thickest wire before they are cut off. */
const BEYOND = 6;

export function scaleOver([low, high]: [number, number], left: number, right: number): Scale {
  const step = (right - left) / Math.log(high / low);
  const x = (area: number) => left + Math.log(area / low) * step;
  return { x, clip: (area) => Math.min(right, Math.max(left, x(area))), left, right };
}

/** Thinnest and thickest area in mm² on the ruler: the drop lines with some room, and bars that would else be out of sight. */
export function domainOf(ruler: Schemas['Ruler']): [number, number] {
  const areas = ruler.drops.map((drop) => drop.area);
  const thin = Math.min(...areas);
  const thick = Math.max(...areas);
  let low = thin / 1.7;
  let high = thick * 1.7;
  for (const bar of ruler.lanes.flatMap((lane) => lane.bars)) {
    if (bar.to < low) low = Math.max(bar.to / 1.3, thin / BEYOND);
    if (bar.from > high) high = Math.min(bar.from * 1.3, thick * BEYOND);
  }
  const missing = Math.max(1, 12 / (high / low));
  return [low / Math.sqrt(missing), high * Math.sqrt(missing)];
}

/** The ticks of one family on the ruler, each with its label where there is room. */
export function ticksOn(
  scale: Scale,
  ticks: Schemas['Tick'][],
  family: Schemas['Tick']['family'],
): LaidTick[] {
  let free = -Infinity;
  return ticks
    .filter((tick) => tick.family === family)
    .map((tick) => ({ label: tick.label, x: scale.x(tick.area) }))
    .filter(({ x }) => x >= scale.left && x <= scale.right)
    .map(({ label, x }) => {
      const half = widthOf(label, 'figure') / 2 + 4;
      const hasRoom = x - half >= free;
      if (hasRoom) free = x + half;
      return { x, label: hasRoom ? label : null };
    });
}

/** An area as it is spoken of: the size of a trade series where it is one, else in mm². */
export function sizeWords(area: number, ticks: Schemas['Tick'][], first: Schemas['Tick']['family']): string {
  const near = ticks.filter((tick) => Math.abs(Math.log(tick.area / area)) < 0.015);
  const found = near.find((tick) => tick.family === first) ?? near[0];
  if (!found) return `${Number(area.toPrecision(3))} mm²`;
  return found.family === 'metric' ? `${found.label} mm²` : `${found.label} AWG`;
}
