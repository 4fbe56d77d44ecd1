import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { answer, api, type Schemas } from '@/api/client';
import { forgetEarly } from '@/api/early';
import { keepSession } from '@/api/kept';
import { forgetLeaving } from './leaving';
import { sessionKey } from './useSession';

const SEEN = 'gondrik.person';

/** Who the page was made for, so that nobody else is shown what is on it. */
export function rememberPerson(person: Schemas['Person'] | null): void {
  if (person) sessionStorage.setItem(SEEN, String(person.id));
}

/** Signs somebody in: the same person goes on where the page is; for another one nothing of it is kept. */
export function useSignIn() {
  const client = useQueryClient();

  return useMutation({
    mutationFn: (body: Schemas['Credentials']) => answer(api.POST('/session', { body })),
    onSuccess: (session) => {
      const before = sessionStorage.getItem(SEEN);
      const isSomebodyElse = before !== null && before !== String(session.person?.id);
      const demo = client.getQueryData<Schemas['Session']>(sessionKey)?.demo ?? [];
      const rest = {
        predicate: ({ queryKey }: { queryKey: readonly unknown[] }) => queryKey[0] !== sessionKey[0],
      };
      forgetEarly();
      if (isSomebodyElse) client.removeQueries(rest);
      client.setQueryData(sessionKey, { ...session, demo });
      rememberPerson(session.person);
      void keepSession(session);
      forgetLeaving();
      if (!isSomebodyElse) void client.invalidateQueries(rest);
    },
  });
}
