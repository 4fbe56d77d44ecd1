<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed, ref } from 'vue';
import type { Schemas } from '@/api/client';
import { useWorkbookSchema } from '@/data/workbookSchema';
import type { Units } from '@/settings/units';
import { operationWords, orderOfWork } from '@/shared/status';
import { sizesBetween, spansOf, stepped, withFamily, withoutFamily, written } from '../draw/ranges';
import SizeRuler from '../draw/SizeRuler.vue';
import {
  begun,
  couldBeSet,
  fieldsOf,
  holesFor,
  lanesOf,
  methodWord,
  withAdded,
  withMethod,
  withRemoved,
  withSizeAt,
  type FieldSpec,
} from './capabilities';
import EditField from './EditField.vue';
import EditPick from './EditPick.vue';
import EditToggles from './EditToggles.vue';
import HolesTable from './HolesTable.vue';
import NestsTable from './NestsTable.vue';
import { trialWords } from './trialWords';
import { problemAt, valueAt, withoutMember, withValue, type Draft } from './paths';

/** One capability of a tool: its sizes as a ruler to draw on, beside it what else is set, below it its holes or nests one by one. */
const props = defineProps<{
  tool: Draft;
  at: number;
  ticks: Schemas['Tick'][];
  units: Units;
  problems: { path: string; expected: string }[];
  trial: Schemas['TrialOperation'] | undefined;
  names: Record<string, string>;
  /** The shop has more than were tried. */
  isPart: boolean;
  isReadonly: boolean;
}>();
const emit = defineEmits<{
  /** The tool as it is from now on; what goes on under one name is one step. */
  change: [tool: Draft, name: string | null];
  settle: [];
}>();

const { part } = useWorkbookSchema();
const base = computed(() => `capabilities/${props.at}`);
const capability = computed(() => valueAt(props.tool, base.value) as Draft);
const op = computed(() => capability.value.op as Schemas['Operation']);
const lanes = computed(() => lanesOf(capability.value, base.value));
const fields = computed(() => fieldsOf(capability.value));
const chosen = ref<string | null>(null);

const put = (path: string, value: unknown, name: string | null = path) =>
  emit('change', withValue(props.tool, path, value), name);
const said = (key: string) => valueAt(capability.value, key);
const problem = (key: string, isDeep = false) => problemAt(props.problems, `${base.value}/${key}`, isDeep);
/** What is asked where nothing is marked yet. */
function askedOf({ key, makeshift, asks }: FieldSpec): string | null {
  const marked = [said(key), makeshift ? said(makeshift) : undefined].flat().filter(Boolean);
  return asks && !props.isReadonly && !marked.length ? asks : null;
}
const optionsOf = (list: string | undefined) => (list ? (part(list).enum ?? []) : []);

function pick(field: FieldSpec, value: string | undefined): void {
  if (field.key === 'method' && value !== undefined)
    emit('change', withValue(props.tool, base.value, withMethod(capability.value, value)), null);
  else put(`${base.value}/${field.key}`, value, null);
}
const setDepth = () =>
  emit('change', withValue(props.tool, base.value, withMethod(capability.value, 'set-depth')), null);
function toggle(field: FieldSpec, on: string[], half: string[]): void {
  const isOptional = field.key === 'classes';
  let next = withValue(props.tool, `${base.value}/${field.key}`, isOptional && !on.length ? undefined : on);
  if (field.makeshift)
    next = withValue(next, `${base.value}/${field.makeshift}`, half.length ? half : undefined);
  emit('change', next, null);
}
function words(field: FieldSpec, text: string | number | undefined): void {
  const list = String(text ?? '')
    .split(';')
    .map((word) => word.trim())
    .filter(Boolean);
  put(`${base.value}/${field.key}`, list);
}

/** What the remark is about, where something is proven. */
const isProven = computed(
  () =>
    said('proven') !== undefined ||
    ((said('nests') as { proven?: string }[] | undefined) ?? []).some(({ proven }) => proven !== undefined),
);

const marks = computed(() =>
  props.trial?.about === 'wires'
    ? props.trial.tried.map(({ area, fit, wire, text }) => ({
        area,
        fit,
        title: [props.names[wire] ?? wire, text].filter(Boolean).join(': '),
      }))
    : [],
);

/** Ranges with only one of the two families can get the other, of the sizes that lie nearest. */
const ranges = computed(() => fields.value.filter(({ kind }) => kind === 'range'));
function families(path: string): { gauge: boolean; metric: boolean } {
  const spans = spansOf(valueAt(props.tool, path) as string | undefined) ?? [];
  return {
    gauge: spans.some(({ family }) => family === 'gauge'),
    metric: spans.some(({ family }) => family === 'metric'),
  };
}
function turnFamily(path: string, family: 'gauge' | 'metric'): void {
  const text = valueAt(props.tool, path) as string;
  put(
    path,
    families(path)[family] ? withoutFamily(text, family) : withFamily(text, family, props.ticks),
    null,
  );
}

const wanted = ref('10-20 AWG');
const marking = ref<'solid' | 'stranded' | 'both'>('both');
const sizes = computed(() => sizesBetween(wanted.value, props.ticks).reverse());
function makeHoles(): void {
  const finer = (size: string) => {
    const span = spansOf(size)?.[0];
    if (!span) return size;
    const tick = stepped(props.ticks, span.family, span.thin.area, -1);
    return written(span.family, tick.label, tick.label);
  };
  put(`${base.value}/positions`, holesFor(sizes.value, marking.value, finer), null);
}
</script>

<template>
  <section class="capability" :aria-label="`What it does: ${operationWords[op]}`">
    <header>
      <select
        aria-label="What it does"
        :value="op"
        :disabled="isReadonly"
        @change="put(base, begun(($event.target as HTMLSelectElement).value as Schemas['Operation']), null)"
      >
        <option v-for="one in orderOfWork" :key="one" :value="one">{{ operationWords[one] }}</option>
      </select>
      <span v-if="trial" class="said muted">{{ trialWords(trial, isPart) }}</span>
      <span v-if="problemAt(problems, base)" class="told" role="alert">{{ problemAt(problems, base) }}</span>
      <v-btn
        v-if="!isReadonly"
        class="away"
        :icon="mdiClose"
        size="x-small"
        variant="text"
        :aria-label="`It does not ${operationWords[op]}`"
        @click="emit('change', withoutMember(tool, base), null)"
      />
    </header>

    <SizeRuler
      v-if="lanes.length && ticks.length"
      :ticks
      :lanes
      :marks
      :selected="chosen"
      :is-readonly
      @put="(path, text) => emit('change', withSizeAt(tool, path, text), `drag ${path}`)"
      @settle="emit('settle')"
      @add="(lane, text) => emit('change', withAdded(tool, lane, text), null)"
      @remove="(path) => emit('change', withRemoved(tool, path), null)"
      @select="chosen = $event"
    />

    <template v-if="op === 'strip' && Array.isArray(capability.positions)">
      <form
        v-if="!isReadonly && !(capability.positions as unknown[]).length"
        class="make"
        @submit.prevent="makeHoles"
      >
        <span>Holes from</span>
        <input v-model="wanted" aria-label="Holes for the sizes" class="mono" size="14" />
        <select v-model="marking" aria-label="Marked for">
          <option value="both">for solid, and stranded one size finer</option>
          <option value="solid">for solid only</option>
          <option value="stranded">for stranded only</option>
        </select>
        <v-btn size="small" type="submit" :disabled="!sizes.length">
          Make {{ sizes.length || 'no' }} {{ sizes.length === 1 ? 'hole' : 'holes' }}
        </v-btn>
        <small class="muted">or click at a size in the lanes above</small>
      </form>
      <HolesTable
        :tool
        :path="`${base}/positions`"
        :units
        :problems
        :chosen
        :is-readonly
        @change="(next, name) => emit('change', next, name)"
        @choose="chosen = $event"
      />
    </template>
    <NestsTable
      v-if="op === 'crimp'"
      :tool
      :path="`${base}/nests`"
      :ticks
      :units
      :problems
      :chosen
      :is-readonly
      @change="(next, name) => emit('change', next, name)"
      @choose="chosen = $event"
    />

    <p v-if="methodWord(capability)" class="method muted">
      {{ methodWord(capability) }}
      <button v-if="!isReadonly && couldBeSet(capability)" type="button" @click="setDepth">
        Its blade is set to a depth
      </button>
    </p>
    <div class="fields">
      <template v-for="field in fields" :key="field.key">
        <div v-if="field.kind === 'range'" class="range">
          <EditField
            :label="field.title"
            :value="said(field.key)"
            :hint="field.hint"
            :problem="problem(field.key)"
            :is-readonly
            @put="put(`${base}/${field.key}`, $event)"
            @done="emit('settle')"
          />
          <span v-if="!isReadonly && said(field.key)" class="families">
            <label v-for="family in ['gauge', 'metric'] as const" :key="family">
              <input
                type="checkbox"
                :checked="families(`${base}/${field.key}`)[family]"
                @change="turnFamily(`${base}/${field.key}`, family)"
              />
              {{ family === 'gauge' ? 'AWG' : 'mm²' }}
            </label>
          </span>
        </div>
        <EditPick
          v-else-if="field.kind === 'pick'"
          :label="field.title"
          :value="said(field.key)"
          :options="
            optionsOf(field.list).filter((one) => one !== 'any' && one !== 'proper' && one !== 'pull')
          "
          :nothing="field.nothing"
          :problem="problem(field.key)"
          :is-readonly
          @put="pick(field, $event)"
        />
        <EditToggles
          v-else-if="field.kind === 'toggles'"
          class="wide"
          :label="field.title"
          :options="optionsOf(field.list)"
          :value="(said(field.key) as string[]) ?? []"
          :makeshift="field.makeshift ? ((said(field.makeshift) as string[]) ?? []) : undefined"
          :problem="askedOf(field) ?? problem(field.key, true)"
          :is-readonly
          @put="(on, half) => toggle(field, on, half)"
        />
        <div v-else-if="field.kind === 'limits'" class="limits">
          <EditField
            v-for="end in ['min', 'max'] as const"
            :key="end"
            :label="end === 'min' ? `${field.title}, from` : 'to'"
            :value="said(`${field.key}/${end}`)"
            :measure="field.measure"
            :units
            :problem="problem(`${field.key}/${end}`) ?? (end === 'min' ? problem(field.key) : null)"
            :is-readonly
            @put="put(`${base}/${field.key}/${end}`, $event)"
          />
        </div>
        <label v-else-if="field.kind === 'check'" class="check">
          <input
            type="checkbox"
            :checked="said(field.key) === true"
            :disabled="isReadonly"
            @change="
              put(`${base}/${field.key}`, ($event.target as HTMLInputElement).checked || undefined, null)
            "
          />
          {{ field.title }}
        </label>
        <EditField
          v-else-if="field.kind === 'words'"
          :label="`${field.title} (parted by ;)`"
          :value="((said(field.key) as string[]) ?? []).join('; ')"
          :hint="field.hint"
          :problem="problem(field.key, true)"
          :is-readonly
          @put="words(field, $event)"
          @done="emit('settle')"
        />
        <EditField
          v-else
          :label="field.title"
          :value="said(field.key)"
          :measure="field.measure"
          :units
          :problem="problem(field.key)"
          :is-readonly
          @put="put(`${base}/${field.key}`, $event)"
        />
      </template>
      <EditField
        v-if="ranges.length || op === 'strip' || op === 'crimp'"
        label="Proven in the shop"
        :value="said('proven')"
        hint="22-18 AWG"
        :problem="problem('proven')"
        :is-readonly
        @put="put(`${base}/proven`, $event)"
        @done="emit('settle')"
      />
      <EditField
        class="wide"
        :label="isProven ? 'Remark: where and how it was proven' : 'Remark'"
        :value="said('note')"
        :problem="problem('note')"
        :is-readonly
        @put="put(`${base}/note`, $event)"
        @done="emit('settle')"
      />
    </div>
  </section>
</template>

<style scoped>
.method {
  margin: 0;
  font-size: 13px;
}

.method button {
  margin-left: 4px;
  color: var(--copper);
  text-decoration: underline;
}

.capability {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  padding: 10px 14px 14px;
  border: 1px solid var(--hairline);
  border-left: 3px solid var(--copper);
  border-radius: 3px;
}

header {
  display: flex;
  gap: 14px;
  align-items: center;
}

header select {
  min-height: var(--touch);
  font-weight: 640;
  font-size: 16px;
  color: var(--ink);
  background: transparent;
  border: 0;
}

.away {
  margin-left: auto;
}

.told {
  color: var(--hole);
  font-size: 12.5px;
}

.said {
  font-size: 13px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px 14px;
  align-items: start;
}

.wide {
  grid-column: 1 / -1;
}

.range {
  grid-column: span 2;
}

.families {
  display: flex;
  gap: 12px;
  font-size: 12px;
  color: var(--muted);
}

.families label,
.check {
  display: flex;
  gap: 5px;
  align-items: center;
}

.check {
  align-self: end;
  min-height: calc(var(--touch) + 2px);
  font-size: 13px;
}

.limits {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  align-items: end;
}

.make {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  font-size: 13px;
}

.make input,
.make select {
  min-height: var(--touch);
  padding: 0 8px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
}
</style>
