<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, pretty, words } from '@/shared/pretty';
import { AXIS, layOut, type LaidDrop } from './rulerLayout';

const props = defineProps<{
  ruler: Schemas['Ruler'];
  first: 'gauge' | 'metric';
  /** Ids of the lines to light. */
  lit: ReadonlySet<string>;
}>();
const emit = defineEmits<{ light: [lines: string[]]; open: [drop: Schemas['Drop']] }>();

const frame = useTemplateRef<HTMLElement>('frame');
const { width } = useElementSize(frame, { width: 1100, height: 0 });
const layout = computed(() => layOut(props.ruler, Math.max(640, Math.floor(width.value)), props.first));

const reached = ref(0);
const unit = (family: string) => (family === 'gauge' ? 'AWG' : 'mm²');
const isLit = (laid: LaidDrop) => laid.drop.lines.some((line) => props.lit.has(line));
const laneTitle = (name: string) => (name === 'strip-sheath' ? 'sheath' : words(name));

function told(laid: LaidDrop): string {
  const { drop } = laid;
  const open = laid.marks.filter((mark) => mark.status === 'hole').map((mark) => laneTitle(mark.lane));
  const said = [
    open.length ? `hole: ${open.join(', ')}` : null,
    drop.status === 'faulty' ? 'a faulty line' : null,
  ];
  const state = said.filter(Boolean).join('; ') || drop.status;
  return `${pretty(drop.size)}, ${counted(drop.quantity, 'termination')} on ${counted(drop.lines.length, 'line')}, ${state}`;
}

function walk(event: KeyboardEvent, step: number): void {
  const target = event.currentTarget as SVGElement;
  const drops = [...(target.parentElement?.querySelectorAll<SVGElement>(':scope > .drop') ?? [])];
  const next = Math.min(drops.length - 1, Math.max(0, drops.indexOf(target) + step));
  reached.value = next;
  drops[next]?.focus();
}
</script>

<template>
  <div ref="frame" class="frame">
    <svg
      :width="layout.width"
      :height="layout.height"
      :viewBox="`0 0 ${layout.width} ${layout.height}`"
      role="group"
      aria-label="Gauge ruler. The table below tells the same."
    >
      <defs>
        <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" class="hatch-ground" />
          <path d="M0 0V6" class="hatch-line" />
        </pattern>
      </defs>

      <g v-for="laid in layout.drops" :key="`wash-${laid.drop.size}`">
        <rect
          v-if="laid.isOpen || isLit(laid)"
          :class="laid.isOpen ? 'hole-wash' : 'lit-wash'"
          :x="laid.x - 12"
          :y="AXIS"
          width="24"
          :height="layout.height - AXIS"
        />
      </g>

      <g v-for="lane in layout.lanes" :key="lane.name">
        <path class="hairline" :d="`M8 ${lane.y}H${layout.width - 8}`" />
        <text class="lane" x="12" :y="lane.y + 19">{{ laneTitle(lane.name) }}</text>
      </g>
      <path class="hairline" :d="`M8 ${layout.height - 1}H${layout.width - 8}`" />

      <g class="axis" aria-hidden="true">
        <text class="unit" x="12" :y="AXIS - 7">{{ unit(first) }}</text>
        <text class="unit second" x="12" :y="AXIS + 17">
          {{ unit(first === 'gauge' ? 'metric' : 'gauge') }}
        </text>
        <path class="base" :d="`M${layout.left} ${AXIS}H${layout.width - 14}`" />
        <g v-for="tick in layout.upper" :key="`u${tick.x}`">
          <path class="tick" :d="`M${tick.x} ${AXIS}v-5`" />
          <text v-if="tick.label" class="size" :x="tick.x" :y="AXIS - 8">{{ tick.label }}</text>
        </g>
        <g v-for="tick in layout.lower" :key="`l${tick.x}`">
          <path class="tick second" :d="`M${tick.x} ${AXIS}v4`" />
          <text v-if="tick.label" class="size second" :x="tick.x" :y="AXIS + 17">{{ tick.label }}</text>
        </g>
      </g>

      <g
        v-for="(laid, index) in layout.drops"
        :key="laid.drop.size"
        class="drop"
        :class="[laid.drop.status, { lit: isLit(laid) }]"
        role="button"
        :tabindex="index === Math.min(reached, layout.drops.length - 1) ? 0 : -1"
        :aria-label="told(laid)"
        @mouseenter="emit('light', laid.drop.lines)"
        @mouseleave="emit('light', [])"
        @focus="emit('light', laid.drop.lines)"
        @blur="emit('light', [])"
        @click="emit('open', laid.drop)"
        @keydown.enter.prevent="emit('open', laid.drop)"
        @keydown.space.prevent="emit('open', laid.drop)"
        @keydown.right.prevent="walk($event, 1)"
        @keydown.left.prevent="walk($event, -1)"
      >
        <title>{{ told(laid) }}</title>
        <rect class="touch" v-bind="laid.touch" :y="AXIS" :height="layout.height - AXIS" />
        <path class="line" :d="`M${laid.x} ${AXIS}v6M${laid.x} ${AXIS + 39}V${laid.bottom}`" />
        <text v-if="laid.showsCount" class="count" :x="laid.x" :y="AXIS + 34">{{ laid.drop.quantity }}</text>
        <path
          v-if="laid.drop.status === 'faulty'"
          class="cross"
          :d="`M${laid.x - 5} ${laid.bottom}l10 10m0 -10l-10 10`"
        />
      </g>

      <g v-for="lane in layout.lanes" :key="`bars-${lane.name}`" class="bars" aria-hidden="true">
        <g v-for="bar in lane.bars" :key="bar.key">
          <title>{{ bar.name }}</title>
          <template v-for="(segment, part) in bar.segments" :key="part">
            <rect
              class="bar"
              :class="{ makeshift: segment.isMakeshift, printed: segment.proven }"
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
            <text v-if="segment.text" class="on-bar" :x="segment.textX" :y="segment.y + 9.8">
              {{ segment.text }}
            </text>
          </template>
          <text v-if="bar.caption" class="on-bar" :x="bar.caption.x" :y="bar.caption.y + 9.8">
            {{ bar.caption.text }}
          </text>
        </g>
      </g>

      <g class="marks" aria-hidden="true">
        <g v-for="laid in layout.drops" :key="`m-${laid.drop.size}`">
          <g
            v-for="mark in laid.marks"
            :key="mark.lane"
            :transform="`translate(${laid.x} ${mark.y})`"
            :class="mark.status"
          >
            <circle v-if="mark.status === 'covered'" r="4.6" class="solid" />
            <template v-else-if="mark.status === 'makeshift'">
              <circle r="4.4" class="half" />
              <path d="M0 -4.4A4.4 4.4 0 0 1 0 4.4Z" class="solid" />
            </template>
            <circle v-else r="6.6" class="open" />
          </g>
        </g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.frame {
  width: 100%;
  overflow-x: auto;
}

svg {
  display: block;
  font-family: var(--sans);
}

.hairline {
  stroke: var(--hairline);
}

.lane {
  font-size: 12.5px;
  fill: var(--ink);
  font-weight: 560;
}

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

.touch {
  fill: transparent;
}

.drop {
  cursor: pointer;
  outline: none;
}

.line {
  stroke: var(--muted);
  stroke-width: 1;
  opacity: 0.75;
}

.count {
  font-family: var(--mono);
  font-size: 10.5px;
  text-anchor: middle;
  fill: var(--muted);
}

.drop.hole .line,
.drop.faulty .line {
  stroke: var(--hole);
  stroke-width: 2;
  opacity: 1;
}

.drop.hole .count,
.drop.faulty .count {
  fill: var(--hole);
  font-weight: 500;
}

.drop.lit .line {
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

.hole-wash {
  fill: var(--hole-wash);
}

.lit-wash {
  fill: var(--row-wash);
}

.bars {
  pointer-events: none;
}

.bar {
  fill: var(--tool);
  stroke: var(--tool-edge);
  stroke-width: 0.8;
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
  fill: url(#hatch);
}

.hatch-ground {
  fill: var(--ground);
}

.hatch-line {
  stroke: var(--tool-edge);
  stroke-width: 3;
}

.on-bar {
  font-size: 10.5px;
  fill: var(--ink);
}

.bar.makeshift + .on-bar {
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 4px;
}

.marks {
  pointer-events: none;
}

.covered .solid {
  fill: var(--covered);
}

.makeshift .solid {
  fill: var(--makeshift);
}

.half {
  fill: var(--ground);
  stroke: var(--makeshift);
  stroke-width: 1.6;
}

.open {
  fill: var(--ground);
  stroke: var(--hole);
  stroke-width: 3;
}
</style>
