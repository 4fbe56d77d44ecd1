import type { Schemas } from '@/api/client';
import type { ThingList } from '@/data/things';
import type { GridColumn } from '@/grid/columns';
import { pretty, words } from '@/shared/pretty';
import { operationWords } from '@/shared/status';

/** A thing of the crib as a row: what all lists have, and what it is. */
export interface ThingRow {
  id: string;
  name: string;
  thing: Record<string, unknown>;
  lanes?: Schemas['Lane'][];
  span?: Schemas['Reach'];
  area?: number;
  kits?: { id: string; name: string; count: number }[];
  /** What the shop has of it, where it stands on the shelf. */
  has?: { id: string; name: string } | null;
}

const text = (key: string) => (row: ThingRow) => {
  const value = row.thing[key];
  return typeof value === 'string' ? pretty(value) : typeof value === 'number' ? value : null;
};
const inWords = (key: string) => (row: ThingRow) => words((row.thing[key] as string | undefined) ?? '');
const does = ({ thing }: ThingRow) =>
  [
    ...new Set(
      ((thing.capabilities as { op: Schemas['Operation'] }[] | undefined) ?? []).map(
        ({ op }) => operationWords[op],
      ),
    ),
  ].join(', ');
const kitNames = ({ kits }: ThingRow) =>
  kits?.map(({ name, count }) => (count > 1 ? `${name} × ${count}` : name)).join(', ') || null;
const name = (title: string): GridColumn<ThingRow> => ({
  key: 'name',
  title,
  width: 230,
  grow: 2,
  value: (row) => row.name,
});
const place = (row: ThingRow) => row.area ?? row.span?.from ?? row.lanes?.[0]?.bars[0]?.from ?? null;
const reach: GridColumn<ThingRow> = { key: 'reach', title: 'Sizes', width: 210, value: place };

/** The columns of each list; what is drawn has the key "reach". */
export const columnsOf: Record<ThingList, GridColumn<ThingRow>[]> = {
  tools: [
    name('Tool'),
    { key: 'does', title: 'Does', width: 100, grow: 0.8, value: does },
    reach,
    { key: 'kits', title: 'In kits', width: 140, grow: 1, value: kitNames },
    { key: 'mass', title: 'Mass, g', width: 76, align: 'end', value: text('massGrams') },
  ],
  wires: [
    name('Wire'),
    { key: 'size', title: 'Size', width: 92, value: text('size'), order: place },
    { key: 'construction', title: 'Built', width: 86, value: inWords('construction') },
    { key: 'insulation', title: 'Insulation', width: 92, value: inWords('insulation') },
    { key: 'od', title: 'Across, mm', width: 88, align: 'end', value: text('insulationOd') },
    reach,
  ],
  terminals: [
    name('Terminal'),
    { key: 'class', title: 'Class', width: 128, value: inWords('class') },
    { key: 'size', title: 'Takes', width: 190, value: text('size'), order: place },
    { key: 'nest', title: 'Nest', width: 82, value: text('nest') },
    { key: 'stud', title: 'Stud', width: 62, value: text('stud') },
    reach,
  ],
};

type Page = { data: unknown[]; spans?: Record<string, number | Schemas['Reach']> };

/** Rows of the pages of a list. */
export function rowsOf(list: ThingList, pages: Page[]): ThingRow[] {
  return pages.flatMap(({ data, spans }) =>
    data.map((one) => {
      if (list === 'tools') {
        const { id, tool, kits, lanes } = one as Schemas['ToolInShop'];
        return { id, name: tool.name, thing: tool as unknown as Record<string, unknown>, kits, lanes };
      }
      const thing = one as Record<string, unknown> & { id: string; name: string };
      const at = spans?.[thing.id];
      return {
        id: thing.id,
        name: thing.name,
        thing,
        ...(typeof at === 'number' ? { area: at } : at ? { span: at } : {}),
      };
    }),
  );
}

/** What stands on the shelf, as rows. */
export const rowsOnShelf = (data: Schemas['BuiltIn'][]): ThingRow[] =>
  data.map(({ id, thing, has, lanes, span, area }) => ({
    id,
    name: (thing as { name: string }).name,
    thing: thing,
    has,
    ...(lanes ? { lanes } : {}),
    ...(span ? { span } : {}),
    ...(area === undefined ? {} : { area }),
  }));

/** Rows of one kind stand together. */
export const groupOf: Record<ThingList, (row: ThingRow) => string> = {
  tools: ({ thing }) => words(String(thing.kind)),
  wires: ({ thing }) => words(String(thing.insulation)).toUpperCase(),
  terminals: ({ thing }) => words(String(thing.class)),
};
