<script setup lang="ts">
import { computed } from 'vue';
import { answer, api } from '@/api/client';
import { useKitsAndScopes } from '@/data/pairs';
import { useWrite } from '@/frame/useWrite';
import { refusal } from '@/shared/refusal';
import AsIfLink from '../AsIfLink.vue';

/** How many of a tool each kit holds; one more and one less are written at once, and taken back like everything. */
const props = defineProps<{
  tool: string;
  name: string;
  held: { id: string; name: string; count: number }[];
  isReadonly: boolean;
}>();

const { kits } = useKitsAndScopes();
const counts = computed(() =>
  kits.value.map(({ id, name }) => ({
    id,
    name,
    count: props.held.find((kit) => kit.id === id)?.count ?? 0,
  })),
);
const write = useWrite<{ name: string }, { id: string; count: number }>({
  ask: async ({ id, count }) => {
    const { version, ...kit } = await answer(api.GET('/kits/{id}', { params: { path: { id } } }));
    const isIn = kit.tools.some(({ tool }) => tool === props.tool);
    const entry = { tool: props.tool, ...(count > 1 ? { count } : {}) };
    const tools = isIn
      ? kit.tools.flatMap((one) => (one.tool === props.tool ? (count ? [entry] : []) : [one]))
      : [...kit.tools, entry];
    return api.PUT('/kits/{id}', {
      params: { path: { id }, header: { 'If-Match': `"${version}"` } },
      body: { ...kit, tools },
    });
  },
  said: ({ count }, kit) => `${kit.name}: ${count} × ${props.name}`,
});
const { problem } = write;
</script>

<template>
  <section class="kits" aria-label="In kits">
    <h3>In kits</h3>
    <ul>
      <li v-for="kit in counts" :key="kit.id" :class="{ none: !kit.count }">
        <span>{{ kit.name }}</span>
        <span class="count">
          <button
            v-if="!isReadonly"
            type="button"
            :disabled="!kit.count || write.isPending.value"
            :aria-label="`One less in ${kit.name}`"
            @click="write.mutate({ id: kit.id, count: kit.count - 1 })"
          >
            −
          </button>
          <b class="mono">{{ kit.count }}</b>
          <button
            v-if="!isReadonly"
            type="button"
            :disabled="write.isPending.value"
            :aria-label="`One more in ${kit.name}`"
            @click="write.mutate({ id: kit.id, count: kit.count + 1 })"
          >
            +
          </button>
        </span>
      </li>
    </ul>
    <p><AsIfLink :tool :is-in="(kit) => held.some(({ id, count }) => id === kit && count > 0)" /></p>
    <RouterLink v-if="!isReadonly" :to="{ name: 'things', params: { list: 'kits' } }"
      >Kits as a table</RouterLink
    >
    <p v-if="problem" class="problem" role="alert">Not written: {{ refusal(problem) }}</p>
  </section>
</template>

<style scoped>
.kits {
  font-size: 13px;
}

h3 {
  font-size: 14.5px;
}

ul {
  display: grid;
  gap: 4px;
  list-style: none;
}

li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: var(--touch);
}

.none {
  color: var(--muted);
}

.count {
  display: flex;
  gap: 4px;
  align-items: center;
}

.count b {
  min-width: 2ch;
  text-align: center;
}

button {
  width: var(--touch);
  min-height: var(--touch-tight);
  border: 1px solid var(--hairline);
  border-radius: 3px;
  cursor: pointer;
}

button:disabled {
  opacity: 0.4;
  cursor: default;
}

.problem {
  color: var(--hole);
}
</style>
