import type { Schemas } from '@/api/client';
import { guarded, toText } from '@/grid/clipboard';
import type { BroughtTable } from './brought';

/** A table of work that somebody has brought. */
export type Table = BroughtTable<Schemas['SheetColumnName']>;

/** A row with how it was read. */
export interface TableRow {
  id: string;
  place: number;
  cells: string[];
  status: Schemas['Status'] | 'bad' | 'waiting';
  problems: Schemas['CellProblem'][];
  checks: Schemas['Reason'][];
  /** What it is read as: wire and terminal; nothing while it is not. */
  makes: string | null;
}

function makes(
  { wire, wireB, terminal }: Schemas['LineDraft'],
  { wires, terminals }: Schemas['SheetReading']['names'],
): string | null {
  if (wire === undefined || terminal === undefined) return null;
  const named = [wire, wireB].flatMap((id) => (id === undefined ? [] : [wires[id] ?? id]));
  return `${named.join(' and ')} → ${terminals[terminal] ?? terminal}`;
}

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
      makes: line && reading ? makes(line.line, reading.names) : null,
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
