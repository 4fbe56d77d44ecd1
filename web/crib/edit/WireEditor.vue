<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { useWorkbookSchema } from '@/data/workbookSchema';
import type { Units } from '@/settings/units';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { shown, unitOf } from '@/shared/measures';
import WirePicture from '../draw/WirePicture.vue';
import EditField from './EditField.vue';
import EditPick from './EditPick.vue';
import { problemAt, valueAt, withValue, type Draft } from './paths';

/** A wire as what it is: its cross-section to scale beside the numbers, and of each diameter where it comes from. */
const props = defineProps<{
  wire: Draft;
  ticks: Schemas['Tick'][];
  units: Units;
  problems: { path: string; expected: string }[];
  trial: Schemas['WireTrial'] | undefined;
  isReadonly: boolean;
}>();
const emit = defineEmits<{ change: [wire: Draft, name: string | null]; settle: [] }>();

const { part } = useWorkbookSchema();
const put = (path: string, value: unknown, name: string | null = path) =>
  emit('change', withValue(props.wire, path, value), name);
const problem = (path: string, isDeep = false) => problemAt(props.problems, path, isDeep);
const sheath = computed(() => props.wire.sheath as Draft | undefined);
const millimetres = (mm: number) => `${shown(mm, 'length', props.units)} ${unitOf('length', props.units)}`;
const recallWords = {
  formula: 'by formula',
  memory: 'from memory',
  'common-practice': 'common practice',
  stated: 'stated',
};

const outside = computed(() => props.trial?.diameters.outside ?? []);
const from = computed(() => props.trial?.diameters.outsideFrom ?? null);
const told = computed(() => {
  if (props.wire.insulationOd === undefined) return 'Not stated: limits of diameter cannot be checked.';
  return from.value
    ? `As ${from.value.source} has it (${from.value.of}; ${recallWords[from.value.recall]}).`
    : 'Measured, or from elsewhere: no table here has this figure.';
});
function take(event: Event): void {
  const mm = Number((event.target as HTMLSelectElement).value);
  if (mm > 0) put('insulationOd', mm, null);
  (event.target as HTMLSelectElement).value = '';
}
function turnSheath(event: Event): void {
  const isOn = (event.target as HTMLInputElement).checked;
  put('sheath', isOn ? { material: 'pvc', shape: 'round' } : undefined, null);
}
function shape(value: string | undefined): void {
  const { od, width, height, ...rest } = sheath.value ?? {};
  const across = (od ?? width) as number | undefined;
  const measures = across === undefined ? {} : value === 'flat' ? { width: across } : { od: across };
  emit(
    'change',
    withValue(props.wire, 'sheath', {
      ...rest,
      shape: value,
      ...measures,
      ...(value === 'flat' && height ? { height } : {}),
    }),
    null,
  );
}
const listedWords: Record<string, boolean> = { 'carries a mark': true, 'carries none': false };
const listed = computed(() =>
  props.wire.listed === undefined ? undefined : props.wire.listed ? 'carries a mark' : 'carries none',
);
</script>

<template>
  <fieldset class="editor">
    <legend class="visually-hidden">The wire</legend>
    <div class="top">
      <div class="picture">
        <WirePicture v-if="trial" :wire :area="trial.area" :conductor="trial.diameters.conductor.mm" />
        <LittleRuler v-if="trial" :ticks :wire="trial.area" :width="208" />
        <p v-if="trial" class="muted">
          Conductor {{ millimetres(Number(trial.diameters.conductor.mm.toFixed(3))) }}:
          {{ trial.diameters.conductor.of }}
        </p>
      </div>
      <div class="fields">
        <EditField
          class="wide name"
          label="Name: what it is, not who made it"
          :value="wire.name"
          hint="12 AWG stranded, PVC"
          :problem="problem('name')"
          :is-readonly
          @put="put('name', $event ?? '')"
          @done="emit('settle')"
        />
        <EditField
          label="Size"
          :value="wire.size"
          hint="12 AWG or 2.5 mm²"
          :problem="problem('size')"
          :is-readonly
          @put="put('size', $event)"
          @done="emit('settle')"
        />
        <EditPick
          label="Construction"
          :value="wire.construction"
          :options="part('construction').enum ?? []"
          :problem="problem('construction')"
          :is-readonly
          @put="put('construction', $event, null)"
        />
        <EditField
          label="Strands"
          :value="wire.strands"
          measure="count"
          :problem="problem('strands')"
          :is-readonly
          @put="put('strands', $event)"
        />
        <EditField
          v-if="wire.construction !== 'solid' || wire.strandDiameter !== undefined"
          label="One strand, across"
          :value="wire.strandDiameter"
          measure="length"
          :units
          hint="where measured"
          :problem="problem('strandDiameter')"
          :is-readonly
          @put="put('strandDiameter', $event)"
        />
        <EditPick
          label="Insulation"
          :value="wire.insulation"
          :options="part('material').enum ?? []"
          :problem="problem('insulation')"
          :is-readonly
          @put="put('insulation', $event, null)"
        />
        <div class="diameter">
          <EditField
            label="Outside diameter of a core"
            :value="wire.insulationOd"
            measure="length"
            :units
            :problem="problem('insulationOd')"
            :is-readonly
            @put="put('insulationOd', $event)"
          />
          <label v-if="!isReadonly && outside.length" class="table">
            <span class="visually-hidden">Take the diameter from a table</span>
            <select @change="take">
              <option value="">from a table …</option>
              <option v-for="one in outside" :key="`${one.of} ${one.mm}`" :value="one.mm">
                {{ millimetres(one.mm) }} – {{ one.of }}
              </option>
            </select>
          </label>
          <small class="muted">{{ told }}</small>
        </div>
        <EditPick
          label="Conductor"
          :value="wire.conductor"
          :options="(part('conductor').enum ?? []).filter((one) => one !== 'copper')"
          nothing="copper"
          :is-readonly
          @put="put('conductor', $event, null)"
        />
        <EditField
          label="Worked no colder than"
          :value="wire.minTemperature"
          measure="celsius"
          hint="PVC, LSZH: 0"
          :problem="problem('minTemperature')"
          :is-readonly
          @put="put('minTemperature', $event)"
        />
        <EditField
          label="Code printed on it"
          :value="wire.code"
          hint="M22759/32-20-6"
          :problem="problem('code')"
          :is-readonly
          @put="put('code', $event)"
          @done="emit('settle')"
        />
        <EditPick
          label="Listing mark on the spool"
          :value="listed"
          :options="Object.keys(listedWords)"
          nothing="not looked at"
          :is-readonly
          @put="put('listed', $event === undefined ? undefined : listedWords[$event], null)"
        />
      </div>
    </div>
    <section class="sheath" aria-label="Cable">
      <EditField
        label="Cores"
        :value="wire.cores"
        measure="count"
        hint="1"
        :problem="problem('cores')"
        :is-readonly
        @put="put('cores', $event === 1 ? undefined : $event)"
      />
      <label class="check">
        <input type="checkbox" :checked="sheath !== undefined" :disabled="isReadonly" @change="turnSheath" />
        with a sheath
      </label>
      <template v-if="sheath">
        <EditPick
          label="Sheath"
          :value="sheath.material"
          :options="part('material').enum ?? []"
          :problem="problem('sheath/material')"
          :is-readonly
          @put="put('sheath/material', $event, null)"
        />
        <EditPick
          label="Shape"
          :value="sheath.shape"
          :options="part('sheathShape').enum ?? []"
          :problem="problem('sheath/shape')"
          :is-readonly
          @put="shape"
        />
        <template v-if="sheath.shape === 'flat'">
          <EditField
            label="Width"
            :value="sheath.width"
            measure="length"
            :units
            :problem="problem('sheath/width')"
            :is-readonly
            @put="put('sheath/width', $event)"
          />
          <EditField
            label="Height"
            :value="sheath.height"
            measure="length"
            :units
            :problem="problem('sheath/height')"
            :is-readonly
            @put="put('sheath/height', $event)"
          />
        </template>
        <EditField
          v-else
          label="Over the sheath"
          :value="sheath.od"
          measure="length"
          :units
          :problem="problem('sheath/od')"
          :is-readonly
          @put="put('sheath/od', $event)"
        />
        <EditField
          label="Taken off"
          :value="valueAt(wire, 'sheath/strip')"
          measure="length"
          :units
          :problem="problem('sheath/strip')"
          :is-readonly
          @put="put('sheath/strip', $event)"
        />
        <label class="check">
          <input
            type="checkbox"
            :checked="sheath.bareEarth === true"
            :disabled="isReadonly"
            @change="put('sheath/bareEarth', ($event.target as HTMLInputElement).checked || undefined, null)"
          />
          bare earth core
        </label>
      </template>
    </section>
  </fieldset>
</template>

<style scoped src="./editor.css"></style>

<style scoped>
.editor {
  display: grid;
  gap: 16px;
  min-width: 0;
  border: 0;
}

.top {
  display: grid;
  grid-template-columns: 224px minmax(0, 1fr);
  gap: 22px;
}

.picture {
  display: grid;
  gap: 8px;
  align-content: start;
  font-size: 12.5px;
}

.fields,
.sheath {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 8px 14px;
  align-content: start;
  align-items: start;
}

.sheath {
  padding-top: 12px;
  border-top: 1px solid var(--hairline);
}

.diameter {
  grid-column: span 2;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 8px;
  align-items: end;
}

.diameter small {
  grid-column: 1 / -1;
}

.table select {
  width: 100%;
  min-height: calc(var(--touch) + 2px);
  padding: 0 6px;
  border: 1px dashed var(--tool-edge);
  border-radius: 3px;
  color: var(--ink);
  font: inherit;
  font-size: 13px;
}

.check {
  display: flex;
  gap: 6px;
  align-items: center;
  align-self: end;
  min-height: calc(var(--touch) + 2px);
  font-size: 13px;
}

@media (max-width: 760px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
