import type { Schemas } from '@/api/client';
import { EVERY_SIZE, scaleOver, ticksOn, type Scale } from './scale';

export interface LittleAxis {
  scale: Scale;
  /** The line with its ticks, as one path: it stands in thousands of rows. */
  path: string;
  labels: { x: number; text: string }[];
}

/** A few sizes are named: enough to read the place of the others. */
const named = {
  gauge: ['24', '18', '12', '6', '1/0', '4/0'],
  metric: ['0.25', '1', '4', '16', '50', '120'],
};
/** Pixels from the top. */
const LINE = 11.5;

const known = new WeakMap<Schemas['Tick'][], Map<string, LittleAxis>>();

/** The axis of the little ruler, the same for all of one width. */
export function littleAxis(
  ticks: Schemas['Tick'][],
  family: Schemas['Tick']['family'],
  width: number,
): LittleAxis {
  const ofTicks = known.get(ticks) ?? new Map<string, LittleAxis>();
  known.set(ticks, ofTicks);
  const key = `${family} ${width}`;
  const axis = ofTicks.get(key) ?? made(ticks, family, width);
  ofTicks.set(key, axis);
  return axis;
}

function made(ticks: Schemas['Tick'][], family: Schemas['Tick']['family'], width: number): LittleAxis {
  const scale = scaleOver(EVERY_SIZE, 3, width - 3);
  const labels = ticksOn(
    scale,
    ticks.filter(({ label }) => named[family].includes(label)),
    family,
  ).flatMap(({ x, label }) => (label === null ? [] : [{ x, text: label }]));
  const isNamed = new Set(labels.map(({ x }) => x));
  const marks = ticksOn(scale, ticks, family).map(
    ({ x }) => `M${x.toFixed(1)} ${LINE}v${isNamed.has(x) ? -3 : -2}`,
  );
  return { scale, path: `M3 ${LINE}H${width - 3}${marks.join('')}`, labels };
}
