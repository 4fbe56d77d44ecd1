import type { Schemas } from '@/api/client';
import { guarded, toText } from '@/grid/clipboard';

/** A table that somebody has brought, with what its columns say; kept in the browser until its rows are taken. */
export interface Table {
  name: string;
  /** Names over the columns, empty where the table has none. */
  names: string[];
  /** Rows below the names, each with its place in the file, counted from 0. */
  rows: { place: number; cells: string[] }[];
  columns: Schemas['SheetColumn'][];
  /** Columns whose meaning somebody has set by hand, by their place. */
  corrected: number[];
}

/** A row with how it was read. */
export interface TableRow {
  id: string;
  place: number;
  cells: string[];
  status: Schemas['Status'] | 'bad' | 'waiting';
  problems: Schemas['CellProblem'][];
  checks: Schemas['Reason'][];
}

export function tableOf(name: string, read: Schemas['SheetRows']): Table {
  const first = read.head === null ? 0 : read.head + 1;
  return {
    name,
    names: read.head === null ? [] : (read.rows[read.head] ?? []),
    rows: read.rows
      .slice(first)
      .map((cells, index) => ({ place: first + index, cells }))
      .filter(({ cells }) => cells.some((cell) => cell !== '')),
    columns: read.columns,
    corrected: [],
  };
}

/** What a column says from now on; another that said the same says nothing any more. */
export function withColumn(table: Table, index: number, says: Schemas['SheetColumnName'] | null): Table {
  const others = table.columns.filter((column) => column.index !== index && column.says !== says);
  const unit = table.columns.find((column) => column.index === index)?.unit ?? null;
  const columns = says === null ? others : [...others, { index, says, ...(unit ? { unit } : {}) }];
  return {
    ...table,
    columns: columns.sort((one, other) => one.index - other.index),
    corrected: [...new Set([...table.corrected, index])],
  };
}

/** One cell mended. */
export const withCell = (table: Table, place: number, column: number, text: string): Table => ({
  ...table,
  rows: table.rows.map((row) =>
    row.place === place ? { ...row, cells: row.cells.map((cell, at) => (at === column ? text : cell)) } : row,
  ),
});

/** The rows as they were read, the worst first to be found: bad ones name what is wrong, good ones how the kit does them. */
export function rowsWith(table: Table, reading: Schemas['SheetReading'] | undefined): TableRow[] {
  const bad = new Map(reading?.bad.map(({ row, problems }) => [row, problems]));
  const good = new Map(reading?.lines.flatMap((line) => line.rows.map((row) => [row, line] as const)));
  return table.rows.map(({ place, cells }) => {
    const problems = bad.get(place) ?? [];
    const line = good.get(place);
    return {
      id: String(place),
      place,
      cells,
      problems,
      checks: line?.checks ?? [],
      status: problems.length ? 'bad' : line ? (line.status ?? 'unjudged') : 'waiting',
    };
  });
}

/** The rows that are still bad, with what is wrong, as a table that any spreadsheet opens and that can be brought again. */
export function restAsText(table: Table, rows: TableRow[]): string {
  const width = Math.max(table.names.length, ...rows.map(({ cells }) => cells.length));
  const head = [...Array.from({ length: width }, (_, at) => table.names[at] ?? ''), 'What is wrong'];
  const texts = [
    head,
    ...rows.map(({ cells, problems }) => [
      ...Array.from({ length: width }, (_, at) => cells[at] ?? ''),
      problems.map(({ value, expected }) => `${value}: ${expected}`).join('; '),
    ]),
  ];
  return toText(texts.map((row) => row.map(guarded)));
}
