/* A table that somebody has brought, whatever its rows become: its head, its rows, and what its columns say. */

export interface BroughtRow {
  /** In the file, counted from 0. */
  place: number;
  cells: string[];
}

export interface BroughtColumn<Says extends string = string> {
  index: number;
  says: Says;
  /** Of its numbers where they have none. */
  unit?: string | null;
}

/** Kept in the browser until its rows are taken. */
export interface BroughtTable<Says extends string = string> {
  name: string;
  /** Names over the columns, empty where the table has none. */
  names: string[];
  /** Below the names. */
  rows: BroughtRow[];
  columns: BroughtColumn<Says>[];
  /** Columns whose meaning somebody has set by hand, by their place. */
  corrected: number[];
}

interface ReadFile<Says extends string> {
  rows: string[][];
  /** The row with the names, null where there is none. */
  head: number | null;
  columns: BroughtColumn<Says>[];
}

export function broughtAs<Says extends string>(name: string, read: ReadFile<Says>): BroughtTable<Says> {
  const first = read.head === null ? 0 : read.head + 1;
  const head = read.head === null ? [] : (read.rows[read.head] ?? []);
  return {
    name,
    names: Array.from(
      { length: Math.max(0, ...read.rows.map(({ length }) => length)) },
      (_, at) => head[at] ?? '',
    ),
    rows: read.rows
      .slice(first)
      .map((cells, index) => ({ place: first + index, cells }))
      .filter(({ cells }) => cells.some((cell) => cell !== '')),
    columns: read.columns,
    corrected: [],
  };
}

/** What a column says from now on, null for nothing; another that said the same says nothing any more. */
export function withSays<Table extends BroughtTable>(
  table: Table,
  index: number,
  says: Table['columns'][number]['says'] | null,
): Table {
  const others = table.columns.filter((column) => column.index !== index && column.says !== says);
  const unit = table.columns.find((column) => column.index === index)?.unit;
  const columns = says === null ? others : [...others, { index, says, ...(unit ? { unit } : {}) }];
  return {
    ...table,
    columns: columns.sort((one, other) => one.index - other.index),
    corrected: [...new Set([...table.corrected, index])],
  };
}

/** Cells mended; a row may be shorter than its table. */
export function withCells<Table extends BroughtTable>(
  table: Table,
  cells: { place: number; column: number; text: string }[],
): Table {
  const mended = new Map<number, string[]>();
  for (const { place, column, text } of cells) {
    const now = mended.get(place) ?? table.rows.find((row) => row.place === place)?.cells.slice() ?? [];
    while (now.length < column) now.push('');
    now[column] = text;
    mended.set(place, now);
  }
  return {
    ...table,
    rows: table.rows.map((row) => ({ ...row, cells: mended.get(row.place) ?? row.cells })),
  };
}

/** What is left when some rows are taken, null where nothing is. */
export function withoutRows<Table extends BroughtTable>(
  table: Table,
  taken: ReadonlySet<number>,
): Table | null {
  const rows = table.rows.filter(({ place }) => !taken.has(place));
  return rows.length ? { ...table, rows } : null;
}
