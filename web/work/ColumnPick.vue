<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { details, detailsOf } from '@/lines/details';

/** A column of the sheet that no line says yet, to be written in. A part of its own: a thousand lines are asked only when they change. */
const props = defineProps<{ lines: Record<string, Schemas['Line']>; wanted: string[] }>();
const emit = defineEmits<{ pick: [key: string] }>();

const unshown = computed(() => {
  const shown = detailsOf(Object.values(props.lines), props.wanted);
  return details.filter((one) => !shown.includes(one));
});

function pick(event: Event): void {
  const select = event.target as HTMLSelectElement;
  emit('pick', select.value);
  select.value = '';
}
</script>

<template>
  <select aria-label="Add a column" value="" @change="pick">
    <option value="">+ Column</option>
    <option v-for="{ key, title } in unshown" :key="key" :value="key">{{ title }}</option>
  </select>
</template>
