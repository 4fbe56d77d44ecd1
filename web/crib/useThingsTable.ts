import { useMutation } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { useUndo } from '@/frame/useUndo';
import { counted } from '@/shared/pretty';
import { broughtAs, withoutRows } from '@/table/brought';
import { byPlace, useBroughtTable } from '@/table/useBroughtTable';
import { statusesOf, tableWords, type TableList, type ThingTable } from './thingTable';

/** A table of one list of the shop from the file to the shop: the good things can be taken at any time. */
export function useThingsTable(list: Ref<TableList>) {
  const undo = useUndo();
  const { table, isKnown, keep, reading, read, readAgain } = useBroughtTable({
    // No scope has a name like this one.
    of: computed(() => `shop/${list.value}`),
    about: [],
    read: (now: ThingTable, signal) =>
      api.POST('/tables/{list}/read', {
        params: { path: { list: list.value } },
        body: {
          columns: now.columns.map(({ unit, ...column }) => (unit ? { ...column, unit } : column)),
          rows: byPlace(now),
        },
        signal,
      }),
  });

  const bring = useMutation({
    mutationFn: async (file: File) => {
      const form = new FormData();
      form.append('table', file);
      const found = await answer(
        api.POST('/tables/{list}/rows', {
          params: { path: { list: list.value } },
          body: form as never,
          bodySerializer: (body) => body as never,
        }),
      );
      return { file, found };
    },
    onSuccess: ({ file, found }) => keep({ ...broughtAs(file.name, found), known: found.names }),
  });

  const things = computed(() => read.value?.things ?? []);
  const good = computed(() => things.value.filter(({ status }) => status === 'new' || status === 'changed'));
  const take = useMutation({
    mutationFn: async (taken: Schemas['TableThing'][]) => {
      const { change, count } = await answer(
        api.POST('/tables/{list}/take', {
          params: { path: { list: list.value } },
          body: {
            things: taken.map(({ thing, version }) => ({
              thing: thing as NonNullable<typeof thing>,
              version,
            })),
          },
        }),
      );
      return { change, count, rows: new Set(taken.flatMap(({ rows }) => rows)) };
    },
    onSuccess: async ({ change, count, rows }) => {
      if (table.value) keep(withoutRows(table.value, rows));
      await undo.did(
        change,
        `Taken: ${counted(count, tableWords[list.value].one, tableWords[list.value].many)}`,
      );
    },
  });

  return {
    table,
    isKnown,
    keep,
    bring,
    reading,
    things,
    good,
    statuses: computed(() => statusesOf(things.value)),
    take,
    readAgain,
  };
}
