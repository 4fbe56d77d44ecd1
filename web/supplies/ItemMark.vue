<script setup lang="ts">
import { computed } from 'vue';
import type { Supply } from '@/data/supplies';
import { bandOf } from '@/ruler/bars';
import { holeMm, studMm } from '@/shared/studs';
import { shapeOf } from '@/shared/terminalShape';

/** A thing of the shelf as it looks, to scale: a terminal with its band and its hole, a tube before and after it shrinks. */
const { looks } = defineProps<{ looks: Supply['looks'] }>();

/** px in a mm: the widest tube and the lug of 2/0 AWG have room. */
const PER_MM = 1.5;
/** Tubes are seen from nearer: of a wide one the edge may be out of sight. */
const TUBE_PER_MM = 2.4;
const HEIGHT = 38;
const WIDTH = 62;
const terminal = computed(() => (looks && 'class' in looks ? looks : null));
const tube = computed(() => (looks && 'expanded' in looks ? looks : null));
const hole = computed(() => holeMm(studMm(terminal.value?.stud) ?? 0) * PER_MM);
const kind = computed(() => {
  const of = terminal.value?.class ?? '';
  if (of === 'screw-clamp' || of === 'push-in') return 'block';
  if (of.includes('ferrule')) return 'ferrule';
  const shape = shapeOf(terminal.value ?? {});
  return shape === 'pin' && (of.includes('contact') || of.includes('open-barrel')) ? 'contact' : shape;
});
const band = computed(() => bandOf(terminal.value?.nest ?? null));
const isInsulated = computed(() => ['insulated', 'heat-shrink'].includes(terminal.value?.class ?? ''));
/** Half of the eye of a ring. */
const eye = computed(() => Math.min(HEIGHT / 2 - 1, Math.max(5, hole.value * 0.95)));
const y = HEIGHT / 2;
</script>

<template>
  <svg class="mark" :width="WIDTH" :height="HEIGHT" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
    <template v-if="terminal">
      <g class="metal">
        <template v-if="kind === 'ring'">
          <rect :x="eye * 2 - 3" :y="y - 3.5" :width="WIDTH - eye * 2 - 4" height="7" />
          <circle :cx="eye + 1" :cy="y" :r="eye" />
          <circle class="hole" :cx="eye + 1" :cy="y" :r="hole / 2" />
        </template>
        <template v-else-if="kind === 'fork'">
          <rect :x="eye * 2 - 3" :y="y - 3.5" :width="WIDTH - eye * 2 - 4" height="7" />
          <circle :cx="eye + 1" :cy="y" :r="eye" />
          <rect class="hole" x="-1" :y="y - hole / 2" :width="eye + 2" :height="hole" />
        </template>
        <template v-else-if="kind === 'butt'">
          <rect x="8" :y="y - 4" width="46" height="8" />
        </template>
        <template v-else-if="kind === 'ferrule'">
          <rect x="2" :y="y - 3" width="34" height="6" rx="1" />
          <path class="collar" :d="`M36 ${y - 3}L44 ${y - 7}H58V${y + 7}H44L36 ${y + 3}Z`" />
        </template>
        <template v-else-if="kind === 'contact'">
          <rect x="2" :y="y - 3" width="26" height="6" rx="3" />
          <path :d="`M28 ${y - 4}H56L52 ${y - 9}L46 ${y - 4}L40 ${y - 9}L34 ${y - 4}V${y + 4}H56V${y - 4}`" />
        </template>
        <template v-else-if="kind === 'blade'">
          <rect x="2" :y="y - 6" width="20" height="12" rx="1" />
          <rect x="22" :y="y - 3.5" width="36" height="7" />
        </template>
        <template v-else-if="kind === 'block'">
          <rect x="12" :y="y - 12" width="38" height="24" rx="2" />
          <circle class="hole" cx="31" :cy="y" r="6" />
          <path :d="`M27 ${y + 4}L35 ${y - 4}`" />
        </template>
        <rect v-else x="2" :y="y - 2.5" width="56" height="5" rx="2.5" />
      </g>
      <rect
        v-if="isInsulated"
        class="band"
        :class="band"
        :x="kind === 'butt' ? 14 : 34"
        :y="y - 7"
        :width="kind === 'butt' ? 34 : 24"
        height="14"
        rx="2"
      />
      <path
        v-if="terminal.class === 'heat-shrink'"
        class="glue"
        :d="`M${kind === 'butt' ? 14 : 34} ${y}h${kind === 'butt' ? 34 : 24}`"
      />
    </template>
    <template v-else-if="tube">
      <circle
        class="tube"
        :class="{ lined: tube.lined }"
        :cx="WIDTH / 2"
        :cy="y"
        :r="(tube.expanded * TUBE_PER_MM) / 2 + 1"
      />
      <circle class="shrunk" :cx="WIDTH / 2" :cy="y" :r="Math.max(1, (tube.recovered * TUBE_PER_MM) / 2)" />
    </template>
    <path v-else class="other" :d="`M20 ${y - 9}H42V${y + 9}H20ZM20 ${y - 3}H42`" />
  </svg>
</template>

<style scoped>
.mark {
  display: block;
  flex: none;
}

.metal {
  fill: var(--row-wash);
  stroke: var(--ink);
  stroke-width: 1.1;
}

.hole {
  fill: var(--ground);
}

.collar {
  fill: var(--tool);
}

.band {
  fill: var(--tool-edge);
  fill-opacity: 0.5;
  stroke: var(--ink);
}

.band.red {
  fill: var(--band-red);
  fill-opacity: 0.7;
}

.band.blue {
  fill: var(--band-blue);
  fill-opacity: 0.7;
}

.band.yellow {
  fill: var(--band-yellow);
  fill-opacity: 0.7;
}

.glue {
  stroke: var(--ink);
  stroke-dasharray: 2 2;
}

.tube,
.shrunk,
.other {
  fill: none;
  stroke: var(--ink);
}

.tube.lined {
  stroke-width: 2.6;
}

.shrunk {
  stroke-dasharray: 2 2;
}
</style>
