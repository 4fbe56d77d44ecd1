<script setup lang="ts">
import type { Schemas } from '@/api/client';

defineProps<{ problem: Schemas['Problem'] }>();
defineEmits<{ retry: [] }>();
</script>

<template>
  <div class="note" role="alert">
    <div>
      <strong>{{ problem.title }}</strong>
      <p v-if="problem.detail" class="muted">{{ problem.detail }}</p>
    </div>
    <v-btn size="small" @click="$emit('retry')">Try again</v-btn>
  </div>
</template>

<style scoped>
.note {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  padding: 12px 16px;
  border-left: 3px solid var(--hole);
  background: var(--surface);
}

p {
  margin: 2px 0 0;
}
</style>
