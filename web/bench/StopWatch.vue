<script setup lang="ts">
import { useNow } from '@vueuse/core';
import { computed, onMounted, ref, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { writeLog } from '@/data/wall';
import { useWrite } from '@/frame/useWrite';
import { counted } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';
import { again, enough, mean, PIECES, pressed, seconds, still } from './timedPieces';

/** Ten pieces of one step by the clock: one press starts it and says piece after piece that it is done; then the mean is written down. */
const { op, tool, name, hand, mayTakeBack } = defineProps<{
  op: Schemas['Operation'];
  /** Id of the tool it is done with. */
  tool: string;
  /** What the step is called. */
  name: string;
  /** Whose hands; null where nobody is named. */
  hand: { id: string; name: string } | null;
  mayTakeBack: boolean;
}>();
const emit = defineEmits<{ close: [] }>();

const watch = ref(still());
const now = useNow({ interval: 100 });
const shown = computed(() =>
  watch.value.since === null
    ? null
    : Math.max(0, (now.value.getTime() - watch.value.since) / 1000).toFixed(1),
);
const isDone = computed(() => watch.value.since === null && watch.value.pieces.length > 0);
const left = computed(() => PIECES - watch.value.pieces.length);
const press = () => (watch.value = pressed(watch.value, Date.now()));
const big = useTemplateRef('big');
onMounted(() => big.value?.focus());

const write = useWrite({
  ask: () =>
    writeLog([
      {
        what: 'timed',
        tool,
        op,
        pieces: watch.value.pieces.length,
        seconds: seconds(watch.value),
        ...(hand === null ? {} : { person: hand.id }),
      },
    ]),
  said: () => `${name}: time written down`,
  mayTakeBack: () => mayTakeBack,
  atOnce: () => emit('close'),
});
const { isPending, problem } = write;
</script>

<template>
  <section class="watch" :aria-label="`Time for ${name}`" @keydown.esc="emit('close')">
    <button
      v-if="!isDone || left > 0"
      ref="big"
      type="button"
      class="press"
      @click="press()"
      @keydown.backspace.prevent="watch = again(watch, Date.now())"
    >
      <template v-if="shown === null">{{ isDone ? 'Go on' : 'Start with the first piece' }}</template>
      <template v-else
        >Piece {{ watch.pieces.length + 1 }} done <span class="mono">{{ shown }} s</span></template
      >
    </button>
    <p class="muted one">One piece is one wire cut or stripped, one crimp, one screw: not a whole line.</p>
    <p class="pieces mono" aria-live="polite">
      <span v-for="(piece, at) in watch.pieces" :key="at">{{ (piece / 1000).toFixed(1) }}</span>
      <span v-if="shown !== null" class="muted">{{ counted(left, 'piece') }} to go</span>
    </p>
    <p v-if="isDone" class="mean">
      <b class="mono">{{ mean(watch) }} s</b> a piece, of {{ counted(watch.pieces.length, 'piece')
      }}{{ hand ? `, ${hand.name}’s hands` : '' }}
    </p>
    <p class="ways">
      <template v-if="shown !== null">
        <button type="button" class="link" @click="watch = again(watch, Date.now())">
          It went wrong: begin this piece again
        </button>
        <button v-if="watch.pieces.length" type="button" class="link" @click="watch = enough(watch)">
          Enough
        </button>
      </template>
      <template v-else-if="isDone">
        <v-btn color="primary" variant="flat" size="small" :loading="isPending" @click="write.mutate()"
          >Write it down</v-btn
        >
        <button type="button" class="link" @click="watch = still()">Once more from the start</button>
      </template>
      <button type="button" class="link" @click="emit('close')">Leave it</button>
    </p>
    <p v-if="problem" role="alert" class="problem">{{ refusal(problem) }}</p>
  </section>
</template>

<style scoped>
.watch {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin: 8px 0;
  padding: 10px 12px;
  border: 1px solid var(--hairline);
  border-left: 3px solid var(--copper);
  background: var(--surface);
}

/* Pressed between two pieces, without looking. */
.press {
  min-width: min(100%, 320px);
  min-height: 64px;
  padding: 8px 20px;
  border: 1px solid var(--ink);
  border-radius: 4px;
  background: var(--ink);
  color: var(--ground);
  font: inherit;
  font-size: 19px;
  cursor: pointer;
}

p {
  margin: 0;
}

.pieces {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  min-height: 20px;
}

.mean b {
  font-size: 20px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  min-height: var(--touch);
}

.link {
  min-height: var(--touch);
}

.problem {
  color: var(--hole);
}
</style>
