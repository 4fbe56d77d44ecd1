import { computed, ref, type ComputedRef } from 'vue';

interface Parts {
  /** Place of the row that is under a height of the screen, and how far down in it (0 to 1); null outside. */
  rowAt: (clientY: number) => { row: number; share: number } | null;
  /** Puts the rows from here to there before another place. */
  drop: (from: number, before: number) => void;
}

/**
 * Rows are taken by their handle and put down between others, with a mouse, a pen or a finger; a line shows where.
 */
export function useArranging({ rowAt, drop }: Parts): {
  take: (event: PointerEvent, row: number) => void;
  move: (event: PointerEvent) => void;
  letGo: () => void;
  cancel: () => void;
  /** The place before which it would be put down, null while nothing is held. */
  goal: ComputedRef<number | null>;
} {
  const held = ref<{ row: number; goal: number } | null>(null);

  return {
    take(event, row) {
      (event.target as Element).setPointerCapture(event.pointerId);
      held.value = { row, goal: row };
      event.preventDefault();
    },
    move(event) {
      const under = held.value && rowAt(event.clientY);
      if (held.value && under) held.value = { ...held.value, goal: under.row + (under.share > 0.5 ? 1 : 0) };
    },
    letGo() {
      const { row, goal } = held.value ?? { row: 0, goal: 0 };
      held.value = null;
      if (goal !== row && goal !== row + 1) drop(row, goal);
    },
    cancel: () => (held.value = null),
    goal: computed(() => held.value?.goal ?? null),
  };
}
