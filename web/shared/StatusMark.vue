<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { statusWords } from './status';

/** The mark of a status: told by its shape, the colour only repeats it. */
withDefaults(
  defineProps<{
    status: Schemas['Status'];
    size?: number;
    silent?: boolean;
    /** What is heard, where that is not the name of the status. */
    says?: string;
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
    <circle v-if="status === 'covered'" r="6" class="solid" />
    <template v-else-if="status === 'makeshift'">
      <circle r="5.6" class="ring" />
      <path d="M0 -5.6 A5.6 5.6 0 0 1 0 5.6 Z" class="solid" />
    </template>
    <circle v-else-if="status === 'hole'" r="5.6" class="ring heavy" />
    <path v-else d="M-5 -5 L5 5 M5 -5 L-5 5" class="ring heavy" />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
  vertical-align: -1px;
}

.covered {
  color: var(--covered);
}

.makeshift {
  color: var(--makeshift);
}

.hole,
.faulty {
  color: var(--hole);
}

.solid {
  fill: currentColor;
}

.ring {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.8;
}

.heavy {
  stroke-width: 2.8;
}
</style>
