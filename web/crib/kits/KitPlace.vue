<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useThingPage, useToolsById } from '@/data/things';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import { counted, words } from '@/shared/pretty';
import EditField from '../edit/EditField.vue';
import { money } from '@/shared/currency';
import { problemAt, valueAt, withValue, type Draft } from '../edit/paths';
import ThingShell from '../edit/ThingShell.vue';
import { useThing } from '../edit/useThing';
import KitCopies from './KitCopies.vue';
import KitThings from './KitThings.vue';
import SharedKits from './SharedKits.vue';
import { packed, weighed, type Entry } from './packing';

/** One kit: what is in it, in the order in which it is reached for, the hand it is for, and what it weighs and costs. */
const route = useRoute();
const id = computed(() => (typeof route.params.id === 'string' ? route.params.id : null));
const { person } = useSession();
const isReadonly = computed(() => !person.value?.maySetUpTheShop);
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const list = ref('kits' as const);
const thing = useThing(list, id);
const { draft, change, settle } = thing;

const entries = computed(() => (draft.value?.tools as Entry[] | undefined) ?? []);
const shares = computed(() => (draft.value?.shares as string[] | undefined) ?? []);
const like = computed(() => draft.value?.like as string | undefined);
const put = (path: string, value: unknown, name: string | null = path) => {
  if (draft.value) change(withValue<Draft>(draft.value, path, value), name);
};
const problem = (path: string, isDeep = false) => problemAt(thing.problems.value, path, isDeep);
const pack = (how: Parameters<typeof packed>[1]) => put('tools', packed(entries.value, how), null);

const known = useToolsById();
const toolOf = (tool: string) => known.value.get(tool);
const nameOf = (tool: string) => toolOf(tool)?.name ?? tool;
const sums = computed(() => weighed(entries.value, known.value));
const lacking = computed(() => [
  ...new Set(
    entries.value.flatMap(({ tool }) =>
      (toolOf(tool)?.requires ?? []).filter((one) => !entries.value.some((entry) => entry.tool === one)),
    ),
  ),
]);

const sought = ref('');
const found = useThingPage(ref('tools' as const), refDebounced(sought, 150), 8);
const others = computed(() =>
  found.value.filter((one) => !entries.value.some(({ tool }) => tool === one.id)),
);
function take(tool: string): void {
  pack({ add: tool });
  sought.value = '';
}
</script>

<template>
  <ThingShell :id :thing :list="'kits'" :is-readonly>
    <template #default="{ draft: drawn }">
      <fieldset class="editor">
        <legend class="visually-hidden">The kit</legend>
        <EditField
          class="name wide"
          label="Name"
          :value="drawn.name"
          hint="Pylon backpack"
          :problem="problem('name')"
          :is-readonly
          @put="put('name', $event ?? '')"
          @done="settle()"
        />
        <label class="check">
          <input
            type="checkbox"
            :checked="drawn.travels !== false"
            :disabled="isReadonly"
            @change="put('travels', ($event.target as HTMLInputElement).checked ? undefined : false, null)"
          />
          It travels to the work
        </label>
        <EditField
          label="The hand it is for: grip"
          :value="valueAt(drawn, 'hand/gripForce')"
          measure="force"
          :units
          :problem="problem('hand/gripForce') ?? problem('hand')"
          :is-readonly
          @put="put('hand/gripForce', $event)"
        />
        <EditField
          label="and span"
          :value="valueAt(drawn, 'hand/handSpan')"
          measure="length"
          :units
          :problem="problem('hand/handSpan')"
          :is-readonly
          @put="put('hand/handSpan', $event)"
        />
        <EditField
          class="wide"
          label="Note"
          :value="drawn.note"
          :problem="problem('note')"
          :is-readonly
          @put="put('note', $event)"
          @done="settle()"
        />
      </fieldset>

      <h2>{{ counted(entries.length, 'tool') }}, in the order in which they are reached for</h2>
      <p v-if="problem('tools', true)" class="problem" role="alert">{{ problem('tools', true) }}</p>
      <ol>
        <li v-for="({ tool, count }, at) in entries" :key="tool">
          <RouterLink :to="{ name: 'thing', params: { list: 'tools', id: tool } }">{{
            nameOf(tool)
          }}</RouterLink>
          <small class="muted">{{ words(toolOf(tool)?.kind ?? '') }}</small>
          <span v-if="!isReadonly" class="acts">
            <button
              type="button"
              :disabled="at === 0"
              :aria-label="`${nameOf(tool)} up`"
              @click="pack({ move: at, by: -1 })"
            >
              ↑
            </button>
            <button
              type="button"
              :disabled="at === entries.length - 1"
              :aria-label="`${nameOf(tool)} down`"
              @click="pack({ move: at, by: 1 })"
            >
              ↓
            </button>
            <button
              type="button"
              :aria-label="`One ${nameOf(tool)} less`"
              @click="pack({ count: at, by: -1 })"
            >
              −
            </button>
            <b class="mono">{{ count ?? 1 }}</b>
            <button
              type="button"
              :aria-label="`One ${nameOf(tool)} more`"
              @click="pack({ count: at, by: 1 })"
            >
              +
            </button>
          </span>
          <b v-else class="mono acts">{{ count ?? 1 }}</b>
        </li>
      </ol>
      <div v-if="!isReadonly" class="add">
        <input
          v-model="sought"
          type="search"
          placeholder="words of a tool to put in"
          aria-label="A tool to put in"
          @keydown.enter.prevent="others[0] && take(others[0].id)"
          @keydown.esc.stop="sought = ''"
        />
        <v-btn v-for="one in others" :key="one.id" size="small" variant="text" @click="take(one.id)">{{
          one.name
        }}</v-btn>
      </div>
      <KitThings
        :id
        :is-tracked="drawn.tracked === true"
        :like
        :is-readonly
        :problem="problem('like') ?? problem('tracked')"
        @put="(key, value) => put(key, value, null)"
      />
      <KitCopies :id :is-readonly />
      <SharedKits
        :id
        :shares
        :is-readonly
        :problem="problem('shares', true)"
        @put="put('shares', $event, null)"
      />
    </template>
    <template #aside>
      <section aria-label="The kit as a whole">
        <h3>{{ (sums.mass / 1000).toFixed(2) }} kg</h3>
        <p v-if="sums.unweighed" class="muted">
          and {{ counted(sums.unweighed, 'tool') }} of which the mass is not stated
        </p>
        <template v-if="sums.price !== null">
          <h3>{{ money(sums.price) }} to buy</h3>
          <p v-if="sums.unpriced" class="muted">and {{ counted(sums.unpriced, 'tool') }} without a price</p>
        </template>
        <p v-for="one in shares.length ? [] : lacking" :key="one" class="lack">
          Something in it requires “{{ nameOf(one) }}”, which is not in it.
        </p>
        <p v-if="id">
          <RouterLink :to="{ name: 'cover', query: { kit: id } }">Hold it against the work</RouterLink>
        </p>
        <p v-if="id">
          <RouterLink :to="{ name: 'inlay', params: { id } }"
            >Inlay list, with the way to its cards</RouterLink
          >
        </p>
      </section>
    </template>
  </ThingShell>
</template>

<style scoped src="../edit/editor.css"></style>

<style scoped>
.editor {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 8px 14px;
  align-items: end;
  border: 0;
}

.check {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: calc(var(--touch) + 2px);
  font-size: 13px;
}

h2 {
  margin-top: 18px;
  font-size: 15px;
}

ol {
  padding: 4px 0;
  list-style: none;
}

li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: calc(var(--touch) + 4px);
  border-bottom: 1px solid var(--hairline);
}

.acts {
  display: flex;
  gap: 4px;
  align-items: center;
  margin-left: auto;
}

.acts b {
  min-width: 2ch;
  text-align: center;
}

.acts button {
  width: var(--touch);
  min-height: var(--touch-tight);
  border: 1px solid var(--hairline);
  border-radius: 3px;
  cursor: pointer;
}

.acts button:disabled {
  opacity: 0.35;
  cursor: default;
}

.add {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  padding-top: 8px;
}

.add input {
  flex: 0 1 300px;
  min-height: calc(var(--touch) + 2px);
  padding: 0 10px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}

section {
  display: grid;
  gap: 6px;
  font-size: 13px;
}

h3 {
  font-family: var(--mono);
  font-size: 15px;
}

.lack {
  border-left: 3px solid var(--makeshift);
  padding-left: 10px;
}

.problem {
  color: var(--hole);
}
</style>
