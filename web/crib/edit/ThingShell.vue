<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { problemOf } from '@/api/client';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useUndo } from '@/frame/useUndo';
import { omit } from '@/shared/omit';
import ProblemNote from '@/shared/ProblemNote.vue';
import TwoWrote from '@/shared/TwoWrote.vue';
import { differences } from './differences';
import type { Draft } from './paths';
import { listRoute, makeRoute } from './routes';
import type { DraftList, useThing } from './useThing';

/**
 * What stands around a draft, whatever is drawn: where one is, its steps back and forth, writing and taking away, and what others
 * have done meanwhile. Beside it a column for what is said of it.
 */
const props = defineProps<{
  thing: ReturnType<typeof useThing>;
  list: DraftList;
  /** Null for one that is made. */
  id: string | null;
  isReadonly: boolean;
}>();
defineSlots<{ default(props: { draft: Draft }): unknown; aside(): unknown }>();

const titles: Record<DraftList, string> = {
  wires: 'Wires',
  terminals: 'Terminals',
  tools: 'Tools',
  kits: 'Kits',
};
const one = computed(() => props.list.slice(0, -1));
const router = useRouter();
const undo = useUndo();
// One and the same as long as the place stands.
const thing = props.thing;
const { draft, name, change, drop, isChanged, isStale, canUndo, canRedo, write, takeAway } = thing;

/** So many of the places at which two wrote otherwise are shown. */
const SHOWN = 6;
const apart = computed(() => (isStale.value ? differences(draft.value, thing.seen.value?.thing ?? {}) : []));

/** Another with the same on it: what was drawn is the draft of a new one. */
async function copy(): Promise<void> {
  const like = { ...omit(draft.value ?? {}, 'id'), name: `${name.value}, copy` };
  await router.push(makeRoute(props.list));
  change(like);
}

/** Pressed where nothing is changed. */
const isIdle = ref(false);
watch(draft, () => (isIdle.value = false));
/** A field that has the cursor has told what is in it by then; what is missing is asked for at its place. */
function press(): void {
  if (document.activeElement instanceof HTMLInputElement)
    document.activeElement.dispatchEvent(new Event('change'));
  isIdle.value = props.id !== null && !isChanged.value;
  if (!isIdle.value) write.mutate(null);
}

const main = useTemplateRef<HTMLElement>('main');
const fieldOf = (selector: string) => main.value?.querySelector<HTMLInputElement>(selector) ?? null;
watch(thing.problems, async (problems) => {
  await nextTick();
  if (problems.length) fieldOf('[aria-invalid=true]')?.focus();
});
/** What is made anew begins with its name. */
watch(
  main,
  (shown) => {
    if (shown && props.id === null) fieldOf('.name input')?.focus();
  },
  { flush: 'post', immediate: true },
);

useEventListener(window, 'keydown', (event) => {
  const isFar = (event.ctrlKey || event.metaKey) && !event.altKey;
  const letter = event.key.toLowerCase();
  if (isFar && letter === 's') {
    event.preventDefault();
    if (!props.isReadonly && !isStale.value) press();
    return;
  }
  if (
    !isFar ||
    (event.target instanceof Element && event.target.closest('input:not([type=checkbox]), textarea'))
  )
    return;
  const isBack = letter === 'z' && !event.shiftKey;
  const isForth = letter === 'y' || (letter === 'z' && event.shiftKey);
  if (isBack && canUndo.value) thing.undo();
  else if (isForth && canRedo.value) thing.redo();
  else if (isBack && !isChanged.value) void undo.undo();
  else if (isForth && !isChanged.value) void undo.redo();
  else return;
  event.preventDefault();
});
</script>

<template>
  <PlaceFrame class="thing" :title="name || `A new ${one}`" look="fill">
    <header>
      <RouterLink :to="listRoute(list)">{{ titles[list] }}</RouterLink>
      <span v-if="id" class="mono muted">{{ id }}</span>
      <span v-else class="muted">a new {{ one }}</span>
      <span v-if="isReadonly" class="muted">
        {{
          list === 'kits'
            ? 'Lead and coordinator pack the kits'
            : 'The shop lead writes wires, terminals and tools'
        }}; you look at it.
      </span>
      <div v-else class="acts">
        <span v-if="isChanged" class="state" role="status">not written yet</span>
        <span v-else-if="isIdle" class="muted" role="status">as it is written already</span>
        <v-btn size="small" variant="text" :disabled="!canUndo" @click="thing.undo()">Back a step</v-btn>
        <v-btn size="small" variant="text" :disabled="!canRedo" @click="thing.redo()">Forth</v-btn>
        <v-btn v-if="isChanged" size="small" variant="text" @click="drop()">Leave it as it was</v-btn>
        <v-btn v-if="id && draft" size="small" variant="text" @click="copy()">Make one like it</v-btn>
        <v-btn
          v-if="id && draft"
          size="small"
          variant="text"
          :loading="takeAway.isPending.value"
          @click="takeAway.mutate()"
          >Take away</v-btn
        >
        <v-btn
          color="primary"
          variant="flat"
          size="small"
          :disabled="isStale"
          :loading="write.isPending.value"
          @click="press()"
        >
          {{ id ? 'Write' : 'Make it' }}
        </v-btn>
      </div>
    </header>
    <TwoWrote
      v-if="isStale"
      :label="`Two wrote on one ${one}`"
      head="Yours"
      :who="thing.whoChanged.value"
      :rows="apart.slice(0, SHOWN)"
      :more="Math.max(0, apart.length - SHOWN)"
    >
      <template #says>Nothing of yours was written over it, and nothing of yours is lost.</template>
      <v-btn size="small" :loading="write.isPending.value" @click="thing.mine()">Write mine over it</v-btn>
      <v-btn size="small" @click="drop()">Take theirs</v-btn>
    </TwoWrote>
    <p v-if="thing.failure.value" class="failure" role="alert">
      {{ takeAway.error.value ? '' : 'Not written. ' }}{{ thing.failure.value }}
    </p>
    <ProblemNote
      v-if="thing.query.error.value && !thing.seen.value"
      :problem="problemOf(thing.query.error.value)"
      @retry="thing.query.refetch()"
    />
    <div v-if="draft" class="parts">
      <div ref="main" class="main"><slot :draft="draft" /></div>
      <aside><slot name="aside" /></aside>
    </div>
  </PlaceFrame>
</template>

<style scoped>
.thing {
  gap: 0;
  padding: 0;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  padding: 8px 20px;
  border-bottom: 1px solid var(--hairline);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
  margin-left: auto;
}

.state {
  padding: 0 6px;
  color: var(--makeshift);
  font-size: 13px;
}

.failure {
  padding: 6px 20px;
  color: var(--hole);
}

.parts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 344px;
  flex: 1;
  min-height: 0;
}

.main {
  min-width: 0;
  padding: 14px 20px 30px;
  overflow: auto;
}

aside {
  display: grid;
  gap: 16px;
  align-content: start;
  padding: 14px 20px 30px;
  overflow: auto;
  border-left: 1px solid var(--hairline);
  background: var(--surface);
}

@media (max-width: 1080px) {
  .parts {
    display: block;
    overflow: auto;
  }

  aside {
    border-left: 0;
    border-top: 2px solid var(--copper);
  }
}
</style>
