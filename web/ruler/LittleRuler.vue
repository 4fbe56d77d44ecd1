<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, useId } from 'vue';
import type { Schemas } from '@/api/client';
import { LITTLE, packBars } from './bars';
import RulerBar from './RulerBar.vue';
import { useSettings } from '@/settings/useSettings';
import { littleAxis } from './littleAxis';
import { sizeWords } from './scale';
import StatusShape from '@/shared/StatusShape.vue';

/**
 * The ruler in small, the same for everything, so that things can be compared by looking along them: what a tool reaches, what
 * a terminal takes, where a wire stands.
 *
 *   <LittleRuler :ticks :bars="lane.bars" :wire="2.08" status="hole" />
 */
const props = withDefaults(
  defineProps<{
    ticks: Schemas['Tick'][];
    bars?: Schemas['Bar'][] | undefined;
    /** What a terminal takes. */
    span?: Schemas['Reach'] | undefined;
    /** Area of a wire, mm². */
    wire?: number | undefined;
    status?: Schemas['Status'] | undefined;
    width?: number | undefined;
  }>(),
  { bars: () => [], span: undefined, wire: undefined, status: undefined, width: 190 },
);

const { first } = storeToRefs(useSettings());
const hatch = useId();
const axis = computed(() => littleAxis(props.ticks, first.value, props.width));
const scale = computed(() => axis.value.scale);
const packed = computed(() =>
  packBars(
    { name: '', bars: props.bars },
    {
      scale: scale.value,
      top: 14,
      lines: [],
      end: props.width,
      placeOf: (area) =>
        props.wire !== undefined && Math.abs(area - props.wire) < 1e-6 ? scale.value.x(area) : null,
      hasNames: false,
      size: LITTLE,
    },
  ),
);
const rows = computed(() => Math.max(1, packed.value.rows + (props.span ? 1 : 0)));
const height = computed(() => 14 + rows.value * LITTLE.row + (props.status ? 13 : 3));
const told = computed(() => {
  const words = (reach: Schemas['Reach']) =>
    `${sizeWords(reach.from, props.ticks, first.value)} to ${sizeWords(reach.to, props.ticks, first.value)}`;
  return [
    props.bars.length ? `reaches ${props.bars.map(words).join(', ')}` : null,
    props.span ? `takes ${words(props.span)}` : null,
    props.wire !== undefined ? `wire ${sizeWords(props.wire, props.ticks, first.value)}` : null,
    packed.value.bars.some((bar) => bar.crosses.length) ? 'does not do it' : null,
  ]
    .filter(Boolean)
    .join('; ');
});
const spanBox = computed(() => {
  if (!props.span) return null;
  const from = scale.value.clip(props.span.from);
  const to = scale.value.clip(props.span.to);
  const width = Math.max(11, to - from);
  return { x: (from + to - width) / 2, y: 14 + packed.value.rows * LITTLE.row, width, height: LITTLE.bar };
});
</script>

<template>
  <svg
    class="little"
    :width="width"
    :height="height"
    role="img"
    :aria-label="told"
    :style="{ '--hatch': `url(#${hatch})` }"
  >
    <defs>
      <pattern :id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V5" class="hatch-line" />
      </pattern>
    </defs>
    <path class="base" :d="axis.path" />
    <text v-for="label in axis.labels" :key="label.x" :x="label.x" y="7">{{ label.text }}</text>
    <path v-if="wire !== undefined" class="wire" :d="`M${scale.x(wire)} 11.5V${height - (status ? 8 : 1)}`" />
    <RulerBar v-for="bar in packed.bars" :key="bar.key" :bar="bar" :cross-size="0.62" />
    <template v-if="spanBox">
      <rect class="span" v-bind="spanBox" rx="3.5" />
      <circle
        v-if="wire !== undefined"
        class="core"
        :cx="scale.x(wire)"
        :cy="spanBox.y + spanBox.height / 2"
        r="2.2"
      />
    </template>
    <g v-if="status && wire !== undefined" :transform="`translate(${scale.x(wire)} ${height - 6})`">
      <StatusShape :status="status" :r="4.6" />
    </g>
  </svg>
</template>

<style scoped>
.little {
  display: block;
  flex: none;
}

.base {
  fill: none;
  stroke: var(--tool-edge);
  stroke-width: 0.9;
}

text {
  font-family: var(--mono);
  font-size: 8.5px;
  text-anchor: middle;
  fill: var(--muted);
}

.wire {
  stroke: var(--ink);
  stroke-width: 1.3;
}

.core {
  fill: var(--ink);
}

.span {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.hatch-line {
  stroke: var(--tool-edge);
  stroke-width: 2.5;
}
</style>
