<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { PersonRecord } from '@/data/skills';
import { writeLog } from '@/data/wall';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { refusal } from '@/shared/refusal';
import { GOOD, keepPractice, keptPractice, OTHER, written } from './practice';

/** Pieces of one skill as they are made and looked at: G is good, a number the fault that was seen, Backspace takes the last away, Enter writes them. */
const props = defineProps<{ record: PersonRecord; skill: string }>();
const { person } = useSession();
const kept = keptPractice(props.record.person.id);
const pieces = ref<string[]>(kept?.skill === props.skill ? kept.pieces : []);
const note = ref(kept?.skill === props.skill ? kept.note : '');
const draft = computed(() => ({ skill: props.skill, pieces: pieces.value, note: note.value }));
watch(draft, (now) => keepPractice(props.record.person.id, now), { deep: true });

const faults = computed(() => [
  ...(props.record.faults[props.skill] ?? []),
  { code: OTHER, text: 'Bad in another way' },
]);
const textOf = (code: string) =>
  code === GOOD ? 'good' : (faults.value.find((fault) => fault.code === code)?.text ?? code);
const missing = ref('');
const write = useWrite({
  ask: () => writeLog([written(draft.value, props.record.person.id)]),
  said: () => `${props.record.person.name}: practice written down`,
  mayTakeBack: () => person.value?.role === 'lead',
  atOnce: () => {
    pieces.value = [];
    note.value = '';
  },
});
const { isPending, problem } = write;
function send(): void {
  missing.value = pieces.value.length
    ? ''
    : 'No piece yet: press G for a good one, or the number of its fault.';
  if (!missing.value) write.mutate();
}
function key(event: KeyboardEvent): void {
  const fault = faults.value[Number(event.key) - 1];
  if (event.key.toLowerCase() === 'g') pieces.value.push(GOOD);
  else if (fault && /^[1-9]$/.test(event.key)) pieces.value.push(fault.code);
  else if (event.key === 'Backspace') pieces.value.pop();
  else return;
  event.preventDefault();
}
</script>

<template>
  <form aria-label="Practise" @submit.prevent="send()">
    <h3>Practise</h3>
    <div
      class="pieces"
      tabindex="0"
      role="group"
      aria-label="Pieces: G is good, a number its fault, Backspace takes the last away"
      @keydown="key"
      @keydown.enter.prevent="send()"
    >
      <ol v-if="pieces.length" :aria-label="`${pieces.length} pieces`">
        <li v-for="(piece, at) in pieces" :key="at" :class="{ good: piece === GOOD }" :title="textOf(piece)">
          <span class="visually-hidden">{{ textOf(piece) }}</span>
        </li>
      </ol>
      <span v-else class="muted"
        >Click here and press <kbd>G</kbd> for a good piece, <kbd>1</kbd
        ><template v-if="faults.length > 1"
          >–<kbd>{{ faults.length }}</kbd></template
        >
        for a fault.</span
      >
      <b class="mono" aria-live="polite"
        >{{ pieces.filter((piece) => piece === GOOD).length }} of {{ pieces.length }} good</b
      >
    </div>
    <div class="presses">
      <button type="button" class="good" @click="pieces.push(GOOD)"><kbd>G</kbd> Good</button>
      <button v-for="(fault, at) in faults" :key="fault.code" type="button" @click="pieces.push(fault.code)">
        <kbd>{{ at + 1 }}</kbd> {{ fault.text }}
      </button>
      <button v-if="pieces.length" type="button" class="back" @click="pieces.pop()">
        <kbd>⌫</kbd> Take the last away
      </button>
    </div>
    <label class="note"
      >Note
      <input
        v-model="note"
        class="lone-field"
        maxlength="500"
        placeholder="what was pulled and at what force, with which tool"
      />
    </label>
    <p v-if="missing" class="bad" role="alert">{{ missing }}</p>
    <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
    <v-btn size="small" variant="outlined" type="submit" :loading="isPending">Write them down</v-btn>
  </form>
</template>

<style scoped src="./part.css"></style>
<style scoped>
.pieces {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
  width: 100%;
  min-height: 42px;
  padding: 6px 10px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
}

.pieces:focus-visible {
  border-color: var(--ink);
  outline: 2px solid var(--copper);
}

ol {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  width: 14px;
  height: 14px;
  background:
    linear-gradient(45deg, transparent 43%, var(--hole) 43% 57%, transparent 57%),
    linear-gradient(-45deg, transparent 43%, var(--hole) 43% 57%, transparent 57%);
}

li.good {
  border-radius: 50%;
  background: var(--covered);
}

.presses {
  display: grid;
  gap: 1px;
  width: 100%;
}

.presses button {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
  text-align: left;
  cursor: pointer;
}

.presses button:hover {
  background: var(--row-wash);
}

.presses .good {
  font-weight: 640;
}

kbd {
  min-width: 20px;
  padding: 0 5px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  font-family: var(--mono);
  font-size: 12px;
  text-align: center;
}

.note {
  display: grid;
  gap: 2px;
  width: 100%;
}
</style>
