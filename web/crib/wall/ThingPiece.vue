<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { EVERY_SIZE, scaleOver } from '@/ruler/scale';
import { counted, words } from '@/shared/pretty';
import SignShape from './SignShape.vue';
import { wordOf } from './signs';
import type { Piece } from './strips';

/** A thing on the wall: its tag, what it reaches along the sizes in small, and how it is. Where it is out, its place is an outline. */
const props = defineProps<{
  piece: Piece;
  model: Schemas['Wall']['models'][string] | undefined;
  /** Terminations that rest on it, where that is asked. */
  rests?: number | undefined;
  isOpen?: boolean;
  /** Undefined while nothing is marked. */
  isMarked?: boolean | undefined;
}>();

const WIDTH = 64;
const ROWS = 3;
const scale = scaleOver(EVERY_SIZE, 1, WIDTH - 1);

const bars = computed(() =>
  (props.model?.lanes ?? [])
    .filter((lane) => lane.bars.length > 0)
    .slice(0, ROWS)
    .flatMap((lane, row) =>
      lane.bars.map((bar) => {
        const from = scale.clip(bar.from);
        return { x: from, y: 1 + row * 4.5, width: Math.max(3, scale.clip(bar.to) - from) };
      }),
    ),
);
const told = computed(() => {
  const { thing, place } = props.piece;
  return [
    thing.tag,
    props.model?.name,
    place === 'borrowed' ? 'here for a while' : null,
    props.rests === undefined ? null : counted(props.rests, 'termination'),
    thing.out ? `with ${thing.out.to}` : null,
    wordOf(thing.sign).toLowerCase(),
  ]
    .filter(Boolean)
    .join(', ');
});
</script>

<template>
  <button
    type="button"
    class="piece"
    :class="[piece.place, { open: isOpen, marked: isMarked }]"
    :aria-label="told"
    :aria-pressed="isMarked"
    :title="told"
  >
    <span class="top"
      ><span class="mono tag">{{ piece.thing.tag }}</span
      ><SignShape :sign="piece.thing.sign" :size="11"
    /></span>
    <svg :width="WIDTH" height="15" aria-hidden="true">
      <path class="line" :d="`M0 14.5H${WIDTH}`" />
      <rect v-for="(bar, at) in rests === undefined ? bars : []" :key="at" v-bind="bar" height="3.2" rx="1" />
      <text v-if="rests !== undefined" :x="WIDTH" y="10" text-anchor="end" class="rests">{{ rests }}</text>
      <text v-else-if="model && !bars.length" x="0" y="9.5">{{ words(model.kind) }}</text>
    </svg>
  </button>
</template>

<style scoped>
.piece {
  display: grid;
  gap: 2px;
  padding: 3px 4px 2px;
  border: 1px solid var(--tool-edge);
  border-radius: 2px;
  background: var(--surface);
  color: var(--ink);
  cursor: pointer;
}

.top {
  display: flex;
  align-items: center;
  justify-content: space-between;
  width: 64px;
  height: 14px;
}

.tag {
  font-size: 11px;
  font-weight: 560;
}

.line {
  stroke: var(--hairline);
}

rect {
  fill: var(--tool-edge);
}

text {
  font-size: 9px;
  fill: var(--muted);
}

.rests {
  font-family: var(--mono);
  font-size: 10.5px;
  font-weight: 600;
  fill: var(--ink);
}

.empty {
  border-style: dashed;
  background: transparent;
}

.empty rect {
  fill: none;
  stroke: var(--tool-edge);
  stroke-width: 0.8;
}

.borrowed {
  border-left: 4px double rgb(var(--v-theme-info));
}

.piece:hover {
  background: var(--row-wash);
}

.piece:focus-visible,
.open {
  outline: 2px solid var(--copper);
  outline-offset: 1px;
}

.marked {
  border-color: var(--ink);
  background: var(--row-wash);
  box-shadow: inset 0 0 0 1px var(--ink);
}

@media (pointer: coarse) {
  .piece {
    min-height: 44px;
  }
}
</style>
