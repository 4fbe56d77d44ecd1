import type { QueryClient, QueryFilters } from '@tanstack/vue-query';
import { noop } from '@vueuse/core';

/**
 * Reads everything of the shop anew, or what else is meant. What is only now read for the first time is not read over by that, and
 * may have been answered before the write it is read anew for: it is read once more when it is there.
 */
export async function readAnew(
  client: QueryClient,
  of: QueryFilters = { queryKey: ['shop'] },
): Promise<void> {
  const begun = client
    .getQueryCache()
    .findAll({ ...of, fetchStatus: 'fetching' })
    .filter(({ state }) => state.data === undefined);
  await Promise.all([
    client.invalidateQueries(of),
    ...begun.map(async ({ promise, queryKey }) => {
      await promise?.catch(noop);
      await client.invalidateQueries({ queryKey, exact: true });
    }),
  ]);
}
