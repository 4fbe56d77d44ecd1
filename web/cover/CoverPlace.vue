<script setup lang="ts">
import { refDebounced, useTitle } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, ref, useTemplateRef } from 'vue';
import { problemOf } from '@/api/client';
import { useCoverage, useKitsAndScopes } from '@/api/queries';
import SplitPlace from '@/frame/SplitPlace.vue';
import { useAddress } from '@/frame/useAddress';
import HeadlineBar from '@/lines/HeadlineBar.vue';
import { rowsOf } from '@/lines/reading';
import { useFolds } from '@/lines/useFolds';
import { useLighting } from '@/lines/useLighting';
import { useOpening } from '@/lines/useOpening';
import { usePair } from '@/lines/usePair';
import GaugeRuler from '@/ruler/GaugeRuler.vue';
import { save } from '@/ruler/picture';
import { useSettings } from '@/settings/useSettings';
import EmptyNote from '@/shared/EmptyNote.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import CoverBand from './CoverBand.vue';

/** The heart: a kit against a scope, as a picture and line by line, and why it is so. */
// The picture stands first; what it is read by comes along.
const LineList = defineAsyncComponent(() => import('./LineList.vue'));
const WhyPanel = defineAsyncComponent(() => import('@/lines/WhyPanel.vue'));

const { first, length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { show } = useAddress();
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();
const { pair, held } = usePair(
  'cover',
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
const isEmpty = computed(() => !isLoading.value && (kits.value.length === 0 || scopes.value.length === 0));

const rows = computed(() => (coverage.value ? rowsOf(coverage.value, first.value) : []));
const search = ref('');
const split = useTemplateRef('split');
const ruler = useTemplateRef('ruler');
const table = useTemplateRef<{
  focusOn(row: string, column: string): void;
  reveal(rows: ReadonlySet<string>): void;
}>('table');

const { isFolded, folds, fold, foldAll } = useFolds(
  () => coverage.value?.ruler,
  () => held.value,
);
const { lit, light, lightFromRuler } = useLighting((lines) => table.value?.reveal(lines));
const { opened, selected, openLine, openDrop, openHole, focusWhereItWas } = useOpening({
  coverage: () => coverage.value,
  rows: () => rows.value,
  open: (query) => split.value?.open(query),
  focusOn: (row, column) => table.value?.focusOn(row, column),
});

function savePicture(): void {
  const { kit, scope } = coverage.value ?? {};
  if (ruler.value) save(`${kit?.id}-${scope?.id}.svg`, ruler.value.picture(), 'image/svg+xml');
}
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
            :folds="folds"
            @light="light"
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
