<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed, defineAsyncComponent, useTemplateRef } from 'vue';
import { useDayAsked } from '@/data/calendar';
import { ASKED, saidOf, SUPPOSITIONS, useKitsAndScopes, useLastPair, type Pair } from '@/data/pairs';
import JudgedPlace from '@/lines/JudgedPlace.vue';
import { useAddress } from '@/frame/useAddress';
import { useSettings } from '@/settings/useSettings';
import PickHand from '@/lines/PickHand.vue';
import PickOne from '@/shared/PickOne.vue';
import FirstSteps from './FirstSteps.vue';
import YearBand from './YearBand.vue';

/** The heart: a kit held against a scope, as a picture and line by line, and why it is so. */
const judged = useTemplateRef('judged');
const { asked, show } = useAddress();
const AsIfPanel = defineAsyncComponent(() => import('./AsIfPanel.vue'));
const SupposedNote = defineAsyncComponent(() => import('./SupposedNote.vue'));
const isSupposed = (pair: Pair) => SUPPOSITIONS.some((key) => pair[key]);
/** Where no kit is in hand and several could be, all of them are shown; what was looked at last is still in hand. */
const MatrixPlace = defineAsyncComponent(() => import('./MatrixPlace.vue'));
const { isLoading, ...listed } = useKitsAndScopes();
const last = useLastPair();
const isAsked = computed(() => asked('kit') !== null || asked('scope') !== null || last.value.kit !== null);
const isFront = computed(
  () => !isAsked.value && listed.kits.value.length > 1 && listed.scopes.value.some(({ lines }) => lines > 0),
);
const settings = useSettings();
/** What the address asks, as a file. */
function fileOf(kind: 'csv' | 'json' | 'pdf'): string {
  const said = saidOf(['kit', 'scope', ...ASKED], asked);
  const query = new URLSearchParams({ ...said, length: settings.length, force: settings.force });
  return `/api/v1/coverage.${kind}?${query}`;
}
const files = computed(() =>
  asked('kit')
    ? [
        { title: 'A4 to hang up (PDF)', href: fileOf('pdf') },
        { title: 'Each step as a table (CSV)', href: fileOf('csv') },
        { title: 'The whole report as data (JSON)', href: fileOf('json') },
      ]
    : [],
);
useTitle(() => {
  const { kit, scope } = judged.value?.coverage ?? {};
  return kit && scope ? `${kit.name} × ${scope.name} – Gondrik` : 'Cover – Gondrik';
});
</script>

<template>
  <MatrixPlace v-if="isFront" />
  <JudgedPlace
    v-else-if="isAsked || !isLoading"
    ref="judged"
    :class="{ supposing: asked('asif') || SUPPOSITIONS.some((key) => asked(key)) }"
    place="cover"
    title="Cover"
    :files="files"
    :as-asked="useDayAsked"
  >
    <template #picks="{ pair, kits, scopes, pick }">
      <div class="picks">
        <PickOne label="Kit" :items="kits" :picked="pair.kit" @pick="pick('kit', $event)" />
        <span class="times" aria-hidden="true">×</span>
        <PickOne
          label="Scope"
          :items="scopes.filter(({ id, archived }) => !archived || id === pair.scope)"
          :picked="pair.scope"
          @pick="pick('scope', $event)"
        />
        <span class="others">
          <RouterLink :to="{ name: 'matrix' }" title="Every kit against every scope">All kits</RouterLink>
          <RouterLink
            v-if="pair.kit && kits.length > 1"
            :to="{ name: 'beside', query: saidOf(['kit', 'scope', 'on', 'hand'], asked) }"
            title="This kit and another one side by side"
            >Two kits</RouterLink
          >
        </span>
      </div>
    </template>
    <template #above="{ pair }">
      <AsIfPanel
        v-if="asked('asif')"
        :pair="pair"
        :coverage="judged?.coverage"
        @close="show({ asif: null }, 'replace')"
      />
      <SupposedNote v-if="isSupposed(pair)" :pair="pair" :coverage="judged?.coverage" />
    </template>
    <template #under="{ pair, coverage, units }"
      ><YearBand :pair="pair" :coverage="coverage" :units="units"
    /></template>
    <template #tools
      ><button
        type="button"
        class="link"
        :aria-expanded="asked('asif') !== null"
        @click="show({ asif: asked('asif') ? null : 1 }, 'replace')"
      >
        As if …</button
      ><RouterLink
        v-if="asked('kit')"
        :to="{ name: 'bag', query: saidOf(['kit', 'scope', ...ASKED], asked) }"
        title="The fewest tools of the kit that do this work, and what stays at home"
        >What to pack</RouterLink
      ><RouterLink
        v-if="asked('kit')"
        :to="{ name: 'time', query: saidOf(['kit', 'scope', 'on', 'hand'], asked) }"
        title="How long it takes, how often a hand squeezes, and what would save either"
        >Time</RouterLink
      ><PickHand :picked="asked('hand') ?? undefined"
    /></template>
    <template #empty="{ kits, scopes }"><FirstSteps :kits :scopes /></template>
  </JudgedPlace>
</template>

<style scoped>
/* What is supposed takes room above: the table leaves it to the ruler. */
.supposing {
  --least-table: 178px;
}

.picks {
  display: grid;
  grid-template-columns: 214px auto 300px auto;
  gap: 8px;
  align-items: center;
  justify-content: start;
}

.others {
  display: flex;
  gap: 10px;
}

.others a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  white-space: nowrap;
}

.times {
  color: var(--copper);
  font-size: 19px;
}

@media (max-width: 1180px) {
  .picks {
    grid-template-columns: minmax(0, 240px) auto minmax(0, 360px) auto;
  }
}

@media (max-width: 600px) {
  .picks {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }

  .times {
    display: none;
  }
}
</style>
