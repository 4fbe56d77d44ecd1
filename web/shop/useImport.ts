import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { answer, api } from '@/api/client';
import { readAnew } from '@/api/readAnew';
import { useDone } from '@/frame/useDone';

/** The two halves of an import: a dry run that changes nothing, and applying what it found good. */
export function useImport() {
  const client = useQueryClient();
  const done = useDone();
  const readAllAnew = () => readAnew(client, { predicate: (query) => query.queryKey[0] !== 'session' });
  const takeBack = async (id: string) => {
    await answer(api.POST('/imports/{import}/undo', { params: { path: { import: id } } }));
    await readAllAnew();
  };

  const check = useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.append('workbook', file);
      return answer(api.POST('/imports', { body: form as never, bodySerializer: (body) => body as never }));
    },
  });

  const apply = useMutation({
    mutationFn: (id: string) =>
      answer(api.POST('/imports/{import}/apply', { params: { path: { import: id } } })),
    onSuccess: (plan) => {
      void readAllAnew();
      // It can be taken back from wherever somebody goes next.
      if (!plan.changesNothing)
        done.tell({ said: `${plan.fileName} is in the shop`, undo: () => undo.mutateAsync(plan.id) });
    },
  });

  const undo = useMutation({ mutationFn: takeBack });

  return {
    check,
    apply,
    undo,
    undoHere: (id: string) => undo.mutate(id, { onSuccess: () => done.dismiss() }),
  };
}
