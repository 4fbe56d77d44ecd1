<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, shallowRef, useId, useTemplateRef } from 'vue';
import { currency, money } from '@/shared/currency';
import { amount, hundredths } from '@/shared/format';
import { coveredAt, curveShape, type Point } from './curve';
import { counted } from '@/shared/pretty';

/**
 * Terminations against money: what each amount does at best, what buying in steps comes to, the kit as it is and the plan. Its
 * handle is the budget: dragged, or moved by keys from one step of the curve to the next.
 */
const props = defineProps<{
  exact: Point[];
  inSteps: Point[];
  total: number;
  /** What counts with the kit as it is. */
  before: number;
  /** Of the plan that is shown. */
  plan: { cost: number; covered: number };
  /** Null where money is no limit. */
  budget: number | null;
}>();
const emit = defineEmits<{ budget: [cents: number | null] }>();

const HEIGHT = 244;
const frame = useTemplateRef('frame');
const { width } = useElementSize(frame);
const box = computed(() => ({
  left: 44,
  right: Math.max(260, width.value) - 12,
  top: 14,
  bottom: HEIGHT - 34,
}));
const most = computed(() =>
  Math.max(props.exact.at(-1)?.cost ?? 0, props.plan.cost, props.inSteps.at(-1)?.cost ?? 0),
);
const shape = computed(() => curveShape(props.exact, props.inSteps, most.value, props.total, box.value));

/** While it is dragged it stands under the finger; the plan is asked when it is let go. */
const dragged = shallowRef<number | null>(null);
const held = computed(() => dragged.value ?? props.budget ?? most.value);
const under = computed(() => coveredAt(props.exact, held.value));
const hint = useId();

function drag(event: PointerEvent): void {
  const svg = event.currentTarget as SVGElement;
  svg.setPointerCapture(event.pointerId);
  dragged.value = shape.value.costAt(event.clientX - svg.getBoundingClientRect().left);
}

function drop(): void {
  if (dragged.value === null) return;
  const at = coveredAt(props.exact, dragged.value);
  const isAll = at === props.exact.at(-1);
  emit('budget', isAll ? null : Math.max(at?.cost ?? 0, Math.round(dragged.value / 100) * 100));
  dragged.value = null;
}

/** What was written and is no amount. */
const wrong = shallowRef<string | null>(null);
function write(event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim();
  const cents = text === '' ? null : hundredths(text);
  wrong.value = text !== '' && cents === null ? text : null;
  if (wrong.value === null && cents !== props.budget) emit('budget', cents);
}

function step(by: 1 | -1): void {
  const at = props.exact.findLastIndex((point) => point.cost <= held.value);
  const next = props.exact[at + by];
  if (next) emit('budget', at + by === props.exact.length - 1 ? null : next.cost);
}
</script>

<template>
  <figure ref="frame" class="curve">
    <svg
      :width="box.right + 12"
      :height="HEIGHT"
      @pointerdown="drag"
      @pointermove="dragged !== null && drag($event)"
      @pointerup="drop()"
      @pointercancel="dragged = null"
    >
      <g class="grid" aria-hidden="true">
        <template v-for="level in shape.levels" :key="level.text">
          <path :d="`M${box.left} ${level.y}H${box.right}`" />
          <text class="level" :x="box.left - 7" :y="level.y + 3.5">{{ level.text }}</text>
        </template>
        <text v-for="tick in shape.ticks" :key="tick.x" class="tick" :x="tick.x" :y="box.bottom + 16">
          {{ tick.text }}
        </text>
        <text class="name" :x="box.right" :y="box.bottom + 30" text-anchor="end">money</text>
        <text class="name" :x="box.left" :y="9">terminations that count</text>
      </g>
      <path class="steps" :d="shape.inSteps" />
      <path class="exact" :d="shape.exact" />
      <circle
        v-for="point in exact"
        :key="point.cost"
        class="dot"
        r="2"
        :cx="shape.x(point.cost)"
        :cy="shape.y(point.covered)"
      />
      <g class="now" :transform="`translate(${shape.x(0)} ${shape.y(before)})`">
        <rect x="-5" y="-5" width="10" height="10" />
        <text x="10" y="16">as it is, {{ before }}</text>
      </g>
      <g class="plan" :transform="`translate(${shape.x(plan.cost)} ${shape.y(plan.covered)})`">
        <path d="M0 -8L8 0L0 8L-8 0Z" />
      </g>
      <g
        class="handle"
        :transform="`translate(${shape.x(held)} 0)`"
        role="slider"
        tabindex="0"
        aria-label="Budget"
        :aria-valuemin="0"
        :aria-valuemax="Math.round(most / 100)"
        :aria-valuenow="Math.round(held / 100)"
        :aria-valuetext="`${money(held)}: ${counted(under?.covered ?? 0, 'termination')}`"
        :aria-describedby="hint"
        @keydown.right.prevent="step(1)"
        @keydown.up.prevent="step(1)"
        @keydown.left.prevent="step(-1)"
        @keydown.down.prevent="step(-1)"
        @keydown.home.prevent="emit('budget', exact[0]?.cost ?? 0)"
        @keydown.end.prevent="emit('budget', null)"
      >
        <path class="stem" :d="`M0 ${box.top}V${box.bottom}`" />
        <path
          class="grip"
          :d="`M-7 ${box.bottom + 3}L7 ${box.bottom + 3}L7 ${box.bottom + 11}L0 ${box.bottom + 3}L-7 ${box.bottom + 11}Z`"
        />
        <path class="grip" :d="`M-8 ${box.bottom - 4}h16v8h-16Z`" />
      </g>
    </svg>
    <figcaption>
      <span class="key exact-key">at best</span>
      <span v-if="inSteps.length" class="key steps-key">bought step by step</span>
      <span class="key now-key">as it is</span>
      <span class="key plan-key">this plan</span>
      <span class="held">
        <label
          >budget
          <input
            class="mono"
            :value="dragged !== null ? amount(dragged) : budget === null ? '' : amount(budget)"
            placeholder="none"
            inputmode="decimal"
            :aria-invalid="wrong !== null"
            :aria-describedby="wrong === null ? undefined : `${hint}-wrong`"
            @change="write($event)"
            @keydown.enter="write($event)"
          />
          {{ currency }}
        </label>
        <span class="muted reach">at best {{ under?.covered ?? 0 }} of {{ total }}</span>
        <span v-if="wrong !== null" :id="`${hint}-wrong`" class="wrong" role="alert">
          “{{ wrong }}” is no amount: write it like 250 or 249.90, or nothing for no limit.
        </span>
      </span>
      <span :id="hint" class="visually-hidden"
        >Arrow keys go from step to step of the curve, Home to its first, End takes the limit away.</span
      >
    </figcaption>
  </figure>
</template>

<style scoped src="@/shared/axes.css"></style>

<style scoped>
.curve {
  margin: 0;
  min-width: 0;
}

svg {
  display: block;
  touch-action: pan-y;
  cursor: ew-resize;
}

.reach {
  margin-left: 8px;
}

.exact {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.steps {
  fill: none;
  stroke: var(--muted);
  stroke-width: 1.4;
  stroke-dasharray: 3 3;
}

.dot {
  fill: var(--ink);
}

.now rect {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.now text {
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 4px;
}

.plan path {
  fill: var(--copper);
  stroke: var(--ground);
  stroke-width: 1.5;
}

.handle {
  outline: none;
}

.stem {
  stroke: var(--copper);
  stroke-width: 1.4;
}

.grip {
  fill: var(--copper);
}

.handle:focus-visible .stem {
  stroke-width: 3;
}

figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  padding-left: 44px;
  font-size: 12.5px;
  color: var(--muted);
}

.held {
  margin-left: auto;
}

.held input {
  margin: 0 8px 0 4px;
  width: 92px;
  min-height: var(--touch);
  padding: 2px 6px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
}

.held input[aria-invalid='true'] {
  border-color: var(--hole);
}

.wrong {
  display: block;
  color: var(--hole);
}

.key::before {
  content: '';
  display: inline-block;
  width: 16px;
  margin-right: 6px;
  vertical-align: 3px;
  border-top: 2px solid var(--ink);
}

.steps-key::before {
  border-top: 1.5px dashed var(--muted);
}

.now-key::before,
.plan-key::before {
  width: 9px;
  height: 9px;
  vertical-align: 0;
  border: 1.8px solid var(--ink);
}

.plan-key::before {
  border: 0;
  background: var(--copper);
  transform: rotate(45deg);
}
</style>
