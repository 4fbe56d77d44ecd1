<script setup lang="ts">
import { HATCHES } from './hatches';

/** The hatches of stations, to be filled with: url(#id-0) and so on. */
defineProps<{ id: string }>();
</script>

<template>
  <defs>
    <pattern
      v-for="(path, index) in HATCHES"
      :id="`${id}-${index}`"
      :key="index"
      width="8"
      height="8"
      patternUnits="userSpaceOnUse"
    >
      <path :d="path" class="line" />
    </pattern>
  </defs>
</template>

<style scoped>
.line {
  fill: none;
  stroke: var(--tool-edge);
  stroke-width: 1.1;
}
</style>
