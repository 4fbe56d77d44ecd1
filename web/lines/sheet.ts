import type { Schemas } from '@/api/client';
import type { GridColumn } from '@/grid/columns';
import { detailsOf } from './details';
import { verdictWords, type LineRow } from './reading';

type Line = Schemas['Line'];

/** The column that tells how the kit in hand does a line. */
export const VERDICT = 'verdict';

/** What somebody does to the lines of a scope in the table. */
export type SheetEdit =
  | { kind: 'cells'; cells: { line: Line; column: string; text: string }[] }
  | { kind: 'erase'; lines: Line[] }
  | { kind: 'duplicate'; lines: Line[] }
  | { kind: 'arrange'; lines: Line[]; before: Line | null };

/** The columns that are written: wire, terminal, how many, and what else some line says. */
export function writtenColumns(
  lines: Line[],
  wanted: readonly string[],
  nameOf: (wire: string) => string,
): GridColumn<LineRow>[] {
  return [
    {
      key: 'wire',
      title: 'Wire',
      width: 190,
      grow: 1.6,
      isEditable: true,
      value: (row) => row.wire?.name ?? null,
    },
    {
      key: 'terminal',
      title: 'Terminal',
      width: 150,
      grow: 1.4,
      isEditable: true,
      value: (row) => row.terminal?.name ?? null,
    },
    {
      key: 'quantity',
      title: 'Count',
      width: 64,
      align: 'end',
      isEditable: true,
      value: (row) => row.line.quantity ?? 1,
    },
    { key: VERDICT, title: 'With this kit', width: 210, grow: 2, value: verdictWords },
    ...detailsOf(lines, wanted).map(({ key, title, width, text }) => ({
      key,
      title,
      width,
      isEditable: true,
      value: (row: LineRow) => (key === 'wireB' && row.line.wireB ? nameOf(row.line.wireB) : text(row.line)),
    })),
  ];
}
