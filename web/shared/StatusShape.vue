<script setup lang="ts">
import type { Schemas } from '@/api/client';

/**
 * What tells a status, everywhere: a full dot, a half dot, an open ring, a cross; a speck where no kit is in hand. The shape says it, the colour repeats it.
 * Stands in an svg, around its own origin.
 */
withDefaults(defineProps<{ status: Schemas['Status']; r?: number }>(), { r: 6 });
</script>

<template>
  <g class="shape" :class="status">
    <circle v-if="status === 'covered'" :r="r" class="solid" />
    <template v-else-if="status === 'makeshift'">
      <circle :r="r * 0.93" class="ring" :stroke-width="r * 0.32" />
      <path :d="`M0 ${-r * 0.93}A${r * 0.93} ${r * 0.93} 0 0 1 0 ${r * 0.93}Z`" class="solid" />
    </template>
    <circle v-else-if="status === 'hole'" :r="r * 0.93" class="ring" :stroke-width="r * 0.46" />
    <circle v-else-if="status === 'unjudged'" :r="r * 0.36" class="solid" />
    <path
      v-else
      :d="`M${-r * 0.83} ${-r * 0.83}L${r * 0.83} ${r * 0.83}M${r * 0.83} ${-r * 0.83}L${-r * 0.83} ${r * 0.83}`"
      class="ring"
      :stroke-width="r * 0.46"
    />
  </g>
</template>

<style scoped>
.covered {
  color: var(--covered);
}

.makeshift {
  color: var(--makeshift);
}

.unjudged {
  color: var(--muted);
}

.hole,
.faulty {
  color: var(--hole);
}

.solid {
  fill: currentColor;
}

.ring {
  fill: var(--shape-ground, transparent);
  stroke: currentColor;
}
</style>
