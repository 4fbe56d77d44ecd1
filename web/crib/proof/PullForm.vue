<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, nextTick, ref, toRef, useTemplateRef, watch } from 'vue';
import { useGauges } from '@/data/gauges';
import type { Thing } from '@/data/wall';
import { useSettings } from '@/settings/useSettings';
import { counted } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';
import { useHandling } from '../wall/useHandling';
import { keyOf, type Chart } from './chart';
import LivePull from './LivePull.vue';
import { keepPulls, keptPulls } from './pullDraft';
import {
  forceOf,
  forMany,
  modes,
  pasted,
  subgroupOf,
  triedIn,
  type Mode,
  type Pull,
  type PullOf,
} from './pulls';
import PullSetting from './PullSetting.vue';

/**
 * A subgroup pulled with one thing: read from a gauge one after the other, or written down by keys alone: a force, Enter, the next; Enter in
 * the last writes them. What was copied out of a spreadsheet fills the fields.
 */
const props = defineProps<{ thing: Thing; charts: Chart[] }>();
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { pulled, isPending, problem } = useHandling(
  toRef(() => [props.thing]),
  () => begin(),
);

const FIVE = 5;
const kept = keptPulls(props.thing.tag);
const picked = ref(kept?.picked ?? (props.charts[0] ? keyOf(props.charts[0]) : ''));
const words = ref({ wire: kept?.wire ?? '', terminal: kept?.terminal ?? '', nest: kept?.nest ?? '' });
const tried = ref(kept?.tried ?? '');
const before = computed(() => props.charts.find((chart) => keyOf(chart) === picked.value));
const another = ref<PullOf | null>(null);
const setting = computed((): PullOf | null => {
  if (!before.value) return another.value;
  const { wireId: wire, terminalId: terminal, nest } = before.value;
  return { wire, ...(terminal ? { terminal } : {}), ...(nest ? { nest } : {}) };
});

const many = computed(() => before.value?.n ?? FIVE);
const pulls = ref<Pull[]>(forMany(kept?.pulls ?? [], many.value));
watch(picked, () => (pulls.value = forMany(pulls.value, many.value)));
watch(
  [picked, words, tried, pulls],
  () =>
    keepPulls(props.thing.tag, {
      picked: picked.value,
      ...words.value,
      tried: tried.value,
      pulls: pulls.value,
    }),
  { deep: true },
);

const fields = useTemplateRef<HTMLInputElement[]>('fields');
const writes = useTemplateRef<{ $el: HTMLElement }>('writes');
const missing = ref('');
function begin(): void {
  pulls.value = forMany([], many.value);
  missing.value = '';
  void nextTick(() => fields.value?.[0]?.focus());
}

const { data: gauges } = useGauges();
const gauge = computed(() => gauges.value?.data?.find(({ isThere }) => isThere));
/** The gauge that is read from: also while it does not answer any more, for what it has told until then. */
const live = ref<string | null>(null);
const next = computed(() => pulls.value.findIndex(({ text }) => !text.trim()));
/** What the gauge has taken stands in its field; the next is waited for, and the last leads to writing them down. */
function taken(text: string, mode: Mode | ''): void {
  const pull = pulls.value[next.value];
  if (pull) [pull.text, pull.mode] = [text, mode];
  if (next.value >= 0) return;
  live.value = null;
  void nextTick(() => writes.value?.$el.focus());
}

const isUnder = ({ text }: Pull) => {
  const at = forceOf(text, units.value);
  return at !== null && (before.value?.required ?? 0) > at;
};
function enter(at: number): void {
  const field = fields.value?.[at + 1];
  if (field) field.focus();
  else write();
}
function paste(event: ClipboardEvent, at: number): void {
  const cells = pasted(event.clipboardData?.getData('text') ?? '');
  if (cells.length < 2) return;
  event.preventDefault();
  cells.slice(0, pulls.value.length - at).forEach((cell, step) => {
    const pull = pulls.value[at + step];
    if (pull) pull.text = cell;
  });
  fields.value?.[Math.min(at + cells.length, pulls.value.length) - 1]?.focus();
}
function write(): void {
  const subgroup = subgroupOf(pulls.value, units.value);
  const wrong = pulls.value.findIndex(({ text }) => forceOf(text, units.value) === null);
  missing.value = !setting.value
    ? 'Say which wire, by one of the names offered.'
    : wrong >= 0
      ? `Pull ${wrong + 1}: ${pulls.value[wrong]?.text.trim() ? `“${pulls.value[wrong].text}” is no force` : 'its force is missing'}; write it like 56.2 or 12.6 lbf.`
      : '';
  if (missing.value && setting.value) fields.value?.[wrong]?.focus();
  if (missing.value || !subgroup || !setting.value) return;
  pulled({ ...triedIn(setting.value, tried.value), ...subgroup }, subgroup.forces.length);
}
</script>

<template>
  <section aria-label="Pull some">
    <h3>Pull {{ counted(many, 'crimp') }}</h3>
    <PullSetting v-model:picked="picked" v-model:words="words" v-model:another="another" :charts />
    <p v-if="live === null && gauges && gauges.data === null" class="muted">
      What reads the gauges does not run just now; forces can be written by hand.
    </p>
    <p v-else-if="live === null && gauges?.data?.length && !gauge" class="muted">
      No gauge answers: look at its cable and whether it is switched on.
    </p>
    <LivePull
      v-if="live !== null && next >= 0"
      :gauge="live"
      :number="next + 1"
      :of="pulls.length"
      :required="before?.required ?? null"
      @pulled="taken"
      @stop="live = null"
    />
    <v-btn
      v-else-if="gauge && next >= 0"
      class="gauge"
      size="small"
      variant="outlined"
      @click="live = gauge.id"
      >Read them from the gauge “{{ gauge.id }}”</v-btn
    >
    <form @submit.prevent="write()">
      <div v-for="(pull, at) in pulls" :key="at" class="pull">
        <input
          ref="fields"
          v-model="pull.text"
          class="lone-field mono"
          inputmode="decimal"
          :aria-label="`Force of pull ${at + 1}, ${units.force}`"
          :class="{ under: isUnder(pull) }"
          @keydown.enter.prevent="enter(at)"
          @paste="paste($event, at)"
        />
        <span class="muted unit">{{ /[a-z]/i.test(pull.text) ? '' : units.force }}</span>
        <select v-model="pull.mode" class="lone-field" :aria-label="`How pull ${at + 1} gave way`">
          <option value="">how it gave way</option>
          <option v-for="mode in modes" :key="mode.id" :value="mode.id">{{ mode.says }}</option>
        </select>
        <b v-if="isUnder(pull)" class="bad">under {{ before?.required?.toFixed(0) }} N</b>
      </div>
      <input
        v-model="tried"
        class="lone-field tried"
        aria-label="What is tried"
        placeholder="only where something is tried: stripped 2 mm, no insulation grip"
        maxlength="80"
      />
      <p v-if="missing" class="bad" role="alert">{{ missing }}</p>
      <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
      <v-btn ref="writes" size="small" variant="outlined" type="submit" :loading="isPending"
        >Write them down</v-btn
      >
    </form>
  </section>
</template>

<style scoped src="../wall/part.css"></style>
<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 5px;
  justify-items: start;
  margin-top: 6px;
}

.gauge {
  margin-top: 6px;
}

.pull {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

.pull input {
  width: 84px;
  text-align: right;
}

.tried {
  width: 100%;
}

.unit {
  min-width: 18px;
}

.bad {
  color: var(--hole);
  font-size: 12.5px;
}

.under {
  color: var(--hole);
  font-weight: 600;
}
</style>
