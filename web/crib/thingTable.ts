import type { Schemas } from '@/api/client';
import type { BroughtTable } from '@/table/brought';

/** A list of the shop that can be brought as a table. */
export type TableList = 'wires' | 'terminals' | 'tools' | 'kits' | 'people' | 'assets';

/** What one of each is called, and many. */
export const tableWords: Record<TableList, { one: string; many: string }> = {
  wires: { one: 'wire', many: 'wires' },
  terminals: { one: 'terminal', many: 'terminals' },
  tools: { one: 'tool', many: 'tools' },
  kits: { one: 'kit', many: 'kits' },
  people: { one: 'person', many: 'people' },
  assets: { one: 'thing', many: 'things' },
};

/** A table of things that somebody has brought. */
export interface ThingTable extends BroughtTable {
  /** All that a column can say. */
  known: string[];
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
