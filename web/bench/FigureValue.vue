<script setup lang="ts">
import { shallowRef, useId } from 'vue';
import type { Units } from '@/settings/units';
import { figureNames, figureText, sourceText, type Figure } from './figures';

/** A number that says on one press where it comes from. */
defineProps<{
  /** The member or setting that it is. */
  name: string;
  figure: Figure;
  units: Units;
}>();
const isOpen = shallowRef(false);
const source = useId();
</script>

<template>
  <span class="figure">
    <span class="name">{{ figureNames[name] ?? name }}</span>
    <button
      type="button"
      class="value mono"
      :class="{ none: figure.value === null }"
      :aria-expanded="isOpen"
      :aria-controls="source"
      :title="sourceText(figure)"
      @click="isOpen = !isOpen"
    >
      {{ figureText(name, figure, units) }}
    </button>
    <span v-if="figure.note" class="note">{{ figure.note }}</span>
    <span v-show="isOpen" :id="source" class="source">{{ sourceText(figure) }}</span>
  </span>
</template>

<style scoped>
.figure {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: baseline;
}

.name {
  color: var(--muted);
  font-size: 13px;
}

.value {
  min-height: var(--touch);
  font-size: 1.15em;
  font-weight: 640;
  text-decoration: underline dotted var(--tool-edge);
  text-underline-offset: 4px;
  cursor: pointer;
}

.none {
  color: var(--muted);
}

.note {
  font-size: 13px;
}

.source {
  flex-basis: 100%;
  padding: 2px 0 6px 10px;
  border-left: 3px solid var(--copper);
  color: var(--muted);
  font-size: 13px;
}
</style>
