<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, toRef, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { useCalendar, useDaysAhead } from '@/data/calendar';
import type { Pair } from '@/data/pairs';
import { useAddress } from '@/frame/useAddress';
import type { Units } from '@/settings/units';
import { dayWords, fromNow } from '@/shared/days';
import { counted } from '@/shared/pretty';
import { changesTold, dayAt, dayByKey, monthsBetween, placeOf, stretchAt, stretchesOf } from './year';

/**
 * The day on which the kit is looked at, and a year from today on: how much cannot be made, with a tick on each day on which that changes.
 * The mark is drawn along it, by finger or keys; the address holds the day.
 */
const props = defineProps<{
  pair: Pair;
  /** Undefined while that of another day is asked for. */
  coverage: Schemas['Coverage'] | undefined;
  units: Units;
}>();
const { show } = useAddress();
const { data: calendar } = useCalendar(toRef(props, 'pair'));

const HEIGHT = 34;
const line = useTemplateRef<HTMLElement>('line');
const { width } = useElementSize(line);
/** By the clock of the shop. */
const today = computed(() => calendar.value?.today ?? '');
const from = computed(() => calendar.value?.from ?? '');
const to = computed(() => calendar.value?.to ?? '');
const stretches = computed(() => stretchesOf(calendar.value?.days ?? [], to.value));
const on = computed(() => props.pair.on ?? null);
const x = (day: string) => placeOf(day, from.value, to.value) * width.value;
const most = computed(() => Math.max(1, ...stretches.value.map(({ day }) => day.headline.terminations)));
const steps = computed(() =>
  stretches.value.map((stretch) => {
    const left = x(stretch.from);
    const height = (stretch.open / most.value) * 16;
    const end = stretch.to === to.value ? width.value : x(stretch.to) + width.value / 366;
    return { x: left, width: Math.max(0, end - left), y: 20 - height, height };
  }),
);
const ticks = computed(() =>
  stretches.value.slice(1).map(({ from: day, more }) => ({
    day,
    x: x(day),
    way: more > 0 ? 'opens' : more < 0 ? 'closes' : 'same',
  })),
);
const months = computed(() =>
  monthsBetween(from.value, to.value).map((day) => ({
    day,
    x: x(day),
    name: dayWords(day, day).split(' ')[1],
  })),
);

/** Who comes near will want the others next: the first of them, so that a year of many changes does not ask for all at once. */
const MOST = 8;
const askAhead = useDaysAhead(toRef(props, 'units'));
let hasAsked = '';
function near(): void {
  const key = JSON.stringify([props.pair.kit, props.pair.scope, to.value]);
  if (hasAsked === key) return;
  hasAsked = key;
  askAhead(
    props.pair,
    stretches.value.slice(0, MOST).map((stretch) => stretch.from),
  );
}

const go = (day: string | null) => show({ on: day }, 'replace');
let isDragged = false;
function drag(event: PointerEvent): void {
  if (event.type === 'pointerdown') {
    isDragged = true;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  }
  if (!isDragged) return;
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
  const day = dayAt((event.clientX - box.left) / box.width, from.value, to.value);
  if (day !== on.value) go(day);
}
function key(event: KeyboardEvent): void {
  const day = dayByKey(event.key, on.value ?? from.value, stretches.value, from.value, to.value);
  if (day === null) return;
  event.preventDefault();
  go(day);
}

/** What one is told of the day: since when it is so, by what, and what that opens or closes. */
const stretch = computed(() => (on.value === null ? undefined : stretchAt(stretches.value, on.value)));
const told = computed(() => {
  const now = stretch.value;
  if (!now?.day.changes.length) return null;
  const effect =
    now.more > 0
      ? `${counted(now.more, 'termination')} more cannot be made`
      : now.more < 0
        ? `${counted(-now.more, 'termination')} can be made again`
        : 'what can be made stays the same';
  return `From ${dayWords(now.from, today.value)}: ${changesTold(now.day.changes).join('; ')}. ${effect}.`;
});
const next = computed(() => {
  const after = on.value ?? today.value;
  return stretches.value.find(({ from: day, more }) => day > after && more !== 0);
});
</script>

<template>
  <section v-if="calendar?.tracked" class="year" aria-label="The day">
    <div class="day">
      <button type="button" :aria-pressed="on === null" @click="go(null)">On paper</button>
      <button type="button" :aria-pressed="on === today" @click="go(today)">Today</button>
      <input
        type="date"
        aria-label="Day"
        :value="on ?? ''"
        @change="go(($event.target as HTMLInputElement).value || null)"
      />
    </div>
    <div
      ref="line"
      class="line"
      role="slider"
      tabindex="0"
      aria-label="Day in the year from today on"
      :aria-valuemin="0"
      :aria-valuemax="366"
      :aria-valuenow="Math.round(placeOf(on ?? from, from, to) * 366)"
      :aria-valuetext="on === null ? 'On paper' : `${dayWords(on, '')}${told ? `. ${told}` : ''}`"
      @pointerenter="near()"
      @focus="near()"
      @pointerdown="drag"
      @pointermove="drag"
      @pointerup="isDragged = false"
      @pointercancel="isDragged = false"
      @keydown="key"
    >
      <svg :width="width" :height="HEIGHT" aria-hidden="true">
        <rect v-for="step in steps" :key="step.x" v-bind="step" class="open" />
        <path class="base" :d="`M0 20.5H${width}`" />
        <g v-for="month in months" :key="month.day">
          <path class="month" :d="`M${month.x} 20.5V24`" />
          <text :x="month.x + 3" y="31">{{ month.name }}</text>
        </g>
        <path
          v-for="tick in ticks"
          :key="tick.day"
          :class="tick.way"
          class="tick"
          :d="
            tick.way === 'opens'
              ? `M${tick.x - 4} 21H${tick.x + 4}L${tick.x} 27Z`
              : tick.way === 'closes'
                ? `M${tick.x - 4} 27H${tick.x + 4}L${tick.x} 21Z`
                : `M${tick.x} 20.5V26`
          "
        />
        <path v-if="on !== null" class="mark" :d="`M${x(on)} 0V${HEIGHT - 6}`" />
      </svg>
    </div>
    <p class="told" role="status">
      <template v-if="told">{{ told }}</template>
      <template v-else-if="on !== null && coverage?.day?.away.length"
        >Not in the kit:
        {{
          coverage.day.away
            .map(
              ({ asset, text }) =>
                `${asset}, ${text.replace(/\.$/, '').replace(/^[A-Z]/, (letter) => letter.toLowerCase())}`,
            )
            .join('; ')
        }}.</template
      >
      <template v-if="next"
        >{{ told ? '' : ' ' }}
        <button type="button" class="next" @click="go(next.from)">
          Next: {{ dayWords(next.from, today) }}, {{ fromNow(next.from, on ?? today) }},
          {{ next.more > 0 ? `opens ${next.more}` : `closes ${-next.more}` }}
        </button></template
      >
    </p>
  </section>
</template>

<style scoped>
.year {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0 14px;
  align-items: start;
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
}

.day {
  display: flex;
  gap: 4px;
}

.day button,
.day input {
  min-height: max(26px, var(--touch-tight));
  padding: 0 8px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-size: 12.5px;
}

.day button {
  cursor: pointer;
}

.day button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--row-wash);
  font-weight: 600;
}

.line {
  min-width: 0;
  height: 34px;
  cursor: ew-resize;
  touch-action: none;
}

svg {
  display: block;
}

.open {
  fill: var(--hole);
  opacity: 0.55;
}

.base,
.month {
  stroke: var(--tool-edge);
}

text {
  font-size: 9.5px;
  fill: var(--muted);
}

.opens {
  fill: var(--hole);
}

.closes {
  fill: var(--covered);
}

.same {
  stroke: var(--ink);
}

.mark {
  stroke: var(--copper);
  stroke-width: 2.5;
}

.told {
  grid-column: 1 / -1;
  min-height: 18px;
  margin: 0;
  font-size: 12.5px;
}

.next {
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

@media (max-width: 700px) {
  .year {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media print {
  .year {
    display: none;
  }
}
</style>
