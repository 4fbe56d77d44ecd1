import { useMutation } from '@tanstack/vue-query';
import { answer, api } from '@/api/client';
import { forgetKept } from '@/api/kept';
import { isOutOfReach } from '@/api/useReach';
import { leaveLater } from './leaving';

/**
 * Signs out, to a fresh page: nothing of this person stays in memory or on the device for the next one. Without a server it holds
 * here at once, and the server is told as soon as it answers.
 */
export function useSignOut() {
  return {
    signOut: useMutation({
      mutationFn: async () => {
        try {
          await answer(api.DELETE('/session'));
        } catch (error) {
          if (!isOutOfReach(error)) throw error;
          leaveLater();
        }
        await forgetKept();
      },
      onSuccess: () => {
        sessionStorage.clear();
        window.location.assign('/');
      },
    }),
  };
}
