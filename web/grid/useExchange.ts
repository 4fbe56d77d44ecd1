import { fromText, toText } from './clipboard';
import type { CellValue, GridColumn } from './columns';
import type { Cell, Range } from './useWalk';

/** A cell by what it is: its row and its column. */
export interface Standing<Row> {
  row: Row;
  column: GridColumn<Row>;
}

/** A text that somebody has put down on a cell. */
export interface Pasted<Row> extends Standing<Row> {
  text: string;
}

/** What goes from the marked cells to a spreadsheet, and what comes from there. */
export function useExchange<Row>(
  range: () => Range,
  standing: (cell: Cell) => Standing<Row> | null,
): {
  /** The rows of the marked cells. */
  rows(): Row[];
  /** The marked cells that somebody may change. */
  editable(): Standing<Row>[];
  /** The marked cells as text, null where nothing is marked that has a text. */
  taken: () => string | null;
  /** The topmost of the marked cells for those below them. */
  filled(): Pasted<Row>[];
  /** Where a text of a spreadsheet goes; what meets no cell that may be changed is left out. */
  put(text: string): Pasted<Row>[];
} {
  /** Row by row; null where the head of a group is. */
  function marked(): (Standing<Row> | null)[][] {
    const { top, bottom, left, right } = range();
    return Array.from({ length: bottom - top + 1 }, (_, row) =>
      Array.from({ length: right - left + 1 }, (__, column) =>
        standing({ row: top + row, column: left + column }),
      ),
    );
  }

  return {
    rows: () => marked().flatMap(([first]) => (first ? [first.row] : [])),
    editable: () =>
      marked()
        .flat()
        .filter((cell): cell is Standing<Row> => cell?.column.isEditable === true),
    taken() {
      const rows = marked().filter((row) => row.some((cell) => cell !== null));
      if (rows.length === 0) return null;
      return toText(rows.map((row) => row.map((cell): CellValue => cell?.column.value?.(cell.row) ?? null)));
    },
    filled() {
      const [first, ...below] = marked();
      return below.flatMap((row) =>
        row.flatMap((cell, along) => {
          const above = first?.[along];
          return cell?.column.isEditable && above
            ? [{ ...cell, text: String(above.column.value?.(above.row) ?? '') }]
            : [];
        }),
      );
    },
    put(text) {
      const cells = fromText(text);
      const { top, left, bottom, right } = range();
      // One cell fills all that is marked; else what was copied goes where it is put down.
      const isFill = cells.length === 1 && cells[0]?.length === 1;
      const all = isFill
        ? Array.from({ length: bottom - top + 1 }, () =>
            Array.from({ length: right - left + 1 }, () => cells[0]?.[0] ?? ''),
          )
        : cells;
      return all.flatMap((row, down) =>
        row.flatMap((value, along) => {
          const cell = standing({ row: top + down, column: left + along });
          return cell?.column.isEditable ? [{ ...cell, text: value }] : [];
        }),
      );
    },
  };
}
