import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { answer, api } from '@/api/client';

/** The two halves of an import: a dry run that changes nothing, and applying what it found good. */
export function useImport() {
  const client = useQueryClient();

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
    onSuccess: () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' }),
  });

  const undo = useMutation({
    mutationFn: (id: string) =>
      answer(api.POST('/imports/{import}/undo', { params: { path: { import: id } } })),
    onSuccess: () => client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' }),
  });

  return { check, apply, undo };
}
