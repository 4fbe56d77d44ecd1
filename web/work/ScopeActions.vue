<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { Schemas } from '@/api/client';
import { useAddress } from '@/frame/useAddress';
import ActionMenu, { type Action as MenuAction } from '@/shared/ActionMenu.vue';

/** What can be done with a scope as a whole. */
const props = defineProps<{ scope: string | null; scopes: Schemas['ScopeSummary'][] }>();

const ScopeSheet = defineAsyncComponent(() => import('./ScopeSheet.vue'));

const ACTIONS = ['new', 'copy', 'merge', 'settings'] as const;
type Action = (typeof ACTIONS)[number];
const { asked, show } = useAddress();
/** What is being done with it stands in the address: others link here. */
const action = computed<Action | null>(() => ACTIONS.find((one) => one === asked('sheet')) ?? null);
const act = (of: Action | null) => show({ sheet: of }, 'replace');
const actions = computed<MenuAction[]>(() => [
  { title: 'Name, rules, note …', act: () => act('settings') },
  { title: 'New scope …', act: () => act('new') },
  { title: 'Copy it …', act: () => act('copy') },
  { title: 'Take another in …', act: () => act('merge') },
  { title: 'Its lines as CSV', href: `/api/v1/scopes/${props.scope}/table` },
]);
</script>

<template>
  <ActionMenu v-if="scope" label="Do with the scope" :actions />
  <v-btn v-else color="primary" variant="flat" @click="act('new')">New scope</v-btn>
  <ScopeSheet
    v-if="action"
    :key="`${action} ${scope}`"
    :action="action"
    :scope="scope"
    :scopes="scopes"
    @close="act(null)"
  />
</template>
