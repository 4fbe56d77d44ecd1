import { computed, ref } from 'vue';
import type { Schemas } from '@/api/client';
import { moved, snapped, stepped, withEnd, type Family, type Span } from './ranges';

/** What is taken hold of: one end of a bar, or all of it. */
export type Grip = 'thin' | 'thick' | 'whole';

/** A bar as far as it can be taken hold of: where its text stands, what it says, and the range it belongs to. */
export interface HeldBar {
  path: string;
  text: string;
  family: Family;
  span: Span;
  range: { path: string; isOneOfMany?: boolean };
}

const FAR = 3;
const STEPS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -FAR,
  PageUp: FAR,
  Home: -99,
  End: 99,
};

/**
 * Bars that are dragged and pressed along the sizes of the trade: an end lands on a size of its family, a whole bar goes by as many
 * sizes as the pointer or the keys do.
 *
 *   const { gripOf } = useGrips({ ticks: () => props.ticks, put: (path, text) => …, … });  <rect v-on="gripOf(bar, 'thin')" />
 */
export function useGrips(ruler: {
  ticks: () => Schemas['Tick'][];
  isReadonly: () => boolean;
  /** The section under the pointer, mm². */
  areaOf: (event: PointerEvent) => number;
  select: (path: string) => void;
  put: (path: string, text: string) => void;
  /** The drag, or the row of key presses, is over. */
  settle: () => void;
  remove: (path: string) => void;
}) {
  const held = ref<{ bar: HeldBar; grip: Grip; from: string; startTick: number } | null>(null);
  const isHeld = computed(() => held.value !== null);

  const series = (family: Family) => ruler.ticks().filter((tick) => tick.family === family);
  const indexOf = (family: Family, area: number) =>
    series(family).indexOf(snapped(ruler.ticks(), family, area));
  const seriesLength = (family: Family) => series(family).length;

  /** The series of gauges is told from thin to thick or the other way round: what counts is towards thick. */
  function steps(family: Family, from: number, to: number): number {
    const all = series(family);
    const isRising = (all[0]?.area ?? 0) < (all.at(-1)?.area ?? 0);
    return isRising ? to - from : from - to;
  }

  function take(bar: HeldBar, grip: Grip, event: PointerEvent): void {
    ruler.select(bar.range.path);
    if (ruler.isReadonly() || event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held.value = { bar, grip, from: bar.text, startTick: indexOf(bar.family, ruler.areaOf(event)) };
  }

  function drag(event: PointerEvent): void {
    const now = held.value;
    if (!now) return;
    const { bar, grip, from, startTick } = now;
    const area = ruler.areaOf(event);
    const next =
      grip === 'whole'
        ? moved(from, bar.family, steps(bar.family, startTick, indexOf(bar.family, area)), ruler.ticks())
        : withEnd(from, bar.family, grip, area, ruler.ticks());
    ruler.put(bar.path, next);
  }

  function drop(): void {
    if (held.value) ruler.settle();
    held.value = null;
  }

  function press(bar: HeldBar, grip: Grip, event: KeyboardEvent): void {
    if (ruler.isReadonly()) return;
    const go = STEPS[event.key];
    if (go !== undefined && !event.ctrlKey && !event.altKey && !event.metaKey) {
      event.preventDefault();
      const ticks = ruler.ticks();
      const next =
        grip === 'whole'
          ? moved(bar.text, bar.family, go, ticks)
          : withEnd(
              bar.text,
              bar.family,
              grip,
              stepped(ticks, bar.family, bar.span[grip].area, go).area,
              ticks,
            );
      ruler.put(bar.path, next);
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && bar.range.isOneOfMany) {
      event.preventDefault();
      ruler.remove(bar.range.path);
    }
  }

  const gripOf = (bar: HeldBar, grip: Grip) => ({
    pointerdown: (event: PointerEvent) => take(bar, grip, event),
    pointermove: drag,
    pointerup: drop,
    pointercancel: drop,
    keydown: (event: KeyboardEvent) => press(bar, grip, event),
    keyup: () => ruler.settle(),
    focus: () => ruler.select(bar.range.path),
  });

  return { indexOf, seriesLength, isHeld, gripOf };
}
