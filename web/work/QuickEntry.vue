<script setup lang="ts">
import { refDebounced, useLocalStorage } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, toRef, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { answer, api, problemOf, type Schemas } from '@/api/client';
import { useEntry } from '@/data/lines';
import { handOver } from '@/frame/handedOver';
import type { Units } from '@/settings/units';
import { useSession } from '@/session/useSession';
import { refusal } from '@/shared/refusal';
import { useKeys } from '@/shared/useKeys';
import EntryReading from './EntryReading.vue';
import EntryCompletion from './EntryCompletion.vue';
import { missingSides, sideToComplete, withSide, type Side } from './entrySides';
import { answered, calledAmong, whatIsOpen, whereNow } from './entryWords';
import { useLines } from './useLines';
import { useUnwritten } from './useUnwritten';

/** One line of work, written as it is spoken, read back while it is typed, and added with Enter once nothing is open. */
const props = defineProps<{ scope: string; kit: string | null; units: Units; mayWrite: boolean }>();
const emit = defineEmits<{
  added: [id: string];
  /** Where the line that is being written would drop. */
  draft: [drop: Schemas['Drop'] | null];
}>();

const MakeThing = defineAsyncComponent(() => import('./MakeThing.vue'));

// Kept in the browser until it is saved: nothing typed is lost with the page or the session.
const { person } = useSession();
const text = useLocalStorage(`gondrik.entry.${person.value?.id}.${props.scope}`, '');
const settled = refDebounced(
  computed(() => text.value),
  180,
);
const { data, error, isFetching, readNow } = useEntry(
  toRef(() => props.scope),
  toRef(() => props.kit),
  settled,
  toRef(() => props.units),
);
const { edit: add } = useLines();
const unwritten = useUnwritten(`gondrik.unwritten.${person.value?.id}.${props.scope}`);
const router = useRouter();
const field = useTemplateRef<HTMLInputElement>('field');
useKeys('n', () => field.value?.focus());

const refused = ref<string | null>(null);
/** Of a splice one end alone is made, whatever is at the other. */
const isOneEnd = ref(false);
watch(text, () => {
  refused.value = null;
  isOneEnd.value = false;
});
function addSecond(wire: string | null): void {
  if (wire === null) isOneEnd.value = true;
  else text.value = `${text.value.trimEnd()} + ${wire}`;
  refused.value = null;
  field.value?.focus();
}
const shown = computed(() => (text.value.trim() === '' ? undefined : data.value));

watch(
  () => shown.value?.entry.drop ?? null,
  (drop) => emit('draft', drop),
);

const saidOf = (entry: Schemas['Entry']) => {
  const { terminal, wire, quantity } = entry.line ?? {};
  const { terminals, wires } = entry.names;
  return `${quantity ?? 1} × ${terminals[terminal ?? ''] ?? terminal} on ${wires[wire ?? ''] ?? wire}`;
};

async function submit(): Promise<void> {
  const words = text.value;
  if (!props.mayWrite || words.trim() === '') return;
  // What is added is what stands there now, not what was read a moment ago.
  const read = await readNow(words).catch(() => undefined);
  if (!read) return;
  const { entry } = read;
  refused.value = whatIsOpen(entry, isOneEnd.value);
  if (refused.value !== null || entry.line === null) return;
  // Whoever has gone on typing meanwhile writes the next line.
  const more = text.value.startsWith(words) ? text.value.slice(words.length).trimStart() : text.value;
  text.value = more;
  field.value?.focus();
  inTurn(words, entry.line, `Added: ${saidOf(entry)}`);
}

/** One after the other, so that they stand in the table as they were written. */
let turn: Promise<void> = Promise.resolve();
function inTurn(words: string, line: Schemas['LineDraft'], said: string): void {
  const key = unwritten.send(words);
  turn = turn.then(async () => {
    try {
      const { data } = await add.mutateAsync({ scope: props.scope, edits: [{ line }], said });
      unwritten.letGo(key);
      if (data[0]) emit('added', data[0].id);
    } catch (error) {
      unwritten.refuse(key, refusal(problemOf(error)));
    }
  });
}

/** Back into the field; what is written there meanwhile is put aside. */
function mend({ key, text: words }: { key: string; text: string }): void {
  unwritten.letGo(key);
  const aside = text.value.trim();
  if (aside) unwritten.refuse(unwritten.send(text.value), 'Put aside.');
  text.value = words;
  field.value?.focus();
}

const completing = computed(() => (props.mayWrite ? sideToComplete(text.value, shown.value?.entry) : null));
const lacking = computed(() =>
  shown.value && props.mayWrite ? missingSides(shown.value.text, shown.value.entry) : [],
);

function fill(side: Side, name: string): void {
  text.value = withSide(text.value, side, name);
  field.value?.focus();
}

/** The same of a side of the text that was read last, of which more may have been written since. */
function fillWhatWasRead(side: Side, name: string): void {
  const now = shown.value && whereNow(side, shown.value.text, text.value);
  if (now) fill(now, name);
}

/** Rows of a spreadsheet are a table: they go where their columns are named. */
function pasted(event: ClipboardEvent): void {
  const rows = event.clipboardData?.getData('text/plain') ?? '';
  if (!props.mayWrite || !/\n\s*\S/.test(rows.trim())) return;
  event.preventDefault();
  handOver(new File([rows], 'pasted table', { type: 'text/plain' }));
  void router.push({ name: 'table', query: { scope: props.scope, kit: props.kit ?? '' } });
}

/** From the field down to what is offered. */
function goToOffers(event: KeyboardEvent): void {
  if (event.target !== field.value) return;
  (event.currentTarget as Element)
    .querySelector<HTMLElement>('.completion button, .question button')
    ?.focus();
}

/** What was written is another name for it from now on, where somebody says so. */
async function remember(question: Schemas['EntryQuestion'], id: string): Promise<void> {
  const words = [...(shown.value?.text ?? text.value)].slice(question.from, question.to).join('');
  pick(question, id);
  await answer(
    api.PUT('/aliases', { body: { about: question.about === 'terminal' ? 'terminal' : 'wire', words, id } }),
  ).catch(() => undefined);
}

/** A candidate, or a reading of what stands there. */
function pick(question: Schemas['EntryQuestion'], instead: string): void {
  const names = shown.value?.entry.names ?? { wires: {}, terminals: {} };
  const now = shown.value && whereNow(question, shown.value.text, text.value);
  // What is asked was written over meanwhile: the question is, too, in a moment.
  if (now) text.value = answered(text.value, now, calledAmong(question, instead, names));
  field.value?.focus();
}
</script>

<template>
  <form class="entry" @submit.prevent="submit" @keydown.down="goToOffers">
    <div class="write">
      <input
        ref="field"
        v-model="text"
        type="text"
        maxlength="500"
        autocomplete="off"
        spellcheck="false"
        aria-label="A line of work"
        placeholder="40 × 12 AWG stranded PVC → ring yellow M6, wet"
        @paste="pasted"
      />
      <v-btn v-if="mayWrite" type="submit" color="primary" variant="flat" :loading="add.isPending.value"
        >Add</v-btn
      >
    </div>
    <EntryReading
      v-if="shown"
      :class="{ old: isFetching }"
      :text="shown.text"
      :entry="shown.entry"
      :may-remember="mayWrite"
      :is-one-end="isOneEnd"
      @second="addSecond"
      @pick="pick"
      @remember="remember"
    />
    <p v-else-if="error" class="problem" role="alert">
      {{ refusal(problemOf(error)) }}
    </p>
    <p v-else class="muted hint">
      How many, which wire, an arrow (or “into”), which terminal; then what is special: wet, hot, −5 °C, no
      mains, tight, M8, 1.2 N·m, 2 per barrel, + the second wire of a splice. It is read back while you write.
    </p>
    <EntryCompletion v-if="completing" :side="completing" @pick="fill(completing, $event)" />
    <p v-if="refused" class="problem" role="alert">{{ refused }}</p>
    <div v-for="one in unwritten.refused.value" :key="one.key" class="unwritten" role="alert">
      <p>
        <b>Not written: “{{ one.text }}”.</b> {{ one.why }}
      </p>
      <v-btn size="small" @click="mend(one)">Mend it</v-btn>
      <v-btn size="small" variant="text" @click="unwritten.letGo(one.key)">Throw it away</v-btn>
    </div>
    <p v-if="!mayWrite" class="muted">
      Adding is for the shop lead and the coordinator; reading is for everybody.
    </p>
  </form>
  <MakeThing
    v-for="side in lacking"
    :key="`${side.about} ${side.words}`"
    :about="side.about"
    :text="side.words"
    @made="fillWhatWasRead(side, $event)"
  />
</template>

<style scoped>
.entry {
  display: grid;
  gap: 6px;
  padding: 4px 0 6px;
}

.write {
  display: flex;
  gap: 8px;
}

input {
  flex: 1;
  min-width: 0;
  min-height: calc(var(--touch) + 6px);
  padding: 0 12px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-size: 16px;
  outline: none;
}

input:focus {
  border-color: var(--ink);
  box-shadow: inset 0 -2px 0 var(--copper);
}

input::placeholder {
  color: var(--muted);
}

.hint {
  min-height: 42px;
  font-size: 12.5px;
}

.problem {
  color: var(--hole);
  font-size: 13px;
}

.unwritten {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 4px 12px;
  border-left: 3px solid var(--hole);
  background: var(--surface);
  font-size: 13px;
}

.old {
  opacity: 0.7;
}
</style>
