import type { GaugeEvent } from '@/data/gauges';

/* A pull on a gauge while it goes on: what the gauge tells becomes one state, and that a picture. Forces in N, times in s. */

export interface LivePull {
  phase: 'arming' | 'ready' | 'pulling' | 'peak' | 'fault';
  readings: { at: number; force: number }[];
  /** Of the peak, as the gauge said it; of a fault the highest that was read, if any. */
  force: number | null;
  text: string | null;
  /** Readings of a peak that did not come across. */
  lost: number;
  /** What went wrong, in words. */
  says: string;
}

export const armed = (): LivePull => ({
  phase: 'arming',
  readings: [],
  force: null,
  text: null,
  lost: 0,
  says: '',
});

export const isOver = ({ phase }: LivePull): boolean => phase === 'peak' || phase === 'fault';

/** What has come of it by one more event. A page that was cut off hears all from the beginning: then it begins anew. */
export function heard(pull: LivePull, event: GaugeEvent): LivePull {
  switch (event.kind) {
    case 'ready':
      return { ...armed(), phase: 'ready' };
    case 'reading':
      return {
        ...pull,
        phase: 'pulling',
        readings: [...pull.readings, { at: event.at ?? 0, force: event.force ?? 0 }],
      };
    case 'peak':
      return {
        ...pull,
        phase: 'peak',
        force: event.force ?? null,
        text: event.text ?? null,
        lost: event.lost ?? 0,
      };
    case 'fault':
      return {
        ...pull,
        phase: 'fault',
        force: event.force ?? null,
        text: event.text ?? null,
        says: `${event.says ?? 'the gauge gave no peak'}${event.said ? ` (it said “${event.said}”)` : ''}`,
      };
    default:
      return pull;
  }
}

/** The connection itself has ended for good. */
export const cutOff = (pull: LivePull): LivePull =>
  heard(pull, {
    kind: 'fault',
    says: 'the server told no more of this pull',
    force: highest(pull),
    text: null,
  });

export const highest = ({ readings }: LivePull): number | null =>
  readings.length ? Math.max(...readings.map(({ force }) => force)) : null;

export const WIDTH = 330;
export const HEIGHT = 96;
const LEFT = 34;
const FOOT = 6;

/** The curve of it, and where what is required stands: both as high as the greater of them asks for. */
export function curveOf(
  pull: LivePull,
  required: number | null,
): { path: string; required: number | null; top: number } {
  const top = 1.15 * Math.max(required ?? 0, highest(pull) ?? 0, pull.force ?? 0, 1);
  const longest = Math.max(3, ...pull.readings.map(({ at }) => at));
  const y = (force: number) => HEIGHT - FOOT - (Math.max(0, force) / top) * (HEIGHT - FOOT);
  const x = (at: number) => LEFT + (at / longest) * (WIDTH - LEFT);
  const points = pull.readings.map(({ at, force }) => `${x(at).toFixed(1)} ${y(force).toFixed(1)}`);
  return {
    path: points.length ? `M${[`${x(0)} ${y(0)}`, ...points].join('L')}` : '',
    required: required === null ? null : y(required),
    top,
  };
}
