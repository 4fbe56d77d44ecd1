<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import SheetDialog from '@/frame/SheetDialog.vue';
import { useWrite } from '@/frame/useWrite';
import type { GridColumn } from '@/grid/columns';
import DataGrid from '@/grid/DataGrid.vue';
import CellEditor from '@/lines/CellEditor.vue';
import FormField from '@/shared/FormField.vue';

/** The kits by name: renamed in their place, and a new one packed. */
type Kit = Schemas['KitSummary'];
const kits = useQuery(shopQuery(['kits'], (signal) => api.GET('/kits', { signal })));
const rows = computed(() => kits.data.value?.data ?? []);
const columns: GridColumn<Kit>[] = [
  { key: 'name', title: 'Kit', width: 240, grow: 1, isEditable: true, value: ({ name }) => name },
  { key: 'tools', title: 'Tools', width: 90, align: 'end', value: ({ tools }) => tools },
];

const rename = useWrite({
  ask: async ({ id, name }: { id: string; name: string }) => {
    const path = { id };
    const { data, error, response } = await api.GET('/kits/{id}', { params: { path } });
    if (!data) return { error, response };
    const { version, ...kit } = data;
    return api.PUT('/kits/{id}', {
      params: { path, header: { 'If-Match': `"${version}"` } },
      body: { ...kit, name },
    });
  },
  said: ({ name }) => `Renamed: ${name}`,
});

const isOpen = ref(false);
const name = ref('');
const make = useWrite({
  ask: () => api.POST('/kits', { body: { name: name.value, tools: [] } }),
  said: () => `Made: ${name.value}`,
  after: () => (isOpen.value = false),
});
</script>

<template>
  <PlaceFrame title="Kits by name" look="fill" is-shown :error="kits.error.value" @retry="kits.refetch()">
    <template #beside><v-btn size="small" @click="isOpen = true">Make a kit</v-btn></template>
    <DataGrid :columns :rows caption="Kits">
      <template #cell="{ row, column }">{{ column.value?.(row) }}</template>
      <template #editor="{ row, column, start, finish }">
        <CellEditor
          column="name"
          :title="column.title"
          :value="row.name"
          :start
          @write="(text, onward) => (rename.mutate({ id: row.id, name: text }), finish(onward))"
        />
      </template>
    </DataGrid>
    <SheetDialog v-model="isOpen" title="A new kit" :problem="make.problem.value" @submit="make.mutate()">
      <FormField label="Name"><input v-model="name" required autofocus /></FormField>
      <template #buttons="{ leave }">
        <v-btn type="submit" color="primary" :loading="make.isPending.value">Make it</v-btn>
        <v-btn variant="text" @click="leave">Leave it</v-btn>
      </template>
    </SheetDialog>
  </PlaceFrame>
</template>
