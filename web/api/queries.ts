import { keepPreviousData, useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, shallowRef, watch, type Ref } from 'vue';
import { useSession } from '@/session/useSession';
import { answer, api, type Schemas } from './client';
import { isOutOfReach } from './useReach';

/*
 * What is read of a shop, each under the shop's own key, so that nothing of one is ever shown in another. Answers are large and
 * only read: they are kept as they came, without looking into them.
 */

export interface Pair {
  /** NO_KIT where none is in hand, null while it is not known yet. */
  kit: string | null;
  scope: string | null;
  /** Tools that are supposed to be in the kit too, or not to be in it, with a comma between. */
  with?: string;
  without?: string;
}

/** In which units sentences come. */
export interface Units {
  length: 'mm' | 'inch';
  force: 'N' | 'lbf';
}

/** What the address says where somebody looks at the work without a kit in hand. */
export const NO_KIT = '';

/** All that is read of a shop is kept under this and its number. */
export const SHOP = 'shop';

export function useShop() {
  const { person } = useSession();
  return computed(() => person.value?.shopId ?? 0);
}

export const asItCame = { shallow: true, structuralSharing: false } as const;

/** The shop's kits and scopes, to pick from. */
export function useKitsAndScopes() {
  const shop = useShop();
  const kits = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'kits'],
    queryFn: () => answer(api.GET('/kits')),
  });
  const scopes = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'scopes'],
    queryFn: () => answer(api.GET('/scopes')),
  });

  return {
    kits: computed(() => kits.data.value?.data ?? []),
    scopes: computed(() => scopes.data.value?.data ?? []),
    isLoading: computed(() => kits.isLoading.value || scopes.isLoading.value),
    // What was read before is still good to pick from.
    error: computed(
      () => (kits.data.value ? null : kits.error.value) ?? (scopes.data.value ? null : scopes.error.value),
    ),
    retry: () => Promise.all([kits.refetch(), scopes.refetch()]),
  };
}

const supposed = (pair: Pair) => ({
  ...(pair.with ? { with: pair.with } : {}),
  ...(pair.without ? { without: pair.without } : {}),
});

const isWhole = (pair: Pair): pair is { kit: string; scope: string } =>
  pair.kit !== null && pair.scope !== null;

/**
 * What a kit covers of a scope. A verdict is never shown under another kit or scope than its own: what there is of the same
 * pair stays until the next answer (in other units), and while the server is out of reach.
 */
export function useCoverage(pair: Ref<Pair>, units: Ref<Units>) {
  const shop = useShop();
  const query = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'coverage', pair, units],
    queryFn: () => {
      const { kit, scope } = pair.value;
      return answer(
        api.GET('/coverage', {
          params: {
            query: { ...(kit ? { kit } : {}), scope: scope ?? '', ...supposed(pair.value), ...units.value },
          },
        }),
      );
    },
    enabled: () => isWhole(pair.value),
  });
  const last = shallowRef<{ of: string; data: Schemas['Coverage'] }>();
  const held = (of: Pair) => JSON.stringify([of.kit, of.scope, supposed(of)]);
  watch(query.data, (data) => (last.value = data ? { of: held(pair.value), data } : last.value), {
    immediate: true,
  });
  const isOut = computed(() => isOutOfReach(query.error.value));
  const kept = computed(() =>
    (query.isPending.value || isOut.value) && last.value?.of === held(pair.value)
      ? last.value.data
      : undefined,
  );
  const data = computed(() => query.data.value ?? kept.value);

  return {
    data,
    error: computed(() => (isOut.value && data.value ? null : query.error.value)),
    isFetching: query.isFetching,
    isStale: computed(() => query.data.value === undefined && kept.value !== undefined),
    refetch: query.refetch,
  };
}

/** Who changed something last, and when; what the path stands for is told by the API. */
export function useLastChange(path: Ref<string | null>) {
  const shop = useShop();
  return useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'history', path],
    queryFn: () => answer(api.GET('/history', { params: { query: { about: path.value ?? '', most: 1 } } })),
    enabled: () => path.value !== null,
  });
}

/** A part of the schema of the workbook: what of it a form needs. */
export interface SchemaPart {
  enum?: string[];
  type?: string | string[];
  items?: SchemaPart;
  properties?: Record<string, SchemaPart>;
  $ref?: string;
}

/** The schema of the workbook: every closed list stands there, and nowhere on the page. */
export function useWorkbookSchema() {
  const query = useQuery({
    ...asItCame,
    queryKey: ['schema'],
    staleTime: Infinity,
    queryFn: async () =>
      (await answer(api.GET('/workbook.schema.json'))) as unknown as { $defs: Record<string, SchemaPart> },
  });
  const resolved = (part: SchemaPart | undefined): SchemaPart =>
    part?.$ref ? resolved(query.data.value?.$defs[part.$ref.slice('#/$defs/'.length)]) : (part ?? {});
  return {
    /** One of its definitions, references followed. */
    part: (name: string) => resolved(query.data.value?.$defs[name]),
    resolved,
  };
}

/** The first wires or terminals of the shop that have all of these words. */
export function useNames(list: Ref<'wires' | 'terminals' | null>, words: Readonly<Ref<string>>) {
  const shop = useShop();
  const query = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'names', list, words],
    queryFn: () =>
      answer(
        api.GET(list.value === 'terminals' ? '/terminals' : '/wires', {
          params: { query: { search: words.value.slice(0, 200), most: 12 } },
        }),
      ),
    enabled: () => list.value !== null,
    placeholderData: keepPreviousData,
  });
  return computed<{ id: string; name: string }[]>(() => query.data.value?.data ?? []);
}

/** The lines of a scope with their versions, as they were when it was seen. */
export function useKeptLines(scope: Ref<string | null>) {
  const shop = useShop();
  const query = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'lines', scope],
    queryFn: () =>
      answer(api.GET('/scopes/{scope}/lines', { params: { path: { scope: scope.value ?? '' } } })),
    enabled: () => scope.value !== null,
  });
  /** In the order of the scope; what is not there yet is waited for. */
  return async () => {
    // While it is read anew, what was there before is not what was seen last.
    const isFresh = query.data.value !== undefined && !query.isFetching.value;
    const { data } = isFresh ? { data: query.data.value } : await query.refetch({ cancelRefetch: false });
    return data?.data ?? [];
  };
}

/** What a text says of a line of this scope; while the next one is read, what was read before stays. */
export function useEntry(
  scope: Ref<string | null>,
  kit: Ref<string | null>,
  text: Readonly<Ref<string>>,
  units: Ref<Units>,
) {
  const shop = useShop();
  const client = useQueryClient();
  const of = (words: string) => ({
    queryKey: [SHOP, shop.value, 'entry', scope.value, kit.value, words, units.value],
    queryFn: async () => {
      const entry = await answer(
        api.GET('/scopes/{scope}/entry', {
          params: {
            path: { scope: scope.value ?? '' },
            query: { text: words, ...(kit.value ? { kit: kit.value } : {}), ...units.value },
          },
        }),
      );
      // What was read is never shown under another text than its own.
      return { text: words, entry };
    },
  });
  const query = useQuery(
    computed(() => ({
      ...asItCame,
      ...of(text.value),
      enabled: scope.value !== null && text.value.trim() !== '',
      placeholderData: keepPreviousData,
    })),
  );

  return { ...query, readNow: (words: string) => client.fetchQuery(of(words)) };
}

/** The tools that were not chosen for one step: asked for only when somebody wants to know. */
export function useOthers(pair: Ref<Pair>, line: Ref<string>, step: Ref<number | null>, units: Ref<Units>) {
  const shop = useShop();
  return useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'others', pair, line, step, units],
    queryFn: () =>
      answer(
        api.GET('/coverage/lines/{line}/steps/{step}/others', {
          params: {
            path: { line: line.value, step: step.value ?? 0 },
            query: {
              kit: pair.value.kit ?? '',
              scope: pair.value.scope ?? '',
              ...supposed(pair.value),
              ...units.value,
            },
          },
        }),
      ),
    enabled: () => step.value !== null && isWhole(pair.value) && pair.value.kit !== NO_KIT,
  });
}

/** A list of the shop's things. */
export type ThingList = 'wires' | 'terminals' | 'tools';

/** So many at once: the most that the API gives. */
const PAGE = 200;

/**
 * A list of the shop's things from its first page to its last: what there is of it is shown at once, and what follows is fetched behind
 * it, page by page.
 */
export function useThings<List extends ThingList>(list: Ref<List>, search: Readonly<Ref<string>>) {
  const shop = useShop();
  const query = useInfiniteQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'things', list, search],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET(`/${list.value}` as '/tools', {
          params: {
            query: {
              most: PAGE,
              ...(search.value.trim() ? { search: search.value.trim().slice(0, 200) } : {}),
              ...(pageParam ? { cursor: pageParam } : {}),
            },
          },
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
  const shop = useShop();
  const query = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'page', list, words, most],
    queryFn: () =>
      answer(
        api.GET(`/${list.value}` as '/tools', {
          params: { query: { search: words.value.slice(0, 200), most } },
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
  const shop = useShop();
  const query = useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'ticks'],
    staleTime: Infinity,
    queryFn: () => answer(api.GET('/wires', { params: { query: { most: 1 } } })),
  });
  return computed(() => query.data.value?.ticks ?? []);
}

/** The built-in catalogue. */
export function useBuiltIn(list: Ref<ThingList>) {
  const shop = useShop();
  return useQuery({
    ...asItCame,
    queryKey: [SHOP, shop, 'built-in', list],
    queryFn: () => answer(api.GET('/catalogue/{list}', { params: { path: { list: list.value } } })),
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
