import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { hasLeft, isLeaving } from './leaving';

export const sessionKey = ['session'];

/** Milliseconds after which a server that could not be told of somebody’s leaving is told again. */
const AGAIN = 5_000;
const nobody: Schemas['Session'] = { person: null, demo: [] };

/** Who is signed in. */
export function useSession() {
  const query = useQuery({
    queryKey: sessionKey,
    queryFn: async () => ((await hasLeft()) ? answer(api.GET('/session')) : nobody),
    staleTime: Infinity,
    refetchInterval: () => (isLeaving() ? AGAIN : false),
  });

  return {
    isLoading: query.isLoading,
    error: query.error,
    retry: query.refetch,
    person: computed(() => query.data.value?.person ?? null),
    demo: computed(() => query.data.value?.demo ?? []),
  };
}
