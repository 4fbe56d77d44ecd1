<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { details, detailsOf } from '@/lines/details';
import ActionMenu from '@/shared/ActionMenu.vue';

/** A column of the sheet that no line says yet, to be written in. A part of its own: a thousand lines are asked only when they change. */
const props = defineProps<{ lines: Record<string, Schemas['Line']>; wanted: string[] }>();
const emit = defineEmits<{ pick: [key: string] }>();

const unshown = computed(() => {
  const shown = detailsOf(Object.values(props.lines), props.wanted);
  return details.filter((one) => !shown.includes(one));
});

const actions = computed(() =>
  unshown.value.map(({ key, title }) => ({ title, act: () => emit('pick', key) })),
);
</script>

<template>
  <ActionMenu label="Add a column" says="+ Column" :actions is-quiet />
</template>
