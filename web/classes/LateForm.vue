<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Away, Course } from '@/data/classes';
import PickOne from '@/shared/PickOne.vue';
import { clockOf, minutesOf } from './timetable';

/** Somebody who is late or gone: what has been stays, the rest is planned anew from a time on. */
const props = defineProps<{
  course: Course;
  begin: number;
  /** Minutes after the start from which on it is planned anew, as it is proposed. */
  now: number;
  isPending: boolean;
}>();
const emit = defineEmits<{ plan: [away: Away | null, now: number] }>();

const person = ref('');
const how = ref<'late' | 'gone' | 'left'>('late');
const from = ref(clockOf(props.begin, props.now));
const back = ref(clockOf(props.begin, props.now + 30));
const people = computed(() => [{ id: '', name: 'nobody: only plan anew' }, ...props.course.people]);
const ways = [
  { id: 'late', name: 'comes late, at' },
  { id: 'gone', name: 'does not come' },
  { id: 'left', name: 'has left' },
];
const problem = computed(() => {
  if (from.value === '' || minutesOf(props.begin, from.value) < 0)
    return `Say a time from ${clockOf(props.begin, 0)} on.`;
  if (person.value && how.value === 'late' && (back.value === '' || minutesOf(props.begin, back.value) <= 0))
    return 'Say when they come, after the start.';
  return '';
});
function plan(): void {
  if (problem.value) return;
  const away: Record<typeof how.value, Omit<Away, 'person'>> = {
    late: { until: back.value },
    gone: {},
    left: { from: from.value },
  };
  emit(
    'plan',
    person.value ? { person: person.value, ...away[how.value] } : null,
    minutesOf(props.begin, from.value),
  );
}
</script>

<template>
  <form class="late" aria-label="Somebody is late or missing" @submit.prevent="plan">
    <PickOne label="Late or missing" :items="people" :picked="person" @pick="person = $event" />
    <template v-if="person">
      <PickOne label="What happened" :items="ways" :picked="how" @pick="how = $event as typeof how" />
      <input v-if="how === 'late'" v-model="back" class="lone-field" type="time" aria-label="Comes at" />
    </template>
    <label>Plan anew from <input v-model="from" class="lone-field" type="time" /></label>
    <v-btn type="submit" variant="outlined" size="small" :loading="isPending">Plan the rest anew</v-btn>
    <span v-if="problem" class="bad" role="alert">{{ problem }}</span>
    <span v-else class="muted">What has begun by then stays.</span>
  </form>
</template>

<style scoped>
.late {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding: 8px 0;
}

.bad {
  color: var(--hole);
}
</style>
