import { useMutation } from '@tanstack/vue-query';
import { answer, api } from '@/api/client';

/** Signs out, to a fresh page: nothing of this person stays in memory for the next one. */
export function useSignOut() {
  return {
    signOut: useMutation({
      mutationFn: () => answer(api.DELETE('/session')),
      onSuccess: () => {
        sessionStorage.clear();
        window.location.assign('/');
      },
    }),
  };
}
