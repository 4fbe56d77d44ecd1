<script setup lang="ts">
import type { GridColumn } from './columns';
import DataGrid from './DataGrid.vue';
import type { Wire } from './grid.fixture';

/** A place with a grid, as the places have it: its slots are compiled, which is what keeps rows from being drawn again. */
defineProps<{
  columns: GridColumn<Wire>[];
  rows: Wire[];
  lit?: ReadonlySet<string>;
  groupOf?: (row: Wire) => string;
  isArrangeable?: boolean;
  draw: (row: Wire, column: GridColumn<Wire>) => string;
}>();
</script>

<template>
  <DataGrid :columns :rows :lit :group-of="groupOf" :is-arrangeable="isArrangeable" caption="Wires">
    <template #cell="{ row, column }">{{ draw(row, column) }}</template>
    <template #editor="{ finish }"><input aria-label="Value" @change="finish()" /></template>
  </DataGrid>
</template>
