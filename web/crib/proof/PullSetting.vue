<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useNames } from '@/data/things';
import PickOne from '@/shared/PickOne.vue';
import { keyOf, type Chart } from './chart';
import type { PullOf } from './pulls';

/** Which wire and terminal in which nest is pulled: one of those pulled before, or another, by its name. */
const props = defineProps<{ charts: Chart[] }>();
/** The key of a chart; '' for another. */
const picked = defineModel<string>('picked', { required: true });
const words = defineModel<{ wire: string; terminal: string; nest: string }>('words', { required: true });

/** Another, as the entry states it; null as long as a name is none. */
const another = defineModel<PullOf | null>('another', { required: true });

const settings = computed(() => [
  ...props.charts.map((chart) => ({
    id: keyOf(chart),
    name: [chart.wire, chart.terminal, chart.nest].filter(Boolean).join(', '),
  })),
  { id: '', name: 'another wire or terminal' },
]);
const list = ref<'wires' | 'terminals' | null>(null);
const sought = computed(() => (list.value === 'terminals' ? words.value.terminal : words.value.wire));
const names = useNames(list, sought);
const found = ref<Record<string, string>>({});
/** A name that is written as one of those offered is that one. */
function note(): void {
  for (const { id, name } of names.value) found.value[name] = id;
}
watch(
  [words, found],
  () => {
    const wire = found.value[words.value.wire.trim()];
    const terminal = found.value[words.value.terminal.trim()];
    const nest = words.value.nest.trim();
    const isKnown = wire && (!words.value.terminal.trim() || terminal);
    another.value = isKnown ? { wire, ...(terminal ? { terminal } : {}), ...(nest ? { nest } : {}) } : null;
  },
  { deep: true, immediate: true },
);
</script>

<template>
  <PickOne label="Of" :items="settings" :picked="picked" @pick="picked = $event" />
  <div v-if="!picked" class="new">
    <label
      >Wire
      <input
        v-model="words.wire"
        class="lone-field"
        list="pull-names"
        @focus="list = 'wires'"
        @input="note()"
        @change="note()"
    /></label>
    <label
      >Terminal
      <input
        v-model="words.terminal"
        class="lone-field"
        list="pull-names"
        @focus="list = 'terminals'"
        @input="note()"
        @change="note()"
    /></label>
    <label>Nest <input v-model="words.nest" class="lone-field" maxlength="40" /></label>
    <datalist id="pull-names"><option v-for="one in names" :key="one.id" :value="one.name" /></datalist>
  </div>
</template>

<style scoped>
.new {
  display: grid;
  gap: 5px;
  margin-top: 6px;
}

label {
  display: grid;
  grid-template-columns: 70px minmax(0, 1fr);
  gap: 6px;
  align-items: center;
  font-size: 12.5px;
}
</style>
