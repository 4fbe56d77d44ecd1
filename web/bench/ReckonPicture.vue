<script setup lang="ts">
import { computed } from 'vue';
import type { Calculation } from '@/data/bench';
import type { Schemas } from '@/api/client';
import { bundle } from './bundle';

/** What a number cannot say as quickly: the wire in its notch, the bundle, the sleeve before and after, the filled barrel; to scale. */
const props = defineProps<{
  what: Calculation;
  asked: Record<string, string>;
  answer: Schemas['Answer'];
}>();

const mm = (text: string | undefined) => (text === undefined ? null : Number(text.replace(',', '.')));
function figure(name: string): number | null {
  const of = props.answer[name];
  return of && !Array.isArray(of) && typeof of.value === 'number' ? of.value : null;
}
const SIZE = 190;
/** More are not told apart. */
const MOST = 400;

/** The strands of a bundle that is so wide. */
function laid(count: number, across: number): { x: number; y: number; r: number }[] {
  const places = bundle(count);
  const scale = across / (2 * Math.max(...places.map(({ x, y }) => Math.hypot(x, y))) + 1);
  return places.map(({ x, y }) => ({ x: x * scale, y: y * scale, r: scale / 2 }));
}

/** Seen from the end: insulation, conductor, hole. */
const notch = computed(() => {
  const conductor = figure('conductor');
  const hole = figure('hole');
  if (props.what !== 'notch' || conductor === null || hole === null) return null;
  const od = mm(props.asked['insulation-od']);
  const scale = SIZE / 2 / Math.max(od ?? 0, hole, conductor) / 1.08;
  const count = Number(props.asked.strands ?? (props.asked.construction === 'solid' ? 1 : 7));
  return {
    od: od === null ? null : od * scale,
    hole: hole * scale,
    strands: laid(Number.isInteger(count) && count <= MOST ? count : 1, 2 * conductor * scale),
  };
});

const strands = computed(() => {
  const count = Number(props.asked.strands ?? 0);
  const isBundle =
    ['diameter', 'strands', 'identify'].includes(props.what) &&
    Number.isInteger(count) &&
    count >= 1 &&
    count <= MOST;
  if (!isBundle) return null;
  const damaged = figure('general') ?? 0;
  // Those at the edge are the ones that a blade meets.
  return laid(count, SIZE - 12).map((strand, at) => ({ ...strand, isDamaged: at >= count - damaged }));
});

/** From the side: as it comes, and shrunk onto barrel and wire. */
const sleeve = computed(() => {
  const widest = mm(props.asked.widest);
  const narrowest = mm(props.asked.narrowest);
  const expanded = figure('expanded');
  if (props.what !== 'sleeve' || widest === null || narrowest === null || expanded === null) return null;
  const scale = 62 / expanded;
  return { widest: widest * scale, narrowest: narrowest * scale, expanded: expanded * scale };
});

/** Area against area: the barrel, and what fills it. */
const fill = computed(() => {
  const share = figure('fill');
  return props.what !== 'fill' || share === null ? null : Math.sqrt(Math.min(share, 4)) * 70;
});
</script>

<template>
  <figure v-if="notch || strands || sleeve || fill">
    <svg
      v-if="notch"
      :viewBox="`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`"
      role="img"
      aria-label="The wire in the hole, to scale"
    >
      <circle v-if="notch.od" class="insulation" :r="notch.od" />
      <circle
        v-for="(strand, at) in notch.strands"
        :key="at"
        class="copper"
        :cx="strand.x"
        :cy="strand.y"
        :r="strand.r"
      />
      <circle class="hole" :r="notch.hole" />
    </svg>
    <svg
      v-else-if="strands"
      :viewBox="`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`"
      role="img"
      aria-label="The bundle of strands"
    >
      <circle
        v-for="(strand, at) in strands"
        :key="at"
        :class="strand.isDamaged ? 'damaged' : 'copper'"
        :cx="strand.x"
        :cy="strand.y"
        :r="strand.r"
      />
    </svg>
    <svg v-else-if="sleeve" viewBox="0 0 320 190" role="img" aria-label="The sleeve as it comes, and shrunk">
      <g
        v-for="[at, isShrunk] in [
          [48, false],
          [142, true],
        ] as const"
        :key="at"
        :transform="`translate(0 ${at})`"
      >
        <rect class="insulation" x="150" :y="-sleeve.narrowest / 2" width="160" :height="sleeve.narrowest" />
        <rect class="metal" x="60" :y="-sleeve.widest / 2" width="100" :height="sleeve.widest" rx="4" />
        <path class="metal" d="M60 -4H14a10 10 0 0 0 0 8H60Z" />
        <path
          class="tube"
          :d="
            isShrunk
              ? `M62 ${-sleeve.widest / 2 - 3}H158L176 ${-sleeve.narrowest / 2 - 3}H250V${sleeve.narrowest / 2 + 3}H176L158 ${sleeve.widest / 2 + 3}H62Z`
              : `M62 ${-sleeve.expanded / 2}H262V${sleeve.expanded / 2}H62Z`
          "
        />
      </g>
    </svg>
    <svg
      v-else-if="fill"
      viewBox="-95 -95 190 190"
      role="img"
      aria-label="The barrel and what fills it, by area"
    >
      <circle class="barrel" r="70" />
      <circle class="copper" :r="fill" />
      <circle class="hole" r="70" />
    </svg>
    <figcaption class="muted">
      <template v-if="notch">conductor, insulation, and the hole as a dashed ring, to scale</template>
      <template v-else-if="strands"
        >{{ strands.length }} strands<template v-if="strands.some(({ isDamaged }) => isDamaged)"
          >; crossed are those that may be damaged</template
        ></template
      >
      <template v-else-if="sleeve">above as it comes, below shrunk, across to scale</template>
      <template v-else>copper against the thick end of the terminal, by area</template>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

svg {
  width: 100%;
  max-width: 320px;
  height: auto;
}

.insulation {
  fill: var(--tool);
  stroke: var(--tool-edge);
}

.copper {
  fill: var(--copper);
  fill-opacity: 0.75;
  stroke: var(--ground);
  stroke-width: 0.6;
}

.damaged {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 2.5 2;
}

.metal,
.barrel {
  fill: var(--surface);
  stroke: var(--ink);
}

.tube {
  fill: var(--ink);
  fill-opacity: 0.18;
  stroke: var(--ink);
  stroke-width: 1.5;
}

.hole {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}

figcaption {
  font-size: 12.5px;
}
</style>
