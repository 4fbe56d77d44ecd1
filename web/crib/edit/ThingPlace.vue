<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useTicks, type ThingList } from '@/data/things';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import ProposedNote from '../ProposedNote.vue';
import KitsOf from './KitsOf.vue';
import ToolTrial from './ToolTrial.vue';
import TriedTools from './TriedTools.vue';
import ThingShell from './ThingShell.vue';
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

const route = useRoute();
const router = useRouter();
const list = computed(() => route.params.list as ThingList);
/** Null for one that is made. */
const id = computed(() => (typeof route.params.id === 'string' ? route.params.id : null));
const { person } = useSession();
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const isReadonly = computed(() => person.value?.role !== 'lead');
const hasCosts = computed(() => person.value?.maySetUpTheShop ?? false);
const ticks = useTicks();

const thing = useThing(list, id);
const { draft, name, change, settle } = thing;

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
</script>

<template>
  <ThingShell :id :thing :list :is-readonly>
    <template #default="{ draft: drawn }">
      <ToolEditor
        v-if="list === 'tools'"
        :tool="drawn"
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
        :wire="drawn"
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
        :terminal="drawn"
        :ticks
        :units
        :problems
        :trial="trials.terminals.trial.value"
        :is-readonly
        :has-costs
        @change="change"
        @settle="settle()"
      />
    </template>
    <template #aside>
      <ProposedNote v-if="id && list !== 'tools'" :id :list />
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
    </template>
  </ThingShell>
</template>

<style scoped>
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
</style>
