<script setup lang="ts">
import { refDebounced, useTitle } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useCoverage, useKitsAndScopes } from '@/api/queries';
import SplitPlace from '@/frame/SplitPlace.vue';
import { useAddress } from '@/frame/useAddress';
import GaugeRuler from '@/ruler/GaugeRuler.vue';
import { save } from '@/ruler/picture';
import { useSettings } from '@/settings/useSettings';
import EmptyNote from '@/shared/EmptyNote.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import CoverBand from './CoverBand.vue';
import HeadlineBar from './HeadlineBar.vue';
import { placeOf, rowsOf, stepAt, worstLineAt, worstStep } from './reading';
import { useOpened, type Opened } from './useOpened';
import { usePair } from './usePair';

// The picture stands first; what it is read by comes along.
const LineList = defineAsyncComponent(() => import('./LineList.vue'));
const WhyPanel = defineAsyncComponent(() => import('./WhyPanel.vue'));

const settings = useSettings();
const { first, length, force } = storeToRefs(settings);
const units = computed(() => ({ length: length.value, force: force.value }));
const { show } = useAddress();
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();
const { pair, held } = usePair(
  () => kits.value,
  () => scopes.value,
);
const { data: coverage, error, isFetching, isStale, refetch } = useCoverage(pair, units);
useTitle(() =>
  coverage.value ? `${coverage.value.kit.name} × ${coverage.value.scope.name} – Gondrik` : 'Cover – Gondrik',
);
const nameOf = (list: { id: string; name: string }[], id: string | null) =>
  list.find((one) => one.id === id)?.name ?? 'it';
// What takes longer than that is told; less would only flicker.
const isSlow = refDebounced(isFetching, 400);

const rows = computed(() => (coverage.value ? rowsOf(coverage.value, first.value) : []));

// Lanes that are wholly covered fold, as long as there is something else to look at; and each at a click.
const unusual = ref(new Set<string>());
watch(held, () => unusual.value.clear());
const isAllCovered = computed(
  () =>
    coverage.value?.ruler.drops.every((drop) =>
      Object.values(drop.marks).every((mark) => mark === 'covered'),
    ) ?? false,
);
const isFolded = computed(() => {
  const usually = settings.foldsCovered && !isAllCovered.value;
  const others = new Set(unusual.value);
  return (lane: string) => usually !== others.has(lane);
});
function fold(lane: string): void {
  if (!unusual.value.delete(lane)) unusual.value.add(lane);
}
function foldAll(): void {
  settings.foldsCovered = !settings.foldsCovered;
  unusual.value.clear();
}

const table = useTemplateRef<{
  focusOn(row: string, column: string): void;
  reveal(rows: ReadonlySet<string>): void;
}>('table');
const pointed = ref<string[]>([]);
const lit = computed(() => new Set(pointed.value));
// What the ruler lights is brought to where it can be seen, once somebody stays with it.
const asked = ref<string[]>([]);
const settled = refDebounced(asked, 120);
watch(settled, (lines) => lines.length && table.value?.reveal(new Set(lines)));
function lightFromRuler(lines: string[]): void {
  pointed.value = lines;
  asked.value = lines;
}

const search = ref('');
const { opened, selected } = useOpened(() => rows.value);
const split = useTemplateRef('split');
let before: Opened | null = null;
watch(opened, (now) => now && (before = now), { immediate: true });

const ruler = useTemplateRef('ruler');
function savePicture(): void {
  const { kit, scope } = coverage.value ?? {};
  if (ruler.value) save(`${kit?.id}-${scope?.id}.svg`, ruler.value.picture(), 'image/svg+xml');
}

function openStep(line: string, step: number | null): void {
  split.value?.open({ line, step });
}
function openLine(id: string, operation: string | null): void {
  const row = rows.value.find((one) => one.id === id);
  if (row) openStep(id, stepAt(row.report, operation) ?? worstStep(row.report));
}
function openDrop(drop: Schemas['Drop'], lane: string | null): void {
  const found = coverage.value && worstLineAt(coverage.value, drop, lane);
  if (found) openLine(found.line.id, found.operation);
}
function openHole(hole: Schemas['Hole']): void {
  const place = coverage.value && placeOf(coverage.value.report, hole);
  if (place) openStep(place.line, place.step);
}
function focusWhereItWas(): void {
  if (!before) return;
  const { row, step } = before;
  table.value?.focusOn(row.id, step === null ? 'line' : (row.report.steps[step]?.op ?? 'line'));
}

const isEmpty = computed(() => !isLoading.value && (kits.value.length === 0 || scopes.value.length === 0));
</script>

<template>
  <SplitPlace
    ref="split"
    :keys="['line', 'step']"
    :is-open="opened !== null"
    :held="held"
    @lost="focusWhereItWas"
  >
    <div class="cover">
      <h1 class="visually-hidden">Cover</h1>
      <ProblemNote v-if="listError" :problem="problemOf(listError)" @retry="retry()" />
      <EmptyNote v-else-if="isEmpty" title="Nothing to hold against each other yet">
        Cover holds a <b>kit</b>, the tools that travel together, against a <b>scope</b>, the terminations
        somebody will make, and shows which of them no tool in the kit can make. Both come in with a workbook.
        <template #next>
          <v-btn color="primary" variant="flat" :to="{ name: 'shop' }">Import a workbook</v-btn>
        </template>
      </EmptyNote>
      <template v-else>
        <CoverBand
          :pair="pair"
          :kits="kits"
          :scopes="scopes"
          :is-fetching="isSlow && isFetching"
          @kit="show({ kit: $event })"
          @scope="show({ scope: $event, line: null, step: null })"
        >
          <HeadlineBar
            v-if="coverage && !error"
            :coverage="coverage"
            :class="{ stale: isStale }"
            @open="openHole"
          />
        </CoverBand>

        <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
        <p v-else-if="!coverage" class="muted waiting" role="status">
          Holding {{ nameOf(kits, pair.kit) }} against {{ nameOf(scopes, pair.scope) }} …
        </p>
        <template v-else>
          <div v-if="coverage.ruler.drops.length" class="lanes" :class="{ stale: isStale }">
            <GaugeRuler
              ref="ruler"
              :ruler="coverage.ruler"
              :first="first"
              :lit="lit"
              :is-folded="isFolded"
              @light="lightFromRuler"
              @open="openDrop"
              @fold="fold"
            />
          </div>
          <LineList
            ref="table"
            v-model:search="search"
            :coverage="coverage"
            :rows="rows"
            :lit="lit"
            :selected="selected"
            :is-stale="isStale"
            :folds="coverage.ruler.drops.length && !isAllCovered ? settings.foldsCovered : null"
            @light="pointed = $event"
            @open="openLine"
            @fold="foldAll"
            @picture="savePicture"
          />
        </template>
      </template>
    </div>

    <template #panel="{ close }">
      <WhyPanel
        v-if="opened && coverage"
        :coverage="coverage"
        :row="opened.row"
        :step="opened.step"
        :pair="pair"
        :units="units"
        :kits="kits"
        @close="close"
        @step="show({ step: $event })"
        @kit="show({ kit: $event })"
      />
    </template>
  </SplitPlace>
</template>

<style scoped>
.cover {
  display: flex;
  flex-direction: column;
  height: 100%;
  padding: 8px 20px 0;
}

/* The lanes scroll below their scale where there is no room for all of them. */
.lanes {
  flex: 0 1 auto;
  min-height: 132px;
  overflow: hidden auto;
}

.stale {
  opacity: 0.55;
}

.waiting {
  padding: 24px 0;
}

@media (max-width: 1100px) {
  .cover {
    padding: 8px 12px 0;
  }
}

/* Where not even eight rows have room below the lanes, the whole place scrolls, and the table in it a window high. */
@media (max-width: 700px), (max-height: 620px) {
  .cover {
    height: auto;
  }

  .lanes {
    flex: none;
    overflow: visible;
  }
}

/* On paper: the names, the verdict, the ruler and every line; nothing that is there to be clicked. */
@media print {
  .cover {
    display: block;
    height: auto;
    padding: 10px 0 0;
    print-color-adjust: exact;
  }

  .lanes {
    overflow: visible;
  }
}
</style>
