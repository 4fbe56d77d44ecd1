<script setup lang="ts">
import { computed, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useKitsAndScopes } from '@/data/pairs';
import { useSession } from '@/session/useSession';

/**
 * Where one comes in: a hand sees what is to be done; whoever sets up the shop sees what wants somebody today, and where no kit is kept
 * by its things yet, or a pair is asked for, what is open.
 */
const route = useRoute();
const router = useRouter();
const { person } = useSession();
const { kits, isLoading } = useKitsAndScopes();
const asksForPair = computed(() => route.query.kit !== undefined || route.query.scope !== undefined);
const name = computed(() => {
  if (!person.value) return null;
  if (person.value.role === 'hand') return 'bench';
  if (asksForPair.value) return 'cover';
  if (isLoading.value) return null;
  return kits.value.some(({ tracked }) => tracked) ? 'today' : 'cover';
});
watch(
  name,
  (now) => {
    if (now) void router.replace({ name: now, query: route.query });
  },
  { immediate: true },
);
</script>

<template>
  <span />
</template>
