<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { answer, api } from '@/api/client';
import { asItCame, SHOP, useShop } from '@/data/shopQuery';
import FileLink from '@/frame/FileLink.vue';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useUndo } from '@/frame/useUndo';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import { moment } from '@/shared/format';
import { changeWords, entryWords, mayTakeBack, whatChanged, type Names } from './historyWords';

/** What was done to the shop, by whom and when, with what was before and after; each entry can be taken back. */
const { person } = useSession();
const { asked, show } = useAddress();
const undo = useUndo();
const about = computed(() => asked('about'));
const mayRead = computed(() => person.value?.maySetUpTheShop ?? false);

const { data, error, isFetching, hasNextPage, fetchNextPage, refetch } = useInfiniteQuery({
  ...asItCame,
  queryKey: [SHOP, useShop(), 'history', 'page', about],
  initialPageParam: null as number | null,
  queryFn: ({ pageParam, signal }) =>
    answer(
      api.GET('/history', {
        params: {
          query: {
            ...(pageParam === null ? {} : { before: pageParam }),
            ...(about.value ? { about: about.value } : {}),
          },
        },
        signal,
      }),
    ),
  getNextPageParam: ({ next }) => next,
  enabled: mayRead,
  staleTime: 0,
});
const entries = computed(() => data.value?.pages.flatMap((page) => page.data) ?? []);
/** What the things are called that entries speak of, of all pages. */
const names = computed(() => {
  const all: Names = {};
  for (const page of data.value?.pages ?? [])
    for (const [list, named] of Object.entries(page.names)) all[list] = { ...all[list], ...named };
  return all;
});
/** What the entries are asked to be about. */
const aboutWords = computed(() => {
  const change = entries.value
    .flatMap(({ changes }) => changes)
    .find(({ list, scope, id }) => [list, scope, id].filter(Boolean).join('/') === about.value);
  return change ? changeWords(change, names.value) : 'one thing';
});
</script>

<template>
  <PlaceFrame title="What was done" look="page" is-shown :error @retry="refetch()">
    <p v-if="mayRead && entries.length" class="muted">
      Two years are kept whole; of what is older, the last entry of each month for each thing.
      <FileLink href="/api/v1/history.json">Everything as a file</FileLink>
    </p>
    <p v-if="!mayRead" class="muted">
      The history, with what everything costs, is for the shop lead and the coordinator.
    </p>
    <p v-if="about" class="muted">
      Only what is about {{ aboutWords }}.
      <button type="button" class="link" @click="show({ about: null })">Show everything</button>
    </p>
    <EmptyNote v-if="mayRead && !isFetching && !entries.length" title="Nothing was changed yet">
      Every change stands here with who made it, when, and what was before: lines and scopes, tools and what
      they are for, files that were brought in. Each can be taken back.
    </EmptyNote>
    <ol v-else>
      <li v-for="entry in entries" :key="entry.id">
        <time :datetime="entry.at" class="mono">{{ moment(entry.at) }}</time>
        <span class="who">{{ entry.by ?? 'the server' }}</span>
        <details>
          <summary>{{ entryWords(entry, names) }}</summary>
          <ul>
            <li v-for="change in entry.changes" :key="`${change.list} ${change.scope} ${change.id}`">
              <b>{{ changeWords(change, names) }}</b>
              <span v-for="one in whatChanged(change, names)" :key="one.key" class="change">
                {{ one.key }}: <del v-if="one.before !== null">{{ one.before }}</del>
                <ins v-if="one.after !== null">{{ one.after }}</ins>
              </span>
            </li>
            <li v-if="entry.count > entry.changes.length" class="muted">
              and {{ entry.count - entry.changes.length }} more
            </li>
          </ul>
        </details>
        <button
          v-if="mayTakeBack(entry, person?.role)"
          type="button"
          class="link"
          @click="undo.takeBack(entry.id, entryWords(entry, names))"
        >
          Take back
        </button>
        <span v-else />
      </li>
    </ol>
    <v-btn v-if="hasNextPage" :loading="isFetching" @click="fetchNextPage()">Earlier</v-btn>
  </PlaceFrame>
</template>

<style scoped>
ol {
  margin: 12px 0;
  padding: 0;
  list-style: none;
}

ol > li {
  display: grid;
  grid-template-columns: 128px 150px minmax(0, 1fr) auto;
  gap: 4px 14px;
  align-items: baseline;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

time,
.who {
  font-size: 13px;
  color: var(--muted);
}

summary {
  cursor: pointer;
}

ul {
  padding: 6px 0 4px 16px;
  font-size: 13px;
  list-style: none;
}

.change {
  margin-left: 10px;
  white-space: nowrap;
}

del {
  margin-right: 5px;
  color: var(--muted);
}

ins {
  text-decoration: none;
  font-weight: 600;
}

@media (max-width: 760px) {
  ol > li {
    grid-template-columns: 1fr auto;
  }
}
</style>
