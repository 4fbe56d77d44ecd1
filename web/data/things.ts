import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/vue-query';
import { computed, shallowRef, watch, type Ref } from 'vue';
import { answer, api } from '@/api/client';
import type { Pair } from './pairs';
import { asItCame, SHOP, shopQuery, useShop } from './shopQuery';

/* Wires, terminals and tools: of the shop, and of the catalogue that is built in. */

/** A list of the shop's things. */
export type ThingList = 'wires' | 'terminals' | 'tools';

/** So many at once: the most that the API gives. */
const PAGE = 200;

/** The first wires or terminals of the shop that have all of these words. */
export function useNames(list: Ref<'wires' | 'terminals' | null>, words: Readonly<Ref<string>>) {
  const query = useQuery({
    ...shopQuery(['names', list, words], (signal) =>
      api.GET(list.value === 'terminals' ? '/terminals' : '/wires', {
        params: { query: { search: words.value.slice(0, 200), most: 12 } },
        signal,
      }),
    ),
    enabled: () => list.value !== null,
    placeholderData: keepPreviousData,
  });
  return computed<{ id: string; name: string }[]>(() => query.data.value?.data ?? []);
}

/**
 * A list of the shop's things from its first page to its last: what there is of it is shown at once, and what follows is fetched behind
 * it, page by page.
 */
export function useThings<List extends ThingList>(list: Ref<List>, search: Readonly<Ref<string>>) {
  const shop = useShop();
  const query = useInfiniteQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'things', list, search],
    queryFn: ({ pageParam, signal }) =>
      answer(
        api.GET(`/${list.value}` as '/tools', {
          params: {
            query: {
              most: PAGE,
              ...(search.value.trim() ? { search: search.value.trim().slice(0, 200) } : {}),
              ...(pageParam ? { cursor: pageParam } : {}),
            },
          },
          signal,
        }),
      ),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    placeholderData: keepPreviousData,
  });
  watch(
    () => [query.hasNextPage.value, query.isFetchingNextPage.value, query.isPlaceholderData.value],
    ([hasNext, isFetching, isOld]) => {
      if (hasNext && !isFetching && !isOld) void query.fetchNextPage();
    },
    { immediate: true },
  );
  /** The first page at once and the whole when it is there: a long list is not laid out anew for each page between. */
  const pages = shallowRef<NonNullable<typeof query.data.value>['pages']>([]);
  watch(
    () => query.data.value,
    (data) => {
      if (!data || data.pages.length === 1 || !query.hasNextPage.value) pages.value = data?.pages ?? [];
    },
    { immediate: true },
  );
  return {
    ...query,
    pages,
    isWhole: computed(
      () => query.data.value !== undefined && !query.hasNextPage.value && !query.isPlaceholderData.value,
    ),
  };
}

/** The first things of a list that have all of these words in their name, id or what else makes them known. */
export function useThingPage(list: Ref<ThingList>, words: Readonly<Ref<string>>, most: number) {
  const query = useQuery({
    ...shopQuery(['page', list, words, most], (signal) =>
      api.GET(`/${list.value}` as '/tools', {
        params: { query: { search: words.value.slice(0, 200), most } },
        signal,
      }),
    ),
    enabled: () => words.value.trim() !== '',
  });
  return computed(() =>
    (query.data.value?.data ?? []).map((one) => ({
      id: one.id,
      name: ((one as { tool?: { name: string } }).tool ?? (one as unknown as { name: string })).name,
    })),
  );
}

/** A tool that could be put into a kit. */
export interface ToolFound {
  id: string;
  name: string;
  /** Kits that have it; null for one of the shelf that the shop has not. */
  kits: string[] | null;
  /** Ids of what it needs with it. */
  requires: string[];
}

/** Tools of the shop, then of the shelf, that have all of these words; so many of each. */
export function useToolsFound(words: Readonly<Ref<string>>, most: number) {
  const isAsked = () => words.value.trim() !== '';
  const own = useQuery({
    ...shopQuery(['tools-found', words, most], (signal) =>
      api.GET('/tools', { params: { query: { search: words.value.slice(0, 200), most } }, signal }),
    ),
    enabled: isAsked,
    placeholderData: keepPreviousData,
  });
  const shelf = useQuery({
    ...shopQuery(['shelf-found', words], (signal) =>
      api.GET('/catalogue/{list}', {
        params: { path: { list: 'tools' }, query: { search: words.value.slice(0, 200) } },
        signal,
      }),
    ),
    enabled: isAsked,
    placeholderData: keepPreviousData,
  });
  return {
    isPending: computed(() => isAsked() && (own.isPending.value || shelf.isPending.value)),
    error: computed(() => own.error.value ?? shelf.error.value),
    found: computed<ToolFound[]>(() =>
      isAsked()
        ? [
            ...(own.data.value?.data ?? []).map(({ id, tool, kits }) => ({
              id,
              name: tool.name,
              kits: kits.map(({ name }) => name),
              requires: tool.requires ?? [],
            })),
            ...(shelf.data.value?.data ?? [])
              .filter(({ has }) => has === null)
              .slice(0, most)
              .map(({ thing }) => ({
                id: thing.id,
                name: thing.name,
                kits: null,
                requires: (thing as { requires?: string[] }).requires ?? [],
              })),
          ]
        : [],
    ),
  };
}

/** One tool with the kits it is in, as the list has it. */
export function useTool(id: Readonly<Ref<string | null>>) {
  const shop = useShop();
  const query = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'tool', id],
    queryFn: async () => {
      const { data } = await answer(
        api.GET('/tools', { params: { query: { search: id.value ?? '', most: PAGE } } }),
      );
      return data.find((one) => one.id === id.value) ?? null;
    },
    enabled: () => id.value !== null,
  });
  return computed(() => query.data.value ?? null);
}

/** The sizes of the trade, as every ruler has them. */
export function useTicks() {
  const query = useQuery({
    ...shopQuery(['ticks'], (signal) => api.GET('/wires', { params: { query: { most: 1 } }, signal })),
    staleTime: Infinity,
  });
  return computed(() => query.data.value?.ticks ?? []);
}

/** The built-in catalogue. */
export function useBuiltIn(list: Ref<ThingList>, words: Readonly<Ref<string>>) {
  return useQuery({
    ...shopQuery(['built-in', list, words], (signal) =>
      api.GET('/catalogue/{list}', {
        params: {
          path: { list: list.value },
          query: words.value.trim() ? { search: words.value.slice(0, 200) } : {},
        },
        signal,
      }),
    ),
    placeholderData: (last, query) => (query?.queryKey.includes(list.value) ? last : undefined),
  });
}

/** Tools of the shelf that would do what a kit leaves open of a scope; asked only while both are known. */
export function useClosing(pair: Ref<Pair>, isWanted: Ref<boolean>) {
  return useQuery({
    ...shopQuery(['closing', pair], (signal) => {
      const { kit, scope } = pair.value;
      const query = { ...(kit ? { kit } : {}), scope: scope ?? '' };
      return api.GET('/catalogue/closing', { params: { query }, signal });
    }),
    enabled: () => isWanted.value && pair.value.scope !== null,
  });
}

/** All tools of the shop by their ids, with what counts for a kit of them. */
export function useToolsById() {
  const { pages } = useThings(
    computed(() => 'tools' as const),
    computed(() => ''),
  );
  return computed(
    () => new Map(pages.value.flatMap(({ data }) => data.map(({ id, tool }) => [id, tool] as const))),
  );
}
