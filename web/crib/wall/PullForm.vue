<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, nextTick, ref, toRef, useTemplateRef } from 'vue';
import { useNames } from '@/data/things';
import type { Thing } from '@/data/wall';
import { useSettings } from '@/settings/useSettings';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';
import { counted } from '@/shared/pretty';
import type { Chart } from './chart';
import { forceOf, modes, pasted, subgroupOf, type Pull } from './pulls';
import { useHandling } from './useHandling';

/**
 * A subgroup pulled with one thing, written down by keys alone: a force, Enter, the next; Enter in the last writes them. What was copied
 * out of a spreadsheet fills the fields.
 */
const props = defineProps<{ thing: Thing; charts: Chart[] }>();
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { pulled, isPending, problem } = useHandling(
  toRef(() => [props.thing]),
  () => begin(),
);

const NEW = '';
const keyOf = ({ wireId, terminalId, nest }: Chart) => JSON.stringify([wireId, terminalId, nest]);
const settings = computed(() => [
  ...props.charts.map((chart) => ({
    id: keyOf(chart),
    name: [chart.wire, chart.terminal, chart.nest].filter(Boolean).join(', '),
  })),
  { id: NEW, name: 'another wire or terminal' },
]);
const picked = ref(props.charts[0] ? keyOf(props.charts[0]) : NEW);
const before = computed(() => props.charts.find((chart) => keyOf(chart) === picked.value));

const words = ref({ wire: '', terminal: '' });
const list = ref<'wires' | 'terminals' | null>(null);
const sought = computed(() => (list.value === 'terminals' ? words.value.terminal : words.value.wire));
const names = useNames(list, sought);
const found = ref<Record<string, string>>({});
/** A name that is written as one of those offered is that one. */
function note(): void {
  for (const { id, name } of names.value) found.value[name] = id;
}
const nest = ref('');
const setting = computed(() => {
  if (before.value) {
    const { wireId: wire, terminalId: terminal, nest: label } = before.value;
    return { wire, ...(terminal ? { terminal } : {}), ...(label ? { nest: label } : {}) };
  }
  const wire = found.value[words.value.wire.trim()];
  const terminal = found.value[words.value.terminal.trim()];
  if (!wire || (words.value.terminal.trim() && !terminal)) return null;
  return {
    wire,
    ...(terminal ? { terminal } : {}),
    ...(nest.value.trim() ? { nest: nest.value.trim() } : {}),
  };
});

const FIVE = 5;
const many = computed(() => before.value?.n ?? FIVE);
const blank = (): Pull[] => Array.from({ length: many.value }, () => ({ text: '', mode: '' }));
const pulls = ref<Pull[]>(blank());
const fields = useTemplateRef<HTMLInputElement[]>('fields');
function begin(): void {
  pulls.value = blank();
  missing.value = '';
  void nextTick(() => fields.value?.[0]?.focus());
}
function pick(id: string): void {
  picked.value = id;
  pulls.value = blank();
}

const missing = ref('');
const isUnder = ({ text }: Pull) => {
  const at = forceOf(text, units.value);
  return at !== null && (before.value?.required ?? 0) > at;
};
function enter(at: number): void {
  const next = fields.value?.[at + 1];
  if (next) next.focus();
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
  pulled({ ...setting.value, ...subgroup }, subgroup.forces.length);
}
</script>

<template>
  <section aria-label="Pull some">
    <h3>Pull {{ counted(many, 'crimp') }}</h3>
    <PickOne label="Of" :items="settings" :picked="picked" @pick="pick" />
    <div v-if="!before" class="new">
      <label
        >Wire
        <input
          v-model="words.wire"
          class="lone-field"
          list="pull-names"
          @focus="list = 'wires'"
          @input="note()"
          @change="note()"
      /></label>
      <label
        >Terminal
        <input
          v-model="words.terminal"
          class="lone-field"
          list="pull-names"
          @focus="list = 'terminals'"
          @input="note()"
          @change="note()"
      /></label>
      <label>Nest <input v-model="nest" class="lone-field" maxlength="40" /></label>
      <datalist id="pull-names"><option v-for="one in names" :key="one.id" :value="one.name" /></datalist>
    </div>
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
        <span class="muted">{{ units.force }}</span>
        <select v-model="pull.mode" class="lone-field" :aria-label="`How pull ${at + 1} gave way`">
          <option value="">how it gave way</option>
          <option v-for="mode in modes" :key="mode.id" :value="mode.id">{{ mode.says }}</option>
        </select>
        <b v-if="isUnder(pull)" class="bad">under {{ before?.required?.toFixed(0) }} N</b>
      </div>
      <p v-if="missing" class="bad" role="alert">{{ missing }}</p>
      <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
      <v-btn size="small" variant="outlined" type="submit" :loading="isPending">Write them down</v-btn>
    </form>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
form,
.new {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 5px;
  justify-items: start;
  margin-top: 6px;
}

.new label {
  display: grid;
  grid-template-columns: 70px minmax(0, 1fr);
  gap: 6px;
  align-items: center;
  width: 100%;
  font-size: 12.5px;
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

.bad {
  color: var(--hole);
  font-size: 12.5px;
}

.under {
  color: var(--hole);
  font-weight: 600;
}
</style>
