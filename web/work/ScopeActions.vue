<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import type { Schemas } from '@/api/client';
import ActionMenu, { type Action as MenuAction } from '@/shared/ActionMenu.vue';

/** What can be done with a scope as a whole. */
const props = defineProps<{ scope: string | null; scopes: Schemas['ScopeSummary'][] }>();

const ScopeSheet = defineAsyncComponent(() => import('./ScopeSheet.vue'));

type Action = 'new' | 'copy' | 'merge' | 'settings';
const action = ref<Action | null>(null);
const actions = computed<MenuAction[]>(() => [
  { title: 'Name, rules, note …', act: () => (action.value = 'settings') },
  { title: 'New scope …', act: () => (action.value = 'new') },
  { title: 'Copy it …', act: () => (action.value = 'copy') },
  { title: 'Take another in …', act: () => (action.value = 'merge') },
  { title: 'Its lines as CSV', href: `/api/v1/scopes/${props.scope}/table` },
]);
</script>

<template>
  <ActionMenu v-if="scope" label="Do with the scope" :actions />
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
