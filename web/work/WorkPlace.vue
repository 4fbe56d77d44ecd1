<script setup lang="ts">
import { mdiRedo, mdiTableArrowDown, mdiUndo } from '@mdi/js';
import { computed, defineAsyncComponent } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useKeptLines } from '@/data/lines';
import { NO_KIT } from '@/data/pairs';
import { useAddress } from '@/frame/useAddress';
import { useUndo } from '@/frame/useUndo';
import JudgedPlace from '@/lines/JudgedPlace.vue';
import type { SheetEdit } from '@/lines/sheet';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import { editsOf } from './editsOf';
import QuickEntry from './QuickEntry.vue';
import { useLines, versionOf } from './useLines';
import { useUndoKeys } from '@/frame/useUndoKeys';

/** What is to be wired, written line by line, with the judgement of the kit in hand beside it. */
const { person } = useSession();
const mayWrite = computed(() => person.value?.maySetUpTheShop ?? false);
const { asked, show } = useAddress();
const linesSeen = useKeptLines(computed(() => asked('scope')));
const { edit, conflict, refused, letGo, settle } = useLines(`gondrik.unsent.${person.value?.id}`);
const undo = useUndo();
useUndoKeys();

// What opens by a press comes after the picture.
const ColumnPick = defineAsyncComponent(() => import('./ColumnPick.vue'));
const ScopeActions = defineAsyncComponent(() => import('./ScopeActions.vue'));
const LineDetails = defineAsyncComponent(() => import('./LineDetails.vue'));
// Two seldom write on one line.
const RefusedNote = defineAsyncComponent(() => import('./RefusedNote.vue'));
const ConflictNote = defineAsyncComponent(() => import('./ConflictNote.vue'));

/** Columns that somebody wants to write in, besides those that some line says. */
const wanted = computed(() => (asked('columns') ?? '').split(' ').filter(Boolean));
const sheet = computed(() => (mayWrite.value ? wanted.value : undefined));

async function write(change: SheetEdit, scope: string): Promise<void> {
  const found = editsOf(change, scope, await linesSeen());
  if (found) edit.mutate(found);
}

async function writeSteps(before: Schemas['Line'], line: Schemas['Line'], scope: string): Promise<void> {
  const version = versionOf(before, await linesSeen());
  edit.mutate({ scope, edits: [{ id: line.id, version, line }], said: 'Written: 1 line' });
}

/** What wires and terminals are called. */
const namesOf = (coverage: Schemas['Coverage'] | undefined) =>
  Object.fromEntries(
    Object.entries({ ...coverage?.wires, ...coverage?.terminals }).map(([id, { name }]) => [id, name]),
  );

const addColumn = (key: string) => show({ columns: [...wanted.value, key].join(' ') });

const withNone = (kits: { id: string; name: string }[]) => [{ id: NO_KIT, name: 'No kit in hand' }, ...kits];
/** What is put away stands last, and says so. */
const inOrder = (scopes: Schemas['ScopeSummary'][]) => [
  ...scopes.filter(({ archived }) => !archived),
  ...scopes.filter(({ archived }) => archived).map((one) => ({ ...one, name: `${one.name} (put away)` })),
];
</script>

<template>
  <JudgedPlace class="work" place="work" title="Work" :sheet="sheet" without-kit @edit="write">
    <template #picks="{ pair, kits, scopes, pick }">
      <div class="picks">
        <div class="scope">
          <PickOne
            label="Scope"
            :items="inOrder(scopes)"
            :picked="pair.scope"
            @pick="pick('scope', $event)"
          />
          <ScopeActions v-if="mayWrite && pair.scope" :scope="pair.scope" :scopes="scopes" />
        </div>
        <PickOne label="Kit in hand" :items="withNone(kits)" :picked="pair.kit" @pick="pick('kit', $event)" />
      </div>
    </template>
    <template #above="{ pair, units, coverage, highlight, draft }">
      <QuickEntry
        v-if="pair.scope"
        :key="pair.scope"
        :scope="pair.scope"
        :kit="pair.kit"
        :units="units"
        :may-write="mayWrite"
        @added="highlight"
        @draft="draft"
      />
      <ConflictNote v-if="conflict" :conflict="conflict" :names="namesOf(coverage)" @settle="settle" />
      <RefusedNote
        v-if="refused"
        :problem="problemOf(refused.error)"
        :wanted="refused.wanted"
        @dismiss="letGo()"
        @retry="edit.mutate(refused.wanted)"
      />
    </template>
    <template #tools="{ coverage }">
      <template v-if="mayWrite">
        <button type="button" class="tool" :disabled="!undo.canUndo" title="Ctrl+Z" @click="undo.undo()">
          <v-icon :icon="mdiUndo" size="14" /> Undo
        </button>
        <button type="button" class="tool" :disabled="!undo.canRedo" title="Ctrl+Y" @click="undo.redo()">
          <v-icon :icon="mdiRedo" size="14" /> Redo
        </button>
        <RouterLink
          class="tool"
          :to="{ name: 'table', query: { scope: coverage.scope.id, kit: coverage.kit?.id ?? NO_KIT } }"
        >
          <v-icon :icon="mdiTableArrowDown" size="14" /> Bring a table
        </RouterLink>
        <ColumnPick class="tool" :lines="coverage.lines" :wanted="wanted" @pick="addColumn" />
      </template>
    </template>
    <template #beside="{ row, coverage }">
      <LineDetails
        :row="row"
        :scope="coverage.scope.id"
        :may-write="mayWrite"
        @cell="
          (column, text) =>
            write({ kind: 'cells', cells: [{ line: row.line, column, text }] }, coverage.scope.id)
        "
        @steps="writeSteps(row.line, $event, coverage.scope.id)"
      />
    </template>
    <template #empty>
      <EmptyNote title="No work is written down yet">
        A <b>scope</b> is the work of a bench or a site: so many of this wire into that terminal. Make one,
        then write its lines as you would say them, or bring the table that you have.
        <template #next><ScopeActions v-if="mayWrite" :scope="null" :scopes="[]" /></template>
      </EmptyNote>
    </template>
  </JudgedPlace>
</template>

<style scoped>
/* Four rows, so that the lanes stay whole beside what is written. */
.work {
  --least-table: 178px;
}

.picks {
  display: grid;
  grid-template-columns: 340px 250px;
  gap: 8px;
  align-items: center;
  justify-content: start;
}

.scope {
  display: flex;
  gap: 4px;
}

.scope > :first-child {
  flex: 1;
}

.tool {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: var(--touch-tight);
  padding: 0;
  border: 0;
  background: transparent;
  font: inherit;
  font-size: 12.5px;
  color: var(--muted);
  white-space: nowrap;
  text-decoration: none;
  cursor: pointer;
}

.tool:disabled {
  opacity: 0.4;
  cursor: default;
}

@media (max-width: 1180px) {
  .picks {
    grid-template-columns: minmax(0, 400px) minmax(0, 280px);
  }
}

@media (max-width: 600px) {
  .picks {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
}

@media print {
  .tool {
    display: none;
  }
}
</style>
