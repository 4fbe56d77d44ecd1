import type { ColumnDef } from '@tanstack/vue-table';

/** What a cell is worth: for sorting, for grouping, and for the clipboard. */
export type CellValue = string | number | null;

export interface GridColumn<Row> {
  key: string;
  title: string;
  /** Pixels that it has at least. */
  width: number;
  /** Its part of the room that is left over. */
  grow?: number;
  align?: 'end';
  /** What the cell is worth; without it the column is neither sorted nor copied. */
  value?: (row: Row) => CellValue;
  /** What the rows are sorted by, where that is something else. */
  order?: (row: Row) => CellValue;
  isEditable?: boolean;
}

/** The tracks of the grid, the same in every row, and how wide they are at least. */
export function tracks<Row>(columns: GridColumn<Row>[]): { template: string; least: number } {
  return {
    template: columns
      .map(({ width, grow }) => (grow ? `minmax(${width}px, ${grow}fr)` : `${width}px`))
      .join(' '),
    least: columns.reduce((sum, { width }) => sum + width, 0),
  };
}

/** Numbers by size, text as people order it (2 before 10), nothing last. */
export function compare(one: CellValue, other: CellValue): number {
  if (one === null || other === null) return Number(one === null) - Number(other === null);
  if (typeof one === 'number' && typeof other === 'number') return one - other;
  return String(one).localeCompare(String(other), 'en', { numeric: true });
}

/** The columns as the table library wants them. */
export function definitions<Row>(
  columns: GridColumn<Row>[],
  groupOf?: (row: Row) => string,
): ColumnDef<Row>[] {
  const group: ColumnDef<Row>[] = groupOf ? [{ id: GROUP, accessorFn: groupOf }] : [];
  return [
    ...group,
    ...columns.map((column): ColumnDef<Row> => ({
      id: column.key,
      accessorFn: (row) => (column.order ?? column.value)?.(row) ?? null,
      enableSorting: column.value !== undefined,
      sortingFn: (one, other, id) => compare(one.getValue<CellValue>(id), other.getValue<CellValue>(id)),
      sortDescFirst: false,
    })),
  ];
}

/** The column that rows are grouped by; it is not shown. */
export const GROUP = 'group';
