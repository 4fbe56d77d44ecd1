<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import { useWorkbookSchema } from '@/data/workbookSchema';
import { words } from '@/shared/pretty';
import EditField from './EditField.vue';
import EditPick from './EditPick.vue';
import { problemAt } from './paths';

/** What has to be done to a tool again and again: each kind once, after so many days, so many cycles, or whichever comes first. */
interface Due {
  kind: string;
  days?: number;
  cycles?: number;
  price?: number;
}
const props = defineProps<{
  dues: readonly Due[];
  problems: { path: string; expected: string }[];
  /** Where it stands in what is refused. */
  path: string;
  isReadonly: boolean;
  /** What costs is not shown to everybody. */
  hasCosts: boolean;
}>();
const emit = defineEmits<{ put: [dues: Due[] | undefined] }>();

const { part } = useWorkbookSchema();
const kinds = computed(() => part('dueKind').enum ?? []);
const free = computed(() => kinds.value.filter((kind) => props.dues.every((due) => due.kind !== kind)));
const put = (dues: Due[]) => emit('put', dues.length ? dues : undefined);
/** A year, until somebody says otherwise. */
const YEAR = 365;
function add(): void {
  const [kind] = free.value;
  if (kind) put([...props.dues, { kind, days: YEAR }]);
}
function write(at: number, key: keyof Due, value: unknown): void {
  put(
    props.dues.map((due, index) => {
      if (index !== at) return due;
      const next = { ...due, [key]: value };
      if (value === undefined) Reflect.deleteProperty(next, key);
      return next;
    }),
  );
}
const problem = (at: number, key = '') =>
  problemAt(props.problems, `${props.path}/${at}${key === '' ? '' : `/${key}`}`);
const fields = computed(() => [
  { key: 'days' as const, title: 'Every … days', measure: 'count' as const },
  { key: 'cycles' as const, title: 'or … cycles', measure: 'count' as const },
  ...(props.hasCosts ? [{ key: 'price' as const, title: 'Costs', measure: 'money' as const }] : []),
]);
</script>

<template>
  <section v-if="dues.length || !isReadonly" class="dues" aria-label="What is to be done again and again">
    <h3>To be done again and again</h3>
    <p v-if="problemAt(problems, path)" class="wrong" role="alert">{{ problemAt(problems, path) }}</p>
    <div v-for="(due, at) in dues" :key="due.kind" class="row" role="group" :aria-label="words(due.kind)">
      <EditPick
        label="What"
        :value="due.kind"
        :options="kinds.filter((kind) => kind === due.kind || free.includes(kind))"
        :problem="problem(at) ?? problem(at, 'kind')"
        :is-readonly
        @put="write(at, 'kind', $event)"
      />
      <EditField
        v-for="{ key, title, measure } in fields"
        :key
        :label="title"
        :value="due[key]"
        :measure
        :problem="problem(at, key)"
        :is-readonly
        @put="write(at, key, $event)"
      />
      <v-btn
        v-if="!isReadonly"
        :icon="mdiClose"
        size="small"
        variant="text"
        :aria-label="`${words(due.kind)}: take it away`"
        @click="put(dues.filter((_, index) => index !== at))"
      />
    </div>
    <v-btn v-if="!isReadonly && free.length" size="small" variant="text" @click="add()">{{
      dues.length ? 'One more' : 'Something is to be done again and again'
    }}</v-btn>
  </section>
</template>

<style scoped>
.dues {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  justify-items: start;
}

h3 {
  margin: 0;
  font-size: 13.5px;
}

.row {
  display: grid;
  grid-template-columns: minmax(120px, 170px) repeat(3, minmax(76px, 110px)) auto;
  gap: 10px;
  align-items: end;
}

.wrong {
  margin: 0;
  color: var(--hole);
}

@media (max-width: 560px) {
  .row {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
