<script setup lang="ts" generic="Row extends { id: string }">
import { nextTick, ref, useTemplateRef, watch } from 'vue';

/*
 * A table to be walked with the arrow keys. One cell is in the tab order; Enter, Space or a click opens a cell.
 *
 *   <GridTable :columns :rows caption="Lines" @open="(row, key) => …">
 *     <template #cell="{ row, column }">…</template>
 *   </GridTable>
 *
 * The first column heads its row.
 */
export interface GridColumn {
  key: string;
  title: string;
  align?: 'end';
}

const props = defineProps<{
  columns: GridColumn[];
  rows: Row[];
  caption: string;
  /** Rows to light, by id. */
  lit?: ReadonlySet<string>;
  selected?: { row: string; column: string } | null;
  rowClass?: (row: Row) => string | undefined;
}>();
const emit = defineEmits<{ open: [row: Row, column: string]; light: [rows: string[]] }>();
defineSlots<{ cell(props: { row: Row; column: GridColumn }): unknown }>();

const table = useTemplateRef<HTMLTableElement>('table');
const at = ref({ row: 0, column: 0 });

watch(
  () => [props.rows.length, props.columns.length],
  ([rows = 0, columns = 0]) => {
    at.value = {
      row: Math.min(at.value.row, Math.max(0, rows - 1)),
      column: Math.min(at.value.column, Math.max(0, columns - 1)),
    };
  },
);

async function go(row: number, column: number): Promise<void> {
  at.value = {
    row: Math.min(props.rows.length - 1, Math.max(0, row)),
    column: Math.min(props.columns.length - 1, Math.max(0, column)),
  };
  await nextTick();
  table.value?.querySelector<HTMLElement>('[data-at]')?.focus();
}

const moves: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

function press(event: KeyboardEvent, row: Row, column: GridColumn): void {
  const move = moves[event.key];
  if (move) {
    event.preventDefault();
    void go(at.value.row + move[0], at.value.column + move[1]);
  } else if (event.key === 'Home' || event.key === 'End') {
    event.preventDefault();
    void go(at.value.row, event.key === 'Home' ? 0 : props.columns.length - 1);
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault();
    emit('open', row, column.key);
  }
}

const isAt = (row: number, column: number) => at.value.row === row && at.value.column === column;

/** Puts the focus on a cell, so that the keys go on from there. */
function focusOn(row: string, column: string): void {
  void go(
    props.rows.findIndex((one) => one.id === row),
    props.columns.findIndex((one) => one.key === column),
  );
}

defineExpose({ focusOn });
</script>

<template>
  <div class="scroll">
    <table ref="table" role="grid" :aria-label="caption" :aria-rowcount="rows.length + 1">
      <thead>
        <tr>
          <th v-for="column in columns" :key="column.key" scope="col" :class="column.align">
            {{ column.title }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(row, rowIndex) in rows"
          :key="row.id"
          :class="[rowClass?.(row), { lit: lit?.has(row.id), chosen: selected?.row === row.id }]"
          @mouseenter="emit('light', [row.id])"
          @mouseleave="emit('light', [])"
        >
          <component
            :is="columnIndex === 0 ? 'th' : 'td'"
            v-for="(column, columnIndex) in columns"
            :key="column.key"
            :scope="columnIndex === 0 ? 'row' : undefined"
            :role="columnIndex === 0 ? 'rowheader' : 'gridcell'"
            :class="[column.align, { selected: selected?.row === row.id && selected.column === column.key }]"
            :aria-selected="selected?.row === row.id && selected.column === column.key"
            :tabindex="isAt(rowIndex, columnIndex) ? 0 : -1"
            :data-at="isAt(rowIndex, columnIndex) ? '' : undefined"
            :data-cell="`${row.id}/${column.key}`"
            @keydown="press($event, row, column)"
            @focus="
              at = { row: rowIndex, column: columnIndex };
              emit('light', [row.id]);
            "
            @click="emit('open', row, column.key)"
          >
            <slot name="cell" :row="row" :column="column" />
          </component>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13px;
}

thead th {
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--ground);
  text-align: left;
  font-weight: 560;
  color: var(--muted);
  padding: 6px 8px;
  box-shadow: inset 0 -1px 0 var(--ink);
  white-space: nowrap;
}

tbody th,
tbody td {
  text-align: left;
  font-weight: 400;
  padding: 3px 8px;
  height: var(--touch);
  border-bottom: 1px solid var(--hairline);
  cursor: pointer;
}

.end {
  text-align: right;
}

tbody tr.lit > *,
tbody tr.chosen > * {
  background: var(--row-wash);
}

tbody tr.open > * {
  background: color-mix(in srgb, var(--hole-wash) 55%, transparent);
}

tbody tr.open.lit > *,
tbody tr.open.chosen > * {
  background: var(--hole-wash);
}

.selected {
  box-shadow: inset 0 0 0 2px var(--copper);
}

:focus-visible {
  outline-offset: -2px;
}

@media print {
  .scroll {
    overflow: visible;
  }

  tr {
    break-inside: avoid;
  }

  thead {
    display: table-header-group;
  }

  .selected {
    box-shadow: none;
  }
}
</style>
