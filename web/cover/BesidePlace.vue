<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { useBeside } from '@/data/beside';
import { saidOf, useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import LineTitle from '@/lines/LineTitle.vue';
import { awayBy } from '@/lines/reading';
import GaugeRuler from '@/ruler/GaugeRuler.vue';
import { LETTERS, whoseWords } from '@/ruler/whose';
import { useSettings } from '@/settings/useSettings';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import StatusMark from '@/shared/StatusMark.vue';
import WaitBar from '@/shared/WaitBar.vue';
import { linesOf, toldOf, verdictOf, type LineOfTwo } from './beside';

/** Two kits on one scope: what both do is quiet, what one alone does is loud. */
const { asked, show } = useAddress();
const router = useRouter();
const { first, length, force } = storeToRefs(useSettings());
const { kits, scopes, isLoading } = useKitsAndScopes();
const open = computed(() => scopes.value.filter(({ archived, id }) => !archived || id === asked('scope')));
const known = (list: { id: string }[], id: string | null) =>
  (list.find((one) => one.id === id) ?? list[0])?.id ?? null;
const two = computed(() => {
  if (isLoading.value) return { kit: null, other: null, scope: null };
  const kit = known(kits.value, asked('kit'));
  const others = kits.value.filter(({ id }) => id !== kit);
  return {
    kit,
    other: known(others, asked('other')),
    scope: known(open.value, asked('scope')),
    ...saidOf(['on', 'hand'], asked),
  };
});
const {
  data: beside,
  error,
  isPlaceholderData,
  refetch,
} = useBeside(
  two,
  computed(() => ({ length: length.value, force: force.value })),
);

const lines = computed(() => (beside.value ? linesOf(beside.value, first.value) : []));
const differ = computed(() => lines.value.filter(({ whose }) => whose !== 'both' && whose !== 'neither'));
const isAll = computed(() => asked('only') === 'all' || differ.value.length === 0);
const shown = computed(() => (isAll.value ? lines.value : differ.value));
const lit = shallowRef<ReadonlySet<string>>(new Set());
const light = (ids: string[]) => (lit.value = new Set(ids));
/** Folded at a press: what both do alike wholly has little to tell. */
const unfolded = shallowRef<ReadonlySet<string>>(new Set());
function fold(lane: string): void {
  const now = new Set(unfolded.value);
  if (!now.delete(lane)) now.add(lane);
  unfolded.value = now;
}
/** What is away in both is told of both. */
const away = computed(() => awayBy((beside.value?.away ?? []).flat()));

const columns = computed<GridColumn<LineOfTwo>[]>(() => [
  { key: 'line', title: 'Line', width: 200, grow: 2, value: (row) => row.title },
  { key: 'quantity', title: 'Count', width: 64, align: 'end', value: (row) => row.line.quantity ?? 1 },
  { key: 'whose', title: 'Made by', width: 92, value: (row) => whoseWords([row.whose]) || 'both' },
  ...(beside.value?.kits ?? []).map(({ name }, index): GridColumn<LineOfTwo> => ({
    key: `kit-${index}`,
    title: `${LETTERS[index]} ${name}`,
    width: 150,
    grow: 1.4,
    value: (row) => row.of[index]?.words ?? null,
  })),
]);

/** Cover of the kit in whose column it is, at the line. */
function explain(row: { id: string }, column: string): void {
  const { kit, other, ...rest } = two.value;
  void router.push({
    name: 'cover',
    query: { ...rest, kit: column === 'kit-1' ? other : kit, line: row.id },
  });
}
</script>

<template>
  <PlaceFrame title="Two kits side by side" look="fill" :error @retry="refetch()">
    <EmptyNote v-if="!isLoading && (kits.length < 2 || !open.length)" title="Nothing to compare yet">
      Once there are two kits and a scope, this page says which of them does what.
      <template #next><v-btn variant="outlined" :to="{ name: 'kits' }">To the kits</v-btn></template>
    </EmptyNote>
    <template v-else>
      <div class="picks">
        <PickOne
          label="Kit A"
          :items="kits.filter(({ id }) => id !== two.other)"
          :picked="two.kit"
          @pick="show({ kit: $event, other: two.other })"
        />
        <button
          type="button"
          class="turn"
          title="The other way round"
          aria-label="The other way round"
          @click="show({ kit: two.other, other: two.kit })"
        >
          ⇄
        </button>
        <PickOne
          label="Kit B"
          :items="kits.filter(({ id }) => id !== two.kit)"
          :picked="two.other"
          @pick="show({ kit: two.kit, other: $event })"
        />
        <span class="times" aria-hidden="true">×</span>
        <PickOne label="Scope" :items="open" :picked="two.scope" @pick="show({ scope: $event })" />
        <RouterLink
          class="back"
          :to="{
            name: 'cover',
            query: { kit: two.kit, scope: two.scope, ...saidOf(['on', 'hand'], asked) },
          }"
          >Cover</RouterLink
        >
      </div>
      <WaitBar v-if="!beside" says="Holding both kits against the work" />
      <div v-else class="held" :class="{ stale: isPlaceholderData }">
        <div aria-live="polite">
          <p class="verdict">{{ verdictOf(beside) }}</p>
          <ul class="told">
            <li v-for="{ key, text } in toldOf(beside)" :key="key" :class="key">
              <StatusMark v-if="key === 'neither'" status="hole" silent /> {{ text }}
            </li>
            <li v-if="two.on" class="muted">on {{ two.on }}</li>
          </ul>
        </div>
        <div v-if="beside.ruler.drops.length" class="lanes">
          <GaugeRuler
            :ruler="beside.ruler"
            :first="first"
            :lit="lit"
            :is-folded="(lane) => differ.length > 0 && !unfolded.has(lane)"
            :away="away"
            @light="light"
            @open="(drop) => light(drop.lines)"
            @fold="fold"
          />
        </div>
        <div class="above">
          <h2>{{ isAll ? 'All lines' : 'Lines that differ' }}: {{ shown.length }} of {{ lines.length }}</h2>
          <button
            v-if="differ.length && differ.length < lines.length"
            type="button"
            class="link"
            :aria-pressed="isAll"
            @click="show({ only: isAll ? null : 'all' }, 'replace')"
          >
            {{ isAll ? 'Only those that differ' : 'All lines' }}
          </button>
        </div>
        <p v-if="lines.length === 0" class="muted">The scope has no lines yet.</p>
        <DataGrid
          v-else
          class="table"
          caption="Lines of the scope, as both kits do them"
          :columns="columns"
          :rows="shown"
          :lit="lit"
          @light="light"
          @open="explain"
        >
          <template #cell="{ row, column }">
            <LineTitle v-if="column.key === 'line'" :title="row.title" :wires="row.wires" />
            <span v-else-if="column.key === 'quantity'" class="mono">{{ row.line.quantity ?? 1 }}</span>
            <b v-else-if="column.key === 'whose'" :class="{ alike: row.whose === 'both' }">{{
              column.value?.(row)
            }}</b>
            <span v-else class="one" :title="String(column.value?.(row) ?? '')">
              <StatusMark :status="row.of[column.key === 'kit-1' ? 1 : 0]?.status ?? 'hole'" silent />
              {{ column.value?.(row) }}
            </span>
          </template>
        </DataGrid>
      </div>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.picks {
  display: grid;
  grid-template-columns: minmax(0, 230px) auto minmax(0, 230px) auto minmax(0, 300px) auto;
  gap: 8px;
  align-items: center;
  justify-content: start;
}

.turn {
  min-width: max(32px, var(--touch));
  min-height: max(32px, var(--touch));
  padding: 0;
  color: var(--copper);
  font-size: 17px;
  cursor: pointer;
}

.times {
  color: var(--copper);
  font-size: 19px;
}

.back {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  margin-left: 12px;
}

.held {
  display: flex;
  flex: 1 1 auto;
  flex-direction: column;
  min-height: 0;
}

.stale {
  opacity: 0.55;
}

.verdict {
  margin: 10px 0 2px;
  font-size: 19px;
  font-weight: 640;
  line-height: 1.2;
  letter-spacing: -0.012em;
}

.told {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
  font-size: 13px;
  color: var(--muted);
}

.told .one,
.told .other {
  color: var(--ink);
  font-weight: 560;
}

.told .neither {
  color: var(--hole);
}

.lanes {
  flex: 0 1 auto;
  min-height: 110px;
  overflow: hidden auto;
}

.above {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 4px 0 2px;
}

h2 {
  margin: 0;
  font-size: 14px;
}

.table {
  flex: 1 0 214px;
}

.alike {
  font-weight: 400;
  color: var(--muted);
}

.one {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

@media (max-width: 900px) {
  .picks {
    grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
  }

  .times {
    display: none;
  }
}

@media (max-width: 700px), (max-height: 620px) {
  .lanes {
    flex: none;
    overflow: visible;
  }

  .table {
    flex: none;
    height: min(80dvh, 600px);
  }
}
</style>
