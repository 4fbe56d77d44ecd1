import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';
import { modes } from './pulls';

/* Trials side by side: each pull a dot on one scale of forces for all of them. Forces in N. */

export type Series = Schemas['PullSeries'];

export const WIDTH = 330;
const LEFT = 4;

export interface Scale {
  least: number;
  most: number;
  x: (force: number) => number;
}

/** One scale for all; what is required is on it where it is not far below all that was pulled. */
export function scaleOf(series: Series[]): Scale {
  const forces = series.flatMap(({ forces: own }) => own);
  const [lowest, most] = [Math.min(...forces), Math.max(...forces)];
  const required = Math.max(...series.map((one) => one.required ?? -Infinity));
  const least = required > lowest - 2 * (most - lowest) ? Math.min(lowest, required) : lowest;
  const span = most - least || 1;
  return { least, most, x: (force) => LEFT + ((force - least) / span) * (WIDTH - 2 * LEFT) };
}

export const nameOf = ({ asset, nest, note }: Series): string =>
  [asset, nest === null ? null : `nest “${nest}”`, note].filter(Boolean).join(', ');

/** Mean and spread, and how they gave way. */
export const figuresOf = ({ forces, mean, deviation, modes: told }: Series): string =>
  [
    `${counted(forces.length, 'pull')}, mean ${mean.toFixed(1)} N`,
    deviation === null ? null : `spread ${deviation.toFixed(1)} N`,
    ...told.map(({ mode, count }) => `${count} × ${modes.find(({ id }) => id === mode)?.says ?? mode}`),
  ]
    .filter(Boolean)
    .join('; ');

/** How often chance alone goes so far, as people say it. */
const often = (chance: number): string =>
  chance < 0.001 ? 'less than once in 1000 times' : `once in ${Math.round(1 / chance)} times`;

/** What comes of comparing it with the best. */
export function verdictOf({ difference, chance, isWorse }: Series, at: number): string {
  if (at === 0) return 'the best of them';
  if (difference === null || chance === null) return 'too few pulls to tell';
  return isWorse
    ? `worse by ${difference.toFixed(1)} N; chance alone does that ${often(chance)}`
    : 'no worse than chance explains';
}
