<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed } from 'vue';
import { useTools } from '@/api/queries';
import type { Schemas } from '@/api/client';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { useSettings } from '@/settings/useSettings';
import { words } from '@/shared/pretty';
import WaitingPlace from '@/shared/WaitingPlace.vue';
import { operationWords } from '@/shared/status';

type Tool = Schemas['ToolInShop'];
useTitle('Crib – Gondrik');
const { first } = storeToRefs(useSettings());
const query = useTools();
const tools = computed(() => query.data.value?.data ?? []);
const operations = ({ tool }: Tool) =>
  [...new Set(tool.capabilities.map(({ op }) => operationWords[op]))].join(', ');
const columns: GridColumn<Tool>[] = [
  {
    key: 'name',
    title: 'Tool',
    width: 220,
    grow: 2,
    value: ({ tool }) => tool.name,
    isSortable: true,
  },
  { key: 'does', title: 'Does', width: 110, grow: 1, value: operations, isSortable: true },
  {
    key: 'reach',
    title: 'Sizes it reaches',
    width: 210,
    value: ({ lanes }) => lanes[0]?.bars[0]?.from ?? null,
    isSortable: true,
  },
  {
    key: 'kits',
    title: 'In kits',
    width: 160,
    grow: 1,
    value: ({ kits }) => kits.map(({ name }) => name).join(', ') || null,
    isSortable: true,
  },
];
</script>

<template>
  <WaitingPlace :query="query" what="the tools of the shop">
    <DataGrid
      :columns
      :rows="tools"
      caption="Tools of the shop"
      :row-height="48"
      :group-of="({ tool }) => words(tool.kind)"
    >
      <template #cell="{ row, column }">
        <LittleRuler
          v-if="column.key === 'reach' && row.lanes.length"
          :ticks="query.data.value?.ticks ?? []"
          :first
          :bars="row.lanes.flatMap(({ bars }) => bars)"
        />
        <span v-else-if="column.key === 'reach'" class="muted">no size of its own</span>
        <template v-else>{{ column.value?.(row) ?? '–' }}</template>
      </template>
    </DataGrid>
  </WaitingPlace>
</template>
