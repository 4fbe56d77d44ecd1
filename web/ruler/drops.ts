import type { Schemas } from '@/api/client';
import { widthOf } from './measure';
import { isFree, type Row } from './rows';
import type { Scale } from './scale';

/*
 * Where the drop lines stand: one for each size of the scope.
 */

export interface LaidDrop {
  drop: Schemas['Drop'];
  /** The sizes that stand in it: more than one where there is no room for each. */
  of: Schemas['Drop'][];
  x: number;
  /** What answers to a pointer or a finger: up to half way to its neighbours. */
  touch: { x: number; width: number };
  /** Lower end of the line. */
  bottom: number;
  marks: { lane: string; y: number; status: Schemas['StepStatus']; whose?: Schemas['Whose'][] | undefined }[];
  /** How many terminations it stands for, where that does not run into its neighbour's. */
  count: string | null;
  isOpen: boolean;
}

export const DROP_GAP = 13;

/** Half of what a finger takes. */
const FINGER = 22;

export const isOpenDrop = (drop: Schemas['Drop']) => drop.status === 'hole' || drop.status === 'faulty';

/** Moves places that stand too close apart, as little as it takes and without changing their order. */
export function spread(places: number[], gap: number, low: number, high: number): number[] {
  if (places.length === 0) return [];
  const room = Math.min(gap, (high - low) / Math.max(1, places.length - 1));
  const moved = [...places];
  for (let pass = 0; pass < 40; pass++) {
    for (let i = 1; i < moved.length; i++) {
      const short = room - ((moved[i] ?? 0) - (moved[i - 1] ?? 0));
      if (short > 0) {
        moved[i - 1] = (moved[i - 1] ?? 0) - short / 2;
        moved[i] = (moved[i] ?? 0) + short / 2;
      }
    }
  }
  const first = Math.max(0, low - (moved[0] ?? 0));
  const last = Math.max(0, (moved[moved.length - 1] ?? 0) - high);
  const shifted = moved.map((place) => place + first - last);
  // What is still too close after all passes stands in equal steps.
  const isLoose = shifted.every((place, i) => i === 0 || place - (shifted[i - 1] ?? 0) > room * 0.6);
  return isLoose ? shifted : places.map((_, i) => low + i * room);
}

export function placesOf(drops: Schemas['Drop'][], scale: Scale): number[] {
  return spread(
    drops.map((drop) => scale.x(drop.area)),
    DROP_GAP,
    scale.left,
    scale.right,
  );
}

export function touchOf(places: number[], index: number): { x: number; width: number } {
  const place = places[index] ?? 0;
  const left = Math.min(FINGER, (place - (places[index - 1] ?? -Infinity)) / 2);
  const right = Math.min(FINGER, ((places[index + 1] ?? Infinity) - place) / 2);
  return { x: place - left, width: left + right };
}

/** The counts that have room, those of holes first. */
export function countsOf(drops: Schemas['Drop'][], places: number[]): Map<number, string> {
  const row: Row = { taken: [] };
  const shown = new Map<number, string>();
  const rank = (index: number) => (drops[index] && isOpenDrop(drops[index]) ? 0 : 1);
  const order = drops.map((_, index) => index).sort((a, b) => rank(a) - rank(b));
  for (const index of order) {
    const text = `×${drops[index]?.quantity}`;
    const half = widthOf(text, 'figure') / 2 + 2;
    const place = places[index] ?? 0;
    if (!isFree(row, place - half, place + half)) continue;
    row.taken.push([place - half, place + half]);
    shown.set(index, text);
  }
  return shown;
}
