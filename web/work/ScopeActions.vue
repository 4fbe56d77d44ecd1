<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { Schemas } from '@/api/client';
import { useAddress } from '@/frame/useAddress';
import ActionMenu, { type Action as MenuAction } from '@/shared/ActionMenu.vue';

/** What can be done with a scope as a whole. */
const props = defineProps<{ scope: string | null; scopes: Schemas['ScopeSummary'][] }>();

const ScopeSheet = defineAsyncComponent(() => import('./ScopeSheet.vue'));

const titles = {
  settings: 'Name, rules, note …',
  new: 'New scope …',
  copy: 'Copy it …',
  merge: 'Take another in …',
};
type Action = keyof typeof titles;
const { asked, show } = useAddress();
/** What is being done with it stands in the address: others link here. */
const action = computed(() => {
  const sheet = asked('sheet') ?? '';
  return Object.hasOwn(titles, sheet) ? (sheet as Action) : null;
});
const act = (sheet: string | null) => show({ sheet }, 'replace');
/** One step of the address: two at once would each forget the other. */
const close = (scope: string | null | undefined) =>
  scope === undefined
    ? act(null)
    : show({ sheet: null, scope, line: null, step: null }, scope ? 'push' : 'replace');
const actions = computed<MenuAction[]>(() => [
  ...Object.entries(titles).map(([sheet, title]) => ({ title, act: () => act(sheet) })),
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
    @close="close"
  />
</template>
