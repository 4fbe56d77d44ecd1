<script setup lang="ts">
import { computed } from 'vue';
import { useKitsAndScopes, useLastPair } from '@/data/pairs';
import { todayHere } from '@/shared/days';

/** To Cover, as if the kit in hand had a tool, or had it not: the work that was looked at last, as it stands today where the kit is kept by its things. */
const props = defineProps<{ tool: string; isIn: (kit: string) => boolean }>();
const { kits, scopes } = useKitsAndScopes();
const last = useLastPair();
const kit = computed(() => kits.value.find(({ id }) => id === last.value.kit) ?? kits.value[0]);
const scope = computed(
  () => scopes.value.find(({ id }) => id === last.value.scope) ?? scopes.value.find(({ lines }) => lines > 0),
);
const has = computed(() => kit.value !== undefined && props.isIn(kit.value.id));
</script>

<template>
  <RouterLink
    v-if="kit && scope"
    :to="{
      name: 'cover',
      query: {
        kit: kit.id,
        scope: scope.id,
        ...(kit.tracked ? { on: todayHere() } : {}),
        [has ? 'without' : 'with']: tool,
      },
    }"
    :title="`On Cover, against ${scope.name}`"
    >As if {{ kit.name }} {{ has ? 'had it not' : 'had it' }}</RouterLink
  >
</template>
