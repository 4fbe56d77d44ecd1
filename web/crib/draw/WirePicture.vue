<script setup lang="ts">
import { computed } from 'vue';
import type { Draft } from '../edit/paths';
import { corePlaces, scaleBar, strandPlaces } from './strands';

/** The cross-section of a wire or cable, to scale, from the numbers entered; what is not known is dashed. */
const props = defineProps<{
  wire: Draft;
  /** mm² */
  area: number;
  /** mm over the bare conductor */
  conductor: number;
}>();

const SIZE = 208;
const ROOM = 176;
/** More strands than this are not told apart by an eye. */
const MOST = 400;

const number = (value: unknown) => (typeof value === 'number' ? value : undefined);
const sheath = computed(() => props.wire.sheath as Draft | undefined);
const od = computed(() => number(props.wire.insulationOd));
/** What is not measured is drawn as the usual wall, dashed. */
const core = computed(() => od.value ?? props.conductor * 1.35 + 0.5);
const cores = computed(() => number(props.wire.cores) ?? 1);
const isFlat = computed(() => sheath.value?.shape === 'flat');
const places = computed(() =>
  !sheath.value || isFlat.value
    ? Array.from({ length: cores.value }, (_, at) => ({ x: (at - (cores.value - 1) / 2) * core.value, y: 0 }))
    : corePlaces(cores.value, core.value),
);
const reach = computed(() => Math.max(...places.value.map(({ x, y }) => Math.hypot(x, y))) * 2 + core.value);
const outside = computed(() => {
  if (!sheath.value) return null;
  const width = number(sheath.value.width) ?? number(sheath.value.od);
  const isKnown = width !== undefined;
  const across = width ?? reach.value * 1.15 + 1.6;
  return {
    width: across,
    height: isFlat.value ? (number(sheath.value.height) ?? core.value + 1.6) : across,
    isKnown,
  };
});
const across = computed(() => outside.value?.width ?? (cores.value > 1 ? reach.value : core.value));
const perMm = computed(() => ROOM / Math.max(across.value, 0.1));
const strands = computed(() => {
  if (props.wire.construction === 'solid') return [{ x: 0, y: 0, r: props.conductor / 2 }];
  const count = number(props.wire.strands);
  if (count === undefined || count > MOST) return null;
  const strand = Math.sqrt((4 * props.area) / (Math.PI * count));
  return strandPlaces(count, strand, props.conductor).map((place) => ({ ...place, r: strand / 2 }));
});
const bar = computed(() => scaleBar(perMm.value, 70));
</script>

<template>
  <svg
    class="section"
    :width="SIZE"
    :height="SIZE + 22"
    :viewBox="`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE + 22}`"
    role="img"
    aria-label="Cross-section, to scale"
  >
    <g :transform="`scale(${perMm})`">
      <rect
        v-if="outside"
        class="sheath"
        :class="{ guessed: !outside.isKnown }"
        :x="-outside.width / 2"
        :y="-outside.height / 2"
        :width="outside.width"
        :height="outside.height"
        :rx="outside.height / 2"
      />
      <g v-for="(place, at) in places" :key="at" :transform="`translate(${place.x} ${place.y})`">
        <circle class="insulation" :class="{ guessed: od === undefined }" :r="core / 2" />
        <circle class="bundle" :r="conductor / 2" />
        <circle
          v-for="(one, n) in strands ?? []"
          :key="n"
          class="strand"
          :cx="one.x"
          :cy="one.y"
          :r="one.r"
        />
        <circle v-if="!strands" class="strand many" :r="conductor / 2" />
      </g>
    </g>
    <g :transform="`translate(${-bar.width / 2} ${SIZE / 2 + 8})`">
      <path class="rule" :d="`M0 -4V4M0 0H${bar.width}M${bar.width} -4V4`" />
      <text :x="bar.width + 6" y="4">{{ bar.mm }} mm</text>
    </g>
  </svg>
</template>

<style scoped src="./picture.css"></style>

<style scoped>
.section {
  display: block;
  max-width: 100%;
}

circle,
rect {
  vector-effect: non-scaling-stroke;
}

.sheath {
  fill: var(--row-wash);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.bundle {
  fill: var(--ground);
}

.strand {
  fill: var(--copper);
  stroke: var(--ground);
  stroke-width: 0.6;
}

.many {
  opacity: 0.75;
}
</style>
