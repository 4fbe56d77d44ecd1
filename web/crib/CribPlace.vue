<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { useTools } from '@/api/queries';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { words } from '@/shared/pretty';
import { operationWords } from '@/shared/status';
import WaitingPlace from '@/shared/WaitingPlace.vue';

type Tool = Schemas['ToolInShop'];
const does = ({ tool }: Tool) =>
  [...new Set(tool.capabilities.map(({ op }) => operationWords[op]))].join(', ');
const kitNames = ({ kits }: Tool) => kits.map(({ name }) => name).join(', ') || null;
const columns: GridColumn<Tool>[] = [
  { key: 'name', title: 'Tool', width: 220, grow: 2, value: ({ tool }) => tool.name },
  { key: 'does', title: 'Does', width: 110, grow: 1, value: does },
  { key: 'reach', title: 'Sizes', width: 210, value: ({ lanes }) => lanes[0]?.bars[0]?.from ?? null },
  { key: 'kits', title: 'In kits', width: 160, grow: 1, value: kitNames },
];
</script>

<template>
  <WaitingPlace v-slot="{ data }" :query="useTools()" what="the tools of the shop">
    <DataGrid
      :columns
      :rows="data.data"
      caption="Tools"
      :row-height="48"
      :group-of="({ tool }) => words(tool.kind)"
    >
      <template #cell="{ row: { lanes }, row, column: { key, value } }">
        <LittleRuler
          v-if="key === 'reach' && lanes.length"
          :ticks="data.ticks"
          :bars="lanes.flatMap(({ bars }) => bars)"
        />
        <template v-else>{{ key === 'reach' ? 'no size of its own' : (value?.(row) ?? '–') }}</template>
      </template>
    </DataGrid>
  </WaitingPlace>
</template>
