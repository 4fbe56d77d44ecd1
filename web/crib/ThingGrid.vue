<script setup lang="ts">
import type { Schemas } from '@/api/client';
import type { ThingList } from '@/data/things';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import { bandOf } from '@/ruler/bars';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { columnsOf, groupOf, type ThingRow } from './thingColumns';

/** Things of one list, each beside its little ruler. */
withDefaults(
  defineProps<{
    list: ThingList;
    rows: ThingRow[];
    ticks: Schemas['Tick'][];
    caption: string;
    /** Columns besides those of the list. */
    more?: GridColumn<ThingRow>[];
    selected?: { row: string; column: string } | null;
    /** Columns of the list that are left out. */
    without?: string[];
    /** What rows stand together by; as the list has it where nothing is said. */
    by?: ((row: ThingRow) => string) | undefined;
  }>(),
  { more: () => [], selected: null, without: () => [], by: undefined },
);
const emit = defineEmits<{ open: [row: ThingRow, column: string] }>();
defineSlots<{ cell?(props: { row: ThingRow; column: GridColumn<ThingRow> }): unknown }>();
</script>

<template>
  <DataGrid
    :columns="[...columnsOf[list].filter(({ key }) => !without.includes(key)), ...more]"
    :rows
    :caption
    :row-height="list === 'tools' ? 48 : 38"
    :selected
    :group-of="by ?? groupOf[list]"
    @open="(row, column) => emit('open', row, column)"
  >
    <template #cell="{ row, column }">
      <slot v-if="more.some(({ key }) => key === column.key)" name="cell" :row :column />
      <template v-else-if="column.key === 'reach'">
        <LittleRuler
          v-if="row.lanes?.length || row.span || row.area !== undefined"
          :ticks
          :bars="row.lanes?.flatMap(({ bars }) => bars) ?? []"
          :span="row.span"
          :wire="row.area"
        />
        <span v-else class="muted">no size of its own</span>
      </template>
      <span v-else-if="column.key === 'nest' && column.value?.(row)" class="nest">
        <i v-if="bandOf(String(column.value(row)))" :class="bandOf(String(column.value(row)))" />
        {{ column.value(row) }}
      </span>
      <!-- A row is two lines high; the whole is told on hovering, and heard. -->
      <span v-else class="words" :title="String(column.value?.(row) ?? '')">{{
        column.value?.(row) ?? '–'
      }}</span>
    </template>
  </DataGrid>
</template>

<style scoped>
.nest {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}

.words {
  display: -webkit-box;
  overflow: hidden;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}

i {
  width: 9px;
  height: 14px;
  border-radius: 1px;
}

.red {
  background: var(--band-red);
}

.blue {
  background: var(--band-blue);
}

.yellow {
  background: var(--band-yellow);
}
</style>
