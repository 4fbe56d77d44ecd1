<script setup lang="ts">
import FileLink from '@/frame/FileLink.vue';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useSession } from '@/session/useSession';
import ImportWorkbook from './ImportWorkbook.vue';
import ShopWords from './ShopWords.vue';

const { person } = useSession();
</script>

<template>
  <PlaceFrame :title="person?.shop ?? 'Shop'" look="page" is-shown>
    <p class="ways">
      <RouterLink v-if="person?.role === 'lead'" :to="{ name: 'accounts' }"
        >Who comes in, and as what</RouterLink
      >
      <RouterLink v-if="person?.maySetUpTheShop" :to="{ name: 'history' }"
        >What was done, by whom and when</RouterLink
      >
      <RouterLink :to="{ name: 'rules' }">House rules</RouterLink>
      <RouterLink :to="{ name: 'settings' }">Name, currency, units and theme</RouterLink>
      <RouterLink :to="{ name: 'own' }">Your password and tokens</RouterLink>
    </p>
    <div class="columns">
      <section aria-labelledby="import">
        <h2 id="import">Import a workbook</h2>
        <p class="muted lead">
          A workbook is one JSON file with wires, terminals, tools, kits and scopes. It is read through first
          and nothing changes until you say so; afterwards it can be taken back. What it does not name is left
          as it is.
        </p>
        <ImportWorkbook v-if="person?.maySetUpTheShop" />
        <p v-else class="refused">
          Importing is for the shop lead and the coordinator. You are signed in as {{ person?.role }}; ask one
          of them to bring the workbook in.
        </p>
      </section>
      <section aria-labelledby="export">
        <h2 id="export">Export</h2>
        <p class="muted lead">
          The whole shop as one workbook: to keep, to send, to check on the command line. Importing it again
          changes nothing.
        </p>
        <template v-if="person?.maySetUpTheShop">
          <v-btn href="/api/v1/workbook" download>Export the workbook</v-btn>
          <FileLink class="zip" href="/api/v1/workbook.zip">The same as a zip of tables</FileLink>
          <p>
            <FileLink href="/api/v1/log.csv">What has happened, as a table</FileLink
            ><span class="muted">: brought back with new rows, these are written down.</span>
          </p>
        </template>
        <p v-else class="refused">
          Exporting, with what everything costs, is for the shop lead and the coordinator.
        </p>
        <p class="formats muted">
          The format is described by its
          <a href="/api/v1/workbook.schema.json">JSON Schema</a>, the interface for scripts by its
          <a href="/api/v1/openapi.json">OpenAPI description</a>.
        </p>
        <h2 class="words">Words of the shop</h2>
        <ShopWords />
      </section>
    </div>
  </PlaceFrame>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 2.2fr) minmax(240px, 1fr);
  gap: 48px;
  margin-top: 18px;
}

h2 {
  font-size: 17px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
}

.zip {
  margin-left: 14px;
}

.lead {
  margin: 4px 0 14px;
  max-width: 62ch;
}

.words {
  margin: 26px 0 4px;
}

.formats {
  margin-top: 18px;
  font-size: 13px;
}

.refused {
  border-left: 3px solid var(--makeshift);
  padding: 6px 14px;
  max-width: 60ch;
}

@media (max-width: 860px) {
  .columns {
    grid-template-columns: 1fr;
    gap: 32px;
  }
}
</style>
