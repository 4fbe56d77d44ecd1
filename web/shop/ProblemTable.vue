<script setup lang="ts">
import type { Schemas } from '@/api/client';

/** Everything that is wrong in a file: where, what stands there, and what would be right. */
defineProps<{ problems: NonNullable<Schemas['Problem']['problems']> }>();
const shown = (value: unknown) => (value === null || value === undefined ? '' : JSON.stringify(value));
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">Place</th>
        <th scope="col">What stands there</th>
        <th scope="col">What would be right</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(one, index) in problems" :key="index">
        <th scope="row" class="mono">
          <template v-for="(part, at) in (one.path || 'workbook').split('/')" :key="at"
            ><template v-if="at">/<wbr /></template>{{ part }}</template
          >
        </th>
        <td class="mono">{{ shown(one.value) }}</td>
        <td>{{ one.expected }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  margin-top: 10px;
  border-collapse: collapse;
  font-size: 13px;
}

th,
td {
  padding: 6px 14px 6px 0;
  border-bottom: 1px solid var(--hairline);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

td:nth-child(2) {
  min-width: 7rem;
  overflow-wrap: anywhere;
}

thead th {
  color: var(--muted);
  white-space: nowrap;
}
</style>
