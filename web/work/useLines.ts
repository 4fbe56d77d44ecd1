import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { answer, api, type Schemas } from '@/api/client';
import { useDone } from '@/frame/useDone';

/** Writes lines of a scope; each write can be taken back from wherever somebody goes next. */
export function useLines() {
  const client = useQueryClient();
  const done = useDone();
  const readAnew = () => client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'session' });

  const add = useMutation({
    mutationFn: ({ scope, line }: { scope: string; line: Schemas['LineDraft']; said: string }) =>
      answer(api.POST('/scopes/{scope}/lines', { params: { path: { scope } }, body: line })),
    onSuccess: async (kept, { scope, said }) => {
      done.tell({
        said: `Added: ${said}`,
        undo: async () => {
          const params = { path: { scope, line: kept.id }, header: { 'If-Match': `"${kept.version}"` } };
          await answer(api.DELETE('/scopes/{scope}/lines/{line}', { params }));
          await readAnew();
        },
      });
      await readAnew();
    },
  });

  return { add };
}
