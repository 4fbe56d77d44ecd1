<script setup lang="ts">
import { computed } from 'vue';
import type { LaidDrop } from './drops';
import StatusShape from '@/shared/StatusShape.vue';
import { isAlone, lettersOf } from './whose';

/** One drop line with its marks. Stands in an svg. */
const props = defineProps<{
  laid: LaidDrop;
  isLit: boolean;
  height: number;
  countY: number;
  /** Where something is supposed: lines of it are better off so, or worse, or some of both. */
  turns: ReadonlySet<string>;
}>();

/** Where good lines of the size have their marks, the cross of a faulty one stands below them: neither covers the other. */
const BELOW = 9;
const cross = computed(() => {
  const { x, bottom, marks } = props.laid;
  return marks.length ? { x, y: bottom + BELOW, half: 3.5 } : { x, y: bottom, half: 5 };
});
const radius = { covered: 4.6, makeshift: 4.8, hole: 7, unjudged: 5 };
/** What two kits do alike is quiet; what one does alone, or better, stands under its letter. */
const QUIET = 2.6;
const LETTER = 8;
const marks = computed(() =>
  props.laid.marks.map((mark) => {
    const letters = lettersOf(mark.whose);
    const isQuiet = mark.whose !== undefined && mark.status !== 'hole' && !letters;
    return {
      ...mark,
      letters,
      isAlone: isAlone(mark.whose),
      half: (letters.length * LETTER) / 2 + 2.5,
      radius: isQuiet ? QUIET : radius[mark.status],
    };
  }),
);
</script>

<template>
  <g class="drop" :class="[laid.drop.status, { lit: isLit }]">
    <rect class="touch" v-bind="laid.touch" y="0" :height="height" />
    <path class="line" :d="`M${laid.x} 0V${laid.bottom}`" />
    <path v-if="turns.has('better')" class="better" :d="`M${laid.x - 5} 9h10l-5 -8z`" />
    <path
      v-if="turns.has('worse')"
      class="worse"
      :d="`M${laid.x - 5} ${turns.has('better') ? 11 : 1}h10l-5 8z`"
    />
    <text v-if="laid.count" class="count" :x="laid.x" :y="countY">{{ laid.count }}</text>
    <path
      v-if="laid.drop.status === 'faulty'"
      class="cross"
      :d="`M${cross.x - cross.half} ${cross.y - cross.half}l${2 * cross.half} ${2 * cross.half}m0 ${-2 * cross.half}l${-2 * cross.half} ${2 * cross.half}`"
    />
    <g v-for="mark in marks" :key="mark.lane" :transform="`translate(${laid.x} ${mark.y})`">
      <StatusShape
        v-if="mark.status === 'hole' || !mark.letters"
        :status="mark.status"
        :r="mark.radius"
        :class="{ quiet: mark.radius === QUIET }"
      />
      <g v-if="mark.letters" class="whose" :class="{ alone: mark.isAlone && mark.status !== 'hole' }">
        <rect
          v-if="mark.status !== 'hole'"
          :x="-mark.half"
          y="-6.5"
          :width="2 * mark.half"
          height="13"
          rx="1.5"
        />
        <text y="3.6">{{ mark.letters }}</text>
      </g>
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

.better {
  fill: var(--copper);
}

.worse {
  fill: var(--hole);
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

.whose rect {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.whose.alone rect {
  fill: var(--ink);
}

.whose text {
  font-family: var(--mono);
  font-size: 10px;
  font-weight: 600;
  text-anchor: middle;
  fill: var(--ink);
}

.whose.alone text {
  fill: var(--ground);
}

.quiet {
  opacity: 0.55;
}

.cross {
  stroke: var(--hole);
  stroke-width: 2.4;
}
</style>
