<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { AXIS } from './layout';
import type { LaidTick } from './scale';

/** The scale: the sizes that somebody wants first above the line, the other family below. Stands in an svg. */
defineProps<{
  upper: LaidTick[];
  lower: LaidTick[];
  left: number;
  right: number;
  first: Schemas['Tick']['family'];
}>();
const unit = (family: string) => (family === 'gauge' ? 'AWG' : 'mm²');
</script>

<template>
  <g class="axis" aria-hidden="true">
    <text class="unit" x="12" :y="AXIS - 6">{{ unit(first) }}</text>
    <text class="unit second" x="12" :y="AXIS + 16">{{ unit(first === 'gauge' ? 'metric' : 'gauge') }}</text>
    <path class="base" :d="`M${left} ${AXIS}H${right}`" />
    <g v-for="tick in upper" :key="`u${tick.x}`">
      <path class="tick" :d="`M${tick.x} ${AXIS}v-5`" />
      <text v-if="tick.label" class="size" :x="tick.x" :y="AXIS - 8">{{ tick.label }}</text>
    </g>
    <g v-for="tick in lower" :key="`l${tick.x}`">
      <path class="tick second" :d="`M${tick.x} ${AXIS}v4`" />
      <text v-if="tick.label" class="size second" :x="tick.x" :y="AXIS + 16">{{ tick.label }}</text>
    </g>
  </g>
</template>

<style scoped>
.unit,
.size {
  font-family: var(--mono);
  font-size: 11px;
  fill: var(--ink);
}

.size {
  text-anchor: middle;
}

.unit.second,
.size.second {
  fill: var(--muted);
}

.base,
.tick {
  stroke: var(--ink);
  stroke-width: 1.2;
}

.tick.second {
  stroke: var(--muted);
}
</style>
