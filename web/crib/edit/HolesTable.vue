<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import type { Units } from '@/settings/units';
import EditField from './EditField.vue';
import { withSizeAt } from './capabilities';
import { problemAt, valueAt, withMember, withoutMember, type Draft } from './paths';

/** The notches or dies of a stripper one by one, typed: how each is marked, and its hole where somebody has measured it. */
const props = defineProps<{
  tool: Draft;
  path: string;
  units: Units;
  problems: { path: string; expected: string }[];
  chosen: string | null;
  isReadonly: boolean;
}>();
const emit = defineEmits<{ change: [tool: Draft, name: string | null]; choose: [path: string] }>();

interface Position {
  label: string;
  solid?: string;
  stranded?: string;
  hole?: number;
}
const positions = computed(() => (valueAt(props.tool, props.path) as Position[] | undefined) ?? []);
const problem = (at: number, key = '') =>
  problemAt(props.problems, `${props.path}/${at}${key === '' ? '' : `/${key}`}`);
const put = (at: number, key: string, value: unknown) =>
  emit('change', withSizeAt(props.tool, `${props.path}/${at}/${key}`, value), `${props.path}/${at}/${key}`);
const isChosen = (at: number) => props.chosen?.startsWith(`${props.path}/${at}/`) ?? false;
</script>

<template>
  <table class="places">
    <thead>
      <tr>
        <th scope="col">Label</th>
        <th scope="col">Solid</th>
        <th scope="col">Stranded</th>
        <th scope="col">Hole, measured</th>
        <th><span class="visually-hidden">Take away</span></th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="(position, at) in positions"
        :key="at"
        :class="{ chosen: isChosen(at) }"
        @focusin="emit('choose', `${path}/${at}/${position.solid === undefined ? 'stranded' : 'solid'}`)"
      >
        <td>
          <EditField
            is-bare
            :label="`Label of hole ${at + 1}`"
            :value="position.label"
            :problem="problem(at) ?? problem(at, 'label')"
            :is-readonly
            @put="put(at, 'label', $event)"
          />
        </td>
        <td v-for="which in ['solid', 'stranded'] as const" :key="which">
          <EditField
            is-bare
            :label="`Hole ${at + 1}, ${which}`"
            :value="position[which]"
            hint="–"
            :problem="problem(at, which)"
            :is-readonly
            @put="put(at, which, $event)"
          />
        </td>
        <td>
          <EditField
            is-bare
            :label="`Hole ${at + 1}, measured`"
            :value="position.hole"
            measure="length"
            :units
            hint="–"
            :problem="problem(at, 'hole')"
            :is-readonly
            @put="put(at, 'hole', $event)"
          />
        </td>
        <td>
          <v-btn
            v-if="!isReadonly"
            :icon="mdiClose"
            size="x-small"
            variant="text"
            :aria-label="`Take hole ${position.label} away`"
            @click="emit('change', withoutMember(tool, `${path}/${at}`), null)"
          />
        </td>
      </tr>
    </tbody>
    <tfoot v-if="!isReadonly">
      <tr>
        <td colspan="5">
          <v-btn
            size="small"
            variant="text"
            @click="
              emit(
                'change',
                withMember(tool, path, { label: String(positions.length + 1), stranded: '18 AWG' }),
                null,
              )
            "
          >
            One more hole
          </v-btn>
        </td>
      </tr>
    </tfoot>
  </table>
</template>

<style scoped>
.places {
  border-collapse: collapse;
  max-width: 640px;
}

th {
  padding: 0 8px 2px 0;
  font-size: 12px;
  font-weight: 500;
  color: var(--muted);
  text-align: left;
}

td {
  padding: 1px 6px 1px 0;
  vertical-align: top;
}

td:first-child {
  width: 110px;
}

.chosen td:first-child {
  box-shadow: -4px 0 0 var(--copper);
}
</style>
