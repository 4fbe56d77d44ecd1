<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { problemOf, type Schemas } from '@/api/client';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import CellEditor from '@/lines/CellEditor.vue';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { refusal } from '@/shared/refusal';
import WaitBar from '@/shared/WaitBar.vue';
import BringTable from '@/table/BringTable.vue';
import ColumnSays from '@/table/ColumnSays.vue';
import HandedTable from '@/table/HandedTable.vue';
import { withCells, withSays, type BroughtRow } from '@/table/brought';
import CribNav from './CribNav.vue';
import { tableWords, type TableList } from './thingTable';
import { useThingsTable } from './useThingsTable';

/** A table of wires, terminals, tools, kits, people or things: brought, its columns named, looked at, and the good things taken in. */
type Read = Schemas['TableThing'];
const route = useRoute();
const list = computed(() => route.params.list as TableList);
const words = computed(() => tableWords[list.value]);
/** Where the list stands in the crib: things and people on the wall. */
const part = computed(() => (list.value === 'assets' || list.value === 'people' ? 'wall' : list.value));
const others = (['kits', 'assets', 'people'] as const).map((id) => ({ id, name: tableWords[id].many }));
const { table, isKnown, keep, bring, reading, things, good, statuses, take, readAgain } =
  useThingsTable(list);
const waits = computed(() => bring.isPending.value || reading.isFetching.value);
const problem = computed(() => {
  const error = bring.error.value ?? take.error.value ?? (table.value ? reading.error.value : null);
  return error ? problemOf(error) : null;
});

const counts = computed(() => {
  const of = (status: Read['status']) => things.value.filter((thing) => thing.status === status).length;
  return { new: of('new'), changed: of('changed'), same: of('same'), bad: of('bad') };
});
type Row = BroughtRow & { id: string };
const only = ref(false);
const rows = computed<Row[]>(() =>
  (table.value?.rows ?? []).map((row) => ({ ...row, id: String(row.place) })),
);
const shown = computed(() =>
  only.value ? rows.value.filter(({ place }) => statuses.value.get(place)?.status === 'bad') : rows.value,
);
const statusWords = { new: 'new', changed: 'changes it', same: 'as it is', bad: '' };
const told = (row: Row) => {
  const found = statuses.value.get(row.place);
  if (!found) return '…';
  return (
    found.problems.map(({ value, expected }) => `${value ? `“${value}”: ` : ''}${expected}`).join('; ') ||
    statusWords[found.status] ||
    'see its other rows'
  );
};
const isWrong = (row: Row, column: string) =>
  statuses.value.get(row.place)?.problems.some((one) => String(one.column) === column) ?? false;
const columns = computed<GridColumn<Row>[]>(() => [
  { key: 'told', title: 'Read as', width: 260, grow: 1.2, value: told },
  ...(table.value?.names ?? []).map((name, at) => ({
    key: String(at),
    title: name || `Column ${at + 1}`,
    width: 116,
    grow: 0.5,
    isEditable: true,
    value: (row: Row) => row.cells[at] ?? '',
  })),
]);
function mend(cells: { row: Row; column: GridColumn<Row>; text: string }[]): void {
  const mended = cells.flatMap(({ row, column, text }) =>
    column.key === 'told' ? [] : [{ place: row.place, column: Number(column.key), text }],
  );
  if (table.value) keep(withCells(table.value, mended));
}
function say(at: number, says: string): void {
  if (table.value) keep(withSays(table.value, at, says || null));
}
</script>

<template>
  <PlaceFrame :title="`A table of ${words.many}`" look="fill" is-shown>
    <template #beside>
      <CribNav :list="part" />
      <template v-for="other in others" :key="other.id">
        <RouterLink v-if="other.id !== list" :to="{ name: 'things', params: { list: other.id } }"
          >A table of {{ other.name }}</RouterLink
        >
      </template>
    </template>
    <p v-if="problem?.problems?.length" class="problem" role="alert">{{ refusal(problem) }}</p>
    <ProblemNote v-else-if="problem" :problem @retry="readAgain()" />
    <WaitBar v-if="waits" says="Reading the table" />
    <HandedTable :table :is-known="isKnown" @bring="bring.mutate($event)" />
    <template v-if="!table">
      <BringTable @bring="bring.mutate($event)">
        <b>Drop a list of {{ words.many }} here</b>, or paste it: CSV, TSV, ODS or XLSX, up to 20,000 rows.
        Each row is one {{ words.one
        }}<template v-if="list === 'tools'"
          >; one with several capabilities, notches or nests has a row for each</template
        ><template v-if="list === 'kits'">; a kit has a row for each of its tools</template
        ><template v-if="list === 'assets'"
          >, with its tag, its model and where it lives, by their names</template
        >.
        <template #later>
          Nothing is written until you take them. The
          <a :href="`/api/v1/tables/${list}`" download>table of what the shop has</a> shows the columns that
          are known; others are recognised by what the trade calls them.
        </template>
      </BringTable>
    </template>
    <template v-else>
      <div class="state">
        <p role="status">
          {{ table.name }}: <b>{{ counts.new }}</b> new, <b>{{ counts.changed }}</b> changed,
          {{ counts.same }} as they are<template v-if="counts.bad"
            >, <b class="wrong">{{ counts.bad }}</b> cannot be read yet</template
          >.
        </p>
        <v-btn
          color="primary"
          variant="flat"
          size="small"
          :disabled="!good.length || waits"
          :loading="take.isPending.value"
          @click="take.mutate(good)"
        >
          Take {{ counted(good.length, words.one, words.many) }}
        </v-btn>
        <v-btn v-if="counts.bad" size="small" variant="text" @click="only = !only">{{
          only ? 'Show all rows' : 'Show what is wrong'
        }}</v-btn>
        <v-btn size="small" variant="text" @click="keep(null)">Let it go</v-btn>
      </div>
      <ColumnSays
        :names="table.names"
        :columns="table.columns"
        :words="Object.fromEntries(table.known.map((word) => [word, word]))"
        @say="say"
      />
      <DataGrid
        class="rows"
        :columns
        :rows="shown"
        caption="Rows of the table"
        :kind-of="(row) => (statuses.get(row.place)?.status === 'bad' ? 'open' : undefined)"
        @paste="mend"
      >
        <template #cell="{ row, column }">
          <span v-if="column.key === 'told'" class="told" :title="told(row)">{{ told(row) }}</span>
          <span v-else class="text" :class="{ wrong: isWrong(row, column.key) }">{{
            column.value?.(row)
          }}</span>
        </template>
        <template #editor="{ row, column, start, finish }">
          <CellEditor
            column=""
            :title="column.title"
            :value="row.cells[Number(column.key)] ?? ''"
            :start
            @write="
              (text, onward) => {
                mend([{ row, column, text }]);
                finish(onward);
              }
            "
          />
        </template>
      </DataGrid>
    </template>
  </PlaceFrame>
</template>

<style scoped src="../table/rows.css"></style>

<style scoped>
.state {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
</style>
