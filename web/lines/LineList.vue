<script setup lang="ts">
import {
  mdiArrowCollapseVertical,
  mdiArrowExpandVertical,
  mdiMagnify,
  mdiUnfoldLessHorizontal,
  mdiUnfoldMoreHorizontal,
} from '@mdi/js';
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';
import PickOne from '@/shared/PickOne.vue';
import { useKeys } from '@/shared/useKeys';
import { useAddress } from '@/frame/useAddress';
import { filtersOf, groupingsOf, shownOf } from './filters';
import LineTable from '@/lines/LineTable.vue';
import type { LineRow } from '@/lines/reading';
import type { SheetEdit } from '@/lines/sheet';

/** The lines below the ruler, and what can be searched in them. */
const props = defineProps<{
  coverage: Schemas['Coverage'];
  rows: LineRow[];
  lit: ReadonlySet<string>;
  selected: { row: string; column: string } | null;
  isStale: boolean;
  /** Whether covered lanes of the ruler are folded; null where there is nothing to fold. */
  folds: boolean | null;
  /** Whether the ruler is down to its lanes with a hole; null where it never is. */
  isSmall: boolean | null;
  /** Columns of the sheet, where the lines are written here. */
  sheet?: readonly string[] | undefined;
}>();
const emit = defineEmits<{
  open: [line: string, operation: string | null];
  light: [lines: string[]];
  fold: [];
  shrink: [];
  edit: [edit: SheetEdit];
}>();

/** Kept by the place: what was typed outlives the list. */
const search = defineModel<string>('search', { required: true });
const searchField = useTemplateRef<{ focus(): void }>('searchField');
useKeys('/', () => searchField.value?.focus());
const { asked, show } = useAddress();
/** What its lines are written for one of: their counts are of one, all sums of so many. */
const pieces = computed(() => props.coverage.scope.pieces);
/** Where lines are written they stand in their own order, all of them. */
const isRead = computed(() => props.sheet === undefined);
const filters = computed(() => (isRead.value ? filtersOf(props.coverage, props.rows) : []));
const groupings = computed(() => (isRead.value ? groupingsOf(props.coverage, props.rows) : []));
const orders = computed(() => [
  { id: '', name: 'as in the scope' },
  ...(filters.value.some(({ id }) => id === 'open') ? [{ id: 'open', name: 'holes first' }] : []),
  ...groupings.value.map(({ id, name }) => ({ id, name: `by ${name}` })),
]);
const order = computed(() => orders.value.find(({ id }) => id === asked('order'))?.id ?? '');
const groupOf = computed(() => groupings.value.find(({ id }) => id === order.value)?.of);
const kept = computed(() => shownOf(props.rows, filters.value, asked('only'), order.value === 'open'));
const isFiltered = computed(() => filters.value.some(({ id }) => id === asked('only')));
const found = computed(() => {
  const text = search.value.trim().toLowerCase();
  return text ? kept.value.filter((row) => row.words.includes(text)) : kept.value;
});
const table = useTemplateRef('table');

defineExpose({
  focusOn: (row: string, column: string) => table.value?.focusOn(row, column),
  reveal: (rows: ReadonlySet<string>) => table.value?.reveal(rows),
});
</script>

<template>
  <div class="above">
    <h2>{{ isFiltered ? `${kept.length} of ` : '' }}{{ counted(rows.length, 'line') }}</h2>
    <span v-if="pieces" class="muted">counts are for one {{ pieces.name }}, sums for {{ pieces.count }}</span>
    <PickOne
      v-if="filters.length > 1"
      label="Show"
      :items="[{ id: '', name: 'all' }, ...filters]"
      :picked="isFiltered ? asked('only') : ''"
      @pick="show({ only: $event || null }, 'replace')"
    />
    <PickOne
      v-if="orders.length > 1"
      label="Order"
      :items="orders"
      :picked="order"
      @pick="show({ order: $event || null }, 'replace')"
    />
    <span v-if="isStale" class="muted" role="status">as it was before, until the answer comes</span>
    <button
      v-if="isSmall !== null && coverage.ruler.drops.length"
      type="button"
      class="folds"
      :aria-pressed="isSmall"
      @click="emit('shrink')"
    >
      <v-icon :icon="isSmall ? mdiArrowExpandVertical : mdiArrowCollapseVertical" size="14" />
      {{ isSmall ? 'Whole ruler' : 'Ruler to its holes' }}
    </button>
    <button v-if="folds !== null && !isSmall" type="button" class="folds" @click="emit('fold')">
      <v-icon :icon="folds ? mdiUnfoldMoreHorizontal : mdiUnfoldLessHorizontal" size="14" />
      {{ folds ? 'Show covered lanes' : 'Fold covered lanes' }}
    </button>
    <slot />
    <v-text-field
      ref="searchField"
      :model-value="search"
      class="search"
      placeholder="Search lines"
      aria-label="Search lines"
      :prepend-inner-icon="mdiMagnify"
      clearable
      hide-details
      @update:model-value="search = $event ?? ''"
    />
  </div>
  <p v-if="found.length === 0" class="muted waiting">
    {{
      rows.length && search
        ? `No line has “${search}” in its wire, terminal, tools or status.`
        : 'The scope has no lines yet.'
    }}
  </p>
  <LineTable
    v-else
    ref="table"
    class="table"
    :class="{ stale: isStale }"
    :coverage="coverage"
    :rows="found"
    :lit="lit"
    :selected="selected"
    :sheet="sheet"
    :group-of="groupOf"
    @edit="emit('edit', $event)"
    @light="emit('light', $event)"
    @open="(line, operation) => emit('open', line, operation)"
  />
</template>

<style scoped>
/* Behind the ruler, and what a place has under it. */
.above,
.table,
.waiting {
  order: 3;
}

/* The table always has room for eight rows, or for as many as a place with more above it leaves. */
.table {
  flex: 1 0 var(--least-table, 322px);
}

.stale {
  opacity: 0.55;
}

.above {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 11px;
  align-items: center;
  margin: 2px 0;
}

h2 {
  font-size: 14px;
  white-space: nowrap;
}

.folds {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: var(--touch-tight);
  padding: 0;
  font-size: 12.5px;
  color: var(--muted);
  white-space: nowrap;
  cursor: pointer;
}

.search {
  flex: 1 1 120px;
  min-width: 120px;
  max-width: 210px;
  margin-left: auto;
}

.waiting {
  padding: 24px 0;
}

/* In a lower window, or above an open panel, the lanes keep more of the room. */
@container work (max-height: 715px) {
  .table {
    flex-basis: 178px;
  }
}

@media (max-width: 700px), (max-height: 620px) {
  .table {
    flex: none;
    height: min(80dvh, 600px);
  }
}

@media print {
  .search,
  .folds {
    display: none;
  }
}
</style>
