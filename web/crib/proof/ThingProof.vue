<script setup lang="ts">
import { ref, toRef } from 'vue';
import { problemOf } from '@/api/client';
import { useCharts, type Thing } from '@/data/wall';
import FileLink from '@/frame/FileLink.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import { keyOf } from './chart';
import ControlChart from './ControlChart.vue';
import FirstTwenty from './FirstTwenty.vue';
import ProvenSize from './ProvenSize.vue';
import PullForm from './PullForm.vue';

/** What a thing was pulled at, as control charts: a drift is told before anything it made falls under what it must hold. */
const props = defineProps<{
  thing: Thing;
  on: string;
  /** It crimps, and this is today. */
  mayPull: boolean;
}>();
const isPulling = ref(false);
const { data, error, refetch } = useCharts(
  toRef(() => props.thing.tag),
  toRef(props, 'on'),
);
</script>

<template>
  <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
  <section v-else-if="data?.charts.length || mayPull" aria-label="What it was pulled at">
    <template v-if="data?.charts.length">
      <h3>What it was pulled at</h3>
      <template v-for="chart in data.charts" :key="keyOf(chart)">
        <ControlChart :chart :on />
        <ProvenSize :chart />
      </template>
      <FileLink :href="`/api/v1/assets/${encodeURIComponent(thing.tag)}/charts.csv?on=${on}`"
        >All subgroups as CSV</FileLink
      >
    </template>
    <FirstTwenty v-if="data" :practice="data.practice" />
    <details
      v-if="mayPull && data"
      :open="isPulling"
      @toggle="isPulling = ($event.target as HTMLDetailsElement).open"
    >
      <summary>Pull some, and write it down</summary>
      <PullForm v-if="isPulling" :thing :charts="data.charts" />
    </details>
  </section>
</template>

<style scoped src="../wall/part.css"></style>
<style scoped>
summary {
  min-height: var(--touch);
  color: var(--muted);
  font-size: 12.5px;
  cursor: pointer;
}
</style>
