<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, nextTick, onMounted, useTemplateRef, watch } from 'vue';
import { useSettings } from '@/settings/useSettings';
import { shown } from '@/shared/measures';
import { curveOf, HEIGHT, highest, WIDTH } from './pullSeen';
import { modes, type Mode } from './pulls';
import { useLivePull } from './useLivePull';

/**
 * One pull after the other on a gauge: the force rises, its peak is taken, and how it gave way is asked for; a key for each. Eyes are on
 * the crimp and one hand is on the lever, so nothing else is to be pressed.
 */
const props = defineProps<{
  gauge: string;
  /** Which pull this is, from 1, and of how many. */
  number: number;
  of: number;
  /** N, what it must hold; null where nothing says. */
  required: number | null;
}>();
const emit = defineEmits<{ pulled: [text: string, mode: Mode | '']; stop: [] }>();
const { force, length } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { pull, arm } = useLivePull();

const live = useTemplateRef<HTMLElement>('live');
onMounted(() => {
  arm(props.gauge);
  void nextTick(() => live.value?.scrollIntoView({ block: 'nearest' }));
});
watch(
  () => props.number,
  () => arm(props.gauge),
);

const inUnit = (newtons: number) =>
  `${Number(shown(Math.round(newtons * 10) / 10, 'force', units.value)).toFixed(1)} ${units.value.force}`;
const curve = computed(() => (pull.value ? curveOf(pull.value, props.required) : null));
const now = computed(() => pull.value?.force ?? pull.value?.readings.at(-1)?.force ?? 0);
const isUnder = computed(
  () =>
    pull.value?.phase === 'peak' &&
    props.required !== null &&
    (pull.value.force ?? Infinity) < props.required,
);
const told = computed(() => {
  switch (pull.value?.phase) {
    case 'ready':
      return 'Put the next crimp in, and pull.';
    case 'pulling':
      return 'Pulling …';
    case 'peak':
      return 'How did it give way?';
    case 'fault':
      return `Not taken: ${pull.value.says}.`;
    default:
      return 'Waiting for the gauge …';
  }
});
/** Of a pull without a peak: what it held at least. */
const heldAtLeast = computed(() =>
  pull.value?.phase === 'fault' ? (pull.value.force ?? highest(pull.value)) : null,
);

const asked = useTemplateRef<HTMLElement>('asked');
watch(
  () => pull.value?.phase,
  (phase) => {
    if (phase !== 'peak') return;
    void nextTick(() => {
      live.value?.scrollIntoView({ block: 'nearest' });
      asked.value?.querySelector('button')?.focus({ preventScroll: true });
    });
  },
);
function give(mode: Mode): void {
  if (pull.value?.phase !== 'peak') return;
  emit('pulled', pull.value.text ?? `${now.value} N`, mode);
}
function key(event: KeyboardEvent): void {
  const mode = modes[Number(event.key) - 1];
  if (!mode) return;
  event.preventDefault();
  give(mode.id);
}
</script>

<template>
  <div
    v-if="pull && curve"
    ref="live"
    class="live"
    role="group"
    :aria-label="`Pull ${number} of ${of} on the gauge`"
  >
    <div class="head">
      <b class="mono force" :class="{ bad: isUnder }">{{ inUnit(now) }}</b>
      <span
        >pull {{ number }} of {{ of
        }}<b v-if="isUnder && required !== null" class="bad">, under {{ inUnit(required) }}</b></span
      >
    </div>
    <svg :width="WIDTH" :height="HEIGHT" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
      <path class="floor" :d="`M34 ${HEIGHT - 6}H${WIDTH}`" />
      <g v-if="curve.required !== null && required !== null">
        <path class="least" :d="`M34 ${curve.required}H${WIDTH}`" />
        <text x="30" :y="curve.required + 3" text-anchor="end">
          {{ shown(Math.round(required), 'force', units) }}
        </text>
      </g>
      <path v-if="curve.path" class="run" :d="curve.path" />
    </svg>
    <p role="status" :class="{ bad: pull.phase === 'fault' }">{{ told }}</p>
    <p v-if="pull.lost" class="muted">
      {{ pull.lost }} readings were lost on the line; the peak is the gauge’s own.
    </p>
    <div v-if="pull.phase === 'peak'" ref="asked" class="modes" @keydown="key">
      <button v-for="(mode, at) in modes" :key="mode.id" type="button" @click="give(mode.id)">
        <kbd>{{ at + 1 }}</kbd> {{ mode.says }}
      </button>
    </div>
    <div v-else class="modes">
      <button v-if="pull.phase === 'fault'" type="button" @click="arm(gauge)">Pull another</button>
      <button
        v-if="heldAtLeast !== null && heldAtLeast > 0"
        type="button"
        @click="emit('pulled', pull.text ?? `${heldAtLeast.toFixed(1)} N`, '')"
      >
        It held {{ inUnit(heldAtLeast) }} at least: write that
      </button>
      <button type="button" @click="emit('stop')">Go on by hand</button>
    </div>
  </div>
</template>

<style scoped src="../wall/part.css"></style>
<style scoped>
.live {
  box-sizing: border-box;
  margin-top: 6px;
  padding: 8px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
}

.head {
  display: flex;
  gap: 10px;
  align-items: baseline;
}

.force {
  min-width: 128px;
  font-size: 26px;
}

svg {
  display: block;
  max-width: 100%;
}

.floor {
  stroke: var(--hairline);
}

.least {
  stroke: var(--hole);
  stroke-dasharray: 5 3;
}

.run {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

text {
  font-family: var(--mono);
  font-size: 9.5px;
  fill: var(--muted);
}

.bad {
  color: var(--hole);
}

.modes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
}

.modes button {
  min-height: var(--touch);
  padding: 2px 10px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--ground);
  font-size: 12.5px;
}

.modes button:hover {
  border-color: var(--ink);
}

kbd {
  color: var(--muted);
  font-family: var(--mono);
}
</style>
