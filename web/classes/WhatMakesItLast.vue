<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import type { Course, Rotation } from '@/data/classes';
import { counted } from '@/shared/pretty';
import { clockOf } from './timetable';

/** How short the class can be, what makes it last, and what one place more there would save. */
const { rotation, worth, course, begin } = defineProps<{
  /** Null while it is looked for. */
  rotation: Rotation | null;
  worth: Schemas['WorthMore']['worth'] | null;
  course: Course;
  begin: number;
}>();

const nameOf = (id: string): string => course.stations.find((station) => station.id === id)?.name ?? '';
const proof = computed(() => {
  if (!rotation?.length) return '';
  const least = `${counted(rotation.length, 'minute')} at the least`;
  const end = `until ${clockOf(begin, rotation.length)}`;
  if (rotation.status === 'optimal') return `${least}, ${end}: it is proven that nothing is shorter.`;
  return `${counted(rotation.length, 'minute')}, ${end}, is the shortest that was found; nothing is shorter than ${counted(rotation.bound ?? 0, 'minute')}.`;
});
const last = computed(() => {
  const of = rotation?.bottleneck;
  if (!of) return '';
  const who = of.person
    ? (course.people.find(({ id }) => id === of.person)?.name ?? '')
    : of.stations.map(nameOf).join(' and ');
  return `What makes it last: ${who}, ${counted(of.length, 'minute')} by itself.`;
});
const saves = computed(() =>
  (worth ?? []).map(({ station, length, bound }) => ({
    station: nameOf(station),
    minutes: (rotation?.length ?? 0) - length,
    isSure: length === bound,
    length,
  })),
);
</script>

<template>
  <section aria-labelledby="what-lasts">
    <h2 id="what-lasts">How short it can be</h2>
    <p v-if="!rotation" class="muted">The shortest is being looked for …</p>
    <template v-else>
      <p>{{ proof }}</p>
      <p v-if="!rotation.inTime" class="bad">That is later than it is to be done.</p>
      <p>{{ last }}</p>
      <ul v-if="saves.length">
        <li v-for="one in saves" :key="one.station">
          One more like <b>{{ one.station }}</b>:
          {{
            one.minutes > 0
              ? `${counted(one.minutes, 'minute')} saved, ${counted(one.length, 'minute')} in all${one.isSure ? '' : ', or less'}.`
              : 'nothing saved.'
          }}
        </li>
      </ul>
      <p v-if="saves.some(({ minutes }) => minutes > 0)">
        <RouterLink :to="{ name: 'plan' }">Weigh it in Plan</RouterLink>;
        <RouterLink :to="{ name: 'supplies' }">what it takes from the shelf</RouterLink>
      </p>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 17px;
}

p {
  margin: 0 0 4px;
}

ul {
  margin: 0 0 4px;
  padding-left: 18px;
}

.bad {
  color: var(--hole);
}
</style>
