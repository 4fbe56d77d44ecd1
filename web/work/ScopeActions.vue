<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import type { Schemas } from '@/api/client';

/** What can be done with a scope as a whole. */
const props = defineProps<{ scope: string | null; scopes: Schemas['ScopeSummary'][] }>();

const ScopeSheet = defineAsyncComponent(() => import('./ScopeSheet.vue'));

type Action = 'new' | 'copy' | 'merge' | 'settings';
const action = ref<Action | null>(null);
const titles: [Action | 'csv', string][] = [
  ['settings', 'Name, rules, note …'],
  ['new', 'New scope …'],
  ['copy', 'Copy it …'],
  ['merge', 'Take another in …'],
  ['csv', 'Its lines as CSV'],
];

function choose(event: Event): void {
  const select = event.target as HTMLSelectElement;
  if (select.value === 'csv') location.assign(`/api/v1/scopes/${props.scope}/table`);
  else action.value = select.value as Action;
  select.value = '';
}
</script>

<template>
  <select v-if="scope" class="actions" aria-label="Do with the scope" value="" @change="choose">
    <option value="">⋯</option>
    <option v-for="[key, title] in titles" :key="key" :value="key">{{ title }}</option>
  </select>
  <v-btn v-else color="primary" variant="flat" @click="action = 'new'">New scope</v-btn>
  <ScopeSheet
    v-if="action"
    :key="`${action} ${scope}`"
    :action="action"
    :scope="scope"
    :scopes="scopes"
    @close="action = null"
  />
</template>

<style scoped>
.actions {
  width: 36px;
  padding: 0;
  appearance: none;
  text-align-last: center;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  text-align: center;
  cursor: pointer;
}

.actions option {
  font-weight: 400;
  text-align: left;
}
</style>
