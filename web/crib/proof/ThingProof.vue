<script setup lang="ts">
import { computed, ref, toRef } from 'vue';
import { problemOf } from '@/api/client';
import { useCharts, type Thing } from '@/data/wall';
import { dayWords } from '@/shared/days';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { HEIGHT, layoutOf, WIDTH, type Chart } from './chart';
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
const charts = computed(() => (data.value?.data ?? []).map((chart) => ({ chart, layout: layoutOf(chart) })));
const settingOf = ({ wire, terminal, nest }: Chart) =>
  [wire, terminal, nest === null ? null : `nest “${nest}”`].filter(Boolean).join(', ');
const told = ({ subgroups, n, trial, inControl, capability, required }: Chart) =>
  [
    `${counted(subgroups.length, 'subgroup')} of ${n}${trial ? ', trial limits until there are twenty' : ''}`,
    inControl ? 'in control' : null,
    required === null ? null : `each must hold ${required.toFixed(0)} N`,
    capability === null ? null : `capability ${capability.toFixed(2)}`,
  ]
    .filter(Boolean)
    .join('; ');
const alarms = ({ subgroups }: Chart) => subgroups.filter(({ fired }) => fired.length);
const first = (chart: Chart) => alarms(chart)[0];
</script>

<template>
  <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
  <section v-else-if="charts.length || mayPull" aria-label="What it was pulled at">
    <h3 v-if="charts.length">What it was pulled at</h3>
    <figure v-for="{ chart, layout } in charts" :key="settingOf(chart)">
      <figcaption>
        <b>{{ settingOf(chart) }}</b>: {{ told(chart) }}.
        <span v-if="first(chart)" class="out"
          >On {{ dayWords(first(chart)!.on, on) }}: {{ first(chart)!.says.join('; ')
          }}<template v-if="alarms(chart).length > 1"
            >; {{ counted(alarms(chart).length - 1, 'more alarm') }} since</template
          >.</span
        >
      </figcaption>
      <svg :width="WIDTH" :height="HEIGHT" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
        <rect
          v-for="band in layout.bands"
          :key="band.sigmas"
          x="34"
          :y="band.top"
          :width="WIDTH - 42"
          :height="band.height"
          class="band"
        />
        <g v-for="mark in layout.marks" :key="mark.says">
          <path :class="mark.says === 'least' ? 'least' : 'limit'" :d="`M34 ${mark.y}H${WIDTH - 8}`" />
          <text x="30" :y="mark.y + 3" text-anchor="end">{{ mark.force.toFixed(0) }}</text>
        </g>
        <path class="run" :d="`M${layout.points.map(({ x, y }) => `${x} ${y}`).join('L')}`" />
        <template v-for="{ x, y, isOut, at } in layout.points" :key="at">
          <path v-if="isOut" class="alarm" :d="`M${x} ${y - 5}l4.4 8h-8.8Z`" />
          <circle v-else :cx="x" :cy="y" r="2" />
        </template>
      </svg>
      <details>
        <summary>As a table</summary>
        <table>
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">Mean, N</th>
              <th scope="col">Range, N</th>
              <th scope="col">What is said of it</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in chart.subgroups" :key="one.entry">
              <th scope="row">{{ dayWords(one.on, on) }}</th>
              <td class="mono">{{ one.mean.toFixed(1) }}</td>
              <td class="mono">{{ one.range.toFixed(1) }}</td>
              <td>{{ one.says.join('; ') }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </figure>
    <details
      v-if="mayPull && data"
      :open="isPulling"
      @toggle="isPulling = ($event.target as HTMLDetailsElement).open"
    >
      <summary>Pull some, and write it down</summary>
      <PullForm v-if="isPulling" :thing :charts="data.data" />
    </details>
  </section>
</template>

<style scoped src="../wall/part.css"></style>
<style scoped>
figure {
  margin: 0 0 10px;
}

figcaption {
  font-size: 12.5px;
}

.out {
  color: var(--hole);
  font-weight: 600;
}

svg {
  display: block;
  max-width: 100%;
}

.band {
  fill: var(--covered);
  opacity: 0.1;
}

.limit {
  stroke: var(--tool-edge);
}

.least {
  stroke: var(--hole);
  stroke-dasharray: 5 3;
}

.run {
  fill: none;
  stroke: var(--ink);
}

circle {
  fill: var(--ink);
}

.alarm {
  fill: var(--hole);
}

text {
  font-family: var(--mono);
  font-size: 9.5px;
  fill: var(--muted);
}

summary {
  min-height: var(--touch);
  color: var(--muted);
  font-size: 12.5px;
  cursor: pointer;
}

th,
td {
  padding: 1px 12px 1px 0;
  font-weight: 400;
  font-size: 12.5px;
  text-align: left;
}
</style>
