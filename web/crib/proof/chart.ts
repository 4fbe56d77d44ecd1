import type { Schemas } from '@/api/client';

/* A control chart laid out: means over their limits, what is required below. */

export type Chart = Schemas['ProofChart'];

/** What tells one chart of a thing from another. */
export const keyOf = ({ wireId, terminalId, nest }: Chart): string =>
  JSON.stringify([wireId, terminalId, nest]);

export const WIDTH = 330;
export const HEIGHT = 124;
const LEFT = 34;
const RIGHT = 8;
const TOP = 8;
const BOTTOM = 14;

/** The ranges below the means, on a scale of their own. */
export const RANGES = 46;

export interface ChartLayout {
  /** Where a force stands. */
  y: (force: number) => number;
  points: { x: number; y: number; isOut: boolean; at: number }[];
  ranges: { points: { x: number; y: number; isOut: boolean }[]; upper: number; middle: number };
  /** What is said, each at its point and in a list of the same numbers. */
  alarms: { number: number; x: number; y: number; on: string; says: string }[];
  /** From the outside in: beyond three sigma, two, one. */
  bands: { sigmas: number; top: number; height: number }[];
  /** Forces that are written beside it. */
  marks: { force: number; y: number; says: string }[];
}

/** What is required is drawn when it is near enough to read the chart by; else it is only told. */
export const showsRequired = ({ required, lower, upper, subgroups }: Chart): boolean => {
  const lowest = Math.min(lower, ...subgroups.map(({ mean }) => mean));
  return required !== null && required > lowest - 1.5 * (upper - lowest);
};

export interface AlarmWords {
  /** The number, or the first and last of several in a row of which the same is said. */
  first: number;
  last: number;
  from: string;
  to: string;
  says: string;
}

/** What is said, once for each stretch of which the same is said. */
export function alarmsInWords({ alarms }: Pick<ChartLayout, 'alarms'>): AlarmWords[] {
  const told: AlarmWords[] = [];
  for (const { number, on, says } of alarms) {
    const before = told.at(-1);
    if (before?.says === says) Object.assign(before, { last: number, to: on });
    else told.push({ first: number, last: number, from: on, to: on, says });
  }
  return told;
}

export function layoutOf(chart: Chart): ChartLayout {
  const { centre, sigma, upper, lower, rangeUpper, rBar, required, subgroups } = chart;
  const means = subgroups.map(({ mean }) => mean);
  const forces = [upper, lower, ...means, ...(showsRequired(chart) && required !== null ? [required] : [])];
  const [least, most] = [Math.min(...forces), Math.max(...forces)];
  const span = most - least || 1;
  const y = (force: number) => TOP + ((most - force) / span) * (HEIGHT - TOP - BOTTOM);
  const x = (at: number) =>
    means.length === 1
      ? (LEFT + WIDTH - RIGHT) / 2
      : LEFT + (at / (means.length - 1)) * (WIDTH - LEFT - RIGHT);
  const mostRange = Math.max(rangeUpper, ...subgroups.map(({ range }) => range)) || 1;
  const rangeY = (range: number) => RANGES - 2 - (range / mostRange) * (RANGES - 6);
  const told = subgroups.map(({ mean, on, says }, at) => ({
    x: x(at),
    y: y(mean),
    on,
    says: says.join('; '),
  }));
  const band = (sigmas: number) => ({
    sigmas,
    top: y(centre + sigmas * sigma),
    height: y(centre - sigmas * sigma) - y(centre + sigmas * sigma),
  });
  return {
    y,
    points: subgroups.map(({ mean, fired }, at) => ({ x: x(at), y: y(mean), isOut: fired.length > 0, at })),
    ranges: {
      points: subgroups.map(({ range, fired }, at) => ({
        x: x(at),
        y: rangeY(range),
        isOut: fired.includes('range'),
      })),
      upper: rangeY(rangeUpper),
      middle: rangeY(rBar),
    },
    alarms: told.filter(({ says }) => says).map((alarm, at) => ({ number: at + 1, ...alarm })),
    bands: [3, 2, 1].map(band),
    marks: [
      { force: upper, says: '+3σ' },
      { force: centre, says: 'mean' },
      { force: lower, says: '−3σ' },
      ...(showsRequired(chart) && required !== null ? [{ force: required, says: 'least' }] : []),
    ].map((mark) => ({ ...mark, y: y(mark.force) })),
  };
}
