<script setup lang="ts">
import { mdiChevronDown, mdiChevronRight } from '@mdi/js';
import { useElementSize, watchDebounced } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, shallowRef, useId, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, pretty } from '@/shared/pretty';
import { laneWords } from '@/shared/status';
import type { LaidBar } from './bars';
import type { LaidDrop } from './drops';
import { AXIS_HEIGHT, laneAt, layOut } from './layout';
import RulerAxis from './RulerAxis.vue';
import RulerBar from './RulerBar.vue';
import RulerDrop from './RulerDrop.vue';
import type { Pointed } from './tellings';
import { FINGER, useFinger } from '@/theme/useFinger';
import { useTypefaces } from './useTypefaces';
import { whoseWords } from './whose';

// It comes with the first thing that somebody points at.
const RulerTip = defineAsyncComponent(() => import('./RulerTip.vue'));

/** A kit against a scope along the sizes: a lane for each operation, a bar for each tool, a drop line for each size. */
const props = withDefaults(
  defineProps<{
    ruler: Schemas['Ruler'];
    first: 'gauge' | 'metric';
    /** Ids of the lines to light. */
    lit: ReadonlySet<string>;
    isFolded?: (lane: string) => boolean;
    /** Why tools that belong into the kit do not count in it on the day, by the tool. */
    away?: ReadonlyMap<string, string>;
    /** Which lines are better off than they were, and which worse, where something is supposed. */
    turns?: ReadonlyMap<string, 'closed' | 'opened' | 'better' | 'worse' | null> | undefined;
  }>(),
  { isFolded: () => false, away: () => new Map(), turns: undefined },
);
const emit = defineEmits<{
  light: [lines: string[]];
  open: [drop: Schemas['Drop'], lane: string | null];
  fold: [lane: string];
}>();

const DESK = 1100;
const MARGIN = window.innerWidth > 1100 ? 20 : 12;
const frame = useTemplateRef<HTMLElement>('frame');
// Guessed first, so that in most windows it need not be laid out again.
const { width } = useElementSize(frame, { width: window.innerWidth - 2 * MARGIN, height: 0 });
const typefaces = useTypefaces();
const isByFinger = useFinger();
const layout = computed(() => {
  void typefaces.value;
  // Hidden it has no width: it stays as it would be on a desk.
  const room = Math.floor(width.value) || DESK;
  return layOut(
    props.ruler,
    Math.max(300, room),
    props.first,
    props.isFolded,
    isByFinger.value ? FINGER : undefined,
  );
});

const hatch = useId();
const tip = useId();
const reached = ref(0);
const isLit = (laid: LaidDrop) => laid.drop.lines.some((line) => props.lit.has(line));
const turnsAt = ({ drop }: LaidDrop) =>
  new Set(drop.lines.map((line) => TURNS[props.turns?.get(line) ?? ''] ?? ''));
const TURNS: Record<string, string> = { closed: 'better', better: 'better', opened: 'worse', worse: 'worse' };
const isWashed = (laid: LaidDrop) => isLit(laid) || (laid.isOpen && !layout.value.isCrowded);

function told(laid: LaidDrop): string {
  const { drop } = laid;
  const open = laid.marks.filter((mark) => mark.status === 'hole').map((mark) => laneWords(mark.lane));
  const said = [
    open.length ? `hole: ${open.join(', ')}` : null,
    drop.status === 'faulty' ? 'a faulty line' : null,
  ];
  const whose = laid.marks.flatMap((mark) => {
    const of = whoseWords(mark.whose?.filter((one) => one !== 'neither'));
    return of ? [`${laneWords(mark.lane)} ${of}`] : [];
  });
  const state = [
    said.filter(Boolean).join('; ') || drop.status,
    ...[...turnsAt(laid)].map((turn) => turn && `${turn} so`),
    ...whose,
  ]
    .filter(Boolean)
    .join('; ');
  return `${pretty(drop.size)}, ${counted(drop.quantity, 'termination')} on ${counted(drop.lines.length, 'line')}, ${state}`;
}

const pointed = shallowRef<Pointed | null>(null);
// Who only passes over the drop lines is not told of each of them.
const settled = shallowRef<Pointed | null>(null);
watchDebounced(pointed, (now) => (settled.value = now), { debounce: 180 });
const shown = computed(() => {
  const now = pointed.value;
  if (now === null) return null;
  return 'bar' in now ? now : settled.value === now && isTold(now.laid) ? now : null;
});
const isTold = ({ drop, marks }: LaidDrop) =>
  drop.status !== 'covered' || marks.some((mark) => whoseWords(mark.whose));
function pointAt(laid: LaidDrop, event: MouseEvent | FocusEvent): void {
  emit('light', laid.drop.lines);
  const box = (event.currentTarget as Element).getBoundingClientRect();
  const at =
    'clientX' in event && event.type !== 'focus'
      ? { x: event.clientX, y: event.clientY }
      : { x: box.x + box.width / 2, y: box.y + 40 };
  pointed.value = { laid, at };
}

function leave(): void {
  pointed.value = null;
  emit('light', []);
}

function openAt(laid: LaidDrop, event: MouseEvent): void {
  const top = (event.currentTarget as Element).closest('svg')?.getBoundingClientRect().top ?? 0;
  emit('open', laid.drop, laneAt(layout.value, event.clientY - top));
}

/** A bar lies over the drop lines: what is clicked on it is the line below. A finger asks first what the bar is. */
function openUnder(bar: LaidBar, lane: string, event: PointerEvent): void {
  if (event.pointerType === 'touch') {
    const isOpen = pointed.value && 'bar' in pointed.value && pointed.value.bar === bar;
    pointed.value = isOpen ? null : { bar, lane, at: { x: event.clientX, y: event.clientY } };
    return;
  }
  const left = (event.currentTarget as Element).closest('svg')?.getBoundingClientRect().left ?? 0;
  const x = event.clientX - left;
  const under = layout.value.drops.find(({ touch }) => x >= touch.x && x < touch.x + touch.width);
  if (under) emit('open', under.drop, lane);
}

/** The whole ruler as a picture of its own. */
async function picture(): Promise<string> {
  const { pictureOf } = await import('./picture');
  const parts = [...(frame.value?.querySelectorAll<SVGSVGElement>(':scope > svg, .body > svg') ?? [])];
  const look = getComputedStyle(frame.value ?? document.body);
  const paint = { font: `560 12.5px ${look.fontFamily}`, fill: look.color };
  return pictureOf(
    parts,
    getComputedStyle(parts[0] ?? document.body).backgroundColor,
    layout.value.lanes.map(({ name, y, height, isFolded }) => ({
      x: 12,
      y: AXIS_HEIGHT + y + (isFolded ? height / 2 + 4 : 17),
      text: laneWords(name),
      ...paint,
    })),
  );
}

defineExpose({ picture });

function walk(event: KeyboardEvent, step: number): void {
  const drops = [...(frame.value?.querySelectorAll<SVGElement>('.drop') ?? [])];
  const next = Math.min(
    drops.length - 1,
    Math.max(0, drops.indexOf(event.currentTarget as SVGElement) + step),
  );
  reached.value = next;
  drops[next]?.focus();
}
</script>

<template>
  <div ref="frame" class="ruler" :style="{ '--hatch': `url(#${hatch})` }" @keydown.esc="pointed = null">
    <svg class="scale" :width="layout.width" :height="AXIS_HEIGHT" aria-hidden="true">
      <g v-for="laid in layout.drops" :key="laid.drop.size">
        <rect
          v-if="isWashed(laid)"
          :class="laid.isOpen ? 'hole-wash' : 'lit-wash'"
          :x="laid.x - 12"
          y="22"
          width="24"
          :height="AXIS_HEIGHT - 22"
        />
      </g>
      <RulerAxis
        :upper="layout.upper"
        :lower="layout.lower"
        :left="layout.left"
        :right="layout.width - 8"
        :first="first"
      />
    </svg>
    <div class="body">
      <svg
        :width="layout.width"
        :height="layout.height"
        role="group"
        aria-label="Gauge ruler. The table below tells the same."
      >
        <defs>
          <pattern
            :id="hatch"
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="6" height="6" class="hatch-ground" />
            <path d="M0 0V6" class="hatch-line" />
          </pattern>
        </defs>
        <g v-for="laid in layout.drops" :key="`wash-${laid.drop.size}`">
          <rect
            v-if="isWashed(laid)"
            :class="laid.isOpen ? 'hole-wash' : 'lit-wash'"
            :x="laid.x - 12"
            y="0"
            width="24"
            :height="layout.height"
          />
        </g>
        <path
          v-for="lane in layout.lanes"
          :key="lane.name"
          class="hairline"
          :d="`M8 ${lane.y + 0.5}H${layout.width - 8}`"
        />
        <path class="hairline" :d="`M8 ${layout.countY - 13}H${layout.width - 8}`" />
        <text class="counted" x="12" :y="layout.countY" aria-hidden="true">to make</text>
        <text v-if="layout.together" class="counted" x="12" :y="layout.countY + 17">
          {{ layout.together }} of {{ ruler.drops.length }} sizes share a line, for want of room
        </text>

        <RulerDrop
          v-for="(laid, index) in layout.drops"
          :key="laid.drop.size"
          :laid="laid"
          :is-lit="isLit(laid)"
          :height="layout.height"
          :count-y="layout.countY"
          :turns="turnsAt(laid)"
          role="button"
          :tabindex="index === Math.min(reached, layout.drops.length - 1) ? 0 : -1"
          :aria-label="told(laid)"
          :aria-describedby="shown && 'laid' in shown && shown.laid.drop === laid.drop ? tip : undefined"
          @mouseenter="pointAt(laid, $event)"
          @mouseleave="leave"
          @focus="pointAt(laid, $event)"
          @blur="leave"
          @click="openAt(laid, $event)"
          @keydown.enter.prevent="emit('open', laid.drop, null)"
          @keydown.space.prevent="emit('open', laid.drop, null)"
          @keydown.right.prevent="walk($event, 1)"
          @keydown.left.prevent="walk($event, -1)"
        />
        <g v-for="lane in layout.lanes" :key="`bars-${lane.name}`" aria-hidden="true">
          <RulerBar
            v-for="bar in lane.bars"
            :key="bar.key"
            :bar="bar"
            :is-pointed="shown !== null && 'bar' in shown && shown.bar === bar"
            @pointermove="
              $event.pointerType !== 'touch' &&
              (pointed = { bar, lane: lane.name, at: { x: $event.clientX, y: $event.clientY } })
            "
            @pointerleave="$event.pointerType !== 'touch' && (pointed = null)"
            @click="openUnder(bar, lane.name, $event as PointerEvent)"
          />
        </g>
      </svg>
      <template v-for="lane in layout.lanes" :key="`name-${lane.name}`">
        <button
          v-if="lane.canFold"
          type="button"
          class="lane"
          :class="{ folded: lane.isFolded }"
          :style="{ top: `${lane.y}px` }"
          :aria-expanded="!lane.isFolded"
          :title="lane.isFolded ? 'All covered. Show the tools' : 'All covered. Fold'"
          @click="emit('fold', lane.name)"
        >
          <v-icon :icon="lane.isFolded ? mdiChevronRight : mdiChevronDown" size="12" />{{
            laneWords(lane.name)
          }}
        </button>
        <span v-else class="lane" :style="{ top: `${lane.y}px` }">{{ laneWords(lane.name) }}</span>
      </template>
    </div>
    <RulerTip v-if="shown" :id="tip" :shown="shown" :ruler="ruler" :first="first" :away="away" />
  </div>
</template>

<style scoped>
.ruler {
  position: relative;
  width: 100%;
}

svg {
  display: block;
  font-family: var(--sans);
}

/* The scale stays, however far the lanes are scrolled. */
.scale {
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--ground);
}

.body {
  position: relative;
}

.hairline {
  stroke: var(--hairline);
}

.lane {
  position: absolute;
  left: 8px;
  display: flex;
  align-items: center;
  height: 26px;
  padding: 0 4px;
  font-size: 12.5px;
  font-weight: 560;
}

button.lane {
  left: -6px;
  cursor: pointer;
}

button.lane.folded {
  height: 17px;
  font-weight: 400;
  color: var(--muted);
}

@media (pointer: coarse) {
  button.lane,
  button.lane.folded {
    height: var(--touch);
    padding-right: 16px;
  }
}

.counted {
  font-size: 11px;
  fill: var(--muted);
}

.hole-wash {
  fill: var(--hole-wash);
}

.lit-wash {
  fill: var(--row-wash);
}

.hatch-ground {
  fill: var(--ground);
}

.hatch-line {
  stroke: var(--tool-edge);
  stroke-width: 3;
}

@media print {
  .scale {
    position: static;
  }
}
</style>
