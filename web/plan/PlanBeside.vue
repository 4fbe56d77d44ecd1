<script setup lang="ts">
import { computed, toRef } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { usePlan, type PlanAsked } from '@/data/plans';
import type { Units } from '@/settings/units';
import ProblemNote from '@/shared/ProblemNote.vue';
import { askedWords, besideRows, partedTools } from './beside';

/** Two plans side by side: what each does for what money, and which tools only one of them has. */
const props = defineProps<{
  plan: Schemas['Plan'];
  asked: PlanAsked;
  beside: PlanAsked;
  units: Units;
  tools: Record<string, Schemas['Tool']>;
  names: Record<string, string>;
}>();
defineEmits<{ exchange: []; away: [] }>();
const query = usePlan(toRef(props, 'beside'), toRef(props, 'units'));
const other = computed(() => query.data.value?.plan);
const nameOf = (id: string) => props.tools[id]?.name ?? query.data.value?.tools[id]?.name ?? id;
const parted = computed(() => (other.value ? partedTools(props.plan, other.value) : null));
</script>

<template>
  <section aria-labelledby="beside-head">
    <header>
      <h2 id="beside-head">Two plans side by side</h2>
      <button type="button" @click="$emit('exchange')">Go on with the other</button>
      <button type="button" @click="$emit('away')">Put the other away</button>
    </header>
    <ProblemNote v-if="query.error.value" :problem="problemOf(query.error.value)" @retry="query.refetch()" />
    <p v-else-if="!other" class="muted" role="status">Planning the other one …</p>
    <table v-else>
      <thead>
        <tr>
          <td></td>
          <th scope="col">This plan</th>
          <th scope="col">The other</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">asked</th>
          <td>{{ askedWords(asked, names) }}</td>
          <td>{{ askedWords(beside, names) }}</td>
        </tr>
        <tr v-for="row in besideRows(plan, other)" :key="row.says">
          <th scope="row">{{ row.says }}</th>
          <td class="mono" :class="{ better: row.better === 'this' }">{{ row.here }}</td>
          <td class="mono" :class="{ better: row.better === 'other' }">{{ row.there }}</td>
        </tr>
        <tr v-if="parted">
          <th scope="row">only here</th>
          <td>{{ parted.here.map(nameOf).join(', ') || 'nothing' }}</td>
          <td>{{ parted.there.map(nameOf).join(', ') || 'nothing' }}</td>
        </tr>
        <tr v-if="parted">
          <th scope="row">in both</th>
          <td colspan="2">{{ parted.both.map(nameOf).join(', ') || 'nothing' }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: baseline;
}

button {
  min-height: var(--touch);
  color: var(--copper);
  font-size: 13px;
  text-decoration: underline;
  cursor: pointer;
}

table {
  table-layout: fixed;
}

thead td {
  width: 170px;
  border: 0;
}

tbody th {
  color: var(--muted);
}

.better {
  font-weight: 700;
}

.better::after {
  content: ' ◂';
  color: var(--copper);
}
</style>
