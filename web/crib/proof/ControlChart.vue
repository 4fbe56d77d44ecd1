<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue';
import { dayWords } from '@/shared/days';
import { counted } from '@/shared/pretty';
import { save } from '@/shared/saved';
import { alarmsInWords, HEIGHT, layoutOf, RANGES, WIDTH, type Chart } from './chart';
import { standalone } from './svgFile';
import TrialsCompared from './TrialsCompared.vue';

/** One control chart: means over ranges, their limits, what each must hold, and at its point what chance does not explain. */
const props = defineProps<{ chart: Chart; on: string }>();
const layout = computed(() => layoutOf(props.chart));
const alarms = computed(() => alarmsInWords(layout.value));
const setting = computed(() =>
  [props.chart.wire, props.chart.terminal, props.chart.nest === null ? null : `nest “${props.chart.nest}”`]
    .filter(Boolean)
    .join(', '),
);
const told = computed(() => {
  const { subgroups, n, trial, inControl, capability, required, requiredBy, leftOut } = props.chart;
  return [
    `${counted(subgroups.length, 'subgroup')} of ${n}${trial ? ', trial limits until there are twenty' : ''}`,
    inControl ? 'in control' : null,
    required === null
      ? null
      : `each must hold ${required.toFixed(0)} N${requiredBy ? ` by ${requiredBy}` : ''}`,
    capability === null ? null : `capability ${capability.toFixed(2)}`,
    leftOut ? `${counted(leftOut, 'subgroup')} of another size left out` : null,
  ]
    .filter(Boolean)
    .join('; ');
});
const runOf = (points: { x: number; y: number }[]) => `M${points.map(({ x, y }) => `${x} ${y}`).join('L')}`;

const drawing = useTemplateRef<SVGSVGElement>('drawing');
const saveDrawing = () =>
  drawing.value &&
  save(
    `chart-${props.chart.asset}.svg`,
    standalone(drawing.value, `${props.chart.asset}: ${setting.value}; ${told.value}`),
    'image/svg+xml',
  );
const isCompared = ref(false);
</script>

<template>
  <figure>
    <figcaption>
      <b>{{ setting }}</b>: {{ told }}.
      <span v-if="chart.against" class="against">Not what it is meant for: {{ chart.against }}</span>
    </figcaption>
    <svg
      ref="drawing"
      :width="WIDTH"
      :height="HEIGHT + RANGES"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT + RANGES}`"
      aria-hidden="true"
    >
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
      <path class="run" :d="runOf(layout.points)" />
      <circle
        v-for="{ x, y, at } in layout.points.filter((point) => !point.isOut)"
        :key="at"
        :cx="x"
        :cy="y"
        r="2"
      />
      <g v-for="alarm in layout.alarms" :key="alarm.number">
        <path class="alarm" :d="`M${alarm.x} ${alarm.y - 5}l4.4 8h-8.8Z`" />
        <text class="number" :x="alarm.x" :y="alarm.y + 13" text-anchor="middle">{{ alarm.number }}</text>
        <title>{{ alarm.says }}</title>
      </g>
      <g :transform="`translate(0 ${HEIGHT})`">
        <path
          class="limit"
          :d="`M34 ${layout.ranges.upper}H${WIDTH - 8}M34 ${layout.ranges.middle}H${WIDTH - 8}`"
        />
        <text x="30" :y="layout.ranges.upper + 3" text-anchor="end">{{ chart.rangeUpper.toFixed(0) }}</text>
        <text x="30" :y="RANGES - 2" text-anchor="end">R</text>
        <path class="run" :d="runOf(layout.ranges.points)" />
        <circle
          v-for="({ x, y, isOut }, at) in layout.ranges.points"
          :key="at"
          :cx="x"
          :cy="y"
          :r="isOut ? 3 : 1.4"
          :class="{ alarm: isOut }"
        />
      </g>
    </svg>
    <ul v-if="alarms.length" class="alarms">
      <li v-for="alarm in alarms" :key="alarm.first">
        <span class="mono">{{
          alarm.first === alarm.last ? alarm.first : `${alarm.first}–${alarm.last}`
        }}</span>
        {{ dayWords(alarm.from, on) }}{{ alarm.to === alarm.from ? '' : ` to ${dayWords(alarm.to, on)}` }}:
        <b>{{ alarm.says }}</b>
      </li>
    </ul>
    <p class="files">
      <button type="button" class="link" @click="saveDrawing()">As a drawing</button>
    </p>
    <details>
      <summary>As a table</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">Day</th>
            <th scope="col">Mean, N</th>
            <th scope="col">Range, N</th>
            <th scope="col">Each, N</th>
            <th scope="col">What is said of it</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in chart.subgroups" :key="one.entry">
            <th scope="row">{{ dayWords(one.on, on) }}</th>
            <td class="mono">{{ one.mean.toFixed(1) }}</td>
            <td class="mono">{{ one.range.toFixed(1) }}</td>
            <td class="mono">{{ one.forces.map((force) => force.toFixed(1)).join(' ') }}</td>
            <td>{{ one.says.join('; ') }}</td>
          </tr>
        </tbody>
      </table>
    </details>
    <details @toggle="isCompared = ($event.target as HTMLDetailsElement).open">
      <summary>Beside what else was tried on this wire and terminal</summary>
      <TrialsCompared v-if="isCompared" :chart />
    </details>
  </figure>
</template>

<style scoped>
figure {
  margin: 0 0 10px;
}

figcaption,
.alarms,
.files {
  font-size: 12.5px;
}

.against {
  color: var(--makeshift);
}

.alarms {
  margin: 4px 0;
  padding: 0;
  list-style: none;
  color: var(--hole);
}

.files {
  margin: 2px 0 0;
}

.link {
  padding: 0;
  color: var(--copper);
  text-decoration: underline;
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

.alarm,
.number {
  fill: var(--hole);
}

text {
  font-family: var(--mono);
  font-size: 9.5px;
}

text:not(.number) {
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
