<script setup lang="ts">
import type { Conflict } from './useLines';

/** Two wrote on one line: both are shown, and whoever came second decides. */
defineProps<{ conflict: Conflict }>();
const emit = defineEmits<{ mine: []; theirs: [] }>();
</script>

<template>
  <div class="conflict" role="alert">
    <div>
      <strong>Somebody has changed this line meanwhile</strong>
      <dl>
        <dt>You wrote</dt>
        <dd class="mono">× {{ conflict.mine.quantity ?? 1 }}</dd>
        <dt>It is now</dt>
        <dd class="mono">× {{ conflict.theirs.quantity ?? 1 }}</dd>
      </dl>
    </div>
    <v-btn size="small" @click="emit('mine')">Write mine over it</v-btn>
    <v-btn size="small" @click="emit('theirs')">Leave theirs</v-btn>
  </div>
</template>

<style scoped>
.conflict {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding: 6px 14px;
  border-left: 4px solid var(--makeshift);
  background: var(--surface);
}

dl {
  display: flex;
  gap: 4px 8px;
}

dt {
  color: var(--muted);
}

dd {
  margin: 0 10px 0 0;
}
</style>
