<script setup lang="ts">
import { computed } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useKeptLines } from '@/api/queries';
import { useAddress } from '@/frame/useAddress';
import JudgedPlace from '@/lines/JudgedPlace.vue';
import { useSession } from '@/session/useSession';
import PickOne from '@/shared/PickOne.vue';
import ConflictNote from './ConflictNote.vue';
import QuickEntry from './QuickEntry.vue';
import { useLines, versionOf } from './useLines';

/** What is to be wired, written line by line, with the judgement of the kit in hand beside it. */
const { person } = useSession();
const mayWrite = computed(() => person.value?.maySetUpTheShop ?? false);
const { asked } = useAddress();
const linesSeen = useKeptLines(computed(() => asked('scope')));
const { change, erase, conflict, refused, insist } = useLines();

async function count(counts: { line: Schemas['Line']; quantity: number }[], scope: string): Promise<void> {
  const kept = await linesSeen();
  const lines = counts.map(({ line, quantity }) => ({
    before: line,
    after: { ...line, quantity },
    version: versionOf(line, kept),
  }));
  change.mutate({ scope, lines });
}

async function takeOut(lines: Schemas['Line'][], scope: string): Promise<void> {
  const kept = await linesSeen();
  const ids = kept.map(({ id }) => id);
  erase.mutate({
    scope,
    lines: lines.map((line) => ({
      line,
      version: versionOf(line, kept),
      after: ids[ids.indexOf(line.id) - 1] ?? '',
    })),
  });
}
</script>

<template>
  <JudgedPlace
    class="work"
    place="work"
    title="Work"
    empty-title="No scope to write lines into yet"
    :is-editable="mayWrite"
    @count="count"
    @erase="takeOut"
  >
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
        :may-write="mayWrite"
        @added="highlight"
      />
      <ConflictNote v-if="conflict" :conflict="conflict" @mine="insist(conflict)" @theirs="conflict = null" />
      <p v-if="refused" class="refused" role="alert">
        {{ problemOf(refused).title }}. {{ problemOf(refused).detail }}
      </p>
    </template>
    <template #empty>
      A <b>scope</b> is the work of a bench or a site: so many of this wire into that terminal. It comes in
      with a workbook, and from then on lines are written here.
    </template>
  </JudgedPlace>
</template>

<style scoped>
/* Four rows, so that the lanes stay whole beside what is written. */
.work {
  --least-table: 178px;
}

.refused {
  color: var(--hole);
}

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
