<script setup lang="ts">
import { computed } from 'vue';
import type { Course } from '@/data/classes';
import { counted } from '@/shared/pretty';
import { clockOf } from './timetable';

/** Who waits for how long and when, the longest first, and what they can do meanwhile. */
const { course, begin } = defineProps<{ course: Course; begin: number }>();
const waiting = computed(() =>
  course.people.filter(({ idle }) => idle > 0).sort((one, other) => other.idle - one.idle),
);
</script>

<template>
  <section aria-labelledby="who-waits">
    <h2 id="who-waits">Who waits</h2>
    <p v-if="!waiting.length" class="muted">Nobody: each goes from one to the next.</p>
    <template v-else>
      <p>
        Meanwhile there is something to learn: a look at
        <RouterLink :to="{ name: 'tables' }">the tables</RouterLink>, what was practised written into
        <RouterLink :to="{ name: 'train' }">the log</RouterLink>, good pieces told from bad.
      </p>
      <ul>
        <li v-for="one in waiting" :key="one.id">
          <b>{{ one.name }}</b> {{ counted(one.idle, 'minute') }}
          <span class="muted">{{
            one.waits.map(({ from, to }) => `${clockOf(begin, from)}–${clockOf(begin, to)}`).join(', ')
          }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 17px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 2px 0;
  border-bottom: 1px solid var(--hairline);
}
</style>
