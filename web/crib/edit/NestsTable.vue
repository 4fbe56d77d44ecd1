<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { parted } from '../draw/ranges';
import { bandNests, withSizeAt } from './capabilities';
import EditField from './EditField.vue';
import { problemAt, valueAt, withMember, withoutMember, withValue, type Draft } from './paths';

/** The nests of a crimping die one by one, typed: label, band or code, sizes, what is proven, and what of the insulation they hold. */
const props = defineProps<{
  tool: Draft;
  path: string;
  ticks: Schemas['Tick'][];
  units: Units;
  problems: { path: string; expected: string }[];
  chosen: string | null;
  isReadonly: boolean;
}>();
const emit = defineEmits<{ change: [tool: Draft, name: string | null]; choose: [path: string] }>();

interface Nest {
  label: string;
  code?: string;
  size?: string;
  proven?: string;
  insulationOd?: { min?: number; max?: number };
  seal?: { min?: number; max?: number };
  gripsInsulation?: boolean;
}
const nests = computed(() => (valueAt(props.tool, props.path) as Nest[] | undefined) ?? []);
const problem = (at: number, key = '') =>
  problemAt(props.problems, `${props.path}/${at}${key === '' ? '' : `/${key}`}`);
const put = (at: number, key: string, value: unknown) =>
  emit('change', withSizeAt(props.tool, `${props.path}/${at}/${key}`, value), `${props.path}/${at}/${key}`);
const isChosen = (at: number) => props.chosen?.startsWith(`${props.path}/${at}/`) ?? false;
const capabilityPath = computed(() => props.path.replace(/\/nests$/, ''));
const hasSeal = computed(() => {
  const classes = valueAt(props.tool, `${capabilityPath.value}/classes`) as string[] | undefined;
  return nests.value.some(({ seal }) => seal) || (classes?.includes('sealed-open-barrel') ?? false);
});

/** One nest becomes two, each with half of its sizes. */
function part(at: number): void {
  const nest = nests.value[at];
  const halves = nest?.size ? parted(nest.size, props.ticks) : null;
  if (!nest || !halves) return;
  const half = (size: string, label: string): Nest => ({ ...nest, label, size });
  const list = nests.value.flatMap((one, index) =>
    index === at ? [half(halves[0], `${nest.label} a`), half(halves[1], `${nest.label} b`)] : [one],
  );
  emit('change', withValue(props.tool, props.path, list), null);
}
function move(at: number, by: number): void {
  const list = [...nests.value];
  const [nest] = list.splice(at, 1);
  if (nest) list.splice(at + by, 0, nest);
  emit('change', withValue(props.tool, props.path, list), null);
}
const limits = ['insulationOd', 'seal'] as const;
const limitWords = { insulationOd: 'insulation', seal: 'seal' };
</script>

<template>
  <div class="nests">
    <table v-if="nests.length">
      <thead>
        <tr>
          <th scope="col">Nest</th>
          <th scope="col">Band or code</th>
          <th scope="col" class="size">Sizes</th>
          <th scope="col">Proven</th>
          <th scope="col" colspan="2">Insulation from – to</th>
          <th v-if="hasSeal" scope="col" colspan="2">Seal from – to</th>
          <th scope="col" title="It grips the insulation too">Grips</th>
          <th><span class="visually-hidden">Part, move, take away</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(nest, at) in nests"
          :key="at"
          :class="{ chosen: isChosen(at) }"
          @focusin="emit('choose', `${path}/${at}/size`)"
        >
          <td>
            <EditField
              is-bare
              :label="`Label of nest ${at + 1}`"
              :value="nest.label"
              :problem="problem(at) ?? problem(at, 'label')"
              :is-readonly
              @put="put(at, 'label', $event)"
            />
          </td>
          <td>
            <EditField
              is-bare
              :label="`Code of nest ${at + 1}`"
              :value="nest.code"
              hint="red, blue …"
              :list="bandNests.map(({ label }) => label)"
              :problem="problem(at, 'code')"
              :is-readonly
              @put="put(at, 'code', $event)"
            />
          </td>
          <td class="size">
            <EditField
              is-bare
              :label="`Sizes of nest ${at + 1}`"
              :value="nest.size"
              hint="16-14 AWG"
              :problem="problem(at, 'size')"
              :is-readonly
              @put="put(at, 'size', $event)"
            />
          </td>
          <td>
            <EditField
              is-bare
              :label="`Proven at nest ${at + 1}`"
              :value="nest.proven"
              hint="–"
              :problem="problem(at, 'proven')"
              :is-readonly
              @put="put(at, 'proven', $event)"
            />
          </td>
          <template v-for="limit in limits" :key="limit">
            <template v-if="limit === 'insulationOd' || hasSeal">
              <td v-for="end in ['min', 'max'] as const" :key="end" class="number">
                <EditField
                  is-bare
                  :label="`Nest ${at + 1}, ${limitWords[limit]} ${end === 'min' ? 'from' : 'to'}`"
                  :value="nest[limit]?.[end]"
                  measure="length"
                  :units
                  hint="–"
                  :problem="problem(at, `${limit}/${end}`) ?? (end === 'min' ? problem(at, limit) : null)"
                  :is-readonly
                  @put="put(at, `${limit}/${end}`, $event)"
                />
              </td>
            </template>
          </template>
          <td class="check">
            <input
              type="checkbox"
              :aria-label="`Nest ${at + 1} grips the insulation too`"
              :checked="nest.gripsInsulation === true"
              :disabled="isReadonly"
              @change="put(at, 'gripsInsulation', ($event.target as HTMLInputElement).checked || undefined)"
            />
          </td>
          <td v-if="!isReadonly" class="acts">
            <button
              type="button"
              :disabled="!nest.size || !parted(nest.size, ticks)"
              :aria-label="`Part nest ${nest.label} in two`"
              title="Part in two"
              @click="part(at)"
            >
              ÷
            </button>
            <button
              type="button"
              :disabled="at === 0"
              :aria-label="`Nest ${nest.label} up`"
              title="Up"
              @click="move(at, -1)"
            >
              ↑
            </button>
            <v-btn
              :icon="mdiClose"
              size="x-small"
              variant="text"
              :aria-label="`Take nest ${nest.label} away`"
              @click="emit('change', withoutMember(tool, `${path}/${at}`), null)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <div v-if="!isReadonly" class="more">
      <v-btn
        size="small"
        variant="text"
        @click="
          emit(
            'change',
            withMember(tool, path, { label: String(nests.length + 1), size: '16-14 AWG / 1.5-2.5 mm2' }),
            null,
          )
        "
      >
        One more nest
      </v-btn>
      <v-btn
        v-if="!nests.length"
        size="small"
        @click="emit('change', withValue(tool, path, bandNests), null)"
      >
        Red, blue and yellow
      </v-btn>
    </div>
  </div>
</template>

<style scoped>
/* What is heard only stands in it too, or the page would be as wide as the whole table. */
.nests {
  position: relative;
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  padding: 0 6px 2px 0;
  font-size: 12px;
  font-weight: 500;
  color: var(--muted);
  text-align: left;
  white-space: nowrap;
}

td {
  padding: 1px 4px 1px 0;
  min-width: 74px;
  vertical-align: top;
}

.size {
  min-width: 190px;
}

.number {
  min-width: 68px;
}

.check {
  min-width: 30px;
  padding-top: 6px;
  text-align: center;
}

.acts {
  min-width: 88px;
  white-space: nowrap;
}

.acts button {
  min-width: 22px;
  min-height: var(--touch);
  cursor: pointer;
}

.acts button:disabled {
  opacity: 0.3;
  cursor: default;
}

.chosen td:first-child {
  box-shadow: -4px 0 0 var(--copper);
}

.more {
  display: flex;
  gap: 8px;
  padding-top: 4px;
}
</style>
