import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { answer, api } from '@/api/client';
import type { Units } from '@/settings/units';
import { asItCame, SHOP, shopQuery, useShop } from './shopQuery';

/* Lines as they are kept and as they are written, and who changed something last. */

/** Who changed something last, and when; what the path stands for is told by the API. */
export function useLastChange(path: Ref<string | null>) {
  return useQuery({
    ...shopQuery(['history', path], (signal) =>
      api.GET('/history', { params: { query: { about: path.value ?? '', most: 1 } }, signal }),
    ),
    enabled: () => path.value !== null,
  });
}

/** The lines of a scope with their versions, as they were when it was seen. */
export function useKeptLines(scope: Ref<string | null>) {
  const query = useQuery({
    ...shopQuery(['lines', scope], (signal) =>
      api.GET('/scopes/{scope}/lines', { params: { path: { scope: scope.value ?? '' } }, signal }),
    ),
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
    queryFn: async ({ signal }: { signal: AbortSignal }) => {
      const entry = await answer(
        api.GET('/scopes/{scope}/entry', {
          params: {
            path: { scope: scope.value ?? '' },
            query: { text: words, ...(kit.value ? { kit: kit.value } : {}), ...units.value },
          },
          signal,
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

  return { ...query, readNow: (words: string) => client.query(of(words)) };
}
