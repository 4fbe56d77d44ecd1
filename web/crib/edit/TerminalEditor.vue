<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { useWorkbookSchema } from '@/data/workbookSchema';
import type { Units } from '@/settings/units';
import SizeRuler from '../draw/SizeRuler.vue';
import TerminalPicture from '../draw/TerminalPicture.vue';
import EditField from './EditField.vue';
import EditPick from './EditPick.vue';
import EditToggles from './EditToggles.vue';
import { problemAt, valueAt, withValue, type Draft } from './paths';

/** A terminal as what it is: drawn to scale with its wire, its sizes as a bar on the ruler, and the numbers beside. */
const props = defineProps<{
  terminal: Draft;
  ticks: Schemas['Tick'][];
  units: Units;
  problems: { path: string; expected: string }[];
  trial: Schemas['TerminalTrial'] | undefined;
  isReadonly: boolean;
  hasCosts: boolean;
}>();
const emit = defineEmits<{ change: [terminal: Draft, name: string | null]; settle: [] }>();

const { part } = useWorkbookSchema();
const at = (path: string) => valueAt(props.terminal, path);
const put = (path: string, value: unknown, name: string | null = path) =>
  emit('change', withValue(props.terminal, path, value), name);
const problem = (path: string, isDeep = false) => problemAt(props.problems, path, isDeep);
const SHAPES = [
  'ring',
  'fork',
  'push-on female',
  'push-on male',
  'butt',
  'bullet',
  'piggyback',
  'pin',
  'socket',
  'lug',
  'contact',
  'tap',
  'clamp',
];
const lanes = computed(() => [
  {
    key: 'size',
    title: 'Takes',
    ranges: [
      {
        path: 'size',
        label: (props.terminal.nest as string | undefined) ?? 'sizes',
        code: (props.terminal.nest as string | undefined) ?? null,
        text: props.terminal.size as string | undefined,
      },
    ],
  },
]);
const marks = computed(() => {
  const wires = props.trial?.wires ?? [];
  const worst = (checks: Schemas['TrialCheck'][]): Schemas['Fit'] =>
    checks.some(({ fit }) => fit === 'unsuitable') ? 'unsuitable' : checks.length ? 'makeshift' : 'proper';
  return wires.map(({ area, name, checks }) => ({
    area,
    fit: worst(checks),
    title: [name, ...checks.map(({ text }) => text)].join(': '),
  }));
});
const limits = [
  { key: 'strip', title: 'Strip length', ends: ['nominal', 'min', 'max'] },
  { key: 'insulationOd', title: 'Insulation', ends: ['min', 'max'] },
  { key: 'seal', title: 'Seal', ends: ['min', 'max'] },
  { key: 'barrel', title: 'Barrel', ends: ['length', 'od'] },
  { key: 'cover', title: 'Plastic over it', ends: ['length', 'od'] },
] as const;
const endWords: Record<string, string> = {
  nominal: '',
  min: ', from',
  max: ', to',
  length: ', length',
  od: ', outside',
};
/** What is stated is shown whatever the class; else only where the class can have it. */
const hasLimit = (key: string) =>
  key === 'seal'
    ? isSealed.value
    : key !== 'cover' || isInsulated.value || props.terminal.cover !== undefined;
const isInsulated = computed(() => ['insulated', 'heat-shrink'].includes(String(props.terminal.class)));
const isSealed = computed(
  () => props.terminal.class === 'sealed-open-barrel' || props.terminal.seal !== undefined,
);
const checks = [
  { key: 'sealed', title: 'Seals by itself' },
  { key: 'sleeveToRear', title: 'Metal sleeve to the rear' },
];
const list = (key: string) => (props.terminal[key] as string[] | undefined) ?? [];
</script>

<template>
  <fieldset class="editor">
    <legend class="visually-hidden">The terminal</legend>
    <EditField
      class="name"
      label="Name: what it is, not who made it"
      :value="terminal.name"
      hint="Ring, blue, M5"
      :problem="problem('name')"
      :is-readonly
      @put="put('name', $event ?? '')"
      @done="emit('settle')"
    />
    <div class="top">
      <TerminalPicture :terminal :thickest="trial?.span.to ?? null" />
      <div class="fields">
        <EditPick
          label="Class"
          :value="terminal.class"
          :options="part('class').enum ?? []"
          :problem="problem('class')"
          :is-readonly
          @put="put('class', $event, null)"
        />
        <EditField
          label="Shape"
          :value="terminal.shape"
          :list="SHAPES"
          hint="ring"
          :problem="problem('shape')"
          :is-readonly
          @put="put('shape', $event)"
          @done="emit('settle')"
        />
        <EditField
          label="Nest: band or code"
          :value="terminal.nest"
          :list="['red', 'blue', 'yellow']"
          hint="blue"
          :problem="problem('nest')"
          :is-readonly
          @put="put('nest', $event)"
          @done="emit('settle')"
        />
        <EditField
          label="Stud"
          :value="terminal.stud"
          hint="M5, #10, 1/4"
          :problem="problem('stud')"
          :is-readonly
          @put="put('stud', $event)"
          @done="emit('settle')"
        />
        <EditField
          class="two"
          label="Sizes"
          :value="terminal.size"
          hint="16-14 AWG / 1.5-2.5 mm²"
          :problem="problem('size')"
          :is-readonly
          @put="put('size', $event)"
          @done="emit('settle')"
        />
      </div>
    </div>
    <SizeRuler
      v-if="ticks.length && terminal.size"
      :ticks
      :lanes
      :marks
      :is-readonly
      @put="(path, text) => emit('change', withValue(terminal, path, text), `drag ${path}`)"
      @settle="emit('settle')"
    />
    <div class="fields">
      <template v-for="limit in limits" :key="limit.key">
        <template v-if="hasLimit(limit.key)">
          <EditField
            v-for="end in limit.ends"
            :key="end"
            :label="`${limit.title}${endWords[end]}`"
            :value="at(`${limit.key}/${end}`)"
            measure="length"
            :units
            :problem="problem(`${limit.key}/${end}`) ?? (end === limit.ends[0] ? problem(limit.key) : null)"
            :is-readonly
            @put="put(`${limit.key}/${end}`, $event)"
          />
        </template>
      </template>
      <EditField
        label="Wires in a barrel"
        :value="terminal.wiresPerBarrel"
        measure="count"
        hint="1"
        :problem="problem('wiresPerBarrel')"
        :is-readonly
        @put="put('wiresPerBarrel', $event === 1 ? undefined : $event)"
      />
      <EditPick
        label="Ends"
        :value="terminal.ends === 2 ? 'two' : undefined"
        :options="['two']"
        nothing="one"
        :is-readonly
        @put="put('ends', $event ? 2 : undefined, null)"
      />
      <EditPick
        label="Sleeve over it"
        :value="terminal.sleeve"
        :options="(part('sleeveKind').enum ?? []).filter((one) => one !== 'none')"
        nothing="none"
        :is-readonly
        @put="put('sleeve', $event, null)"
      />
      <EditPick
        label="Worth"
        :value="terminal.grade"
        :options="['makeshift']"
        nothing="proper"
        :is-readonly
        @put="put('grade', $event, null)"
      />
      <EditField
        label="Extractor code"
        :value="terminal.extractCode"
        :problem="problem('extractCode')"
        :is-readonly
        @put="put('extractCode', $event)"
        @done="emit('settle')"
      />
      <EditField
        v-if="hasCosts"
        label="Price each"
        :value="terminal.price"
        measure="money"
        :problem="problem('price')"
        :is-readonly
        @put="put('price', $event)"
      />
      <label v-for="{ key, title } in checks" :key class="check">
        <input
          type="checkbox"
          :checked="at(key) === true"
          :disabled="isReadonly"
          @change="put(key, ($event.target as HTMLInputElement).checked || undefined, null)"
        />
        {{ title }}
      </label>
      <EditToggles
        class="wide"
        label="Takes (none marked: as usual for its class)"
        :options="part('construction').enum ?? []"
        :value="list('takes')"
        :problem="problem('takes', true)"
        :is-readonly
        @put="(on) => put('takes', on.length ? on : undefined, null)"
      />
      <EditToggles
        class="wide"
        label="Conductors (none marked: copper and its plated kinds)"
        :options="part('conductor').enum ?? []"
        :value="list('conductors')"
        :problem="problem('conductors', true)"
        :is-readonly
        @put="(on) => put('conductors', on.length ? on : undefined, null)"
      />
      <EditToggles
        class="wide"
        label="Suits (none marked: not stated)"
        :options="part('place').enum ?? []"
        :value="list('suits')"
        :problem="problem('suits', true)"
        :is-readonly
        @put="(on) => put('suits', on.length ? on : undefined, null)"
      />
    </div>
  </fieldset>
</template>

<style scoped src="./editor.css"></style>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  min-width: 0;
  border: 0;
}

.top {
  display: grid;
  grid-template-columns: 330px minmax(0, 1fr);
  gap: 22px;
  align-items: start;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 8px 14px;
  align-items: start;
}

.two {
  grid-column: span 2;
}

.check {
  display: flex;
  gap: 6px;
  align-items: center;
  align-self: end;
  min-height: calc(var(--touch) + 2px);
  font-size: 13px;
}

@media (max-width: 900px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
