<script setup lang="ts">
import { computed } from 'vue';
import { details } from '@/lines/details';
import { clock } from '@/shared/format';
import { asWritten } from '@/shared/refusal';
import type { Conflict } from './useLines';

/** Two wrote on one line: both texts side by side, with who and when, and whoever came second takes either or both. */
const props = defineProps<{ conflict: Conflict }>();
const emit = defineEmits<{ settle: [how: 'mine' | 'theirs' | 'both'] }>();

const titles: Record<string, string> = {
  wire: 'Wire',
  terminal: 'Terminal',
  quantity: 'Count',
  ...Object.fromEntries(details.map(({ key, title }) => [key, title])),
};

const line = computed(() => props.conflict.theirs);
const theirText = (key: string): string => {
  if (key === 'quantity') return String(line.value.quantity ?? 1);
  if (key === 'wire' || key === 'terminal') return line.value[key] ?? '–';
  return details.find((one) => one.key === key)?.text(line.value) ?? '–';
};
/** What I wrote, cell by cell, beside what stands there now. */
const rows = computed(() => {
  const { cells, line: whole } = props.conflict.mine;
  const mine: Record<string, string> = cells
    ? { ...cells }
    : Object.fromEntries(Object.entries(whole ?? {}).map(([key, value]) => [key, asWritten(value)]));
  const keys = new Set([...Object.keys(mine), 'quantity']);
  return [...keys]
    .filter((key) => key !== 'id' && titles[key])
    .map((key) => ({ key, mine: mine[key] ?? null }));
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
  <section class="conflict" role="alert" aria-label="Two wrote on one line">
    <p>
      <strong>{{ when }}.</strong> Line {{ line.id }}: nothing of yours was written yet.
    </p>
    <table>
      <thead>
        <tr>
          <th />
          <th>{{ isRemoval ? 'You took it out' : 'You wrote' }}</th>
          <th>It is now</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.key">
          <th>{{ titles[row.key] }}</th>
          <td>{{ row.mine ?? 'as it was' }}</td>
          <td>{{ theirText(row.key) }}</td>
        </tr>
      </tbody>
    </table>
    <div class="choices">
      <v-btn size="small" @click="emit('settle', 'mine')">
        {{ isRemoval ? 'Take it out all the same' : 'Write mine over it' }}
      </v-btn>
      <v-btn size="small" @click="emit('settle', 'theirs')">Leave theirs</v-btn>
      <v-btn v-if="!isRemoval" size="small" @click="emit('settle', 'both')">Keep both, as two lines</v-btn>
    </div>
  </section>
</template>

<style scoped>
.conflict {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  align-items: center;
  padding: 8px 14px;
  border-left: 4px solid var(--makeshift);
  background: var(--surface);
}

table {
  border-collapse: collapse;
  font-size: 13px;
}

th {
  padding: 1px 14px 1px 0;
  font-weight: 500;
  color: var(--muted);
  text-align: left;
}

td {
  padding: 1px 18px 1px 0;
  font-family: var(--mono, inherit);
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
