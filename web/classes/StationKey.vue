<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Course } from '@/data/classes';
import HatchDefs from './HatchDefs.vue';
import { hatchOf } from './hatches';
import { letterOf } from './timetable';

/** What hatch and letter stand for which station, and how much of it is used. */
const { course } = defineProps<{ course: Course }>();
const id = useId();
const stations = computed(() =>
  course.stations.map((station, index) => ({
    ...station,
    letter: letterOf(index),
    hatch: hatchOf(index),
    used: station.busy === 0 ? 'not used' : `${String(Math.round(100 * station.share))} % used`,
  })),
);
</script>

<template>
  <ul class="key" aria-label="Stations">
    <li v-for="station in stations" :key="station.id" :class="{ idle: station.busy === 0 }">
      <svg width="34" height="22" aria-hidden="true">
        <HatchDefs :id />
        <rect width="33" height="21" x=".5" y=".5" :fill="`url(#${id}-${station.hatch})`" class="hatch" />
        <rect x="8" y="2" width="18" height="18" class="plate" />
        <text x="17" y="16" class="letter">{{ station.letter }}</text>
      </svg>
      {{ station.name }}
      <span class="muted"
        >{{ station.capacity > 1 ? `${station.capacity} at a time, ` : '' }}{{ station.used }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: 8px 0;
  padding: 0;
  list-style: none;
}

li {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}

.hatch {
  stroke: var(--ink);
}

.plate {
  fill: var(--surface);
}

.letter {
  fill: var(--ink);
  font: 700 13px var(--mono);
  text-anchor: middle;
}

.idle .muted {
  color: var(--makeshift);
}
</style>
