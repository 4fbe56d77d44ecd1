<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { useWorkbookSchema } from '@/data/workbookSchema';
import type { Units } from '@/settings/units';
import type { Measure } from '@/shared/measures';
import { begun, beginnings } from './capabilities';
import CapabilityCard from './CapabilityCard.vue';
import DueRows from './DueRows.vue';
import EditField from './EditField.vue';
import EditPick from './EditPick.vue';
import RequiredTools from './RequiredTools.vue';
import { problemAt, valueAt, withMember, withValue, type Draft } from './paths';

/** A tool as a ruler: what it does, drawn and typed, and what it is in the hand. */
const props = defineProps<{
  tool: Draft;
  ticks: Schemas['Tick'][];
  units: Units;
  problems: { path: string; expected: string }[];
  trial: Schemas['ToolTrial'] | undefined;
  isReadonly: boolean;
  isNew: boolean;
  /** What costs is not shown to everybody. */
  hasCosts: boolean;
}>();
const emit = defineEmits<{ change: [tool: Draft, name: string | null]; settle: [] }>();

const { part } = useWorkbookSchema();
const capabilities = computed(() => (props.tool.capabilities as Draft[] | undefined) ?? []);
const put = (path: string, value: unknown, name: string | null = path) =>
  emit('change', withValue(props.tool, path, value), name);
const problem = (path: string) => problemAt(props.problems, path);

const costs: { key: string; title: string; measure: Measure }[] = [
  { key: 'price', title: 'Price', measure: 'money' },
  { key: 'perMonth', title: 'Hire, a month', measure: 'money' },
  { key: 'perUse', title: 'Made elsewhere, a piece', measure: 'money' },
];
const hand: { key: string; title: string; measure: Measure }[] = [
  { key: 'massGrams', title: 'Mass', measure: 'mass' },
  { key: 'handSpan', title: 'Hand span', measure: 'length' },
  { key: 'gripForce', title: 'Grip force', measure: 'force' },
  { key: 'headSize', title: 'Head', measure: 'length' },
];
const checks = [
  { key: 'compact', title: 'Goes into tight places' },
  { key: 'oneHanded', title: 'For one hand' },
  { key: 'inPlaceOnly', title: 'Stays where it is' },
];
/** Each operation has what is known of the same one, as often as the tool has it: the trial counts the tool as a whole. */
const trialOf = (capability: Draft) => props.trial?.operations.find(({ op }) => op === capability.op);
const required = computed(() => (props.tool.requires as string[] | undefined) ?? []);
const dues = computed(() => (props.tool.dues as { kind: string }[] | undefined) ?? []);
const self = computed(() => props.tool.id as string | undefined);
const begin = (tool: Draft) => emit('change', { ...props.tool, ...tool }, null);
</script>

<template>
  <fieldset class="editor" :class="{ readonly: isReadonly }">
    <legend class="visually-hidden">The tool</legend>
    <div class="head">
      <EditField
        class="name"
        label="Name: what it is, not who made it"
        :value="tool.name"
        hint="Ratchet crimper, oval nests"
        :problem="problem('name')"
        :is-readonly
        @put="put('name', $event ?? '')"
        @done="emit('settle')"
      />
      <EditPick
        label="Kind"
        :value="tool.kind"
        :options="part('kind').enum ?? []"
        :problem="problem('kind')"
        :is-readonly
        @put="put('kind', $event, null)"
      />
    </div>
    <div v-if="isNew && !capabilities.length" class="beginnings">
      <p>What is it? It begins with the usual, and everything can be changed.</p>
      <v-btn v-for="one in beginnings" :key="one.title" size="small" @click="begin(one.tool)">{{
        one.title
      }}</v-btn>
    </div>

    <CapabilityCard
      v-for="(capability, at) in capabilities"
      :key="at"
      :tool
      :at
      :ticks
      :units
      :problems
      :trial="trialOf(capability)"
      :names="trial?.names.wires ?? {}"
      :is-part="trial?.first != null"
      :is-readonly
      @change="(next, name) => emit('change', next, name)"
      @settle="emit('settle')"
    />
    <p v-if="!capabilities.length && !isNew" class="muted">
      It does no work on a wire by itself: others may require it, or the house wants it in a kit.
    </p>
    <v-btn
      v-if="!isReadonly && capabilities.length"
      class="more"
      size="small"
      variant="text"
      @click="emit('change', withMember(tool, 'capabilities', begun('cut')), null)"
    >
      It does one thing more
    </v-btn>

    <div class="fields">
      <template v-if="hasCosts">
        <EditField
          v-for="{ key, title, measure } in costs"
          :key
          :label="title"
          :value="valueAt(tool, key)"
          :measure
          :units
          :problem="problem(key)"
          :is-readonly
          @put="put(key, $event)"
        />
      </template>
      <EditField
        v-for="{ key, title, measure } in hand"
        :key
        :label="title"
        :value="valueAt(tool, key)"
        :measure
        :units
        :problem="problem(key)"
        :is-readonly
        @put="put(key, $event)"
      />
      <EditPick
        label="Driven by"
        :value="tool.energy"
        :options="(part('energy').enum ?? []).filter((one) => one !== 'hand')"
        nothing="hand"
        :is-readonly
        @put="put('energy', $event, null)"
      />
      <label v-for="{ key, title } in checks" :key class="check">
        <input
          type="checkbox"
          :checked="valueAt(tool, key) === true"
          :disabled="isReadonly"
          @change="put(key, ($event.target as HTMLInputElement).checked || undefined, null)"
        />
        {{ title }}
      </label>
      <RequiredTools
        :required
        :self
        :problem="problemAt(problems, 'requires', true)"
        :is-readonly
        @put="put('requires', $event, null)"
      />
      <EditField
        class="wide"
        label="Note"
        :value="tool.note"
        :problem="problem('note')"
        :is-readonly
        @put="put('note', $event)"
        @done="emit('settle')"
      />
    </div>
    <DueRows :dues :problems path="dues" :is-readonly :has-costs @put="put('dues', $event, null)" />
  </fieldset>
</template>

<style scoped src="./editor.css"></style>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  min-width: 0;
  border: 0;
}

.head {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(130px, 1fr);
  gap: 14px;
}

.beginnings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 8px 0 14px;
}

.beginnings p {
  width: 100%;
}

.more {
  justify-self: start;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px 14px;
  align-items: start;
}

.check {
  display: flex;
  gap: 6px;
  align-items: center;
  align-self: end;
  min-height: calc(var(--touch) + 2px);
  font-size: 13px;
}

.readonly :deep(.box) {
  border-style: dashed;
  background: transparent;
}
</style>
