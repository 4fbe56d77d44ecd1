<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed, defineAsyncComponent, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import { useDayAsked } from '@/data/calendar';
import { useKitsAndScopes, useLastPair } from '@/data/pairs';
import JudgedPlace from '@/lines/JudgedPlace.vue';
import FileLink from '@/frame/FileLink.vue';
import { useAddress } from '@/frame/useAddress';
import { useSettings } from '@/settings/useSettings';
import PickHand from '@/lines/PickHand.vue';
import PickOne from '@/shared/PickOne.vue';
import FirstSteps from './FirstSteps.vue';
import SupposedNote from './SupposedNote.vue';
import YearBand from './YearBand.vue';

/** The heart: a kit held against a scope, as a picture and line by line, and why it is so. */
const judged = useTemplateRef('judged');
const { asked } = useAddress();
/** Where no kit is in hand and several could be, all of them are shown; what was looked at last is still in hand. */
const MatrixPlace = defineAsyncComponent(() => import('./MatrixPlace.vue'));
const { isLoading, ...listed } = useKitsAndScopes();
const last = useLastPair();
const isAsked = computed(() => asked('kit') !== null || asked('scope') !== null || last.value.kit !== null);
const isFront = computed(
  () => !isAsked.value && listed.kits.value.length > 1 && listed.scopes.value.some(({ lines }) => lines > 0),
);
const route = useRoute();
const settings = useSettings();
/** What the address asks, as a file. */
function tableOf(): string {
  const keys = ['kit', 'scope', 'with', 'without', 'on', 'hand'];
  const said = keys.flatMap((key) => (route.query[key] ? [[key, String(route.query[key])]] : []));
  const query = new URLSearchParams([...said, ['length', settings.length], ['force', settings.force]]);
  return `/api/v1/coverage.csv?${query}`;
}
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
    place="cover"
    title="Cover"
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
        <RouterLink :to="{ name: 'matrix' }" class="all" title="Every kit against every scope"
          >All kits</RouterLink
        >
      </div>
    </template>
    <template #above="{ pair }">
      <SupposedNote v-if="pair.with || pair.without" :pair="pair" :coverage="judged?.coverage" />
    </template>
    <template #under="{ pair, coverage, units }"
      ><YearBand :pair="pair" :coverage="coverage" :units="units"
    /></template>
    <template #tools
      ><FileLink :href="tableOf()">As a table</FileLink><PickHand :picked="asked('hand') ?? undefined"
    /></template>
    <template #empty="{ kits, scopes }"><FirstSteps :kits :scopes /></template>
  </JudgedPlace>
</template>

<style scoped>
.picks {
  display: grid;
  grid-template-columns: 214px auto 300px auto;
  gap: 8px;
  align-items: center;
  justify-content: start;
}

.all {
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
