<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import type { BreakEven } from '@/data/labour';
import { evenLines } from './evenLines';

/** Money over pieces: as it is, with the tool that is weighed, and made elsewhere; where they cross is named. */
const { even, name } = defineProps<{ even: BreakEven; name: string }>();

const HEIGHT = 220;
const frame = useTemplateRef('frame');
const { width } = useElementSize(frame);
const box = computed(() => ({
  left: 52,
  right: Math.max(280, width.value) - 16,
  top: 18,
  bottom: HEIGHT - 32,
}));
const shape = computed(() => evenLines(even, box.value));
const isFar = (x: number) => x > (box.value.left + box.value.right) / 2;
</script>

<template>
  <figure ref="frame" class="even">
    <svg
      :width="box.right + 16"
      :height="HEIGHT"
      role="img"
      :aria-label="`Money over pieces, with ${name} and without`"
    >
      <g class="grid">
        <template v-for="level in shape.levels" :key="level.text">
          <path :d="`M${box.left} ${level.y}H${box.right}`" />
          <text class="level" :x="box.left - 7" :y="level.y + 3.5">{{ level.text }}</text>
        </template>
        <text v-for="tick in shape.ticks" :key="tick.text" class="tick" :x="tick.x" :y="box.bottom + 16">
          {{ tick.text }}
        </text>
        <text class="name" :x="box.right" :y="box.bottom + 29" text-anchor="end">pieces</text>
        <text class="name" :x="box.left" :y="11">money</text>
      </g>
      <path v-for="line in shape.lines" :key="line.way" class="line" :class="line.way" :d="line.path" />
      <g
        v-for="at in shape.crossings"
        :key="at.against"
        class="crossing"
        :transform="`translate(${at.x} ${at.y})`"
      >
        <path :d="at.against === 'now' ? 'M0 -7L7 0L0 7L-7 0Z' : 'M-6 -6H6V6H-6Z'" />
        <text :x="isFar(at.x) ? -12 : 12" y="-8" :text-anchor="isFar(at.x) ? 'end' : 'start'">
          from {{ at.from.toLocaleString() }}
        </text>
      </g>
    </svg>
    <figcaption>
      <span class="key now">as it is</span>
      <span class="key bought">with {{ name }}</span>
      <span v-if="even.piece !== null" class="key piece">made elsewhere, by the piece</span>
    </figcaption>
  </figure>
</template>

<style scoped src="@/shared/axes.css"></style>

<style scoped>
.even {
  margin: 0;
  min-width: 0;
}

svg {
  display: block;
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.line.bought {
  stroke: var(--copper);
}

.line.piece {
  stroke: var(--muted);
  stroke-dasharray: 4 4;
}

.crossing path {
  fill: var(--copper);
  stroke: var(--ground);
  stroke-width: 1.5;
}

.crossing text {
  font-size: 12px;
  font-weight: 600;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 4px;
}

figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  padding-left: 52px;
  font-size: 12.5px;
  color: var(--muted);
}

.key::before {
  content: '';
  display: inline-block;
  width: 18px;
  margin-right: 6px;
  vertical-align: 3px;
  border-top: 2px solid var(--ink);
}

.key.bought::before {
  border-color: var(--copper);
}

.key.piece::before {
  border-top: 2px dashed var(--muted);
}
</style>
