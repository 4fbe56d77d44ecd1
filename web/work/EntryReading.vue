<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Schemas } from '@/api/client';
import ReasonList from '@/lines/ReasonList.vue';
import StatusMark from '@/shared/StatusMark.vue';
import { judgedWords } from '@/lines/reading';
import { meaningWords, partsOf } from './entryWords';

/** What was read of an entry: each piece underlined with what it was taken for, what is open, and how the kit in hand does it. */
const props = defineProps<{
  text: string;
  entry: Schemas['Entry'];
  mayRemember?: boolean;
  /** Of a splice one end alone is made: somebody has said so. */
  isOneEnd?: boolean;
}>();
const emit = defineEmits<{
  /** A thing by its id, or a reading of what stands there. */
  pick: [question: Schemas['EntryQuestion'], instead: string];
  /** Picked, and what was written is its name from now on. */
  remember: [question: Schemas['EntryQuestion'], id: string];
  /** Of a splice: a wire at its other end, or null for one end alone. */
  second: [wire: string | null];
}>();
const isRemembered = ref(false);

const parts = computed(() => partsOf(props.text, props.entry));
const nameOf = (about: string, id: string) =>
  (about === 'terminal' ? props.entry.names.terminals : props.entry.names.wires)[id] ?? id;
</script>

<template>
  <div class="reading">
    <p class="pieces" aria-label="What was read">
      <span v-for="part in parts" :key="part.from" :class="part.kind">
        <span class="text">{{ part.text }}</span>
        <small v-if="part.token" class="means">
          {{ part.token.id ? nameOf(part.token.means, part.token.id) : meaningWords[part.token.means] }}
        </small>
        <small v-else-if="part.kind === 'unknown'" class="means">not understood</small>
        <small v-else-if="part.kind === 'asked'" class="means">which?</small>
      </span>
    </p>
    <div v-for="question in entry.questions" :key="question.about" class="question">
      <span>{{ question.text }}</span>
      <button
        v-for="reading in question.readings ?? []"
        :key="reading"
        type="button"
        @click="emit('pick', question, reading)"
      >
        {{ reading }}
      </button>
      <button
        v-for="id in question.candidates"
        :key="id"
        type="button"
        @click="isRemembered ? emit('remember', question, id) : emit('pick', question, id)"
      >
        {{ nameOf(question.about, id) }}
      </button>
      <label v-if="mayRemember && question.candidates.length && question.to > question.from" class="remember">
        <input v-model="isRemembered" type="checkbox" /> and remember it
      </label>
    </div>
    <div v-if="entry.wantsSecond && entry.line?.wire && mayRemember" class="question">
      <template v-if="isOneEnd">Only this end is made.</template>
      <template v-else>
        <span>Which wire is at the other end of the splice? Write it behind a +.</span>
        <button type="button" @click="emit('second', nameOf('wire', entry.line.wire))">The same wire</button>
        <button type="button" @click="emit('second', null)">Only this end is made here</button>
      </template>
    </div>
    <div v-if="entry.status" class="judged">
      <StatusMark :status="entry.status" :size="14" silent />
      <b>{{ judgedWords({ status: entry.status, checks: entry.checks ?? [], steps: entry.steps }) }}</b>
      <ReasonList v-if="entry.status !== 'faulty' && entry.checks?.length" :reasons="entry.checks" />
    </div>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  gap: 5px;
  min-height: 42px;
}

.pieces {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  white-space: pre-wrap;
}

.pieces > span {
  display: inline-flex;
  flex-direction: column;
  line-height: 1.3;
}

.token .text {
  border-bottom: 2px solid var(--copper);
}

.unknown .text {
  border-bottom: 2px dashed var(--hole);
}

.asked .text {
  border-bottom: 2px dotted var(--makeshift);
}

.means {
  font-size: 11.5px;
  color: var(--muted);
}

.unknown .means {
  color: var(--hole);
}

.asked .means {
  color: var(--makeshift);
}

.question {
  display: flex;
  flex-wrap: wrap;
  gap: 5px 8px;
  align-items: center;
  font-size: 13px;
}

.question button {
  min-height: var(--touch-tight);
  padding: 0 9px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  cursor: pointer;
}

.remember {
  display: flex;
  gap: 4px;
  align-items: center;
  color: var(--muted);
}

.judged {
  display: flex;
  gap: 8px;
  align-items: baseline;
  font-size: 13px;
}

.judged :deep(.mark) {
  align-self: center;
}
</style>
