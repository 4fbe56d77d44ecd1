import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, watch } from 'vue';
import { api, ApiProblem, type Schemas } from './client';

/** How far the server is out of reach: not at all, all of it, or what stands behind it. */
export type Reach = 'all' | 'no-server' | 'no-database' | 'no-disk';

export const reachKey = ['reach'];

/** Milliseconds between looks while all is well, and while it is not. */
const QUIET = 30_000;
const WAITING = 3_000;

/** What an answer says of the server: whether it is worth a look at its health. */
export function isOutOfReach(error: unknown): boolean {
  return (
    error instanceof ApiProblem &&
    error.problem.type !== 'urn:gondrik:problem:waits' &&
    [0, 502, 503, 504, 507].includes(error.problem.status)
  );
}

export function reachOf(health: Schemas['Health'] | undefined): Reach {
  if (!health) return 'no-server';
  if (!health.database.ok) return 'no-database';
  return health.disk.ok ? 'all' : 'no-disk';
}

async function look(): Promise<Reach> {
  try {
    const { data, error } = await api.GET('/health', { signal: AbortSignal.timeout(10_000) });
    const health = data ?? error;
    return reachOf('database' in health ? health : undefined);
  } catch {
    return 'no-server';
  }
}

/** Whether the server is in reach; once it is again, all that is on the page is asked for anew. */
export function useReach() {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: reachKey,
    queryFn: look,
    // The first look is made when something has failed, or after a while.
    initialData: 'all' as Reach,
    initialDataUpdatedAt: () => Date.now(),
    staleTime: QUIET,
    networkMode: 'always',
    refetchInterval: ({ state }) => (state.data === 'all' ? QUIET : WAITING),
  });
  watch(query.data, (now, before) => {
    if (now === 'all' && before !== 'all') {
      void client.invalidateQueries({ predicate: (other) => other.queryKey[0] !== reachKey[0] });
    }
  });

  return { reach: computed(() => query.data.value), lookNow: () => query.refetch() };
}
