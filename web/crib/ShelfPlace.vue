<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { api } from '@/api/client';
import AsIfLink from './AsIfLink.vue';
import { NO_KIT, useKitsAndScopes, useLastPair, type Pair } from '@/data/pairs';
import { useBuiltIn, useClosing, type ThingList } from '@/data/things';
import PartsNav from '@/frame/PartsNav.vue';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import SplitPlace from '@/frame/SplitPlace.vue';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import { capital, counted, pretty, words } from '@/shared/pretty';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';
import StatusMark from '@/shared/StatusMark.vue';
import WaitingPlace from '@/shared/WaitingPlace.vue';
import { useUndoKeys } from '@/frame/useUndoKeys';
import CribHead from './CribHead.vue';
import { jobOf } from './jobs';
import { rowsOnShelf } from './thingColumns';
import ThingGrid from './ThingGrid.vue';

/** The built-in catalogue: described by what things are, each value with its source; taken over with one click. */
const route = useRoute();
const { asked, show } = useAddress();
const { person } = useSession();
const isLead = computed(() => person.value?.role === 'lead');
const list = computed(() => route.params.list as ThingList);
const parts = computed(() =>
  (['tools', 'wires', 'terminals'] as const).map((name) => ({
    title: name,
    to: { name: 'shelf', params: { list: name } },
    isHere: name === list.value,
  })),
);
const split = useTemplateRef('split');

const search = ref('');
const query = useBuiltIn(list, refDebounced(search, 160));
useUndoKeys();
const all = computed(() => rowsOnShelf(query.data.value?.data ?? []));

/* The work that the tools are looked at for: what would close a hole of it is marked. */
const { kits, scopes } = useKitsAndScopes();
const last = useLastPair();
const known = (id: string | null, among: { id: string; name: string }[]) =>
  among.find((one) => one.id === id);
const pair = computed<Pair>(() => ({
  kit: known(asked('kit') ?? last.value.kit, kits.value)?.id ?? kits.value[0]?.id ?? NO_KIT,
  scope:
    asked('scope') === ''
      ? null
      : (known(asked('scope') ?? last.value.scope, scopes.value)?.id ??
        scopes.value.find(({ lines }) => lines > 0)?.id ??
        null),
}));
const isOfTools = computed(() => list.value === 'tools');
const closing = useClosing(pair, isOfTools);
const closes = computed(
  () =>
    new Map(
      (isOfTools.value && pair.value.scope !== null ? (closing.data.value?.offers ?? []) : []).map((one) => [
        one.tool,
        one.terminations,
      ]),
    ),
);
const isOnlyClosing = computed(() => asked('only') === 'closing' && closes.value.size > 0);
const rows = computed(() =>
  isOnlyClosing.value ? all.value.filter(({ id }) => closes.value.has(id)) : all.value,
);
const kitName = computed(() => known(pair.value.kit, kits.value)?.name ?? 'an empty kit');
const NO_WORK = { id: '', name: 'no work in particular' };
const opened = computed(() => query.data.value?.data.find(({ id }) => id === asked('one')) ?? null);

/** Value by value with the source of each: its own, or that of what it stands in. */
const values = computed(() => {
  const one = opened.value;
  if (!one) return [];
  const sourceOf = (path: string) => {
    let at = path;
    while (at !== '' && !one.sources[at]) at = at.includes('/') ? at.slice(0, at.lastIndexOf('/')) : '';
    return one.sources[at];
  };
  const found: { path: string; value: string; source: string; recall: string }[] = [];
  const walk = (value: unknown, path: string) => {
    if (Array.isArray(value) && value.every((member) => typeof member !== 'object'))
      add(path, value.map((member) => words(String(member))).join(', '));
    else if (typeof value === 'object' && value !== null)
      for (const [key, member] of Object.entries(value)) walk(member, path === '' ? key : `${path}/${key}`);
    else add(path, value === true ? 'yes' : pretty(String(value)));
  };
  const add = (path: string, value: string) => {
    const source = sourceOf(path);
    if (!['id', 'name'].includes(path))
      found.push({ path, value, source: source?.source ?? '', recall: source?.recall ?? '' });
  };
  walk(one.thing, '');
  return found;
});
/** What is measured, with its unit. */
const measures: Record<string, string> = {
  massGrams: 'mass, g',
  handSpan: 'hand span, mm',
  gripForce: 'grip force, N',
  insulationOd: 'over the insulation, mm',
  maxOd: 'widest, mm',
  od: 'across, mm',
  op: 'does',
};
const titleOf = (path: string) =>
  path
    .replace(/[a-zA-Z]+$/, (key) => measures[key] ?? key)
    .replaceAll(/capabilities\/(\d+)/g, (_, at: string) => (Number(at) ? `${Number(at) + 1}.` : ''))
    .replaceAll(
      /(nest|position)s\/(\d+)/g,
      (_, one: string, at: string) => `${one === 'nest' ? 'nest' : 'hole'} ${Number(at) + 1}`,
    )
    .replaceAll('/', ' ')
    .replaceAll(/([a-z])([A-Z])/g, (_, low: string, high: string) => `${low} ${high.toLowerCase()}`)
    .trim();

const take = useWrite<unknown, { id: string; name: string }>({
  ask: ({ id }) => api.POST('/catalogue/{list}/{id}', { params: { path: { list: list.value, id } } }),
  said: ({ name }) => `Taken from the shelf: ${name}`,
});
/** What is ticked, to be taken over at once; each list has its own. */
const ticked = ref<ReadonlySet<string>>(new Set());
watch(list, () => {
  ticked.value = new Set();
  // Words for a tool find no wire.
  search.value = '';
});
const had = computed(() => new Set(all.value.filter(({ has }) => has).map(({ id }) => id)));
const toTake = computed(() => [...ticked.value].filter((id) => !had.value.has(id)));
function tick(id: string): void {
  const now = new Set(ticked.value);
  if (!now.delete(id)) now.add(id);
  ticked.value = now;
}
const takeAll = useWrite<{ count: number }>({
  ask: () =>
    api.POST('/catalogue/{list}', {
      params: { path: { list: list.value } },
      body: { ids: toTake.value },
    }),
  said: (_, { count }) => `Taken from the shelf: ${counted(count, list.value.slice(0, -1))}`,
  after: () => (ticked.value = new Set()),
});
const problem = computed(() => take.problem.value ?? takeAll.problem.value);
const more = computed(() => [
  ...(closes.value.size
    ? [
        {
          key: 'closes',
          title: 'Closes here',
          width: 128,
          value: ({ id }: { id: string }) => closes.value.get(id) ?? null,
        },
      ]
    : []),
  {
    key: 'take',
    title: 'In the shop',
    width: 150,
    value: (row: { has?: unknown }) => (row.has ? 'yes' : 'no'),
  },
]);
</script>

<template>
  <SplitPlace ref="split" :keys="['one']" :is-open="opened !== null" :held="list">
    <PlaceFrame :title="`${capital(list)} on the shelf`" look="fill">
      <CribHead
        v-model="search"
        :list
        is-shelf
        hint="words, sizes, profiles"
        :name="`Find ${list} on the shelf`"
        :count="counted(rows.length, list.slice(0, -1))"
      >
        <template #beside>
          <PartsNav label="Shelf of" :parts class="kinds" />
        </template>
      </CribHead>
      <p class="muted lead">
        What any shop may begin with, described by what it is, with no maker’s name. What you take over is the
        shop’s own from then on.
        <template v-if="isLead && toTake.length">
          <v-btn
            size="small"
            color="primary"
            variant="flat"
            :loading="takeAll.isPending.value"
            @click="takeAll.mutate()"
            >Take over {{ counted(toTake.length, list.slice(0, -1)) }}</v-btn
          >
          <v-btn size="small" variant="text" @click="ticked = new Set()">Untick</v-btn>
        </template>
        <template v-else-if="isLead"> Tick as many as you want and take them over at once.</template>
      </p>
      <div v-if="isOfTools && scopes.length" class="for">
        <PickOne
          label="Marked for"
          :items="[...scopes, NO_WORK]"
          :picked="pair.scope ?? ''"
          @pick="show({ scope: $event })"
        />
        <PickOne
          v-if="pair.scope !== null && kits.length"
          label="with"
          :items="kits"
          :picked="pair.kit"
          @pick="show({ kit: $event })"
        />
        <p v-if="pair.scope !== null && closing.data.value" role="status">
          <template v-if="closes.size">
            <StatusMark status="hole" :size="13" silent />
            {{ counted(closes.size, 'tool') }} here would close a hole of {{ kitName }}.
            <button
              type="button"
              :aria-pressed="isOnlyClosing"
              @click="show({ only: isOnlyClosing ? null : 'closing' })"
            >
              {{ isOnlyClosing ? 'Show all' : 'Only these' }}
            </button>
          </template>
          <template v-else>Nothing here closes a hole of {{ kitName }} that is left.</template>
        </p>
      </div>
      <p v-if="problem" class="problem" role="alert">Not taken: {{ refusal(problem) }}</p>
      <WaitingPlace v-slot="{ data }" :query what="the shelf">
        <EmptyNote v-if="!rows.length" :title="`No ${list.slice(0, -1)} on the shelf has all of these words`">
          Names, sizes, profiles and what a thing is made for are searched.
          <template #next><v-btn size="small" @click="search = ''">Show all</v-btn></template>
        </EmptyNote>
        <ThingGrid
          v-else
          :key="list"
          :list
          :rows
          :ticks="data.ticks"
          caption="The shelf"
          :without="['kits', 'mass']"
          :by="isOfTools ? jobOf : undefined"
          :more
          :selected="opened ? { row: opened.id, column: 'name' } : null"
          @open="(row) => split?.open({ one: row.id })"
        >
          <template #cell="{ row, column }">
            <template v-if="column.key === 'closes'">
              <span v-if="closes.has(row.id)" class="closes">
                <StatusMark status="hole" :size="13" says="closes a hole" />
                {{ counted(closes.get(row.id) ?? 0, 'termination') }}
              </span>
            </template>
            <span v-else-if="row.has" class="has">has it</span>
            <input
              v-if="column.key === 'take' && isLead && !row.has"
              type="checkbox"
              :checked="ticked.has(row.id)"
              :aria-label="`Tick: ${row.name}`"
              @click.stop
              @change="tick(row.id)"
            />
            <v-btn
              v-if="column.key === 'take' && isLead && !row.has"
              size="x-small"
              :loading="take.isPending.value && take.variables.value?.id === row.id"
              :aria-label="`Take over: ${row.name}`"
              @click.stop="take.mutate(row)"
            >
              Take over
            </v-btn>
          </template>
        </ThingGrid>
      </WaitingPlace>
    </PlaceFrame>
    <template #panel="{ close }">
      <section v-if="opened" class="described" :aria-label="(opened.thing as { name: string }).name">
        <header>
          <h2>{{ (opened.thing as { name: string }).name }}</h2>
          <v-btn size="small" variant="text" @click="close()">Close</v-btn>
        </header>
        <p v-if="opened.has">
          The shop has
          <RouterLink :to="{ name: 'thing', params: { list, id: opened.has.id } }">{{
            opened.has.name
          }}</RouterLink>
          of this id.
        </p>
        <v-btn
          v-if="isLead"
          size="small"
          :color="opened.has ? undefined : 'primary'"
          :variant="opened.has ? 'text' : 'flat'"
          :loading="take.isPending.value"
          @click="take.mutate({ id: opened.id, name: (opened.thing as { name: string }).name })"
        >
          {{ opened.has ? 'Take it once more' : 'Take over' }}
        </v-btn>
        <p v-if="isOfTools && !opened.has"><AsIfLink :tool="opened.id" :is-in="() => false" /></p>
        <dl>
          <template v-for="{ path, value, source, recall } in values" :key="path">
            <dt>{{ titleOf(path) }}</dt>
            <dd>
              <span class="mono">{{ value }}</span>
              <small v-if="recall !== 'stated'" class="muted"
                >{{ source
                }}{{
                  recall === 'memory' ? ', from memory' : recall === 'formula' ? ', computed' : ''
                }}</small
              >
            </dd>
          </template>
        </dl>
      </section>
    </template>
  </SplitPlace>
</template>

<style scoped>
/* Of the shelf, beside the parts of the crib. */
.kinds {
  padding-left: 14px;
  border-left: 1px solid var(--tool-edge);
}

.lead {
  font-size: 13px;
}

input[type='checkbox'] {
  width: 18px;
  height: 18px;
  margin-right: 10px;
  accent-color: var(--copper);
}

.for {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  font-size: 13px;
}

.for p {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}

.for p button {
  min-height: var(--touch-tight);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.closes {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  color: var(--hole);
}

.has {
  color: var(--muted);
  font-size: 13px;
}

.described {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 14px 18px 30px;
}

.described header {
  display: flex;
  gap: 14px;
  align-items: center;
  width: 100%;
  justify-content: space-between;
}

h2 {
  font-size: 17px;
}

dl {
  display: grid;
  grid-template-columns: minmax(90px, auto) 1fr;
  gap: 5px 14px;
  font-size: 13px;
}

dt {
  color: var(--muted);
}

dd small {
  display: block;
  font-size: 11.5px;
}

.problem {
  color: var(--hole);
}
</style>
