<script setup lang="ts" generic="Row extends { id: string }">
import type { GridColumn } from './columns';

/** One row of a grid. It is given only what it shows, so that it is drawn anew only when that changes. */
defineProps<{
  row: Row;
  columns: GridColumn<Row>[];
  /** Counted from 1, with the head. */
  index: number;
  top: number;
  kind?: string | undefined;
  isLit: boolean;
  isChosen: boolean;
  /** Column that is chosen, that has the focus, and the first and last that are marked; -1 for none. */
  chosen: number;
  at: number;
  markedFrom: number;
  markedTo: number;
  editing: number;
}>();
defineSlots<{
  cell(props: { row: Row; column: GridColumn<Row> }): unknown;
  editor(props: { row: Row; column: GridColumn<Row> }): unknown;
}>();
</script>

<template>
  <div
    class="row"
    :class="[kind, { lit: isLit, chosen: isChosen }]"
    role="row"
    :aria-rowindex="index"
    :data-row="row.id"
    :style="{ transform: `translateY(${top}px)` }"
  >
    <div
      v-for="(column, place) in columns"
      :key="column.key"
      class="cell"
      :class="[
        column.align,
        { selected: place === chosen, marked: place >= markedFrom && place <= markedTo },
      ]"
      :role="place === 0 ? 'rowheader' : 'gridcell'"
      :aria-colindex="place + 1"
      :aria-selected="place === chosen || (place >= markedFrom && place <= markedTo)"
      :tabindex="place === at ? 0 : -1"
      :data-cell="`${row.id}/${column.key}`"
      :data-column="place"
    >
      <slot v-if="place === editing" name="editor" :row="row" :column="column" />
      <slot v-else name="cell" :row="row" :column="column" />
    </div>
  </div>
</template>
