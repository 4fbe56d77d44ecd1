<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { answer } from '@/api/client';
import { namePerson, useNamed, writeClass } from '@/data/classes';
import SheetDialog from '@/frame/SheetDialog.vue';
import { useWrite } from '@/frame/useWrite';
import { todayHere } from '@/shared/days';
import FormField from '@/shared/FormField.vue';
import { counted } from '@/shared/pretty';
import { draftOf, peopleOf, problemsOf, type ClassFields } from './newClass';

/** A class from a list of names: who is not known yet is named as a person of the shop with it. */
const emit = defineEmits<{ close: []; made: [id: string] }>();

const isOpen = ref(true);
watch(isOpen, (now) => now || emit('close'));
const people = useNamed('people');
const stations = useNamed('stations');
const exercises = useNamed('exercises');
const known = computed(() => people.data.value?.data ?? []);
const isKnown = computed(() => people.data.value && stations.data.value && exercises.data.value);
const fields = ref<ClassFields>({
  name: '',
  on: todayHere(),
  start: '08:00',
  until: '',
  people: '',
  stations: [],
  exercises: [],
  breaks: '09:45 15, 12:00 30',
});
watch(
  [stations.data, exercises.data],
  ([at, what]) => {
    if (at && !fields.value.stations.length) fields.value.stations = at.data.map(({ id }) => id);
    if (what && !fields.value.exercises.length) fields.value.exercises = what.data.map(({ id }) => id);
  },
  { immediate: true },
);
const named = computed(() => peopleOf(fields.value.people, known.value));
const strangers = computed(() => named.value.filter(({ id }) => id === null).map(({ name }) => name));

const isTried = ref(false);
const problems = computed(() => problemsOf(fields.value, known.value));
const at = (field: keyof ClassFields) => (isTried.value ? problems.value.get(field) : undefined);
const write = useWrite({
  ask: async () => {
    const ids: string[] = [];
    for (const { name, id } of named.value) ids.push(id ?? (await answer(namePerson(name))).id);
    return writeClass(draftOf(fields.value, ids), null);
  },
  said: () => `Made: ${fields.value.name}`,
  after: (kept) => {
    emit('made', kept.id);
    isOpen.value = false;
  },
});
const { isPending, problem } = write;
function submit(): void {
  isTried.value = true;
  if (problems.value.size === 0) write.mutate();
}
</script>

<template>
  <SheetDialog v-model="isOpen" title="A new class" :problem @submit="submit()">
    <FormField label="What it is called" :problem="at('name')">
      <input v-model="fields.name" type="text" maxlength="200" :aria-invalid="at('name') !== undefined" />
    </FormField>
    <div class="row">
      <FormField label="Day"><input v-model="fields.on" type="date" /></FormField>
      <FormField label="Begins" :problem="at('start')"
        ><input v-model="fields.start" type="time" :aria-invalid="at('start') !== undefined"
      /></FormField>
      <FormField label="Over by" :problem="at('until')"
        ><input v-model="fields.until" type="time" :aria-invalid="at('until') !== undefined"
      /></FormField>
    </div>
    <FormField
      label="Who comes"
      :hint="
        strangers.length
          ? `New to the shop, and named in it with this: ${strangers.join(', ')}.`
          : `A name to a line; ${counted(named.length, 'person', 'people')} so far.`
      "
      :problem="at('people')"
    >
      <textarea v-model="fields.people" rows="6" :aria-invalid="at('people') !== undefined"></textarea>
    </FormField>
    <FormField label="Breaks" hint="When each begins, and its minutes" :problem="at('breaks')">
      <input v-model="fields.breaks" type="text" :aria-invalid="at('breaks') !== undefined" />
    </FormField>
    <div class="row">
      <fieldset>
        <legend>Stations</legend>
        <label v-for="one in stations.data.value?.data ?? []" :key="one.id"
          ><input v-model="fields.stations" type="checkbox" :value="one.id" /> {{ one.name }}</label
        >
        <p v-if="at('stations')" class="bad" role="alert">{{ at('stations') }}</p>
      </fieldset>
      <fieldset>
        <legend>Exercises</legend>
        <label v-for="one in exercises.data.value?.data ?? []" :key="one.id"
          ><input v-model="fields.exercises" type="checkbox" :value="one.id" /> {{ one.name }}</label
        >
        <p v-if="at('exercises')" class="bad" role="alert">{{ at('exercises') }}</p>
      </fieldset>
    </div>
    <template #buttons="{ leave }">
      <v-btn type="submit" color="primary" variant="flat" :disabled="!isKnown" :loading="isPending"
        >Make the class</v-btn
      >
      <v-btn variant="text" @click="leave()">Leave</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
}

textarea {
  width: 100%;
  padding: 6px 8px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  font-weight: 600;
}

fieldset label {
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: var(--touch-tight);
}

fieldset input {
  accent-color: var(--copper);
}

.bad {
  margin: 0;
  color: var(--hole);
}
</style>
