<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, shallowRef, useTemplateRef, type Ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { NO_KIT, useCoverage, useKitsAndScopes, type Pair } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import type { Units } from '@/settings/units';
import SplitPlace from '@/frame/SplitPlace.vue';
import { useAddress } from '@/frame/useAddress';
import GaugeRuler from '@/ruler/GaugeRuler.vue';
import { useSettings } from '@/settings/useSettings';
import ProblemNote from '@/shared/ProblemNote.vue';
import WaitBar from '@/shared/WaitBar.vue';
import HeadlineBar from './HeadlineBar.vue';
import { awayBy, rowsOf, withDraft, type LineRow } from './reading';
import type { SheetEdit } from './sheet';
import { useFolds } from './useFolds';
import { useLighting } from './useLighting';
import { useOpening } from './useOpening';
import { usePair } from './usePair';
import { useWaysOn } from './useWaysOn';

/*
 * A place that shows the lines of a scope as a kit does them: the band with the verdict, the ruler, the list below it, and Why
 * beside it. What is picked and written in it is the place's own.
 *
 *   <JudgedPlace place="cover" title="Cover">
 *     <template #picks="{ pair, kits, scopes, pick }">…</template>
 *     <template #above="{ pair, units }">…</template>       what is written
 *     <template #empty>…</template>                         what to say where nothing is yet
 *   </JudgedPlace>
 */
const props = defineProps<{
  place: string;
  title: string;
  /** Columns of the sheet, where lines are written here. */
  sheet?: readonly string[] | undefined;
  /** The work is shown even while no kit is in hand. */
  withoutKit?: boolean;
  /** What can be taken along of it besides the picture. */
  files?: { title: string; href: string }[] | undefined;
  /** The pair for which the verdict is asked, where that is another with the same. */
  asAsked?: (pair: Ref<Pair>) => Ref<Pair>;
}>();
const emit = defineEmits<{
  edit: [edit: SheetEdit, scope: string];
}>();
defineSlots<{
  picks(props: {
    pair: Pair;
    kits: Schemas['KitSummary'][];
    scopes: Schemas['ScopeSummary'][];
    pick: (key: 'kit' | 'scope', id: string) => void;
  }): unknown;
  above?(props: {
    pair: Pair;
    units: Units;
    coverage: Schemas['Coverage'] | undefined;
    highlight: (id: string) => void;
    /** A line that is not written yet drops on the ruler with the others. */
    draft: (drop: Schemas['Drop'] | null) => void;
  }): unknown;
  /** Between the ruler and the table. */
  under?(props: { pair: Pair; coverage: Schemas['Coverage'] | undefined; units: Units }): unknown;
  /** Beside the search over the table. */
  tools?(props: { coverage: Schemas['Coverage'] }): unknown;
  /** Over Why, in the panel of a line. */
  beside?(props: { row: LineRow; coverage: Schemas['Coverage'] }): unknown;
  empty(props: { kits: Schemas['KitSummary'][]; scopes: Schemas['ScopeSummary'][] }): unknown;
  /** What leads on from there; a workbook, where the place has nothing else. */
}>();

// The picture stands first; what it is read by comes along.
const LineList = defineAsyncComponent(() => import('./LineList.vue'));
const TakeAlong = defineAsyncComponent(() => import('./TakeAlong.vue'));
const WhyPanel = defineAsyncComponent(() => import('./WhyPanel.vue'));

const { first, length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { show } = useAddress();
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();
const { pair, held } = usePair(
  props.place,
  () => kits.value,
  () => scopes.value,
  props.withoutKit,
);
const {
  data: coverage,
  error,
  isFetching,
  isStale,
  refetch,
} = useCoverage(props.asAsked?.(pair) ?? pair, units);
defineExpose({ coverage });
const nameOf = (list: { id: string; name: string }[], id: string | null) =>
  list.find((one) => one.id === id)?.name ?? 'it';
// What takes longer than that is told; less would only flicker.
const isSlow = refDebounced(isFetching, 400);
/** There is nothing to judge: no work at all, or, where a kit is asked for, no line of it or no kit with a tool. */
const isEmpty = computed(
  () =>
    !isLoading.value &&
    (props.withoutKit
      ? scopes.value.length === 0
      : kits.value.every(({ tools }) => tools === 0) || scopes.value.every(({ lines }) => lines === 0)),
);

const { suppose, plan } = useWaysOn(pair);
function pick(key: 'kit' | 'scope', id: string): void {
  show(key === 'kit' ? { kit: id } : { scope: id, line: null, step: null });
}

const rows = computed<LineRow[]>(() => (coverage.value ? rowsOf(coverage.value, first.value) : []));
const search = defineModel<string>('search', { default: '' });
const draft = shallowRef<Schemas['Drop'] | null>(null);

const split = useTemplateRef('split');
const ruler = useTemplateRef('ruler');
const list = useTemplateRef<{
  focusOn: (row: string, column: string) => void;
  reveal: (rows: ReadonlySet<string>) => void;
}>('list');

const { isFolded, folds, fold, foldAll, ruledBy, isSmall, shrink } = useFolds(
  () => coverage.value?.ruler,
  () => held.value,
  () => props.sheet !== undefined,
);
const { lit, light, lightFromRuler, lightOnceThere } = useLighting(
  () => rows.value,
  (lines) => list.value?.reveal(lines),
);
const { opened, selected, openLine, openDrop, openHole, focusWhereItWas } = useOpening({
  coverage: () => coverage.value,
  rows: () => rows.value,
  open: (query) => split.value?.open(query),
  focusOn: (row, column) => list.value?.focusOn(row, column),
});

const draw = async () => (await ruler.value?.picture()) ?? '';
</script>

<template>
  <SplitPlace
    ref="split"
    :keys="['line', 'step']"
    :is-open="opened !== null"
    :held="held"
    @lost="focusWhereItWas"
  >
    <PlaceFrame class="judged" :title look="fill" :error="listError" @retry="retry()">
      <slot v-if="isEmpty" name="empty" :kits :scopes />
      <template v-else>
        <div class="band">
          <slot name="picks" :pair="pair" :kits="kits" :scopes="scopes" :pick="pick" />
          <HeadlineBar
            v-if="coverage && !error"
            :coverage="coverage"
            :class="{ stale: isStale }"
            @open="openHole"
          />
          <WaitBar v-if="isSlow && isFetching" class="progress" says="Holding the kit against the work" />
        </div>
        <slot
          name="above"
          :pair="pair"
          :units="units"
          :coverage="coverage"
          :highlight="lightOnceThere"
          :draft="(drop) => (draft = drop)"
        />
        <!-- It stays while the verdict of another day is asked for: below the ruler it is put by its order. -->
        <div v-if="$slots.under" class="under">
          <slot name="under" :pair="pair" :coverage="coverage" :units="units" />
        </div>
        <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
        <p v-else-if="!coverage" class="muted waiting" role="status">
          {{
            pair.kit === NO_KIT
              ? `Reading ${nameOf(scopes, pair.scope)} …`
              : `Holding ${nameOf(kits, pair.kit)} against ${nameOf(scopes, pair.scope)} …`
          }}
        </p>
        <template v-else>
          <div v-if="coverage.ruler.drops.length" class="lanes" :class="{ stale: isStale }">
            <GaugeRuler
              ref="ruler"
              :ruler="withDraft(ruledBy(coverage.ruler), draft)"
              :first="first"
              :lit="draft ? new Set([...lit, ...draft.lines]) : lit"
              :is-folded="isFolded"
              :away="awayBy(coverage.day?.away)"
              :turns="coverage.was && new Map(rows.map(({ id, change }) => [id, change]))"
              @light="lightFromRuler"
              @open="openDrop"
              @fold="fold"
            />
          </div>
          <LineList
            ref="list"
            v-model:search="search"
            :coverage="coverage"
            :rows="rows"
            :lit="lit"
            :selected="selected"
            :is-stale="isStale"
            :folds="folds"
            :is-small="coverage.kit === null ? null : isSmall"
            :sheet="sheet"
            @edit="emit('edit', $event, coverage.scope.id)"
            @light="light"
            @open="openLine"
            @fold="foldAll"
            @shrink="shrink"
          >
            <TakeAlong
              v-if="coverage.ruler.drops.length"
              :files="files ?? []"
              :name="`${coverage.kit?.id ?? 'no-kit'}-${coverage.scope.id}`"
              :draw="draw"
            />
            <slot name="tools" :coverage="coverage" />
          </LineList>
        </template>
      </template>
    </PlaceFrame>

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
        @step="show({ step: $event }, 'replace')"
        @kit="show({ kit: $event })"
        @out="suppose"
        @plan="plan(coverage.was?.fromShelf)"
      >
        <slot name="beside" :row="opened.row" :coverage="coverage" />
      </WhyPanel>
    </template>
  </SplitPlace>
</template>

<style scoped>
.judged {
  gap: 0;
  padding-top: 8px;
}

.band {
  position: relative;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 2px 24px;
  align-items: center;
  padding-bottom: 6px;
}

.progress {
  position: absolute;
  bottom: 0;
}

/* The lanes scroll below their scale where there is no room for all of them. */
.lanes {
  flex: 0 1 auto;
  min-height: 110px;
  overflow: hidden auto;
}

/* What stands under the ruler is there before it is; the list stands behind both. */
.waiting,
.lanes {
  order: 1;
}

.under {
  order: 2;
}

.stale {
  opacity: 0.55;
}

.waiting {
  padding: 24px 0;
}

@media (max-width: 1180px) {
  .band {
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
  }
}

@media (max-width: 1100px) {
  .judged {
    padding: 8px 12px 0;
  }
}

/* Where not even a few rows have room below the lanes, the whole place scrolls, and the table in it a window high. */
@media (max-width: 700px), (max-height: 620px) {
  .judged {
    height: auto;
  }

  .lanes {
    flex: none;
    overflow: visible;
  }
}

/* On paper: the names, the verdict, the ruler and every line; nothing that is there to be clicked. */
@media print {
  .judged {
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
