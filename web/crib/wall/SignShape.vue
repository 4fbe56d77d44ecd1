<script setup lang="ts">
import { shapes, type Sign } from './signs';

/** The state of a thing as a shape. Stands in an svg of its own. */
defineProps<{ sign: Sign; size?: number }>();
</script>

<template>
  <svg
    class="sign"
    :class="sign"
    :width="size ?? 12"
    :height="size ?? 12"
    viewBox="-6 -6 12 12"
    aria-hidden="true"
  >
    <path :d="shapes[sign].path" :class="{ filled: shapes[sign].isFilled }" />
  </svg>
</template>

<style scoped>
.sign {
  flex: none;
  color: var(--ink);
}

path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.6;
  stroke-linejoin: round;
}

.filled {
  fill: currentColor;
  stroke: none;
}

.overdue,
.past,
.held {
  color: var(--hole);
}

.soon,
.watch,
.seldom {
  color: var(--makeshift);
}

.in {
  color: var(--covered);
}

.retired,
.not-yet {
  color: var(--muted);
}
</style>
