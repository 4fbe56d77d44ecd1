<script setup lang="ts">
import { useEventListener, useTitle } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { problemOf } from '@/api/client';
import { useTicks, type ThingList } from '@/api/queries';
import { useUndo } from '@/frame/useUndo';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import { omit } from '@/shared/omit';
import ProblemNote from '@/shared/ProblemNote.vue';
import KitsOf from './KitsOf.vue';
import type { Draft } from './paths';
import ToolTrial from './ToolTrial.vue';
import TriedTools from './TriedTools.vue';
import { useThing } from './useThing';
import { useTrial } from './useTrial';
import UsesPanel from './UsesPanel.vue';

/**
 * One wire, terminal or tool: drawn, changed, written; beside it what the shop's own things say of it, and where it is used. What
 * is not written yet is kept with the page.
 */
const ToolEditor = defineAsyncComponent(() => import('./ToolEditor.vue'));
const WireEditor = defineAsyncComponent(() => import('./WireEditor.vue'));
const TerminalEditor = defineAsyncComponent(() => import('./TerminalEditor.vue'));
const ones = { wires: 'wire', terminals: 'terminal', tools: 'tool' } as const;

const route = useRoute();
const router = useRouter();
const list = computed(() => route.params.list as ThingList);
const one = computed(() => ones[list.value]);
/** Null for one that is made. */
const id = computed(() => (typeof route.params.id === 'string' ? route.params.id : null));
const { person } = useSession();
const undo = useUndo();
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const isReadonly = computed(() => person.value?.role !== 'lead');
const hasCosts = computed(() => person.value?.maySetUpTheShop ?? false);
const ticks = useTicks();

const thing = useThing(list, id);
const { draft, name, change, settle, drop, isChanged, isStale, canUndo, canRedo, write, takeAway } = thing;
useTitle(() => `${name.value || `A new ${one.value}`} – Gondrik`);

const about = computed(() => `${list.value} ${id.value}`);
const trials = {
  wires: useTrial(
    'wires',
    computed(() => (list.value === 'wires' ? draft.value : null)),
    units,
    about,
  ),
  terminals: useTrial(
    'terminals',
    computed(() => (list.value === 'terminals' ? draft.value : null)),
    units,
    about,
  ),
  tools: useTrial(
    'tools',
    computed(() => (list.value === 'tools' ? draft.value : null)),
    units,
    about,
  ),
};
const now = computed(() => trials[list.value]);

const problems = computed(() => [...now.value.problems.value, ...thing.problems.value]);

/** Another with the same on it: what was drawn is the draft of a new one. */
async function copy(): Promise<void> {
  const like = { ...omit(draft.value ?? {}, 'id'), name: `${name.value}, copy` };
  await router.push({ name: 'make', params: { list: list.value } });
  change(like as Draft);
}

useEventListener(window, 'keydown', (event) => {
  const isFar = (event.ctrlKey || event.metaKey) && !event.altKey;
  const letter = event.key.toLowerCase();
  if (isFar && letter === 's') {
    event.preventDefault();
    if (isChanged.value && !isReadonly.value) write.mutate(null);
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
  <div class="thing">
    <header>
      <RouterLink :to="{ name: 'crib', params: { list } }">{{
        { wires: 'Wires', terminals: 'Terminals', tools: 'Tools' }[list]
      }}</RouterLink>
      <span v-if="id" class="mono muted">{{ id }}</span>
      <span v-else class="muted">a new {{ one }}</span>
      <span v-if="isReadonly" class="muted">The shop lead writes the catalogue; you look at it.</span>
      <div v-else class="acts">
        <span v-if="isChanged" class="state" role="status">not written yet</span>
        <v-btn size="small" variant="text" :disabled="!canUndo" @click="thing.undo()">Back a step</v-btn>
        <v-btn size="small" variant="text" :disabled="!canRedo" @click="thing.redo()">Forth</v-btn>
        <v-btn v-if="isChanged" size="small" variant="text" @click="drop()">Leave it as it was</v-btn>
        <v-btn v-if="id" size="small" variant="text" @click="copy()">Make one like it</v-btn>
        <v-btn
          v-if="id"
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
          :disabled="!isChanged || isStale"
          :loading="write.isPending.value"
          @click="write.mutate(null)"
        >
          {{ id ? 'Write' : 'Make it' }}
        </v-btn>
      </div>
    </header>
    <div v-if="isStale" class="stale" role="alert">
      <p>
        <strong>{{ thing.whoChanged.value }}.</strong> Nothing of yours was written over it, and nothing of
        yours is lost.
      </p>
      <v-btn size="small" :loading="write.isPending.value" @click="thing.mine()">Write mine over it</v-btn>
      <v-btn size="small" @click="drop()">Take theirs</v-btn>
    </div>
    <p v-if="thing.failure.value" class="failure" role="alert">
      {{ takeAway.error.value ? '' : 'Not written. ' }}{{ thing.failure.value }}
    </p>
    <ProblemNote
      v-if="thing.query.error.value && !thing.seen.value"
      :problem="problemOf(thing.query.error.value)"
      @retry="thing.query.refetch()"
    />
    <div v-if="draft" class="parts">
      <div class="main">
        <ToolEditor
          v-if="list === 'tools'"
          :tool="draft"
          :ticks
          :units
          :problems
          :trial="trials.tools.trial.value"
          :is-readonly
          :is-new="id === null"
          :has-costs
          @change="change"
          @settle="settle()"
        />
        <WireEditor
          v-else-if="list === 'wires'"
          :wire="draft"
          :ticks
          :units
          :problems
          :trial="trials.wires.trial.value"
          :is-readonly
          @change="change"
          @settle="settle()"
        />
        <TerminalEditor
          v-else
          :terminal="draft"
          :ticks
          :units
          :problems
          :trial="trials.terminals.trial.value"
          :is-readonly
          :has-costs
          @change="change"
          @settle="settle()"
        />
      </div>
      <aside>
        <p v-if="now.isOut.value" class="muted" role="status">
          The server does not answer; what is drawn is kept.
        </p>
        <p v-else-if="problems.length" class="pending" role="status">
          What is marked must be mended first; below is what was judged before.
        </p>
        <h2>On your own {{ list === 'tools' ? 'wires and terminals' : 'tools' }}</h2>
        <ToolTrial
          v-if="list === 'tools' && trials.tools.trial.value"
          :trial="trials.tools.trial.value"
          :is-behind="problems.length > 0"
        />
        <TriedTools
          v-else-if="list === 'wires' && trials.wires.trial.value"
          :tried="trials.wires.trial.value.tried"
        />
        <TriedTools
          v-else-if="list === 'terminals' && trials.terminals.trial.value"
          :tried="trials.terminals.trial.value.tried"
          :wires="trials.terminals.trial.value.wires"
        />
        <KitsOf
          v-if="list === 'tools' && id"
          :tool="id"
          :name
          :held="thing.tool.value?.kits ?? []"
          :is-readonly="!person?.maySetUpTheShop"
        />
        <UsesPanel
          v-if="id"
          :id
          :key="`${list} ${id}`"
          :list
          :name
          :is-readonly
          @merged="router.push({ name: 'thing', params: { list, id: $event } })"
        />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.thing {
  display: flex;
  flex-direction: column;
  height: 100%;
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

.stale {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 8px 20px;
  border-left: 4px solid var(--makeshift);
  background: var(--surface);
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

h2 {
  font-size: 13px;
  font-weight: 500;
  color: var(--muted);
}

.pending {
  border-left: 3px solid var(--makeshift);
  padding-left: 10px;
  font-size: 13px;
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
