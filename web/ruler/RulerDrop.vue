<script setup lang="ts">
import type { LaidDrop } from './drops';
import StatusShape from '@/shared/StatusShape.vue';

/** One drop line with its marks. Stands in an svg. */
defineProps<{ laid: LaidDrop; isLit: boolean; height: number; countY: number }>();

const radius = { covered: 4.6, makeshift: 4.8, hole: 7, unjudged: 5 };
</script>

<template>
  <g class="drop" :class="[laid.drop.status, { lit: isLit }]">
    <rect class="touch" v-bind="laid.touch" y="0" :height="height" />
    <path class="line" :d="`M${laid.x} 0V${laid.bottom}`" />
    <text v-if="laid.count" class="count" :x="laid.x" :y="countY">{{ laid.count }}</text>
    <path
      v-if="laid.drop.status === 'faulty'"
      class="cross"
      :d="`M${laid.x - 5} ${laid.bottom - 5}l10 10m0 -10l-10 10`"
    />
    <g v-for="mark in laid.marks" :key="mark.lane" :transform="`translate(${laid.x} ${mark.y})`">
      <StatusShape :status="mark.status" :r="radius[mark.status]" />
    </g>
  </g>
</template>

<style scoped>
.drop {
  --shape-ground: var(--ground);

  cursor: pointer;
  outline: none;
}

.touch {
  fill: transparent;
}

.line {
  stroke: var(--muted);
  stroke-width: 1;
  opacity: 0.75;
}

.count {
  font-family: var(--mono);
  font-size: 11px;
  text-anchor: middle;
  fill: var(--muted);
}

.hole .line,
.faulty .line {
  stroke: var(--hole);
  stroke-width: 2;
  opacity: 1;
}

.hole .count,
.faulty .count {
  fill: var(--hole);
  font-weight: 500;
}

.lit .line {
  stroke-width: 2.4;
  opacity: 1;
}

.drop:focus-visible .touch {
  stroke: var(--copper);
  stroke-width: 2;
}

.cross {
  stroke: var(--hole);
  stroke-width: 2.4;
}
</style>
