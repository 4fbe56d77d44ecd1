<script setup lang="ts">
import { computed, toRef } from 'vue';
import { useRoute } from 'vue-router';
import { useReferenceTable, useReferenceTables } from '@/data/bench';
import { problemOf } from '@/api/client';
import PartsNav from '@/frame/PartsNav.vue';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { counted, pretty } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import ReasonExamples from './ReasonExamples.vue';
import { found, sorted } from './tableRows';

/** What is behind the numbers: every table with its source and how sure it is, to be searched, sorted and taken along. */
const route = useRoute();
const { asked, show } = useAddress();
const tables = useReferenceTables();
const list = computed(() => tables.data.value?.data ?? []);
const name = computed(() => {
  const asks = typeof route.params.table === 'string' ? route.params.table : '';
  return list.value.some((one) => one.name === asks) ? asks : (list.value[0]?.name ?? '');
});
const shown = computed(() => list.value.find((one) => one.name === name.value));
const parts = computed(() =>
  list.value.map((one) => ({
    title: one.title,
    note: one.rows,
    to: { name: 'tables', params: { table: one.name } },
    isHere: one.name === name.value,
  })),
);
const table = useReferenceTable(toRef(name));

const words = computed(() => asked('q') ?? '');
const by = computed(() => table.data.value?.columns.indexOf(asked('by') ?? '') ?? -1);
const isBackwards = computed(() => asked('down') === '1');
const rows = computed(() => {
  const matching = found(table.data.value?.rows ?? [], words.value);
  return by.value < 0 ? matching : sorted(matching, by.value, isBackwards.value);
});
const isNumber = (column: number) =>
  (table.data.value?.rows ?? []).every((row) => /^$|^-?\d+(\.\d+)?%?$/.test(row[column] ?? ''));
const title = (column: string) => pretty(column.replaceAll('_', ' '));

/** Once up, once down, then as it came. */
function sortBy(column: string): void {
  if (asked('by') !== column) show({ by: column, down: null });
  else if (!isBackwards.value) show({ down: 1 });
  else show({ by: null, down: null });
}
const direction = (column: string) =>
  asked('by') !== column ? 'none' : isBackwards.value ? 'descending' : 'ascending';
</script>

<template>
  <PlaceFrame
    title="Tables"
    :tab="shown?.title"
    look="fill"
    :error="tables.error.value"
    @retry="tables.refetch()"
  >
    <div class="tables">
      <PartsNav label="Tables" :parts in-column />
      <section v-if="shown" :aria-labelledby="`table-${name}`">
        <header>
          <h2 :id="`table-${name}`">{{ shown.title }}</h2>
          <p class="muted">{{ shown.about }}</p>
          <p class="acts">
            <input
              type="search"
              data-search
              aria-label="Search this table"
              placeholder="Search this table"
              :value="words"
              @input="show({ q: ($event.target as HTMLInputElement).value || null }, 'replace')"
            />
            <span v-if="name !== 'reasons'" class="muted" role="status">{{
              counted(rows.length, 'row')
            }}</span>
            <a :href="`/api/v1/reference/${name}.csv`" download>As CSV</a>
          </p>
        </header>
        <ReasonExamples v-if="name === 'reasons'" :words />
        <ProblemNote
          v-else-if="table.error.value"
          :problem="problemOf(table.error.value)"
          @retry="table.refetch()"
        />
        <p v-else-if="!table.data.value" class="muted" role="status">Opening the table …</p>
        <p v-else-if="!rows.length" class="muted">
          No row has “{{ words }}”.
          <button type="button" class="link" @click="show({ q: null })">Show them all</button>
        </p>
        <div v-else class="scroll" tabindex="0" role="group" :aria-label="shown.title">
          <table>
            <thead>
              <tr>
                <th
                  v-for="(column, at) in table.data.value.columns"
                  :key="column"
                  scope="col"
                  :aria-sort="direction(column)"
                  :class="{ number: isNumber(at) }"
                >
                  <button type="button" @click="sortBy(column)">
                    {{ title(column)
                    }}<span aria-hidden="true">{{
                      { none: '', ascending: ' ▴', descending: ' ▾' }[direction(column)]
                    }}</span>
                  </button>
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(row, number) in rows" :key="number">
                <td
                  v-for="(cell, at) in row"
                  :key="at"
                  :class="{ number: isNumber(at), mono: isNumber(at), long: cell.length > 46 }"
                >
                  <RouterLink
                    v-if="name === 'schools' && table.data.value?.columns[at] === 'rule'"
                    class="link"
                    :to="{ name: 'rules', query: { ask: cell } }"
                    >the house’s answer</RouterLink
                  >
                  <template v-else>{{ pretty(cell) }}</template>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
    </div>
  </PlaceFrame>
</template>

<style scoped>
.tables {
  display: grid;
  flex: 1;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 0 30px;
  min-height: 0;
  overflow: hidden;
}

section {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
}

h2 {
  margin: 0;
  font-size: 20px;
}

p {
  margin: 0;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  padding: 6px 0 8px;
}

input {
  width: 260px;
  min-height: 34px;
  padding: 2px 10px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
  color: inherit;
}

.acts a,
.link {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.scroll {
  overflow: auto;
  padding-bottom: 20px;
}

table {
  border-collapse: collapse;
  font-size: 13.5px;
}

th {
  position: sticky;
  top: 0;
  padding: 0 18px 0 0;
  border-bottom: 1px solid var(--ink);
  background: var(--ground);
  text-align: left;
}

th button {
  padding: 0;
  min-height: var(--touch);
  color: var(--muted);
  font-size: 12.5px;
  font-weight: 600;
  cursor: pointer;
}

td {
  padding: 4px 18px 4px 0;
  border-bottom: 1px solid var(--hairline);
  vertical-align: top;
}

td.long {
  min-width: 300px;
}

.number {
  text-align: right;
}

@media (max-width: 820px) {
  .tables {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
  }

  nav {
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    column-gap: 20px;
    max-height: 240px;
    margin-bottom: 12px;
  }
}
</style>
