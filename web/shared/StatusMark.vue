<script setup lang="ts">
import type { Schemas } from '@/api/client';
import StatusShape from './StatusShape.vue';
import { statusWords } from './status';

/** The mark of a status beside a text. */
withDefaults(
  defineProps<{
    status: Schemas['Status'];
    size?: number | undefined;
    silent?: boolean;
    /** What is heard, where that is not the name of the status. */
    says?: string | undefined;
  }>(),
  { size: 12, silent: false, says: undefined },
);
</script>

<template>
  <svg
    class="mark"
    :class="status"
    :width="size"
    :height="size"
    viewBox="-8 -8 16 16"
    :role="silent ? undefined : 'img'"
    :aria-label="silent ? undefined : (says ?? statusWords[status])"
    :aria-hidden="silent || undefined"
  >
    <StatusShape :status="status" />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
  vertical-align: -1px;
}
</style>
