<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js';
import { refDebounced } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed } from 'vue';
import { problemOf } from '@/api/client';
import { useCard, type CardAsked } from '@/data/bench';
import { useHands } from '@/data/hands';
import { useKeptCards } from '@/data/keptCards';
import { useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import PickHand from '@/lines/PickHand.vue';
import { usePair } from '@/lines/usePair';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import { moment } from '@/shared/format';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import { counted } from '@/shared/pretty';
import { useKeys } from '@/shared/useKeys';
import WaitBar from '@/shared/WaitBar.vue';
import BenchCard from './BenchCard.vue';
import BenchTabs from './BenchTabs.vue';

/** One termination at a time: its card, and the way to the one before and after. */
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { person } = useSession();
const { asked, show } = useAddress();
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();
const { pair } = usePair(
  'bench',
  () => kits.value,
  () => scopes.value,
);
const toAsk = computed<CardAsked | null>(() => {
  const { kit, scope } = pair.value;
  const line = asked('line');
  const { on, hand } = pair.value;
  return kit && scope
    ? { kit, scope, ...(line === null ? {} : { line }), ...(on ? { on } : {}), ...(hand ? { hand } : {}) }
    : null;
});
const hands = useHands();
/** In whose hands the card is made: who was picked, else one's own. */
const hand = computed(() => {
  const whose = pair.value.hand ?? person.value?.person;
  return hands.value.find(({ id }) => id === whose) ?? null;
});
const query = useCard(toAsk, units);
const page = computed(() => query.data.value);
/** Since when what is in sight was kept; undefined where the server gave it. */
const keptAt = computed(() => page.value?.keptAt);
const onDevice = useKeptCards(
  // What is there on a day, and what somebody may do alone, is another on the next: only what is on paper is kept.
  computed(() =>
    toAsk.value && !toAsk.value.on && !toAsk.value.hand
      ? { kit: toAsk.value.kit, scope: toAsk.value.scope }
      : null,
  ),
  units,
  computed(() => (page.value && keptAt.value === undefined ? query.dataUpdatedAt.value : 0)),
);
/** An address without a secure way keeps no page: what is read there goes with it. */
const isPageKept = 'serviceWorker' in navigator;
const isSlow = refDebounced(
  computed(() => query.isFetching.value),
  350,
);
const isEmpty = computed(() => !isLoading.value && (kits.value.length === 0 || scopes.value.length === 0));

function go(line: string | null | undefined): void {
  if (line) show({ line });
}
useKeys('arrowleft', () => go(page.value?.previous));
useKeys('arrowright', () => go(page.value?.next));

/** So many cards are printed at once. */
const MOST_PRINTED = 200;
const printed = (lines: string | null) =>
  `/api/v1/cards.pdf?${new URLSearchParams({
    kit: pair.value.kit ?? '',
    scope: pair.value.scope ?? '',
    ...(lines === null ? {} : { lines }),
    ...(pair.value.on ? { on: pair.value.on } : {}),
    ...(pair.value.hand ? { hand: pair.value.hand } : {}),
    ...units.value,
  })}`;
</script>

<template>
  <PlaceFrame title="Bench" :tab="page?.card.line" look="scroll">
    <BenchTabs here="bench" />
    <ProblemNote v-if="listError" :problem="problemOf(listError)" @retry="retry()" />
    <EmptyNote v-else-if="isEmpty" title="No card yet">
      A set-up card tells one termination from the spool to the swept floor: which notch, how long, which
      nest, what it must hold. It takes a kit and a scope with its lines.
      <template #next
        ><v-btn color="primary" variant="flat" :to="{ name: 'work' }">Write down the work</v-btn></template
      >
    </EmptyNote>
    <template v-else>
      <div class="picks">
        <PickOne label="Kit" :items="kits" :picked="pair.kit" @pick="show({ kit: $event })" />
        <PickOne
          label="Scope"
          :items="scopes.filter(({ id, archived }) => !archived || id === pair.scope)"
          :picked="pair.scope"
          @pick="show({ scope: $event, line: null })"
        />
        <PickHand :picked="pair.hand" />
        <label v-if="kits.find(({ id }) => id === pair.kit)?.tracked" class="day">
          On
          <input
            class="lone-field"
            type="date"
            aria-label="On which day"
            :value="pair.on ?? ''"
            @change="show({ on: ($event.target as HTMLInputElement).value || null })"
          />
        </label>
        <nav v-if="page" class="turn" aria-label="Lines">
          <button type="button" :disabled="!page.previous" @click="go(page.previous)">
            <v-icon :icon="mdiChevronLeft" size="22" /> Previous
          </button>
          <span class="mono">{{ page.at }} / {{ page.of }}</span>
          <button type="button" :disabled="!page.next" @click="go(page.next)">
            Next <v-icon :icon="mdiChevronRight" size="22" />
          </button>
        </nav>
        <span v-if="page && keptAt === undefined" class="print">
          <a :href="printed(page.card.line)" target="_blank" rel="noopener">This card as PDF</a>
          <a v-if="page.of <= MOST_PRINTED" :href="printed(null)" target="_blank" rel="noopener"
            >All {{ page.of }} as PDF</a
          >
          <RouterLink
            :to="{
              name: 'cover',
              query: {
                kit: pair.kit,
                scope: pair.scope,
                line: page.card.line,
                ...(pair.on ? { on: pair.on } : {}),
                ...(pair.hand ? { hand: pair.hand } : {}),
              },
            }"
            >On Cover</RouterLink
          >
          <span v-if="onDevice?.cards" class="muted on-device"
            >{{ onDevice.cards === onDevice.of ? 'All' : 'The first' }}
            {{ counted(onDevice.cards, 'card') }} can be read without a network{{
              isPageKept ? '' : ', while this page stays open'
            }}</span
          >
        </span>
      </div>
      <p v-if="keptAt !== undefined" class="kept" role="status">
        <strong>Kept on this device {{ moment(keptAt) }}.</strong>
        No server can be reached: what has been changed since, in the work or in the kit, is not on this card.
      </p>
      <WaitBar v-if="isSlow && query.isFetching.value" says="Writing the card" />
      <ProblemNote
        v-if="query.error.value"
        :problem="problemOf(query.error.value)"
        @retry="query.refetch()"
      />
      <p v-else-if="!page" class="muted" role="status">Writing the card …</p>
      <BenchCard
        v-else
        :class="{ stale: query.isPlaceholderData.value }"
        :card="page.card"
        :units
        :whose="person?.id ?? 0"
        :hand="hand"
        :may-time="keptAt === undefined"
        :may-take-back="person?.role === 'lead'"
        aria-live="polite"
      />
    </template>
  </PlaceFrame>
</template>

<style scoped>
.picks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding-bottom: 10px;
}

.turn {
  display: flex;
  gap: 8px;
  align-items: center;
}

.turn button {
  display: flex;
  gap: 4px;
  align-items: center;
  min-height: 44px;
  padding: 0 14px;
  border: 1px solid var(--tool-edge);
  border-radius: 4px;
  background: var(--surface);
  font-weight: 600;
  cursor: pointer;
}

.turn button:disabled {
  opacity: 0.4;
  cursor: default;
}

.print {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  font-size: 13px;
}

a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  color: var(--copper);
}

.on-device {
  align-self: center;
}

.kept {
  margin: 0 0 12px;
  padding: 8px 14px;
  border: 1px solid var(--ink);
  border-left-width: 6px;
  border-radius: 3px;
  font-size: 15px;
}

.stale {
  opacity: 0.55;
}
</style>
