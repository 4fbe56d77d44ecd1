<script setup lang="ts">
import { computed } from 'vue';
import type { Course, Slot } from '@/data/classes';
import PickOne from '@/shared/PickOne.vue';
import { clockOf, keyOf, letterOf, minutesOf } from './timetable';

/** What is picked in the timetable, and where else it can be: for fingers, and for whoever does not know the keys. */
const props = defineProps<{
  course: Course;
  slots: readonly Slot[];
  picked: string;
  begin: number;
  step: number;
  mayMove: boolean;
}>();
const emit = defineEmits<{ move: [to: { from?: number; station?: string }] }>();

const slot = computed(() => props.slots.find((one) => keyOf(one) === props.picked));
const exercise = computed(() => props.course.exercises.find(({ id }) => id === slot.value?.exercise));
const person = computed(() => props.course.people.find(({ id }) => id === slot.value?.person));
const stations = computed(() =>
  props.course.stations
    .map(({ id, name }, index) => ({ id, name: `${letterOf(index)} · ${name}` }))
    .filter(({ id }) => exercise.value?.stations.includes(id) || id === slot.value?.station),
);
/** What no clock shows changes nothing; what lies between two slots goes to the one that has begun. */
function begins(clock: string): void {
  const minutes = Math.floor(minutesOf(props.begin, clock) / props.step) * props.step;
  if (/^\d\d:\d\d$/.test(clock) && minutes >= 0) emit('move', { from: minutes });
}
</script>

<template>
  <div v-if="slot" class="picked" role="group" :aria-label="`${person?.name}: ${exercise?.name}`">
    <b>{{ person?.name }}</b> {{ exercise?.name }},
    <template v-if="mayMove">
      <v-btn
        size="small"
        variant="outlined"
        :disabled="slot.from === 0"
        @click="emit('move', { from: Math.max(0, slot.from - step) })"
        >Earlier</v-btn
      >
      <input
        class="lone-field"
        type="time"
        aria-label="Begins at"
        :value="clockOf(begin, slot.from)"
        @change="begins(($event.target as HTMLInputElement).value)"
      />
      <v-btn size="small" variant="outlined" @click="emit('move', { from: slot.from + step })">Later</v-btn>
      <PickOne
        v-if="stations.length > 1"
        label="At"
        :items="stations"
        :picked="slot.station"
        @pick="emit('move', { station: $event })"
      />
      <span class="muted">or drag it; with keys ← → in time, ↑ ↓ to another station</span>
    </template>
    <template v-else
      >{{ clockOf(begin, slot.from) }} to {{ clockOf(begin, slot.to) }},
      {{ stations.find(({ id }) => id === slot?.station)?.name }}</template
    >
  </div>
</template>

<style scoped>
.picked {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 6px 10px;
  border-left: 4px solid var(--copper);
  background: var(--surface);
}
</style>
