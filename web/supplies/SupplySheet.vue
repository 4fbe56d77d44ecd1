<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { writeLog } from '@/data/wall';
import type { Supply } from '@/data/supplies';
import SheetDialog from '@/frame/SheetDialog.vue';
import { useWrite } from '@/frame/useWrite';
import FormField from '@/shared/FormField.vue';
import { piecesOf, pretty } from '@/shared/pretty';
import ItemMark from './ItemMark.vue';

/** At the shelf, with a tablet in the hand: what was done, how many, done. */
const { item, mayTakeBack } = defineProps<{
  item: Supply & { stock: string };
  mayTakeBack: boolean;
  maySetUp: boolean;
}>();
const emit = defineEmits<{ close: []; keep: [] }>();

const isOpen = ref(true);
watch(isOpen, (now) => now || emit('close'));
type Kind = 'counted' | 'used' | 'received';
const kinds: { kind: Kind; title: string; does: string }[] = [
  { kind: 'counted', title: 'Counted', does: 'there now' },
  { kind: 'used', title: 'Taken', does: 'taken' },
  { kind: 'received', title: 'Came', does: 'came' },
];
const kind = ref<Kind>('counted');
const text = ref('');
const pieces = computed(() => (/^\d{1,10}$/.test(text.value.trim()) ? Number(text.value) : null));
const problem = computed(() =>
  text.value !== '' && pieces.value === null
    ? `A whole number of ${item.unit}.`
    : pieces.value === 0 && kind.value !== 'counted'
      ? 'One at least.'
      : '',
);
const after = computed(() =>
  pieces.value === null
    ? null
    : kind.value === 'counted'
      ? pieces.value
      : Math.max(0, item.book + (kind.value === 'used' ? -pieces.value : pieces.value)),
);
/** More was taken than was told to be there. */
const isMore = computed(() => kind.value === 'used' && (pieces.value ?? 0) > item.book);

const write = useWrite({
  ask: (of: { kind: Kind; pieces: number }) =>
    writeLog([{ what: of.kind, stock: item.stock, pieces: of.pieces }]),
  said: (of) =>
    `${item.name}: ${piecesOf(of.pieces, item.unit)} ${kinds.find((one) => one.kind === of.kind)?.does}`,
  mayTakeBack: () => mayTakeBack,
  after: () => (isOpen.value = false),
});
const refused = write.problem;
const isPending = write.isPending;
function submit(): void {
  if (pieces.value !== null && problem.value === '') write.mutate({ kind: kind.value, pieces: pieces.value });
}
</script>

<template>
  <SheetDialog v-model="isOpen" :title="pretty(item.name)" :width="460" :problem="refused" @submit="submit()">
    <div class="at">
      <ItemMark :looks="item.looks" />
      <span>{{ piecesOf(item.have, item.unit) }} on the shelf by the book</span>
    </div>
    <fieldset class="kinds">
      <legend class="visually-hidden">What was done</legend>
      <label v-for="one in kinds" :key="one.kind" :class="{ on: kind === one.kind }">
        <input v-model="kind" type="radio" name="kind" :value="one.kind" />{{ one.title }}
      </label>
    </fieldset>
    <FormField label="How many" :unit="item.unit" :problem="problem || undefined">
      <input
        v-model="text"
        type="text"
        inputmode="numeric"
        autocomplete="off"
        class="many mono"
        :aria-invalid="problem !== ''"
      />
    </FormField>
    <div class="steps" role="group" aria-label="A number by one press">
      <button v-for="many in [1, 5, 10, 25, 50, 100]" :key="many" type="button" @click="text = String(many)">
        {{ many }}
      </button>
    </div>
    <p class="muted after" role="status">
      <template v-if="after === null">A whole number of {{ item.unit }}.</template>
      <template v-else-if="isMore"
        >The book has fewer: it will say 0. Count what is there, and it is right again.</template
      >
      <template v-else>Then there are {{ piecesOf(after, item.unit) }}.</template>
    </p>
    <template #buttons="{ leave }">
      <v-btn
        type="submit"
        color="primary"
        variant="flat"
        :disabled="pieces === null || problem !== ''"
        :loading="isPending"
        >Done</v-btn
      >
      <v-btn variant="text" @click="leave()">Leave</v-btn>
      <v-btn v-if="maySetUp" variant="text" class="keep" @click="emit('keep')">Packs and weekly use …</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.at {
  display: flex;
  gap: 14px;
  align-items: center;
}

.kinds,
.steps {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}

.kinds label {
  display: inline-flex;
  flex: 1;
  gap: 7px;
  align-items: center;
  min-height: max(40px, var(--touch));
  padding: 0 12px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  cursor: pointer;
}

.kinds label.on {
  border-color: var(--ink);
  background: var(--row-wash);
  font-weight: 600;
}

.kinds input {
  accent-color: var(--copper);
}

.steps button {
  flex: 1;
  min-height: max(40px, var(--touch));
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-family: var(--mono);
  cursor: pointer;
}

.after {
  margin: 0;
}

.keep {
  margin-left: auto;
}
</style>
