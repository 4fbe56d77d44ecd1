<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, onMounted, ref, toRef, useId, useTemplateRef } from 'vue';
import { useNames } from '@/data/things';
import type { Onward } from '@/grid/useEditing';
import { details } from './details';

/** A cell of the sheet while it is written: any words, with what the shop or the column knows offered beside them. */
const props = defineProps<{
  column: string;
  title: string;
  value: string;
  /** The letter that opened it. */
  start: string | null;
}>();
const emit = defineEmits<{ write: [text: string, onward: Onward] }>();

const text = ref(props.start ?? props.value);
const field = useTemplateRef<HTMLInputElement>('field');
const list = useId();
const about = computed(() =>
  props.column === 'terminal' ? 'terminals' : ['wire', 'wireB'].includes(props.column) ? 'wires' : null,
);
const names = useNames(about, refDebounced(toRef(text), 150));
const offered = computed(
  () => details.find(({ key }) => key === props.column)?.options ?? names.value.map(({ name }) => name),
);

onMounted(() => {
  if (props.start === null) field.value?.select();
});

let isDone = false;

function write(onward: Onward): void {
  if (isDone) return;
  isDone = true;
  emit('write', text.value, onward);
}
</script>

<template>
  <input
    ref="field"
    v-model="text"
    class="editor"
    :class="{ mono: column === 'quantity' }"
    :list="offered.length ? list : undefined"
    :inputmode="column === 'quantity' ? 'numeric' : undefined"
    :aria-label="title"
    autocomplete="off"
    spellcheck="false"
    maxlength="500"
    @keydown.enter.stop.prevent="write('down')"
    @keydown.tab.exact.stop.prevent="write('next')"
    @keydown.shift.tab.stop.prevent="write('back')"
    @keydown.esc="isDone = true"
    @blur="write('stay')"
  />
  <datalist v-if="offered.length" :id="list">
    <option v-for="one in offered" :key="one" :value="one" />
  </datalist>
</template>

<style scoped>
.editor {
  width: 100%;
  min-width: 0;
  border: 0;
  outline: 2px solid var(--copper);
  outline-offset: 1px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}

.mono {
  font-family: var(--mono, inherit);
  text-align: right;
}
</style>
