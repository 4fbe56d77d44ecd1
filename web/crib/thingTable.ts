import type { Schemas } from '@/api/client';

/** A table of things that somebody has brought, with what its columns say. */
export interface ThingTable {
  name: string;
  names: string[];
  /** By their place in the file. */
  rows: { id: string; cells: string[] }[];
  columns: Schemas['TableColumn'][];
  /** All that a column can say. */
  known: string[];
}

export function headOf(name: string, read: Schemas['TableRows']): ThingTable {
  const first = read.head === null ? 0 : read.head + 1;
  const width = Math.max(0, ...read.rows.map((cells) => cells.length));
  const head = read.head === null ? [] : (read.rows[read.head] ?? []);
  return {
    name,
    names: Array.from({ length: width }, (_, at) => head[at] ?? ''),
    rows: read.rows
      .slice(first)
      .map((cells, at) => ({ id: String(first + at), cells }))
      .filter(({ cells }) => cells.some((cell) => cell !== '')),
    columns: read.columns,
    known: read.names,
  };
}

/** What a column says from now on; another that said the same says nothing any more. */
export function withSays(table: ThingTable, index: number, says: string): ThingTable {
  const others = table.columns.filter((column) => column.index !== index && column.says !== says);
  const unit = table.columns.find((column) => column.index === index)?.unit;
  const columns = says === '' ? others : [...others, { index, says, ...(unit ? { unit } : {}) }];
  return { ...table, columns: columns.sort((one, other) => one.index - other.index) };
}

/** How each row was read; of a thing of several rows what is wrong stands at the row that says it. */
export function statusesOf(
  things: Schemas['TableThing'][],
): Map<number, { status: Schemas['TableThing']['status']; problems: Schemas['TableThing']['problems'] }> {
  return new Map(
    things.flatMap(({ rows, status, problems }) =>
      rows.map(
        (row) => [row, { status, problems: problems.filter((problem) => problem.row === row) }] as const,
      ),
    ),
  );
}
