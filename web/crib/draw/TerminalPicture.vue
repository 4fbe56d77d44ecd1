<script setup lang="ts">
import { computed } from 'vue';
import { bandOf } from '@/ruler/bars';
import { holeMm, studMm } from '@/shared/studs';
import { shapeOf } from '@/shared/terminalShape';
import type { Draft } from '../edit/paths';
import { scaleBar } from './strands';

/**
 * A terminal from the side, to scale, with the thickest wire it takes stripped for it, from the numbers entered: barrel, strip
 * length, insulation, hole for the stud. What is not known is drawn as usual, dashed.
 */
const props = defineProps<{
  terminal: Draft;
  /** Thick end of what it takes, mm². */
  thickest: number | null;
}>();

const WIDTH = 320;
const HEIGHT = 150;

const number = (value: unknown) => (typeof value === 'number' ? value : undefined);
const part = (key: string) => (props.terminal[key] as Draft | undefined) ?? {};
const stud = computed(() => studMm(props.terminal.stud as string | undefined));

/** A stranded conductor is about 13 % wider than a solid one of its area. */
const conductor = computed(() => 1.134 * Math.sqrt((4 * (props.thickest ?? 1.5)) / Math.PI));
const barrel = computed(() => {
  const { length, od } = part('barrel');
  return {
    length:
      number(length) ?? number(part('strip').nominal) ?? number(part('strip').min) ?? 3 * conductor.value,
    od: number(od) ?? conductor.value * 1.5 + 0.6,
    isKnown: number(length) !== undefined && number(od) !== undefined,
  };
});
const strip = computed(
  () => number(part('strip').nominal) ?? number(part('strip').min) ?? number(part('strip').max),
);
const insulation = computed(() => number(part('insulationOd').max) ?? number(part('seal').max));
const wire = computed(() => insulation.value ?? conductor.value * 1.7 + 0.4);
const kind = computed(() => shapeOf(props.terminal as Parameters<typeof shapeOf>[0]));
const tongue = computed(() => {
  const hole = stud.value === undefined ? undefined : holeMm(stud.value);
  if (kind.value === 'butt') return { length: 0, height: 0, hole: undefined };
  if (kind.value === 'ring' || kind.value === 'fork')
    return { length: (hole ?? 5) * 2, height: (hole ?? 5) * 1.9, hole: hole ?? 5 };
  if (kind.value === 'blade') return { length: 8, height: 6.6, hole: undefined };
  return { length: 9, height: Math.max(1, conductor.value * 0.9), hole: undefined };
});
const isInsulated = computed(() => ['insulated', 'heat-shrink'].includes(String(props.terminal.class)));
const sleeve = computed(() => ({
  length: barrel.value.length + 0.9 * wire.value,
  od: Math.max(barrel.value.od + 1.2, (insulation.value ?? 0) + 0.8),
}));
const leadIn = computed(() => Math.max(10, wire.value * 2.2));
const length = computed(() => tongue.value.length + barrel.value.length + leadIn.value + 6);
const tall = computed(() =>
  Math.max(tongue.value.height, barrel.value.od, wire.value, isInsulated.value ? sleeve.value.od : 0),
);
const perMm = computed(() => Math.min((WIDTH - 20) / length.value, (HEIGHT - 34) / tall.value));
const at = computed(() => ({
  tongue: 0,
  barrel: tongue.value.length,
  wire: tongue.value.length + barrel.value.length,
}));
/** Half as wide as the eye of a ring, and where it runs into it. */
const neck = computed(() => tongue.value.height * 0.52);
const join = computed(
  () => tongue.value.height / 2 + Math.sqrt((tongue.value.height / 2) ** 2 - (neck.value / 2) ** 2),
);
const bar = computed(() => scaleBar(perMm.value, 80));
const wings = computed(() => ['open-barrel', 'sealed-open-barrel'].includes(String(props.terminal.class)));
const band = computed(() => bandOf((props.terminal.nest as string | undefined) ?? null));
</script>

<template>
  <svg
    class="terminal"
    :width="WIDTH"
    :height="HEIGHT"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    aria-label="The terminal with the thickest wire it takes, to scale"
  >
    <g :transform="`translate(10 ${(HEIGHT - 22) / 2}) scale(${perMm})`">
      <rect
        class="insulation"
        :class="{ guessed: insulation === undefined }"
        :x="at.wire + 0.8"
        :y="-wire / 2"
        :width="leadIn"
        :height="wire"
      />
      <rect
        class="conductor"
        :class="{ guessed: strip === undefined }"
        :x="at.wire + 0.8 - (strip ?? barrel.length)"
        :y="-conductor / 2"
        :width="strip ?? barrel.length"
        :height="conductor"
      />
      <g class="metal">
        <template v-if="kind === 'ring' || kind === 'fork'">
          <path
            :d="`M${at.barrel} ${-neck / 2}H${join}A${tongue.height / 2} ${tongue.height / 2} 0 1 0 ${join} ${neck / 2}H${at.barrel}Z`"
          />
          <circle
            v-if="kind === 'ring'"
            class="hole"
            :class="{ guessed: stud === undefined }"
            :cx="tongue.height / 2"
            :r="(tongue.hole ?? 0) / 2"
          />
          <rect
            v-else
            class="hole"
            :class="{ guessed: stud === undefined }"
            x="-1"
            :y="-(tongue.hole ?? 0) / 2"
            :width="tongue.height / 2 + (tongue.hole ?? 0) / 2 + 1"
            :height="tongue.hole"
            :rx="(tongue.hole ?? 0) / 2"
          />
        </template>
        <rect
          v-else-if="kind !== 'butt'"
          x="0"
          :y="-tongue.height / 2"
          :width="tongue.length + 0.5"
          :height="tongue.height"
          :rx="kind === 'pin' ? tongue.height / 2 : 0.4"
        />
        <rect
          class="barrel"
          :class="{ guessed: !barrel.isKnown, open: wings }"
          :x="at.barrel"
          :y="-barrel.od / 2"
          :width="barrel.length"
          :height="barrel.od"
          rx="0.4"
        />
        <path
          v-if="wings"
          :d="`M${at.barrel} ${-barrel.od / 2}l${barrel.length * 0.5} ${-barrel.od * 0.32}l${barrel.length * 0.5} ${barrel.od * 0.32}`"
        />
      </g>
      <rect
        v-if="isInsulated"
        class="sleeve"
        :class="band"
        :x="at.barrel - 0.4"
        :y="-sleeve.od / 2"
        :width="sleeve.length"
        :height="sleeve.od"
        rx="0.8"
      />
    </g>
    <g :transform="`translate(10 ${HEIGHT - 10})`">
      <path class="rule" :d="`M0 -4V4M0 0H${bar.width}M${bar.width} -4V4`" />
      <text :x="bar.width + 6" y="4">{{ bar.mm }} mm</text>
    </g>
  </svg>
</template>

<style scoped src="./picture.css"></style>

<style scoped>
.terminal {
  display: block;
  max-width: 100%;
}

rect,
circle,
path {
  vector-effect: non-scaling-stroke;
}

.metal {
  fill: var(--row-wash);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.metal .hole {
  fill: var(--ground);
}

.barrel {
  fill-opacity: 0.72;
}

.conductor {
  fill: var(--copper);
  stroke: none;
}

.sleeve {
  fill: var(--tool-edge);
  fill-opacity: 0.28;
  stroke: var(--ink);
  stroke-width: 1;
}

.sleeve.red {
  fill: var(--band-red);
  fill-opacity: 0.55;
}

.sleeve.blue {
  fill: var(--band-blue);
  fill-opacity: 0.55;
}

.sleeve.yellow {
  fill: var(--band-yellow);
  fill-opacity: 0.55;
}
</style>
