<script setup lang="ts">
import { computed, toRef } from 'vue';
import { useNames } from '@/data/things';
import type { Side } from './entrySides';

/** What of the shop has all the words that are being written. */
const props = defineProps<{ side: Side }>();
const emit = defineEmits<{ pick: [name: string] }>();

const SHOWN = 5;
const names = useNames(
  computed(() => (props.side.about === 'wire' ? 'wires' : 'terminals')),
  toRef(() => props.side.words),
);
const offered = computed(() => names.value.slice(0, SHOWN));

/** The arrows walk among them, as in a list. */
function walk(event: KeyboardEvent, by: number): void {
  const buttons = [...(event.currentTarget as Element).querySelectorAll('button')];
  const next = buttons[buttons.indexOf(event.target as HTMLButtonElement) + by];
  if (!next) return;
  event.preventDefault();
  next.focus();
}
</script>

<template>
  <div
    v-if="offered.length"
    class="completion"
    role="group"
    :aria-label="`${side.about === 'wire' ? 'Wires' : 'Terminals'} that it could be`"
    @keydown.right="walk($event, 1)"
    @keydown.left="walk($event, -1)"
  >
    <button v-for="one in offered" :key="one.id" type="button" @click="emit('pick', one.name)">
      {{ one.name }}
    </button>
  </div>
</template>

<style scoped>
.completion {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
}

button {
  min-height: var(--touch-tight);
  padding: 0 9px;
  border: 1px dashed var(--tool-edge);
  border-radius: 3px;
  font-size: 12.5px;
  cursor: pointer;
}

button:hover,
button:focus-visible {
  border-style: solid;
  border-color: var(--ink);
}
</style>
