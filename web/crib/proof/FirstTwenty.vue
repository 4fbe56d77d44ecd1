<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';

/** Nests out of which too few were pulled before production: a bar each, until it is full. */
const props = defineProps<{ practice: Schemas['ProofOfThing']['practice'] }>();
const open = computed(() => props.practice.filter(({ pulls, of }) => pulls < of));
</script>

<template>
  <section v-if="open.length" aria-label="The first twenty">
    <h3>Before production</h3>
    <p class="muted small">20 to 30 practice pulls of a new crimper or nest are common practice.</p>
    <ul>
      <li v-for="one in open" :key="one.nest">
        <span class="name">nest “{{ one.nest }}”</span>
        <svg width="120" height="10" viewBox="0 0 120 10" aria-hidden="true">
          <rect class="frame" x="0.5" y="0.5" width="119" height="9" />
          <rect class="done" x="0.5" y="0.5" :width="(119 * one.pulls) / one.of" height="9" />
        </svg>
        <span>{{ one.pulls }} of {{ one.of }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped src="../wall/part.css"></style>
<style scoped>
ul {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 10px;
  align-items: center;
  font-size: 12.5px;
}

.name {
  min-width: 96px;
}

.small {
  font-size: 12px;
}

.frame {
  fill: none;
  stroke: var(--tool-edge);
}

.done {
  fill: var(--copper);
}
</style>
