import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { answer, api } from '@/api/client';

export const sessionKey = ['session'];

/** Who is signed in. */
export function useSession() {
  const query = useQuery({
    queryKey: sessionKey,
    queryFn: () => answer(api.GET('/session')),
    staleTime: Infinity,
  });

  return {
    isLoading: query.isLoading,
    error: query.error,
    retry: query.refetch,
    person: computed(() => query.data.value?.person ?? null),
    demo: computed(() => query.data.value?.demo ?? []),
  };
}
