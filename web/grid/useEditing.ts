import { nextTick, shallowRef, type Ref } from 'vue';
import type { Cell } from './useWalk';

/** Where one goes on after a cell was written: stay, the cell below, the next or the one before that may be written. */
export type Onward = 'stay' | 'down' | 'next' | 'back';

/** What is handed to an editor: how it begins and how it ends. */
export interface EditorOf {
  /** The letter that opened it, which takes the place of what stood there; null leaves it. */
  start: string | null;
  finish: (onward?: Onward) => void;
}

interface Parts {
  element: (cell: Cell) => HTMLElement | null;
  /** Whether a cell may be written. */
  isEditable: (cell: Cell) => boolean;
  size: () => Cell;
  go: (cell: Cell) => void;
  focus: () => Promise<void>;
}

/** One cell at a time is written in its place, as in a sheet. */
export function useEditing({ element, isEditable, size, go, focus }: Parts): {
  /** Row by its id, so that it stays the same when others come and go. */
  editing: Ref<{ row: string; place: Cell; start: string | null } | null>;
  begin: (row: string, place: Cell, start?: string | null) => void;
  finish: (onward?: Onward) => void;
} {
  const editing = shallowRef<{ row: string; place: Cell; start: string | null } | null>(null);

  function begin(row: string, place: Cell, start: string | null = null): void {
    editing.value = { row, place, start };
    void nextTick(() =>
      element(place)?.querySelector<HTMLElement>('input, select, textarea, button')?.focus(),
    );
  }

  function onwardFrom({ row, column }: Cell, onward: Onward): Cell {
    const { row: rows, column: columns } = size();
    if (onward === 'down') return { row: Math.min(rows - 1, row + 1), column };
    const step = onward === 'back' ? -1 : 1;
    for (let at = column + step; onward !== 'stay' && at >= 0 && at < columns; at += step) {
      if (isEditable({ row, column: at })) return { row, column: at };
    }
    return { row, column };
  }

  function finish(onward: Onward = 'stay'): void {
    const was = editing.value;
    if (was === null) return;
    editing.value = null;
    if (onward !== 'stay') go(onwardFrom(was.place, onward));
    void focus();
  }

  return { editing, begin, finish };
}
