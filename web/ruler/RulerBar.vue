<script setup lang="ts">
import type { LaidBar } from './bars';

/** One bar: what a tool reaches, broken by a cross where it does not do it. Stands in an svg. */
withDefaults(defineProps<{ bar: LaidBar; isPointed?: boolean; crossSize?: number }>(), { crossSize: 1 });
</script>

<template>
  <g class="tool" :class="{ pointed: isPointed, gone: bar.isAway, quiet: bar.whose === 'both' }">
    <template v-for="(segment, part) in bar.segments" :key="part">
      <rect
        class="bar"
        :class="{
          makeshift: segment.isMakeshift,
          printed: segment.proven,
          rest: bar.isRest,
          away: bar.isAway,
        }"
        :x="segment.x"
        :y="segment.y"
        :width="segment.width"
        :height="segment.height"
        rx="2"
      />
      <rect v-if="segment.proven" class="bar proven" v-bind="segment.proven" rx="2" />
      <rect
        v-if="segment.band"
        class="swatch"
        :class="segment.band"
        :x="segment.x + 1"
        :y="segment.y + 1"
        :width="Math.min(7, segment.width - 2)"
        :height="segment.height - 2"
        rx="1"
      />
      <text v-if="segment.text" class="on-bar" :x="segment.textX" :y="segment.y + 9.8">{{
        segment.text
      }}</text>
    </template>
    <text v-if="bar.caption" class="on-bar beside" :x="bar.caption.x" :y="bar.caption.y + 9.8">
      {{ bar.caption.text }}
    </text>
    <g
      v-for="cross in bar.crosses"
      :key="cross.x"
      class="cross"
      :class="{ whole: cross.isWhole }"
      :transform="`translate(${cross.x} ${cross.y}) scale(${crossSize})`"
    >
      <rect v-if="cross.isWhole" class="gap" x="-8" y="-8" width="16" height="16" />
      <path v-if="cross.isWhole" class="edges" d="M-8 -6.5V6.5M8 -6.5V6.5" />
      <path class="under" d="M-3.6 3.6L3.6 -3.6" />
      <path :d="cross.isWhole ? 'M-3.6 -3.6L3.6 3.6M-3.6 3.6L3.6 -3.6' : 'M-3.6 3.6L3.6 -3.6'" />
    </g>
  </g>
</template>

<style scoped>
.bar {
  fill: var(--tool);
  stroke: var(--tool-edge);
  stroke-width: 0.8;
}

.pointed .bar {
  stroke: var(--ink);
  stroke-width: 1.4;
}

.swatch.red {
  fill: var(--band-red);
}

.swatch.blue {
  fill: var(--band-blue);
}

.swatch.yellow {
  fill: var(--band-yellow);
}

.bar.printed {
  fill: var(--ground);
}

.bar.makeshift {
  fill: var(--hatch);
}

.bar.rest,
.bar.away {
  fill: none;
  stroke-dasharray: 3 2;
}

.bar.away {
  stroke: var(--muted);
}

.on-bar {
  font-family: var(--sans);
  font-size: 10.5px;
  fill: var(--ink);
}

/* Names that stand over a hatch or a drop line keep a ground of their own. */
.bar.makeshift + .on-bar,
.beside {
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 4px;
  stroke-linejoin: round;
}

/* What two kits both have leaves the eye to what one alone has. */
.quiet .bar {
  fill: var(--ground);
  stroke: var(--hairline);
}

/* What is not there is quieter than what is. */
.gone .on-bar,
.quiet .on-bar {
  fill: var(--muted);
}

.gap {
  fill: var(--gap, var(--ground));
}

.edges {
  stroke: var(--tool-edge);
  stroke-width: 0.8;
}

.cross path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
}

.cross path.edges {
  stroke: var(--tool-edge);
  stroke-width: 0.8;
}

.cross path.under {
  stroke: var(--ground);
  stroke-width: 4.5;
}

.cross.whole path.under {
  display: none;
}
</style>
