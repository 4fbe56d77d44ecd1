<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, nextTick, ref, useTemplateRef, watch } from 'vue';
import { problemOf } from '@/api/client';
import { useCoverage, useKitsAndScopes } from '@/api/queries';
import SplitPlace from '@/frame/SplitPlace.vue';
import { useAddress } from '@/frame/useAddress';
import HeadlineBar from '@/lines/HeadlineBar.vue';
import LineTable from '@/lines/LineTable.vue';
import { rowsOf } from '@/lines/reading';
import { useFolds } from '@/lines/useFolds';
import { useLighting } from '@/lines/useLighting';
import { useOpening } from '@/lines/useOpening';
import { usePair } from '@/lines/usePair';
import GaugeRuler from '@/ruler/GaugeRuler.vue';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import QuickEntry from './QuickEntry.vue';

/** What is to be wired, written line by line, with the judgement of the kit in hand beside it. */
const WhyPanel = defineAsyncComponent(() => import('@/lines/WhyPanel.vue'));

const { first, length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { person } = useSession();
const { show } = useAddress();
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();
const { pair, held } = usePair(
  'work',
  () => kits.value,
  () => scopes.value,
);
const { data: coverage, error, refetch } = useCoverage(pair, units);
const rows = computed(() => (coverage.value ? rowsOf(coverage.value, first.value) : []));
const isEmpty = computed(() => !isLoading.value && (kits.value.length === 0 || scopes.value.length === 0));

const split = useTemplateRef('split');
const table = useTemplateRef('table');
const { isFolded, fold } = useFolds(
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

// What was just added is lit and in sight as soon as it is there.
const added = ref<string | null>(null);
watch([rows, added], async ([now, id]) => {
  if (id === null || !now.some((row) => row.id === id)) return;
  added.value = null;
  light([id]);
  await nextTick();
  table.value?.reveal(new Set([id]));
});
</script>

<template>
  <SplitPlace
    ref="split"
    :keys="['line', 'step']"
    :is-open="opened !== null"
    :held="held"
    @lost="focusWhereItWas"
  >
    <div class="lines">
      <h1 class="visually-hidden">Work</h1>
      <ProblemNote v-if="listError" :problem="problemOf(listError)" @retry="retry()" />
      <EmptyNote v-else-if="isEmpty" title="No scope to write lines into yet">
        A <b>scope</b> is the work of a bench or a site: so many of this wire into that terminal. It comes in
        with a workbook, and from then on lines are written here.
        <template #next>
          <v-btn color="primary" variant="flat" :to="{ name: 'shop' }">Import a workbook</v-btn>
        </template>
      </EmptyNote>
      <template v-else>
        <div class="band">
          <PickOne
            label="Scope"
            :items="scopes"
            :picked="pair.scope"
            @pick="show({ scope: $event, line: null, step: null })"
          />
          <PickOne label="Kit in hand" :items="kits" :picked="pair.kit" @pick="show({ kit: $event })" />
          <HeadlineBar v-if="coverage && !error" :coverage="coverage" @open="openHole" />
        </div>
        <QuickEntry
          v-if="pair.scope"
          :key="pair.scope"
          :scope="pair.scope"
          :kit="pair.kit"
          :units="units"
          :may-write="person?.maySetUpTheShop ?? false"
          @added="added = $event"
        />
        <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
        <template v-else-if="coverage">
          <div v-if="coverage.ruler.drops.length" class="lanes">
            <GaugeRuler
              :ruler="coverage.ruler"
              :first="first"
              :lit="lit"
              :is-folded="isFolded"
              @light="lightFromRuler"
              @open="openDrop"
              @fold="fold"
            />
          </div>
          <LineTable
            ref="table"
            class="table"
            :coverage="coverage"
            :rows="rows"
            :lit="lit"
            :selected="selected"
            @light="light"
            @open="openLine"
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
.lines {
  display: flex;
  flex-direction: column;
  height: 100%;
  padding: 8px 20px 0;
}

.band {
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 260px) minmax(0, 1fr);
  gap: 4px 12px;
  align-items: center;
  padding-bottom: 4px;
}

.lanes {
  flex: 0 1 auto;
  min-height: 110px;
  overflow: hidden auto;
}

.table {
  flex: 1 0 214px;
}

@container work (max-height: 620px) {
  .table {
    flex-basis: 142px;
  }
}

@media (max-width: 1100px) {
  .lines {
    padding: 8px 12px 0;
  }

  .band {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }

  .band > :deep(.verdict) {
    grid-column: 1 / -1;
  }
}

@media (max-width: 700px), (max-height: 620px) {
  .lines {
    height: auto;
  }

  .band {
    grid-template-columns: minmax(0, 1fr);
  }

  .lanes {
    flex: none;
    overflow: visible;
  }

  .table {
    flex: none;
    height: min(80dvh, 600px);
  }
}

@media print {
  .lines {
    display: block;
    height: auto;
  }
}
</style>
