import { computed, ref, type ComputedRef, type Ref } from 'vue';

/** A cell by its place on the screen. */
export interface Cell {
  row: number;
  column: number;
}

/** Rows and columns from the first to the last, both included. */
export interface Range {
  top: number;
  bottom: number;
  left: number;
  right: number;
}

/** Steps that keys take; a page is as many rows as are in sight. */
function moved(event: KeyboardEvent, at: Cell, size: Cell, page: number): Cell | null {
  const isFar = event.ctrlKey || event.metaKey;
  switch (event.key) {
    case 'ArrowUp':
      return { ...at, row: isFar ? 0 : at.row - 1 };
    case 'ArrowDown':
      return { ...at, row: isFar ? size.row - 1 : at.row + 1 };
    case 'ArrowLeft':
      return { ...at, column: isFar ? 0 : at.column - 1 };
    case 'ArrowRight':
      return { ...at, column: isFar ? size.column - 1 : at.column + 1 };
    case 'PageUp':
      return { ...at, row: at.row - page };
    case 'PageDown':
      return { ...at, row: at.row + page };
    case 'Home':
      return { row: isFar ? 0 : at.row, column: 0 };
    case 'End':
      return { row: isFar ? size.row - 1 : at.row, column: size.column - 1 };
    default:
      return null;
  }
}

/**
 * Where one is in a grid, and what is marked from there: the arrows walk, with Shift they mark a range, Ctrl+A marks all,
 * Esc only the cell again. Tells whether a key was its own.
 */
export function useWalk(
  size: () => Cell,
  page: () => number,
  arrive: (cell: Cell) => void,
): {
  at: Ref<Cell>;
  range: ComputedRef<Range>;
  hasRange: ComputedRef<boolean>;
  press: (event: KeyboardEvent) => boolean;
  go: (cell: Cell, isMarking?: boolean) => void;
  /** The focus is on a cell already: nothing moves, least of all between press and release of a button. */
  stand: (cell: Cell) => void;
} {
  const at = ref<Cell>({ row: 0, column: 0 });
  /** The other corner of what is marked. */
  const from = ref<Cell>({ row: 0, column: 0 });
  const held = (cell: Cell): Cell => ({
    row: Math.max(0, Math.min(size().row - 1, cell.row)),
    column: Math.max(0, Math.min(size().column - 1, cell.column)),
  });

  function stand(cell: Cell): void {
    at.value = held(cell);
    from.value = at.value;
  }

  function go(cell: Cell, isMarking = false): void {
    at.value = held(cell);
    if (!isMarking) from.value = at.value;
    arrive(at.value);
  }

  function press(event: KeyboardEvent): boolean {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a') {
      from.value = { row: 0, column: 0 };
      at.value = held({ row: Infinity, column: Infinity });
      return true;
    }
    if (event.key === 'Escape' && hasRange.value) {
      from.value = at.value;
      return true;
    }
    const next = event.altKey ? null : moved(event, at.value, size(), page());
    if (next) go(next, event.shiftKey);
    return next !== null;
  }

  const range = computed(() => {
    const [one, other] = [held(at.value), held(from.value)];
    return {
      top: Math.min(one.row, other.row),
      bottom: Math.max(one.row, other.row),
      left: Math.min(one.column, other.column),
      right: Math.max(one.column, other.column),
    };
  });
  const hasRange = computed(
    () => range.value.top < range.value.bottom || range.value.left < range.value.right,
  );

  return { at, range, hasRange, press, go, stand };
}
