<script setup lang="ts">
import { computed } from 'vue';
import { details } from '@/lines/details';
import { clock } from '@/shared/format';
import { asWritten } from '@/shared/refusal';
import TwoWrote from '@/shared/TwoWrote.vue';
import type { Conflict } from './useLines';

/** Two wrote on one line: both texts side by side, with who and when, and whoever came second takes either or both. */
const props = defineProps<{
  conflict: Conflict;
  /** What wires and terminals are called, by id. */
  names: Record<string, string>;
}>();
const emit = defineEmits<{ settle: [how: 'mine' | 'theirs' | 'both'] }>();

const titles: Record<string, string> = {
  wire: 'Wire',
  terminal: 'Terminal',
  quantity: 'Count',
  ...Object.fromEntries(details.map(({ key, title }) => [key, title])),
};

const line = computed(() => props.conflict.theirs);
const named = (id: string | undefined) => (id === undefined ? null : (props.names[id] ?? id));
/** The line is called by what it makes. */
const name = computed(
  () =>
    [named(line.value.wire), named(line.value.terminal)].filter(Boolean).join(' → ') || 'A screw to tighten',
);
const theirText = (key: string): string => {
  if (key === 'quantity') return String(line.value.quantity ?? 1);
  if (key === 'wire' || key === 'terminal') return named(line.value[key]) ?? '–';
  return details.find((one) => one.key === key)?.text(line.value) ?? '–';
};
/** What I wrote, cell by cell, beside what stands there now. */
const rows = computed(() => {
  const { cells, line: whole } = props.conflict.mine;
  const mine: Record<string, string> = cells
    ? { ...cells }
    : Object.fromEntries(
        Object.entries(whole ?? {}).map(([key, value]) => [
          key,
          (typeof value === 'string' && props.names[value]) || asWritten(value),
        ]),
      );
  const keys = new Set([...Object.keys(mine), 'quantity']);
  return [...keys].flatMap((key) => {
    const title = key === 'id' ? undefined : titles[key];
    return title ? [{ title, mine: mine[key] ?? 'as it was', theirs: theirText(key) }] : [];
  });
});
const isRemoval = computed(() => props.conflict.mine.line === null);
const when = computed(() => {
  const { changed } = props.conflict;
  return changed
    ? `${changed.by ?? 'Somebody'} changed it at ${clock(changed.at)}`
    : 'Somebody has changed it meanwhile';
});
</script>

<template>
  <TwoWrote
    label="Two wrote on one line"
    :who="when"
    :rows
    :head="isRemoval ? 'You took it out' : 'You wrote'"
  >
    <template #says>{{ name }}: nothing of yours was written yet.</template>
    <v-btn size="small" @click="emit('settle', 'mine')">
      {{ isRemoval ? 'Take it out all the same' : 'Write mine over it' }}
    </v-btn>
    <v-btn size="small" @click="emit('settle', 'theirs')">Leave theirs</v-btn>
    <v-btn v-if="!isRemoval" size="small" @click="emit('settle', 'both')">Keep both, as two lines</v-btn>
  </TwoWrote>
</template>
