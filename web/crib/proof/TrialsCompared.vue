<script setup lang="ts">
import { computed, toRef } from 'vue';
import { problemOf } from '@/api/client';
import { useSeries } from '@/data/wall';
import ProblemNote from '@/shared/ProblemNote.vue';
import WaitBar from '@/shared/WaitBar.vue';
import type { Chart } from './chart';
import { figuresOf, nameOf, scaleOf, verdictOf, WIDTH } from './series';

/** What was pulled of the same wire and terminal, whatever was tried: the best first, and which are worse by more than chance. */
const props = defineProps<{ chart: Chart }>();
const { data, error, isPending, refetch } = useSeries(
  toRef(() => props.chart.wireId),
  toRef(() => props.chart.terminalId),
);
const series = computed(() => data.value?.data ?? []);
const scale = computed(() => scaleOf(series.value));
const required = computed(() => {
  const most = Math.max(...series.value.map((one) => one.required ?? -Infinity));
  return most >= scale.value.least ? most : null;
});
</script>

<template>
  <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
  <WaitBar v-else-if="isPending" says="Fetching what else was pulled" />
  <p v-else-if="series.length < 2" class="muted">
    Nothing else was pulled of this wire and terminal: pull some in another nest or tool, or otherwise, and
    say what is tried.
  </p>
  <div v-else>
    <ol>
      <li v-for="(one, at) in series" :key="nameOf(one)">
        <b>{{ nameOf(one) }}</b>
        <svg :width="WIDTH" height="18" :viewBox="`0 0 ${WIDTH} 18`" aria-hidden="true">
          <path class="line" :d="`M0 9H${WIDTH}`" />
          <path v-if="required !== null" class="least" :d="`M${scale.x(required)} 0V18`" />
          <circle v-for="(force, pull) in one.forces" :key="pull" :cx="scale.x(force)" cy="9" r="2.4" />
          <path class="mean" :d="`M${scale.x(one.mean)} 1V17`" />
        </svg>
        <span class="muted">{{ figuresOf(one) }}</span>
        <span :class="{ bad: one.isWorse }">{{ verdictOf(one, at) }}</span>
      </li>
    </ol>
    <p class="muted small">
      {{ scale.least.toFixed(0) }} to {{ scale.most.toFixed(0) }} N<template v-if="required !== null"
        >; dashed: {{ required.toFixed(0) }} N, what each must hold</template
      >. Compared with the best by Welch’s test (NIST/SEMATECH e-Handbook, 7.3.1), all together by Holm’s
      method; a difference is one that chance makes less than once in twenty times.
    </p>
  </div>
</template>

<style scoped>
ol {
  display: grid;
  gap: 8px;
  margin: 6px 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  font-size: 12.5px;
}

svg {
  display: block;
  max-width: 100%;
}

.line {
  stroke: var(--hairline);
}

.least {
  stroke: var(--hole);
  stroke-dasharray: 5 3;
}

.mean {
  stroke: var(--copper);
  stroke-width: 2;
}

circle {
  fill: var(--ink);
  opacity: 0.55;
}

.bad {
  color: var(--hole);
  font-weight: 600;
}

.small {
  margin: 0;
  font-size: 11.5px;
}
</style>
