<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { asWritten } from '@/shared/refusal';
import type { Wanted } from './useLines';

/** Why what somebody wrote was not written, cell by cell, with what was typed. */
const props = defineProps<{ problem: Schemas['Problem']; wanted: Wanted }>();
const emit = defineEmits<{ dismiss: []; retry: [] }>();

const told = computed(() =>
  (props.problem.problems ?? []).map(({ path, value, expected }) => {
    const [, index, , column] = path.split('/');
    const line = props.wanted.edits[Number(index)]?.id;
    return {
      path,
      text: `${[line, column].filter(Boolean).join(', ')}: ${value === null || value === undefined ? '' : `“${asWritten(value)}” is refused, it wants `}${expected}`,
    };
  }),
);
</script>

<template>
  <div class="refused" role="alert">
    <div>
      <b>Not written.</b> {{ told.length ? '' : `${problem.title}. ${problem.detail}` }}
      <ul v-if="told.length">
        <li v-for="one in told" :key="one.path">{{ one.text }}</li>
      </ul>
    </div>
    <!-- Where nothing is wrong with what was written, it can be sent once more as it is. -->
    <v-btn v-if="!told.length" size="small" @click="emit('retry')">Try again</v-btn>
    <v-btn :icon="mdiClose" size="small" variant="text" aria-label="Dismiss" @click="emit('dismiss')" />
  </div>
</template>

<style scoped>
.refused {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 4px 4px 4px 12px;
  border-left: 4px solid var(--hole);
  background: var(--surface);
  font-size: 13px;
}

ul {
  display: inline;
  list-style: none;
}

li {
  display: inline;
}

li + li::before {
  content: ' · ';
}
</style>
