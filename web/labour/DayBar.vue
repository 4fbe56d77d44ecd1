<script setup lang="ts">
import { computed } from 'vue';

/** So much of something, of which only so much is good for a day: a bar with a notch at that, hatched where it goes beyond. */
const { value, most, text, of } = defineProps<{
  value: number;
  /** Where the notch stands. */
  most: number;
  /** What the bar says. */
  text: string;
  /** What the notch says. */
  of: string;
}>();
const reach = computed(() => Math.max(value, most) * 1.08);
const share = (part: number) => `${((100 * part) / reach.value).toFixed(2)}%`;
const isPast = computed(() => value > most);
</script>

<template>
  <div class="bar" :class="{ past: isPast }">
    <p>{{ text }}</p>
    <div class="track" aria-hidden="true">
      <span class="fill" :style="{ width: share(Math.min(value, most)) }" />
      <span v-if="isPast" class="beyond" :style="{ left: share(most), width: share(value - most) }" />
      <span class="notch" :style="{ left: share(most) }"
        ><small>{{ of }}</small></span
      >
    </div>
  </div>
</template>

<style scoped>
p {
  margin: 0 0 4px;
  font-size: 17px;
  font-weight: 600;
}

.past p {
  color: var(--hole);
}

.track {
  position: relative;
  height: 16px;
  margin-bottom: 20px;
  border: 1px solid var(--hairline);
  background: var(--surface);
}

.fill,
.beyond {
  position: absolute;
  inset-block: 0;
  left: 0;
  background: var(--covered);
}

.past .fill {
  background: var(--ink);
}

.beyond {
  background: repeating-linear-gradient(-45deg, var(--hole) 0 4px, transparent 4px 8px);
  border: 1px solid var(--hole);
}

.notch {
  position: absolute;
  top: -5px;
  bottom: -5px;
  border-left: 2px solid var(--ink);
}

.notch small {
  position: absolute;
  top: 100%;
  left: 0;
  transform: translateX(-50%);
  color: var(--muted);
  font-size: 12px;
  white-space: nowrap;
}
</style>
