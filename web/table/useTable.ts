import { useMutation } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { useUndo } from '@/frame/useUndo';
import { counted } from '@/shared/pretty';
import { broughtAs, withoutRows } from './brought';
import { rowsWith, type Table } from './tableRows';
import { byPlace, useBroughtTable } from './useBroughtTable';

/**
 * A table from the file to the lines of a scope: the good rows can be taken at any time.
 */
export function useTable(scope: Ref<string | null>, kit: Ref<string | null>, units: Ref<Units>) {
  const undo = useUndo();
  const { table, isKnown, keep, reading, read, readAgain } = useBroughtTable({
    of: scope,
    about: [kit, units],
    read: (now: Table, signal) =>
      api.POST('/scopes/{scope}/sheet', {
        params: { path: { scope: scope.value ?? '' }, query: units.value },
        body: { rows: byPlace(now), columns: now.columns, ...(kit.value ? { kit: kit.value } : {}) },
        signal,
      }),
  });

  const bring = useMutation({
    mutationFn: async ({ file, sheet }: { file: File; sheet?: string }) => {
      const form = new FormData();
      form.append('table', file);
      if (sheet !== undefined) form.append('sheet', sheet);
      const read = await answer(
        api.POST('/sheets', { body: form as never, bodySerializer: (body) => body as never }),
      );
      return { read, file };
    },
    onSuccess: ({ read, file }) => keep(broughtAs(file.name, read)),
  });

  const rows = computed(() => (table.value ? rowsWith(table.value, read.value) : []));

  /** Takes the good rows into the scope as one step, and remembers what the names of the columns mean. */
  const take = useMutation({
    mutationFn: async (lines: Schemas['SheetReading']['lines']) => {
      const { change, data } = await answer(
        api.POST('/scopes/{scope}/changes', {
          params: { path: { scope: scope.value ?? '' } },
          body: { changes: lines.map(({ line }) => ({ line })) },
        }),
      );
      return { change, count: data.length, taken: new Set(lines.flatMap((line) => line.rows)) };
    },
    onSuccess: async ({ change, count, taken }) => {
      const now = table.value;
      if (now) {
        const named = now.corrected.flatMap((index) => {
          const name = now.names[index];
          return name
            ? [{ name, says: now.columns.find((column) => column.index === index)?.says ?? null }]
            : [];
        });
        if (named.length)
          await answer(api.PUT('/columns', { body: { columns: named } })).catch(() => undefined);
        keep(withoutRows(now, taken));
      }
      await undo.did(change, `Taken: ${counted(count, 'line')} of ${now?.name ?? 'the table'}`);
    },
  });

  return {
    table,
    isKnown,
    keep,
    bring,
    reading,
    read,
    rows,
    take,
    readAgain,
  };
}
