import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed } from 'vue';
import { answer, api, type Schemas } from '@/api/client';

const key = ['session'];

/** Who is signed in, and how to change that. */
export function useSession() {
  const client = useQueryClient();
  const query = useQuery({ queryKey: key, queryFn: () => answer(api.GET('/session')), staleTime: Infinity });

  const signIn = useMutation({
    mutationFn: (body: Schemas['Credentials']) => answer(api.POST('/session', { body })),
    onSuccess: (session) => {
      const previous = client.getQueryData<Schemas['Session']>(key);
      client.setQueryData(key, { ...session, demo: previous?.demo ?? [] });
      void client.invalidateQueries({ predicate: (other) => other.queryKey[0] !== key[0] });
    },
  });

  const signOut = useMutation({
    mutationFn: () => answer(api.DELETE('/session')),
    // A fresh page: nothing of this person stays in memory for the next one.
    onSuccess: () => window.location.assign('/'),
  });

  return {
    isLoading: query.isLoading,
    error: query.error,
    retry: query.refetch,
    person: computed(() => query.data.value?.person ?? null),
    demo: computed(() => query.data.value?.demo ?? []),
    signIn,
    signOut,
  };
}
