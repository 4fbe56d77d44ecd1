<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { problemOf } from '@/api/client';
import { useThings, type ThingList } from '@/data/things';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import { capital, counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { useKeys } from '@/shared/useKeys';
import { useUndoKeys } from '@/frame/useUndoKeys';
import WaitBar from '@/shared/WaitBar.vue';
import CribHead from './CribHead.vue';
import ProposedNote from './ProposedNote.vue';
import { rowsOf } from './thingColumns';
import ThingGrid from './ThingGrid.vue';

/** What the shop has: tools, wires and terminals, each beside its ruler, found by words, opened to be drawn. */
const route = useRoute();
const router = useRouter();
const { asked, show } = useAddress();
const { person } = useSession();
const isLead = computed(() => person.value?.role === 'lead');
const list = computed<ThingList>(() => (route.params.list as ThingList | '') || 'tools');
const one = computed(() => list.value.slice(0, -1));

const search = ref(asked('q') ?? '');
const settled = refDebounced(search, 160);
watch(settled, (words) => show({ q: words.trim() || null }, 'replace'));
watch(list, () => (search.value = asked('q') ?? ''));
const query = useThings(list, settled);
const rows = computed(() => rowsOf(list.value, query.pages.value));
const ticks = computed(() => query.pages.value[0]?.ticks ?? []);

const open = (id: string) => router.push({ name: 'thing', params: { list: list.value, id } });
const make = () => router.push({ name: 'make', params: { list: list.value } });
useKeys('n', () => isLead.value && void make());
useUndoKeys();
</script>

<template>
  <PlaceFrame :title="capital(list)" look="fill">
    <CribHead
      v-model="search"
      :list
      :hint="`words of a ${one}`"
      :name="`Find ${list}`"
      :count="query.isWhole.value ? counted(rows.length, one) : `${rows.length} and more …`"
    >
      <v-btn v-if="isLead" size="small" variant="text" :to="{ name: 'things', params: { list } }"
        >Bring a table</v-btn
      >
      <v-btn
        v-if="person?.maySetUpTheShop"
        size="small"
        variant="text"
        :href="`/api/v1/tables/${list}`"
        download
        >As CSV</v-btn
      >
      <v-btn v-if="isLead" size="small" color="primary" variant="flat" @click="make()"
        >Make a {{ one }}</v-btn
      >
    </CribHead>
    <ProposedNote v-if="list !== 'tools'" :list />
    <ProblemNote
      v-if="query.error.value && !query.data.value"
      :problem="problemOf(query.error.value)"
      @retry="query.refetch()"
    />
    <WaitBar v-else-if="query.isPending.value" :says="`Fetching the ${list}`" />
    <EmptyNote v-else-if="!rows.length && settled.trim()" :title="`No ${one} has all of these words`">
      Names, ids, sizes and what a {{ one }} is made for are searched.
      <template #next
        ><v-btn @click="search = ''">Show all {{ list }}</v-btn></template
      >
    </EmptyNote>
    <EmptyNote v-else-if="!rows.length" :title="`No ${list} yet`">
      Here stand the {{ list }} of the shop, described by what they are. What a kit covers is judged by them.
      <template #next>
        <div class="acts">
          <v-btn color="primary" variant="flat" :to="{ name: 'shelf', params: { list } }"
            >Take some from the shelf</v-btn
          >
          <v-btn v-if="isLead" @click="make()">Make a {{ one }}</v-btn>
          <v-btn v-if="isLead" variant="text" :to="{ name: 'things', params: { list } }">Bring a table</v-btn>
        </div>
      </template>
    </EmptyNote>
    <ThingGrid
      v-else
      :key="list"
      :list
      :rows
      :ticks
      :caption="{ tools: 'Tools', wires: 'Wires', terminals: 'Terminals' }[list]"
      @open="(row) => open(row.id)"
    />
  </PlaceFrame>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
