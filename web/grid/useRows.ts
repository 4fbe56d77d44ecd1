import {
  getCoreRowModel,
  getExpandedRowModel,
  getGroupedRowModel,
  getSortedRowModel,
  useVueTable,
  type SortingState,
} from '@tanstack/vue-table';
import { computed, ref, type ComputedRef } from 'vue';
import { definitions, GROUP, type GridColumn } from './columns';

/** What stands in a row of the screen: a row of the table, or the head of a group. */
export type Item<Row> =
  | { kind: 'row'; id: string; row: Row }
  | { kind: 'group'; id: string; title: string; count: number; isOpen: boolean };

export interface Sorting {
  key: string;
  isDescending: boolean;
}

/** Rows in their order, in groups that open and close, as one flat list. */
export function useRows<Row extends { id: string }>(
  rows: () => Row[],
  columns: () => GridColumn<Row>[],
  groupOf: () => ((row: Row) => string) | undefined,
): {
  items: ComputedRef<Item<Row>[]>;
  sorting: ComputedRef<Sorting | null>;
  sort: (key: string) => void;
  toggle: (group: string) => void;
} {
  const sorting = ref<SortingState>([]);
  const closed = ref(new Set<string>());
  const table = useVueTable<Row>({
    get data() {
      return rows();
    },
    get columns() {
      return definitions(columns(), groupOf());
    },
    getRowId: (row) => row.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getGroupedRowModel: getGroupedRowModel(),
    getExpandedRowModel: getExpandedRowModel(),
    groupedColumnMode: false,
    state: {
      get sorting() {
        return sorting.value;
      },
      // All that there is; what stands in a closed group is left out below.
      expanded: true,
      get grouping() {
        return groupOf() ? [GROUP] : [];
      },
    },
    onSortingChange: (change) => {
      sorting.value = typeof change === 'function' ? change(sorting.value) : change;
    },
  });

  return {
    items: computed(() => {
      let isOpen = true;
      return table.getRowModel().rows.flatMap((row): Item<Row>[] => {
        if (!row.getIsGrouped()) {
          return isOpen ? [{ kind: 'row', id: row.original.id, row: row.original }] : [];
        }
        isOpen = !closed.value.has(row.id);
        const title = String(row.getGroupingValue(GROUP));
        return [{ kind: 'group', id: row.id, title, count: row.subRows.length, isOpen }];
      });
    }),
    sorting: computed(() => {
      const first = sorting.value[0];
      return first ? { key: first.id, isDescending: first.desc } : null;
    }),
    // Up, down, and back to the order in which the rows came.
    sort: (key) => table.getColumn(key)?.toggleSorting(),
    toggle: (group) => {
      if (!closed.value.delete(group)) closed.value.add(group);
    },
  };
}
