<script setup lang="ts">
import { storeToRefs } from 'pinia';
import { computed, defineAsyncComponent, ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { NO_KIT, useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import CellEditor from '@/lines/CellEditor.vue';
import { save } from '@/shared/saved';
import { useSettings } from '@/settings/useSettings';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { asWritten } from '@/shared/refusal';
import { statusWords } from '@/shared/status';
import StatusMark from '@/shared/StatusMark.vue';
import WaitBar from '@/shared/WaitBar.vue';
import BringTable from './BringTable.vue';
import ColumnSays from './ColumnSays.vue';
import HandedTable from './HandedTable.vue';
import { columnWords } from './columnWords';
import { withCells, withSays } from './brought';
import { restAsText, type TableRow } from './tableRows';
import { useTable } from './useTable';

/** A table of work that somebody has: brought, its columns named, read row by row, and taken into a scope. */
const { asked } = useAddress();
const { length, force } = storeToRefs(useSettings());
const { scopes } = useKitsAndScopes();
const scope = computed(() => asked('scope'));
const kit = computed(() => asked('kit') || null);
const { table, isKnown, keep, bring, reading, read, rows, take, readAgain } = useTable(
  scope,
  kit,
  computed(() => ({ length: length.value, force: force.value })),
);
const MakeThing = defineAsyncComponent(() => import('@/work/MakeThing.vue'));

const scopeName = computed(() => scopes.value.find(({ id }) => id === scope.value)?.name ?? '');
const back = computed(() => ({ name: 'work', query: { scope: scope.value, kit: kit.value ?? NO_KIT } }));

/** The file that the table came from, as long as the page is open: it may have more sheets. */
const brought = computed(() => bring.data.value ?? null);

const bad = computed(() => rows.value.filter(({ status }) => status === 'bad'));
const lines = computed(() => read.value?.lines ?? []);
const waits = computed(
  () =>
    bring.isPending.value || (table.value !== null && read.value === undefined && reading.isFetching.value),
);
const only = ref<'all' | 'bad'>('all');
const shown = computed(() => (only.value === 'bad' ? bad.value : rows.value));

const columns = computed<GridColumn<TableRow>[]>(() => [
  { key: 'reading', title: 'Read as', width: 330, grow: 1.4, value: (row) => told(row) },
  ...(table.value?.names ?? []).map((name, at) => ({
    key: String(at),
    title: name || `Column ${at + 1}`,
    width: 116,
    grow: 0.6,
    isEditable: true,
    value: (row: TableRow) => row.cells[at] ?? '',
  })),
]);

/** So many of the candidates are named. */
const NAMED = 3;

function told({ status, problems, checks, makes }: TableRow): string {
  if (status === 'bad') {
    return problems
      .map(({ value, expected }) => `${value ? `“${value}”` : 'It'} wants ${expected}`)
      .join('; ');
  }
  if (status === 'waiting') return '…';
  const open = checks.filter(({ fit }) => fit !== 'proper').map(({ text }) => text);
  const judged = open.length ? open.join(' ') : statusWords[status];
  return makes === null ? judged : `${makes}: ${judged}`;
}

/** What an open cell may be, by the names of the things; one of them is picked at a press. */
const offered = ({ problems }: TableRow) =>
  problems.flatMap(({ column, about, candidates }) =>
    column === null
      ? []
      : (candidates ?? []).slice(0, NAMED).map((id) => ({
          column,
          name: read.value?.names[about === 'terminal' ? 'terminals' : 'wires'][id] ?? id,
        })),
  );
function pick(row: TableRow, { column, name }: { column: number; name: string }): void {
  if (table.value) keep(withCells(table.value, [{ place: row.place, column, text: name }]));
}

const isWrong = (row: TableRow, column: string) => row.problems.some((one) => String(one.column) === column);
const saysOf = (at: number) => table.value?.columns.find(({ index }) => index === at)?.says ?? '';

function say(at: number, says: string): void {
  if (table.value) keep(withSays(table.value, at, says === '' ? null : (says as Schemas['SheetColumnName'])));
}

function mend(cells: { row: TableRow; column: GridColumn<TableRow>; text: string }[]): void {
  const mended = cells.flatMap(({ row, column, text }) =>
    column.key === 'reading' ? [] : [{ place: row.place, column: Number(column.key), text: text.trim() }],
  );
  if (table.value) keep(withCells(table.value, mended));
}

function download(): void {
  if (table.value)
    save(
      `rest-of-${table.value.name.replace(/\.\w+$/, '')}.tsv`,
      restAsText(table.value, bad.value),
      'text/tab-separated-values',
    );
}

const problem = computed(() => {
  const error = bring.error.value ?? take.error.value ?? (table.value ? reading.error.value : null);
  return error ? problemOf(error) : null;
});
const problemText = computed(() =>
  problem.value?.problems?.length
    ? problem.value.problems
        .map(({ value, expected }) => `${value ? `${asWritten(value)}: ` : ''}${expected}`)
        .join('; ')
    : null,
);
</script>

<template>
  <PlaceFrame :title="`A table for ${scopeName}`" look="fill" is-shown>
    <template #beside><RouterLink :to="back">Back to the lines</RouterLink></template>
    <ProblemNote v-if="problem && !problemText" :problem="problem" @retry="readAgain()" />
    <p v-else-if="problemText" class="problem" role="alert">Not read: {{ problemText }}</p>
    <WaitBar v-if="waits" says="Reading the table" />

    <HandedTable :table :is-known="isKnown" @bring="bring.mutate({ file: $event })" />
    <BringTable v-if="!table" @bring="bring.mutate({ file: $event })" />

    <template v-else>
      <div class="state" role="status">
        <p v-if="waits">Reading {{ counted(table.rows.length, 'row') }} of {{ table.name }} …</p>
        <p v-else>
          <b>{{ counted(rows.length - bad.length, 'row') }}</b> of {{ table.name }}
          {{ rows.length - bad.length === 1 ? 'is' : 'are' }} good for
          <b>{{ counted(lines.length, 'line') }}</b><template v-if="bad.length"
            >; <b class="wrong">{{ counted(bad.length, 'row') }}</b> cannot be read yet</template
          >.
        </p>
        <select
          v-if="brought && brought.read.sheets.length > 1"
          aria-label="Sheet of the file"
          :value="brought.read.sheet"
          @change="bring.mutate({ file: brought.file, sheet: ($event.target as HTMLSelectElement).value })"
        >
          <option v-for="one in brought.read.sheets" :key="one">{{ one }}</option>
        </select>
        <div class="buttons">
          <v-btn
            color="primary"
            variant="flat"
            :disabled="!lines.length || waits"
            :loading="take.isPending.value"
            @click="take.mutate(lines)"
          >
            Take {{ counted(lines.length, 'line') }}
          </v-btn>
          <v-btn v-if="bad.length" variant="text" @click="only = only === 'bad' ? 'all' : 'bad'">
            {{ only === 'bad' ? 'Show all rows' : 'Show what is wrong' }}
          </v-btn>
          <v-btn v-if="bad.length" variant="text" @click="download">Download the rest</v-btn>
          <v-btn variant="text" :disabled="take.isPending.value" @click="keep(null)">Let it go</v-btn>
        </div>
      </div>
      <div v-if="read?.missing.length" class="missing">
        <MakeThing
          v-for="one in read.missing.slice(0, 3)"
          :key="`${one.about} ${one.text}`"
          :about="one.about"
          :text="one.text"
          @made="readAgain()"
        />
        <p v-if="read.missing.length > 3" class="muted">
          and {{ counted(read.missing.length - 3, 'more that is', 'more that are') }} missing
        </p>
      </div>
      <ColumnSays :names="table.names" :columns="table.columns" :words="columnWords" @say="say" />
      <DataGrid
        class="rows"
        :columns="columns"
        :rows="shown"
        caption="Rows of the table"
        :kind-of="({ status }) => (status === 'bad' ? 'open' : undefined)"
        @paste="mend"
      >
        <template #cell="{ row, column }">
          <span v-if="column.key === 'reading'" class="told" :title="told(row)">
            <StatusMark v-if="row.status !== 'bad' && row.status !== 'waiting'" :status="row.status" />
            <b v-else-if="row.status === 'bad'" class="wrong">!</b>
            {{ told(row) }}
            <button
              v-for="one in offered(row)"
              :key="`${one.column} ${one.name}`"
              type="button"
              class="pick"
              @click.stop="pick(row, one)"
            >
              {{ one.name }}
            </button>
          </span>
          <span v-else class="text" :class="{ wrong: isWrong(row, column.key) }">{{
            column.value?.(row)
          }}</span>
        </template>
        <template #editor="{ row, column, start, finish }">
          <CellEditor
            :column="saysOf(Number(column.key))"
            :title="column.title"
            :value="row.cells[Number(column.key)] ?? ''"
            :start="start"
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

<style scoped src="./rows.css"></style>

<style scoped>
.state {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  align-items: center;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.missing {
  display: grid;
  gap: 6px;
  max-height: 40%;
  overflow: auto;
}

select {
  min-height: var(--touch-tight);
  padding: 0 6px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--ground);
  color: var(--ink);
  font: inherit;
}

.pick {
  margin-left: 6px;
  padding: 0 7px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  cursor: pointer;
}

.text.wrong {
  border-bottom: 2px dashed var(--hole);
}
</style>
