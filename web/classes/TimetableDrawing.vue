<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, useId, useTemplateRef } from 'vue';
import type { Conflict, Course, Slot } from '@/data/classes';
import HatchDefs from './HatchDefs.vue';
import { hatchOf } from './hatches';
import { clockOf, keyOf, letterOf, otherStation } from './timetable';

/**
 * A timetable as it is drawn: people down, time across, each station by its hatch and its letter. What is drawn elsewhere by hand, or
 * moved by the arrows, is told; the others stay where they are.
 */
const props = defineProps<{
  course: Course;
  slots: readonly Slot[];
  conflicts: readonly Conflict[];
  /** Minutes since midnight at which the class begins. */
  begin: number;
  /** Minutes of which all times are whole multiples. */
  step: number;
  /** Minutes after the start that it is now; null where that is not of this class. */
  now: number | null;
  picked: string | null;
  mayMove: boolean;
}>();
const emit = defineEmits<{
  move: [key: string, to: { from?: number; station?: string }];
  pick: [key: string | null];
}>();

const ROW = 34;
const HEAD = 24;
const hatches = useId();
const paper = useTemplateRef('paper');
const { width } = useElementSize(paper);
/** An end that leaves room to draw something later. */
const length = computed(() => Math.max(60, ...props.slots.map(({ to }) => to), props.course.length) + 30);
const LEAST = 2.2;
const scale = computed(() => Math.max(LEAST, width.value / length.value));
const x = (minutes: number): number => minutes * scale.value;
const height = computed(() => HEAD + ROW * props.course.people.length);
const HALF = 30;
const ticks = computed(() => Array.from({ length: Math.ceil(length.value / HALF) }, (_, at) => at * HALF));
const stationAt = computed(() => new Map(props.course.stations.map(({ id }, index) => [id, index])));
const nameOf = (list: readonly { id: string; name: string }[], id: string): string =>
  list.find((one) => one.id === id)?.name ?? '';
const wrong = computed(
  () => new Set(props.conflicts.flatMap((conflict) => conflict.slots.map((slot) => keyOf(slot)))),
);

const dragged = ref<{ key: string; begun: number; by: number } | null>(null);
const rows = computed(() =>
  props.course.people.map((person, row) => ({
    person,
    y: HEAD + ROW * row,
    slots: props.slots
      .filter((slot) => slot.person === person.id)
      .map((slot) => {
        const key = keyOf(slot);
        const by = dragged.value?.key === key ? dragged.value.by : 0;
        const station = stationAt.value.get(slot.station) ?? 0;
        return {
          key,
          slot,
          from: Math.max(0, slot.from + by),
          wide: x(slot.to - slot.from),
          letter: letterOf(station),
          hatch: hatchOf(station),
          what: nameOf(props.course.exercises, slot.exercise),
          isWrong: wrong.value.has(key),
          label: `${person.name}: ${nameOf(props.course.exercises, slot.exercise)}, ${nameOf(props.course.stations, slot.station)}, ${clockOf(props.begin, slot.from)} to ${clockOf(props.begin, slot.to)}${wrong.value.has(key) ? ', cannot be so' : ''}`,
        };
      }),
  })),
);

function down(event: PointerEvent, key: string): void {
  emit('pick', key);
  if (!props.mayMove) return;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  dragged.value = { key, begun: event.clientX, by: 0 };
}
function drag(event: PointerEvent): void {
  if (!dragged.value) return;
  const minutes = (event.clientX - dragged.value.begun) / scale.value;
  dragged.value = { ...dragged.value, by: Math.round(minutes / props.step) * props.step };
}
function drop(slot: Slot): void {
  const of = dragged.value;
  dragged.value = null;
  if (of?.by) emit('move', of.key, { from: Math.max(0, slot.from + of.by) });
}
function press(event: KeyboardEvent, slot: Slot): void {
  const along = { ArrowLeft: -props.step, ArrowRight: props.step }[event.key];
  const across = { ArrowUp: -1, ArrowDown: 1 }[event.key] as 1 | -1 | undefined;
  if (!props.mayMove || (along === undefined && across === undefined)) return;
  event.preventDefault();
  if (along !== undefined) emit('move', keyOf(slot), { from: Math.max(0, slot.from + along) });
  if (across !== undefined)
    emit('move', keyOf(slot), { station: otherStation(props.course, slot.exercise, slot.station, across) });
}
</script>

<template>
  <div class="drawing">
    <ol class="people" :style="{ paddingTop: `${HEAD}px` }">
      <li v-for="{ person } in rows" :key="person.id" :style="{ height: `${ROW}px` }">{{ person.name }}</li>
    </ol>
    <div ref="paper" class="paper">
      <svg :width="x(length)" :height="height" role="group" aria-label="Timetable">
        <HatchDefs :id="hatches" />
        <g v-for="tick in ticks" :key="tick">
          <line :x1="x(tick)" :x2="x(tick)" :y1="HEAD - 5" :y2="height" class="tick" />
          <text :x="x(tick) + 3" :y="HEAD - 9" class="clock">{{ clockOf(begin, tick) }}</text>
        </g>
        <rect
          v-for="pause in course.pauses.filter(({ from }) => from < length)"
          :key="pause.from"
          :x="x(pause.from)"
          :width="x(pause.to - pause.from)"
          :y="HEAD"
          :height="height - HEAD"
          class="pause"
        />
        <line
          v-for="{ person, y } in rows"
          :key="person.id"
          x1="0"
          :x2="x(length)"
          :y1="y"
          :y2="y"
          class="row"
        />
        <template v-for="{ person, y, slots: drawn } in rows" :key="person.id">
          <g
            v-for="one in drawn"
            :key="one.key"
            class="slot"
            :class="{ wrong: one.isWrong, picked: one.key === picked, moves: mayMove }"
            role="button"
            tabindex="0"
            :aria-label="one.label"
            :aria-pressed="one.key === picked"
            :transform="`translate(${x(one.from)} ${y + 3})`"
            @pointerdown="down($event, one.key)"
            @pointermove="drag"
            @pointerup="drop(one.slot)"
            @pointercancel="dragged = null"
            @keydown.enter.space.prevent="emit('pick', one.key)"
            @keydown="press($event, one.slot)"
          >
            <title>{{ one.label }}</title>
            <rect :width="Math.max(0, one.wide - 1)" :height="ROW - 6" class="ground" />
            <rect
              :width="Math.max(0, one.wide - 1)"
              :height="ROW - 6"
              :fill="`url(#${hatches}-${one.hatch})`"
              class="hatch"
            />
            <rect x="3" y="4" width="17" height="20" class="plate" />
            <text x="11.5" y="19" class="letter">{{ one.letter }}</text>
            <svg v-if="one.wide > 64" x="23" y="4" :width="one.wide - 28" height="20">
              <rect width="100%" height="20" class="plate" />
              <text x="2" y="14.5" class="what">{{ one.what }}</text>
            </svg>
            <path v-if="one.isWrong" :d="`M${one.wide - 11} -1l8 8m0-8l-8 8`" class="cross" />
          </g>
        </template>
        <g v-if="now !== null && now >= 0 && now <= length" class="now">
          <line :x1="x(now)" :x2="x(now)" :y1="HEAD - 4" :y2="height" />
          <path :d="`M${x(now) - 5} ${HEAD - 9}h10l-5 7z`" />
        </g>
      </svg>
    </div>
  </div>
</template>

<style scoped>
.drawing {
  display: grid;
  grid-template-columns: minmax(110px, 160px) minmax(0, 1fr);
}

.people {
  margin: 0;
  padding: 0;
  list-style: none;
}

.people li {
  display: flex;
  align-items: center;
  padding-right: 8px;
  border-top: 1px solid var(--hairline);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.paper {
  overflow-x: auto;
}

svg {
  display: block;
  overflow: hidden;
}

.tick,
.row {
  stroke: var(--hairline);
}

.clock {
  fill: var(--muted);
  font: 11.5px var(--mono);
}

.pause {
  fill: var(--hairline);
  opacity: 0.55;
}

.slot {
  outline: none;
  touch-action: pan-y;
}

.slot.moves {
  cursor: ew-resize;
}

.ground {
  fill: var(--surface);
}

.hatch {
  stroke: var(--ink);
  stroke-width: 1;
  color: var(--tool-edge);
}

.plate {
  fill: var(--surface);
}

.letter {
  fill: var(--ink);
  font: 700 13px var(--mono);
  text-anchor: middle;
}

.what {
  fill: var(--ink);
  font-size: 12px;
}

.slot:focus-visible .hatch,
.picked .hatch {
  stroke: var(--copper);
  stroke-width: 3;
}

.wrong .hatch {
  stroke: var(--hole);
  stroke-width: 2.5;
  stroke-dasharray: 5 3;
}

.cross {
  fill: none;
  stroke: var(--hole);
  stroke-width: 2.5;
}

.now line {
  stroke: var(--copper);
  stroke-width: 2;
}

.now path {
  fill: var(--copper);
}
</style>
