<script setup lang="ts">
import { mdiMagnify } from '@mdi/js';
import { useSessionStorage, useTitle } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { problemOf, type Schemas } from '@/api/client';
import { useSettings } from '@/settings/useSettings';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { useKeys } from '@/shared/useKeys';
import GaugeRuler from './GaugeRuler.vue';
import HeadlineBar from './HeadlineBar.vue';
import LineTable from './LineTable.vue';
import { placeOf, rowsOf, worstLine, worstStep } from './reading';
import { useCoverage, useKitsAndScopes, type Pair } from './useCoverage';
import WhyPanel from './WhyPanel.vue';

const { first, length } = storeToRefs(useSettings());
const route = useRoute();
const router = useRouter();
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();

// Kit, scope, line and step stand in the address, so that what is on the screen can be sent to somebody.
const asked = (key: string) => (typeof route.query[key] === 'string' ? (route.query[key] as string) : null);
const pair = computed(() => ({ kit: asked('kit'), scope: asked('scope') }));
const lineId = computed(() => asked('line'));
const stepIndex = computed(() => (asked('step') === null ? null : Number(asked('step'))));

function show(query: Record<string, string | number | null>, how: 'push' | 'replace' = 'replace'): void {
  const merged = { ...route.query, ...query };
  const stated = Object.entries(merged).filter(([, value]) => value !== null && value !== undefined);
  void router[how]({ query: Object.fromEntries(stated.map(([key, value]) => [key, String(value)])) });
}

// What was looked at last, for whoever comes back to Cover without saying what.
const last = useSessionStorage<Pair>('gondrik.pair', { kit: null, scope: null });
watch(pair, (now) => now.kit !== null && now.scope !== null && (last.value = { ...now }), {
  immediate: true,
});
const known = (id: string | null, list: { id: string }[]) =>
  list.some((one) => one.id === id) ? id : (list[0]?.id ?? null);

watch(
  [kits, scopes, () => route.name],
  () => {
    if (route.name !== 'cover' || kits.value.length === 0 || scopes.value.length === 0) return;
    if (pair.value.kit === null || pair.value.scope === null) {
      show({
        kit: pair.value.kit ?? known(last.value.kit, kits.value),
        scope: pair.value.scope ?? known(last.value.scope, scopes.value),
      });
    }
  },
  { immediate: true },
);

const { data: coverage, error, isFetching, isStale, refetch } = useCoverage(pair, length);
useTitle(() =>
  coverage.value ? `${coverage.value.kit.name} × ${coverage.value.scope.name} – Gondrik` : 'Cover – Gondrik',
);

const nameOf = (list: { id: string; name: string }[], id: string | null) =>
  list.find((one) => one.id === id)?.name ?? 'it';

const search = ref('');
const searchField = useTemplateRef<{ focus(): void }>('searchField');
useKeys('/', () => searchField.value?.focus());
const allRows = computed(() => (coverage.value ? rowsOf(coverage.value, first.value) : []));
const rows = computed(() => {
  const text = search.value.trim().toLowerCase();
  if (!text) return allRows.value;
  return allRows.value.filter((row) =>
    [
      row.id,
      row.wire?.name,
      row.wire?.size,
      row.terminal?.name,
      row.report.status,
      ...row.report.steps.map((step) => (step.tool ? coverage.value?.tools[step.tool]?.name : 'no tool')),
    ].some((part) => part?.toLowerCase().includes(text)),
  );
});

const pointed = ref<string[]>([]);
const lit = computed(() => new Set(pointed.value));

const opened = computed(() => {
  const row = lineId.value === null ? undefined : allRows.value.find((one) => one.id === lineId.value);
  if (!row) return null;
  const step =
    stepIndex.value !== null && row.report.steps[stepIndex.value] ? stepIndex.value : worstStep(row.report);
  return { row, step };
});
const selected = computed(() => {
  if (!opened.value) return null;
  const { row, step } = opened.value;
  return { row: row.id, column: step === null ? 'line' : (row.report.steps[step]?.op ?? 'line') };
});

const table = useTemplateRef('table');
const panel = useTemplateRef<HTMLElement>('panel');

function openLine(id: string, operation: string | null): void {
  const row = allRows.value.find((one) => one.id === id);
  if (!row) return;
  const steps = row.report.steps;
  const wanted = steps.findIndex((step) => step.op === operation && step.status === 'hole');
  const any = wanted >= 0 ? wanted : steps.findIndex((step) => step.op === operation);
  openStep(id, any >= 0 ? any : worstStep(row.report));
}

/** Where the panel was opened from: what had the focus, and what was held against what. */
let from: { focus: Element | null; pair: Pair } | null = null;

// Opening is a step forward, so that Back closes; going about in the open panel is none.
function openStep(line: string, step: number | null): void {
  const isOpen = opened.value !== null;
  if (!isOpen) from = { focus: document.activeElement, pair: pair.value };
  show({ line, step }, isOpen ? 'replace' : 'push');
  void nextTick(() => panel.value?.scrollTo({ top: 0 }));
}

function openDrop(drop: Schemas['Drop']): void {
  const line = coverage.value && worstLine(coverage.value.report, drop.lines);
  if (line) openLine(line.id, null);
}

function openHole(hole: Schemas['Hole']): void {
  const place = coverage.value && placeOf(coverage.value.report, hole);
  if (place) openStep(place.line, place.step);
}

function close(): void {
  // Back to where it was opened from; an address that was sent has nothing behind it, and another kit is not taken back.
  const isAsOpened = from?.pair.kit === pair.value.kit && from?.pair.scope === pair.value.scope;
  if (isAsOpened) router.back();
  else show({ line: null, step: null });
}

watch(opened, (now, before) => {
  if (now || !before) return;
  const focus = from?.focus;
  from = null;
  const { row, step } = before;
  const column = step === null ? 'line' : (row.report.steps[step]?.op ?? 'line');
  void nextTick(() => {
    if (focus?.isConnected && focus !== document.body) (focus as HTMLElement | SVGElement).focus();
    else table.value?.focusOn(row.id, column);
  });
});

const scopeIsMissing = computed(
  () => !isLoading.value && (kits.value.length === 0 || scopes.value.length === 0),
);
</script>

<template>
  <div class="cover" :class="{ split: opened }" @keydown.esc="opened && close()">
    <div class="work">
      <h1 class="visually-hidden">Cover</h1>
      <ProblemNote v-if="listError" :problem="problemOf(listError)" @retry="retry()" />

      <section v-else-if="scopeIsMissing" class="empty">
        <h2>Nothing to hold against each other yet</h2>
        <p>
          Cover holds a <b>kit</b>, the tools that travel together, against a <b>scope</b>, the terminations
          somebody will make, and shows which of them no tool in the kit can make. Both come in with a
          workbook.
        </p>
        <v-btn color="primary" variant="flat" :to="{ name: 'shop' }">Import a workbook</v-btn>
      </section>

      <template v-else>
        <div class="pick">
          <v-select
            label="Kit"
            :items="kits"
            item-title="name"
            item-value="id"
            :model-value="pair.kit"
            :loading="isLoading"
            @update:model-value="show({ kit: $event })"
          />
          <span class="times" aria-hidden="true">×</span>
          <v-select
            label="Scope"
            :items="scopes"
            item-title="name"
            item-value="id"
            :model-value="pair.scope"
            :loading="isLoading"
            @update:model-value="show({ scope: $event, line: null, step: null })"
          />
          <v-progress-linear v-if="isFetching" class="progress" indeterminate height="2" color="primary" />
        </div>

        <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
        <p v-else-if="!coverage" class="muted waiting" role="status">
          Holding {{ nameOf(kits, pair.kit) }} against {{ nameOf(scopes, pair.scope) }} …
        </p>
        <div v-else :class="{ stale: isStale }">
          <HeadlineBar :coverage="coverage" @open="openHole" />
          <GaugeRuler
            v-if="coverage.ruler.drops.length"
            class="ruler"
            :ruler="coverage.ruler"
            :first="first"
            :lit="lit"
            @light="pointed = $event"
            @open="openDrop"
          />
          <div class="above">
            <h2>
              {{ counted(allRows.length, 'line') }} <span class="muted">in the order of the scope</span>
            </h2>
            <v-text-field
              ref="searchField"
              :model-value="search"
              class="search"
              placeholder="Search lines"
              aria-label="Search lines"
              :prepend-inner-icon="mdiMagnify"
              clearable
              hide-details
              @update:model-value="search = $event ?? ''"
            />
          </div>
          <p v-if="rows.length === 0" class="muted waiting">
            {{
              allRows.length
                ? `No line has “${search}” in its wire, terminal, tools or status.`
                : 'The scope has no lines yet.'
            }}
          </p>
          <LineTable
            v-else
            ref="table"
            :coverage="coverage"
            :rows="rows"
            :lit="lit"
            :selected="selected"
            @light="pointed = $event"
            @open="openLine"
          />
        </div>
      </template>
    </div>

    <div v-if="opened && coverage" ref="panel" class="panel">
      <WhyPanel
        :coverage="coverage"
        :row="opened.row"
        :step="opened.step"
        :pair="pair"
        :length="length"
        :kits="kits"
        @close="close"
        @step="show({ step: $event })"
        @kit="show({ kit: $event })"
      />
    </div>
  </div>
</template>

<style scoped>
.cover {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
}

.cover.split {
  grid-template-columns: minmax(0, 1fr) 384px;
}

.work {
  padding: 12px 20px 40px;
  min-width: 0;
}

.pick {
  position: relative;
  display: grid;
  grid-template-columns: minmax(180px, 300px) auto minmax(220px, 420px);
  justify-content: start;
  gap: 10px;
  align-items: center;
  margin-bottom: 10px;
}

.times {
  color: var(--copper);
  font-size: 20px;
}

.progress {
  position: absolute;
  bottom: -6px;
}

.ruler {
  margin: 8px 0 12px;
}

.stale {
  opacity: 0.55;
}

.above {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 4px;
}

.above h2 {
  font-size: 15px;
}

.above .muted {
  font-weight: 400;
}

.search {
  max-width: 220px;
}

.waiting {
  padding: 24px 0;
}

.empty {
  max-width: 52ch;
  padding: 8vh 0;
}

.empty h2 {
  font-size: 22px;
}

.empty p {
  margin: 8px 0 18px;
  font-size: 15px;
}

.panel {
  position: sticky;
  top: 0;
  height: 100vh;
  overflow-y: auto;
  background: var(--surface);
}

@media (max-width: 1080px) {
  .cover.split {
    grid-template-columns: minmax(0, 1fr);
  }

  .panel {
    position: fixed;
    inset: auto 0 0;
    height: 46vh;
    border-top: 2px solid var(--copper);
    z-index: 5;
  }

  .cover.split .work {
    padding-bottom: 50vh;
  }
}

/* On paper: the names, the verdict, the ruler and every line; nothing that is there to be clicked. */
@media print {
  .cover.split {
    grid-template-columns: minmax(0, 1fr);
  }

  .panel,
  .search {
    display: none;
  }

  .work {
    padding: 10px 0 0;
    print-color-adjust: exact;
  }
}
</style>
