<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { problemOf } from '@/api/client';
import { useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { useKeys } from '@/shared/useKeys';
import { useUndoKeys } from '@/frame/useUndoKeys';
import WaitBar from '@/shared/WaitBar.vue';
import CribHead from '../CribHead.vue';

/** The kits of the shop: tools that travel together, or stand at one bench. */
const router = useRouter();
const { person } = useSession();
const mayPack = computed(() => person.value?.maySetUpTheShop ?? false);
const { kits, isLoading, error, retry } = useKitsAndScopes();

type Kit = (typeof kits.value)[number];
const columns: GridColumn<Kit>[] = [
  { key: 'name', title: 'Kit', width: 220, grow: 1, value: ({ name }) => name },
  { key: 'tools', title: 'Tools', width: 80, align: 'end', value: ({ tools }) => tools },
  { key: 'note', title: 'Note', width: 300, grow: 2, value: ({ note }) => note ?? null },
];
const make = () => router.push({ name: 'make-kit' });
useKeys('n', () => mayPack.value && void make());
useUndoKeys();
</script>

<template>
  <PlaceFrame title="Kits" look="fill">
    <CribHead list="kits" :count="counted(kits.length, 'kit')">
      <template v-if="mayPack">
        <v-btn size="small" variant="text" :to="{ name: 'things', params: { list: 'kits' } }"
          >Bring a table</v-btn
        >
        <v-btn size="small" variant="text" href="/api/v1/tables/kits" download>As CSV</v-btn>
        <v-btn size="small" color="primary" variant="flat" @click="make()">Make a kit</v-btn>
      </template>
    </CribHead>
    <ProblemNote v-if="error" :problem="problemOf(error)" @retry="retry()" />
    <WaitBar v-else-if="isLoading" says="Fetching the kits" />
    <EmptyNote v-else-if="!kits.length" title="No kits yet">
      A kit is what travels together: a backpack, a van, a box, or what stands at one bench. Cover holds it
      against the work.
      <template #next
        ><v-btn v-if="mayPack" color="primary" variant="flat" @click="make()">Make a kit</v-btn></template
      >
    </EmptyNote>
    <DataGrid
      v-else
      :columns
      :rows="kits"
      caption="Kits"
      @open="(kit) => router.push({ name: 'kit', params: { id: kit.id } })"
    >
      <template #cell="{ row, column }">{{ column.value?.(row) ?? '–' }}</template>
    </DataGrid>
  </PlaceFrame>
</template>
