<script setup lang="ts">
import JudgedPlace from '@/lines/JudgedPlace.vue';
import { useSession } from '@/session/useSession';
import PickOne from '@/shared/PickOne.vue';
import QuickEntry from './QuickEntry.vue';

/** What is to be wired, written line by line, with the judgement of the kit in hand beside it. */
const { person } = useSession();
</script>

<template>
  <JudgedPlace place="work" title="Work" empty-title="No scope to write lines into yet">
    <template #picks="{ pair, kits, scopes, pick }">
      <div class="picks">
        <PickOne label="Scope" :items="scopes" :picked="pair.scope" @pick="pick('scope', $event)" />
        <PickOne label="Kit in hand" :items="kits" :picked="pair.kit" @pick="pick('kit', $event)" />
      </div>
    </template>
    <template #above="{ pair, units, highlight }">
      <QuickEntry
        v-if="pair.scope"
        :key="pair.scope"
        :scope="pair.scope"
        :kit="pair.kit"
        :units="units"
        :may-write="person?.maySetUpTheShop ?? false"
        @added="highlight"
      />
    </template>
    <template #empty>
      A <b>scope</b> is the work of a bench or a site: so many of this wire into that terminal. It comes in
      with a workbook, and from then on lines are written here.
    </template>
  </JudgedPlace>
</template>

<style scoped>
.picks {
  display: grid;
  grid-template-columns: 300px 250px;
  gap: 8px;
  align-items: center;
  justify-content: start;
}

@media (max-width: 1180px) {
  .picks {
    grid-template-columns: minmax(0, 360px) minmax(0, 280px);
  }
}

@media (max-width: 600px) {
  .picks {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
}
</style>
