<script setup lang="ts">
import { computed } from 'vue';
import type { Course } from '@/data/classes';
import { clockOf, letterOf, nowNext } from './timetable';

/** What everybody does now and next, to be read from afar on a tablet at the wall. */
const { course, begin, at } = defineProps<{
  course: Course;
  begin: number;
  /** Minutes after the start that it is. */
  at: number;
}>();

const stationOf = (id: string): string => {
  const index = course.stations.findIndex((station) => station.id === id);
  return index < 0 ? '' : `${letterOf(index)} · ${course.stations[index]?.name ?? ''}`;
};
const whatOf = (id: string): string => course.exercises.find((exercise) => exercise.id === id)?.name ?? '';
const pause = computed(() => course.pauses.find(({ from, to }) => from <= at && at < to) ?? null);
const rows = computed(() =>
  course.people.map(({ id, name }) => {
    const { now, next, left } = nowNext(
      course.slots.filter((slot) => slot.person === id),
      at,
    );
    return {
      id,
      name,
      left: left ?? 0,
      isBusy: now !== null,
      now: now
        ? { what: whatOf(now.exercise), where: stationOf(now.station) }
        : {
            what: !next ? 'Done' : pause.value ? 'Break' : at < 0 ? 'Not begun yet' : 'Free',
            where: next && !pause.value && at >= 0 ? 'tables, practice log, judging' : '',
          },
      next: next
        ? { what: whatOf(next.exercise), where: stationOf(next.station), from: clockOf(begin, next.from) }
        : null,
    };
  }),
);
</script>

<template>
  <table class="now-next" aria-label="Now and next">
    <thead>
      <tr>
        <th scope="col">Who</th>
        <th scope="col">Now, at {{ clockOf(begin, at) }}</th>
        <th scope="col">Minutes left</th>
        <th scope="col">Next</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id" :class="{ free: !row.isBusy, soon: row.next && row.left <= 5 }">
        <th scope="row">{{ row.name }}</th>
        <td>
          <b>{{ row.now.what }}</b><span class="muted">{{ row.now.where }}</span>
        </td>
        <td class="left">{{ row.isBusy || row.next ? row.left : '' }}</td>
        <td>
          <template v-if="row.next"
            ><b>{{ row.next.from }} {{ row.next.what }}</b
            ><span class="muted">{{ row.next.where }}</span></template
          >
          <span v-else class="muted">nothing more</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.now-next {
  width: 100%;
  border-collapse: collapse;
  font-size: 16px;
}

th,
td {
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  vertical-align: top;
}

thead th {
  border-bottom: 2px solid var(--ink);
  font-size: 13px;
}

td b,
td span {
  display: block;
}

td span {
  font-size: 13px;
}

.left {
  font: 600 24px var(--mono);
}

.free b {
  font-weight: 400;
}

.soon .left {
  color: var(--copper);
}
</style>
