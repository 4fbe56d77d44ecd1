<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Schemas } from '@/api/client';
import { useLastChange } from '@/data/lines';
import { details } from '@/lines/details';
import type { LineRow } from '@/lines/reading';
import { moment } from '@/shared/format';
import { omit } from '@/shared/omit';
import { operationWords, orderOfWork } from '@/shared/status';

/** Everything else that a line may carry: what it says takes a row, what it does not takes none. */
const props = defineProps<{ row: LineRow; scope: string; mayWrite: boolean }>();
const emit = defineEmits<{
  cell: [column: string, text: string];
  /** Steps put in or left out by hand. */
  steps: [line: Schemas['Line']];
}>();

type Hand = 'add' | 'drop';

const said = computed(() => details.filter(({ text }) => text(props.row.line) !== null));
const opened = ref<string | null>(null);
const shown = computed(() => [
  ...said.value,
  ...details.filter(({ key }) => key === opened.value && !said.value.some((one) => one.key === key)),
]);
const rest = computed(() => details.filter(({ key }) => !shown.value.some((one) => one.key === key)));
/** What is typed and not written yet: the line may be read anew meanwhile. */
const typing = ref<{ key: string; text: string } | null>(null);
watch(
  () => props.row.id,
  () => (opened.value = typing.value = null),
);

function write(key: string, before: string | null, event: Event): void {
  const text = (event.target as HTMLInputElement).value.trim();
  if (text !== (before ?? '')) emit('cell', key, text);
  typing.value = null;
}

const byHand = computed(() =>
  (['add', 'drop'] as const).flatMap((how) =>
    (props.row.line[how] ?? []).map((step, index) => ({ how, index, ...step })),
  ),
);
const step = ref<{ how: Hand; op: Schemas['Operation']; remark: string } | null>(null);
const howWords: Record<Hand, string> = { add: 'Put in', drop: 'Leave out' };

function writeStep(): void {
  if (!step.value?.remark.trim()) return;
  const { how, op, remark } = step.value;
  emit('steps', {
    ...props.row.line,
    [how]: [...(props.row.line[how] ?? []), { op, remark: remark.trim() }],
  });
  step.value = null;
}

function takeBack(how: Hand, at: number): void {
  const steps = (props.row.line[how] ?? []).filter((_, index) => index !== at);
  const rest: Schemas['Line'] = { ...omit(props.row.line, how), id: props.row.line.id };
  emit('steps', steps.length ? { ...rest, [how]: steps } : rest);
}

const last = useLastChange(computed(() => (props.mayWrite ? `lines/${props.scope}/${props.row.id}` : null)));
const lastWords = computed(() => {
  const entry = last.data.value?.data[0];
  return entry ? `Changed by ${entry.by ?? 'somebody'}, ${moment(entry.at)}` : null;
});
</script>

<template>
  <section class="details" aria-label="What the line says">
    <dl>
      <template v-for="{ key, title, text, options } in shown" :key="key">
        <dt>{{ title }}</dt>
        <dd>
          <select
            v-if="mayWrite && options"
            :value="text(row.line) ?? ''"
            :aria-label="title"
            @change="write(key, text(row.line), $event)"
          >
            <option value="">–</option>
            <option v-for="one in options" :key="one" :value="one">{{ one }}</option>
          </select>
          <input
            v-else-if="mayWrite"
            :value="typing?.key === key ? typing.text : (text(row.line) ?? '')"
            :aria-label="title"
            maxlength="500"
            autocomplete="off"
            @input="typing = { key, text: ($event.target as HTMLInputElement).value }"
            @change="write(key, text(row.line), $event)"
          />
          <span v-else>{{ text(row.line) }}</span>
        </dd>
      </template>
      <template v-for="{ how, index, op, remark } in byHand" :key="`${how} ${index}`">
        <dt>{{ how === 'add' ? 'Put in' : 'Left out' }}</dt>
        <dd>
          {{ operationWords[op] }}, {{ remark }}
          <button v-if="mayWrite" type="button" class="link" @click="takeBack(how, index)">take back</button>
        </dd>
      </template>
    </dl>
    <template v-if="mayWrite">
      <p class="more">
        <select
          aria-label="Say more of the line"
          value=""
          @change="opened = ($event.target as HTMLSelectElement).value"
        >
          <option value="">Say more …</option>
          <option v-for="{ key, title } in rest" :key="key" :value="key">{{ title }}</option>
        </select>
        <button v-if="!step" type="button" class="link" @click="step = { how: 'add', op: 'cut', remark: '' }">
          A step by hand
        </button>
      </p>
      <form v-if="step" class="step" @submit.prevent="writeStep">
        <select v-model="step.how" aria-label="Put in or leave out">
          <option v-for="(word, how) in howWords" :key="how" :value="how">{{ word }}</option>
        </select>
        <select v-model="step.op" aria-label="Which step">
          <option v-for="op in orderOfWork" :key="op" :value="op">{{ operationWords[op] }}</option>
        </select>
        <input v-model="step.remark" placeholder="why" aria-label="Why" maxlength="500" required />
        <v-btn type="submit" size="small">Write</v-btn>
        <v-btn size="small" variant="text" @click="step = null">Leave it</v-btn>
      </form>
      <p v-if="lastWords" class="muted">{{ lastWords }}</p>
    </template>
  </section>
</template>

<style scoped>
.details {
  margin-top: 10px;
  font-size: 13px;
}

dl {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 3px 12px;
  align-items: center;
}

dt {
  color: var(--muted);
}

dd {
  margin: 0;
}

input,
select {
  min-height: var(--touch-tight);
  max-width: 100%;
  padding: 0 7px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--ground);
  color: var(--ink);
  font: inherit;
}

.more,
.step {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin-top: 6px;
}
</style>
