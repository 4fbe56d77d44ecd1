<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, nextTick, useId, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { bandOf } from '@/ruler/bars';
import { cutTo } from '@/ruler/measure';
import { scaleOver, ticksOn } from '@/ruler/scale';
import StatusShape from '@/shared/StatusShape.vue';
import { useSettings } from '@/settings/useSettings';
import { markOfFit } from '@/shared/status';
import { snapped, spansOf, stepped, written, type Family, type Span } from './ranges';
import { useGrips, type Grip } from './useGrips';
import { useLaneStops, type Stop } from './useLaneStops';

/**
 * The ruler as a place to draw on: bars whose ends are dragged and land on the sizes of the trade, lane by lane, the gauges of a
 * range over its mm². What is proven lies inside what is printed and has ends of its own. Everything goes by keys too: an end or a
 * whole bar in focus goes on with the arrows, a bar is taken away with Delete, a lane that takes more gets one with Enter. A lane is
 * one stop of the tab key; Ctrl and the arrows go from end to end in it.
 *
 *   <SizeRuler :ticks :lanes @put="(path, text) => …" @add="(lane, text) => …" @remove="(path) => …" />
 */
export interface RulerRange {
  /** Where its text stands in the thing. */
  path: string;
  label: string;
  code?: string | null;
  text: string | undefined;
  /** Where and how it was proven, beside what. */
  proven?: { path: string; text: string | undefined; remark?: string };
  /** It can be taken away. */
  isOneOfMany?: boolean;
}
export interface EditLane {
  key: string;
  title: string;
  ranges: RulerRange[];
  /** A click into the empty lane adds one there. */
  adds?: string;
}
const props = withDefaults(
  defineProps<{
    ticks: Schemas['Tick'][];
    lanes: EditLane[];
    /** What the shop's own wires, by their place, come to. */
    marks?: { area: number; fit: Schemas['Fit']; title: string }[];
    selected?: string | null;
    isReadonly?: boolean;
  }>(),
  { marks: () => [], selected: null },
);
const emit = defineEmits<{
  put: [path: string, text: string];
  /** The drag, or the row of key presses, is over. */
  settle: [];
  add: [lane: string, text: string];
  remove: [path: string];
  select: [path: string];
}>();

const ends = ['thin', 'thick'] as const;
const { first } = storeToRefs(useSettings());
const root = useTemplateRef<HTMLElement>('root');
const { width: available } = useElementSize(root, { width: 640, height: 0 });
const hatch = useId();

const TITLE = 104;
const AXIS = 40;
const BAR = 13;
const LANE = 2 * BAR + 12;
/** A single size still is a bar that can be taken hold of. */
const LEAST = 22;
const MARK = 11;

const width = computed(() => Math.max(320, available.value));
const spans = computed(() =>
  props.lanes.flatMap(({ ranges }) =>
    ranges.flatMap(({ text, proven }) => [...(spansOf(text) ?? []), ...(spansOf(proven?.text) ?? [])]),
  ),
);
const domain = computed<[number, number]>(() => [
  Math.min(0.045, ...spans.value.map(({ thin }) => thin.area / 1.4)),
  Math.max(150, ...spans.value.map(({ thick }) => thick.area * 1.4)),
]);
const scale = computed(() => scaleOver(domain.value, TITLE + 12, width.value - 14));
const areaAt = (x: number) => {
  const { left, right } = scale.value;
  const [low, high] = domain.value;
  return (
    low * Math.exp(((Math.min(right, Math.max(left, x)) - left) / (right - left)) * Math.log(high / low))
  );
};

interface Drawn {
  key: string;
  lane: string;
  range: RulerRange;
  family: Family;
  isProven: boolean;
  path: string;
  text: string;
  span: Span;
  x: number;
  width: number;
  y: number;
  height: number;
  caption: string | null;
  /** Where the bar is too short for its name, below it. */
  below: string | null;
}

const rows = computed(() => {
  let top = AXIS + 6;
  return props.lanes.map((lane) => {
    const at = top;
    top += LANE;
    return { lane, top: at };
  });
});
const bottom = computed(() => AXIS + 6 + props.lanes.length * LANE);

/** Wires of one place stand one below the other. */
const markColumns = computed(() => {
  const columns = new Map<number, { x: number; marks: typeof props.marks }>();
  for (const mark of props.marks) {
    const x = Math.round(scale.value.x(mark.area) / MARK) * MARK;
    const column = columns.get(x) ?? { x: scale.value.x(mark.area), marks: [] };
    columns.set(x, { ...column, marks: [...column.marks, mark] });
  }
  return [...columns.values()];
});
const mostMarks = 7;
const markRows = computed(() =>
  Math.min(mostMarks, Math.max(0, ...markColumns.value.map(({ marks }) => marks.length))),
);
const height = computed(() => bottom.value + (markRows.value ? 12 + markRows.value * MARK : 4));

function drawn(lane: string, range: RulerRange, top: number, isProven: boolean): Drawn[] {
  const path = isProven ? (range.proven?.path ?? '') : range.path;
  const text = isProven ? range.proven?.text : range.text;
  return (spansOf(text) ?? []).map((span, at, all) => {
    const from = scale.value.clip(span.thin.area);
    const to = scale.value.clip(span.thick.area);
    const size = Math.max(LEAST, to - from + 10);
    const offset = span.family === 'gauge' || all.length === 1 ? 0 : BAR + 2;
    const inset = isProven ? 4 : 0;
    const caption = isProven || at > 0 ? null : cutTo(range.label, size - 18, 'name');
    return {
      key: `${path}:${span.family}`,
      lane,
      range,
      family: span.family,
      isProven,
      path,
      text: text ?? '',
      span,
      x: (from + to - size) / 2 + inset,
      width: size - 2 * inset,
      y: top + 4 + offset + inset,
      height: BAR - 2 * inset,
      caption,
      below:
        !isProven && all.length === 1 && caption === null
          ? cutTo(range.label.replace(/ (AWG|mm2|mm²)$/, ''), 34, 'name')
          : null,
    };
  });
}
const bars = computed(() =>
  rows.value.flatMap(({ lane, top }) =>
    lane.ranges.flatMap((range) => [
      ...drawn(lane.key, range, top, false),
      ...drawn(lane.key, range, top, true),
    ]),
  ),
);
/** A range that is not read, or says nothing yet, is told where its bar would be. */
const untold = (lane: EditLane) => lane.ranges.filter(({ text }) => spansOf(text) === null);

const axis = computed(() => ({
  gauge: ticksOn(scale.value, props.ticks, 'gauge'),
  metric: ticksOn(scale.value, props.ticks, 'metric'),
}));

const { indexOf, seriesLength, isHeld, gripOf } = useGrips({
  ticks: () => props.ticks,
  isReadonly: () => props.isReadonly,
  areaOf: (event) => areaAt(placeOf(event)),
  select: (path) => emit('select', path),
  put: (path, text) => emit('put', path, text),
  settle: () => emit('settle'),
  remove: (path) => {
    emit('remove', path);
    void nextTick(() => root.value?.querySelector<HTMLElement>('[tabindex="0"]')?.focus());
  },
});
const stopOf = (bar: Drawn, grip: Grip) => `${bar.key}:${grip}`;
const roomOf = (lane: EditLane) => `${lane.key}:room`;
/** The ends as one reads them, from the left, and then the room for another. */
const stops = computed<Stop[]>(() =>
  props.isReadonly
    ? []
    : [
        ...bars.value
          .toSorted((one, other) => one.x - other.x)
          .flatMap((bar) =>
            (bar.isProven ? ends : (['whole', ...ends] as const)).map((grip) => ({
              lane: bar.lane,
              key: stopOf(bar, grip),
            })),
          ),
        ...props.lanes.flatMap((lane) => (lane.adds ? [{ lane: lane.key, key: roomOf(lane) }] : [])),
      ],
);
const { stopAt, onKey } = useLaneStops(root, () => stops.value);
const placeOf = (event: PointerEvent | MouseEvent) =>
  event.clientX - (root.value?.getBoundingClientRect().left ?? 0);

/** Where the empty lane was clicked, in sizes of the family that is read first; the mm² half of it means mm². */
function addAt(lane: EditLane, event: PointerEvent | MouseEvent): void {
  if (!lane.adds || props.isReadonly) return;
  const tick = snapped(props.ticks, first.value, areaAt(placeOf(event)));
  emit('add', lane.key, written(tick.family, tick.label, tick.label));
}
/** By keys it comes one size thinner than what is there. */
function addBeside(lane: EditLane): void {
  if (!lane.adds || props.isReadonly) return;
  const last = lane.ranges.flatMap(({ text }) => spansOf(text) ?? []).at(-1);
  const family = last?.family ?? first.value;
  const tick = last
    ? stepped(props.ticks, family, last.thin.area, -1)
    : snapped(props.ticks, family, family === 'gauge' ? 2.08 : 2.5);
  emit('add', lane.key, written(family, tick.label, tick.label));
}

const nameOf = (bar: Drawn, grip: Grip) =>
  [
    bar.range.label,
    bar.isProven ? 'proven' : null,
    grip === 'whole' ? 'whole bar' : `${grip} end`,
    bar.family === 'gauge' ? 'AWG' : 'mm²',
  ]
    .filter(Boolean)
    .join(', ');
const valueOf = (bar: Drawn, grip: Grip) =>
  grip === 'whole' ? bar.span.text : `${bar.span[grip].label} ${bar.family === 'gauge' ? 'AWG' : 'mm²'}`;
</script>

<template>
  <div ref="root" class="sizes" :class="{ held: isHeld }">
    <svg
      :width="width"
      :height="height"
      :style="{ '--hatch': `url(#${hatch})` }"
      role="group"
      aria-label="Sizes"
      @keydown.capture="onKey"
    >
      <g v-for="tick in axis.gauge" :key="`g${tick.x}`" class="tick">
        <path :d="`M${tick.x} 17v4`" />
        <path class="line" :d="`M${tick.x} ${AXIS}V${bottom}`" :class="{ faint: first !== 'gauge' }" />
        <text v-if="tick.label" :x="tick.x" y="12">{{ tick.label }}</text>
      </g>
      <g v-for="tick in axis.metric" :key="`m${tick.x}`" class="tick">
        <path :d="`M${tick.x} 21v4`" />
        <path class="line" :d="`M${tick.x} ${AXIS}V${bottom}`" :class="{ faint: first !== 'metric' }" />
        <text v-if="tick.label" :x="tick.x" y="36">{{ tick.label }}</text>
      </g>
      <path class="axis" :d="`M${TITLE + 6} 21H${width - 8}`" />
      <text class="unit" :x="TITLE" y="12">AWG</text>
      <text class="unit" :x="TITLE" y="36">mm²</text>

      <g v-for="{ lane, top } in rows" :key="lane.key">
        <path class="base" :d="`M0 ${top + LANE - 1}H${width}`" />
        <text class="title" x="0" :y="top + 15">{{ cutTo(lane.title, TITLE - 8, 'name') }}</text>
        <rect
          v-if="lane.adds && !isReadonly"
          class="room"
          :x="TITLE + 6"
          :y="top"
          :width="width - TITLE - 12"
          :height="LANE - 2"
          v-bind="stopAt(lane.key, roomOf(lane))"
          role="button"
          :aria-label="lane.adds"
          @click="addAt(lane, $event)"
          @keydown.enter.prevent="addBeside(lane)"
          @keydown.space.prevent="addBeside(lane)"
        />
        <text v-if="lane.adds && !lane.ranges.length" class="hint" :x="TITLE + 18" :y="top + 22">
          {{ lane.adds }}: click at a size
        </text>
        <text
          v-for="(range, at) in untold(lane)"
          :key="range.path"
          class="hint"
          :x="TITLE + 18 + at * 150"
          :y="top + 22"
        >
          {{ range.text ? `“${range.text}” is no range` : `${range.label}: no size stated` }}
        </text>
      </g>

      <g
        v-for="bar in bars"
        :key="bar.key"
        class="bar"
        :class="[
          bandOf(bar.range.code ?? null),
          {
            proven: bar.isProven,
            chosen: selected === bar.range.path,
            outline: bar.range.proven?.text && !bar.isProven,
          },
        ]"
      >
        <rect
          class="body"
          :x="bar.x"
          :y="bar.y"
          :width="bar.width"
          :height="bar.height"
          rx="2"
          v-bind="isReadonly || bar.isProven ? {} : stopAt(bar.lane, stopOf(bar, 'whole'))"
          :role="isReadonly || bar.isProven ? undefined : 'slider'"
          :aria-label="nameOf(bar, 'whole')"
          :aria-valuetext="valueOf(bar, 'whole')"
          :aria-valuenow="indexOf(bar.family, bar.span.thin.area)"
          aria-valuemin="0"
          :aria-valuemax="seriesLength(bar.family) - 1"
          v-on="gripOf(bar, 'whole')"
        >
          <title v-if="bar.isProven && bar.range.proven?.remark">{{ bar.range.proven.remark }}</title>
        </rect>
        <rect
          v-if="!bar.isProven && bandOf(bar.range.code ?? null)"
          class="swatch"
          :x="bar.x + 7"
          :y="bar.y + 1.5"
          width="7"
          :height="bar.height - 3"
          rx="1"
        />
        <text
          v-if="bar.caption"
          class="caption"
          :x="bar.x + 9 + (bandOf(bar.range.code ?? null) ? 9 : 0)"
          :y="bar.y + 10"
        >
          {{ bar.caption }}
        </text>
        <text v-if="bar.below" class="below" :x="bar.x + bar.width / 2" :y="bar.y + 24">{{ bar.below }}</text>
        <template v-if="!isReadonly">
          <g v-for="end in ends" :key="end" class="grip">
            <rect
              class="reach"
              :x="(end === 'thin' ? bar.x : bar.x + bar.width) - 8"
              :y="bar.y - (bar.isProven ? 1 : 2)"
              width="16"
              :height="bar.height + (bar.isProven ? 2 : 4)"
              v-bind="stopAt(bar.lane, stopOf(bar, end))"
              role="slider"
              :aria-label="nameOf(bar, end)"
              :aria-valuetext="valueOf(bar, end)"
              :aria-valuenow="indexOf(bar.family, bar.span[end].area)"
              aria-valuemin="0"
              :aria-valuemax="seriesLength(bar.family) - 1"
              v-on="gripOf(bar, end)"
            />
            <path
              class="notch"
              :d="`M${end === 'thin' ? bar.x + 3 : bar.x + bar.width - 3} ${bar.y + 2.5}v${bar.height - 5}`"
            />
          </g>
        </template>
      </g>

      <g v-if="markRows" class="marks" role="img" :aria-label="`${marks.length} own wires along the sizes`">
        <text class="title" x="0" :y="bottom + 14">Own wires</text>
        <g v-for="column in markColumns" :key="column.x">
          <g
            v-for="(mark, at) in column.marks.slice(0, mostMarks)"
            :key="at"
            :transform="`translate(${column.x} ${bottom + 11 + at * MARK})`"
          >
            <title>{{ mark.title }}</title>
            <StatusShape :status="markOfFit[mark.fit]" :r="4" />
          </g>
        </g>
      </g>
      <defs>
        <pattern :id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V5" stroke="var(--tool-edge)" stroke-width="2.5" />
        </pattern>
      </defs>
    </svg>
  </div>
</template>

<style scoped>
.sizes {
  position: relative;
  min-width: 0;
  overflow: hidden;
  touch-action: pan-y;
  user-select: none;
}

svg {
  display: block;
}

.held {
  cursor: grabbing;
}

.tick path {
  stroke: var(--tool-edge);
  stroke-width: 0.9;
}

.tick .line {
  stroke: var(--hairline);
  stroke-width: 0.7;
  pointer-events: none;
}

.tick .line.faint {
  opacity: 0;
}

.tick text {
  font-family: var(--mono);
  font-size: 10.5px;
  text-anchor: middle;
  fill: var(--ink);
}

.axis {
  stroke: var(--ink);
  stroke-width: 1;
}

.unit {
  font-size: 10.5px;
  text-anchor: end;
  fill: var(--muted);
}

.base {
  stroke: var(--hairline);
  stroke-width: 0.8;
}

.title {
  font-size: 12px;
  fill: var(--ink);
}

.hint {
  font-size: 12px;
  fill: var(--muted);
  pointer-events: none;
}

.room {
  fill: transparent;
  cursor: copy;
}

.room:hover {
  fill: var(--row-wash);
  opacity: 0.6;
}

.body {
  fill: var(--tool);
  stroke: var(--tool-edge);
  stroke-width: 1;
  cursor: grab;
}

.outline .body {
  fill: var(--ground);
}

.proven .body {
  fill: var(--tool-edge);
  stroke: none;
  cursor: default;
}

.chosen .body {
  stroke: var(--ink);
  stroke-width: 1.7;
}

.swatch {
  pointer-events: none;
}

.red .swatch {
  fill: var(--band-red);
}

.blue .swatch {
  fill: var(--band-blue);
}

.yellow .swatch {
  fill: var(--band-yellow);
}

.caption {
  font-size: 10.5px;
  fill: var(--ink);
  pointer-events: none;
  paint-order: stroke;
  stroke: var(--tool);
  stroke-width: 2px;
}

.outline .caption {
  stroke: var(--ground);
}

.reach {
  fill: transparent;
  cursor: ew-resize;
}

.reach:focus-visible,
.body:focus-visible,
.room:focus-visible {
  outline: 2px solid var(--copper);
  outline-offset: 1px;
}

.notch {
  stroke: var(--ink);
  stroke-width: 1.6;
  pointer-events: none;
}

.proven .notch {
  stroke: var(--ground);
}

/* That a tool is not made for a wire is no hole: no red. */
.marks :deep(.faulty) {
  color: var(--muted);
}

.below {
  font-size: 10px;
  text-anchor: middle;
  fill: var(--ink);
  pointer-events: none;
}

@media (pointer: coarse) {
  .reach {
    stroke: transparent;
    stroke-width: 22px;
  }
}
</style>
