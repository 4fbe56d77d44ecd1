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

/** Pixels of a letter, on the average, in a cell and in the name of a column, and of what stands round a text. */
const LETTER = 6.1;
const TITLE = 7.4;
const AROUND = 24;
/** Of the handle and the sign before a wire. */
const SIGNS = 48;

/** As wide as what stands in a column wants, within limits: none is cut while another has room to spare. */
const widthFor = (title: string, texts: (string | null)[], least: number, most: number): number =>
  Math.min(
    most,
    Math.max(
      least,
      AROUND + TITLE * title.length,
      AROUND + LETTER * Math.max(0, ...texts.map((text) => text?.length ?? 0)),
    ),
  );

/** The columns that are written: wire, terminal, how many, and what else some line says. */
export function writtenColumns(
  lines: Line[],
  wanted: readonly string[],
  nameOf: (list: 'wires' | 'terminals', id: string) => string,
): GridColumn<LineRow>[] {
  const texts = (of: (line: Line) => string | null) => lines.map(of);
  return [
    {
      key: 'wire',
      title: 'Wire',
      width:
        SIGNS +
        widthFor(
          'Wire',
          texts(({ wire }) => (wire ? nameOf('wires', wire) : null)),
          110,
          300,
        ),
      grow: 1,
      isEditable: true,
      value: (row) => row.wire?.name ?? null,
    },
    {
      key: 'terminal',
      title: 'Terminal',
      width: widthFor(
        'Terminal',
        texts(({ terminal }) => (terminal ? nameOf('terminals', terminal) : null)),
        110,
        260,
      ),
      grow: 1,
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
    {
      key: VERDICT,
      title: 'With this kit',
      width: 150,
      grow: 2,
      value: verdictWords,
    },
    ...detailsOf(lines, wanted).map(({ key, title, text }) => {
      const said = (line: Line) => (key === 'wireB' && line.wireB ? nameOf('wires', line.wireB) : text(line));
      return {
        key,
        title,
        width: widthFor(title, texts(said), 56, 200),
        isEditable: true,
        value: ({ line }: LineRow) => said(line),
      };
    }),
  ];
}
