<script setup lang="ts">
import type { Mark } from './levels';

/**
 * How far somebody has come: a full dot does it alone, a half one under supervision, a small ring was shown. What lapses soon has a notch, who
 * is ready to be signed off an arch over it. The shape says it, the colour repeats it.
 */
defineProps<{
  mark: Mark;
  lapses?: boolean | undefined;
  isReady?: boolean | undefined;
  isOnly?: boolean | undefined;
}>();
</script>

<template>
  <svg class="level" :class="mark" viewBox="-12 -12 24 24" aria-hidden="true">
    <rect v-if="isOnly" x="-11" y="-11" width="22" height="22" rx="3" class="only" />
    <circle v-if="mark === 'alone'" r="6.5" class="solid" />
    <path v-if="mark === 'alone' && lapses" d="M0 0L8 -8H0Z" class="notch" />
    <template v-if="mark === 'practised'">
      <circle r="6" class="ring" />
      <path d="M-6 0A6 6 0 0 0 6 0Z" class="solid" />
    </template>
    <circle v-if="mark === 'shown'" r="3" class="ring" />
    <path v-if="isReady" d="M-9 -3A9.4 9.4 0 0 1 9 -3" class="arch" />
  </svg>
</template>

<style scoped>
.level {
  width: 24px;
  height: 24px;
  color: var(--ink);
}

.alone {
  color: var(--covered);
}

.practised {
  color: var(--makeshift);
}

.shown {
  color: var(--muted);
}

.solid {
  fill: currentColor;
}

.ring {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.8;
}

.notch {
  fill: var(--surface);
  stroke: var(--hole);
  stroke-width: 1.4;
}

.arch {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2.2;
}

.only {
  fill: none;
  stroke: var(--hole);
  stroke-width: 1.6;
  stroke-dasharray: 3 2;
}
</style>
