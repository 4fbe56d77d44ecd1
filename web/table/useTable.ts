import { useMutation, useQuery } from '@tanstack/vue-query';
import { watchDebounced } from '@vueuse/core';
import { del, get, set } from 'idb-keyval';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import type { Units } from '@/settings/units';
import { useUndo } from '@/frame/useUndo';
import { useSession } from '@/session/useSession';
import { counted } from '@/shared/pretty';
import { rowsWith, tableOf, type Table } from './tableRows';

/**
 * A table from the file to the lines of a scope: its rows are read anew whenever a column or a cell says something else, the good
 * ones can be taken at any time, and what is left stays in the browser until it is mended, downloaded or let go.
 */
export function useTable(scope: Ref<string | null>, kit: Ref<string | null>, units: Ref<Units>) {
  const { person } = useSession();
  const undo = useUndo();
  const table = shallowRef<Table | null>(null);
  const key = computed(() => `gondrik.table.${person.value?.id}.${scope.value}`);

  // What was left is offered again; where the browser keeps nothing, it is only not offered.
  watch(key, async (now) => (table.value = (await get<Table>(now).catch(() => undefined)) ?? null), {
    immediate: true,
  });
  function keep(now: Table | null): void {
    table.value = now;
    void (now === null ? del(key.value) : set(key.value, now)).catch(() => undefined);
  }

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
    onSuccess: ({ read, file }) => keep(tableOf(file.name, read)),
  });

  /** The table as it is asked about: the key of the question is a number, for the table itself may be very long. */
  const settled = shallowRef<Table | null>(null);
  const round = ref(0);
  watchDebounced(
    table,
    (now) => {
      settled.value = now;
      round.value++;
    },
    { debounce: 250, immediate: true },
  );
  const reading = useQuery({
    ...shopQuery(['table', scope, kit, units, round], (signal) => {
      const { rows, columns } = settled.value as Table;
      return api.POST('/scopes/{scope}/sheet', {
        params: { path: { scope: scope.value ?? '' }, query: units.value },
        body: {
          rows: Object.fromEntries(rows.map(({ place, cells }) => [place, cells])),
          columns,
          ...(kit.value ? { kit: kit.value } : {}),
        },
        signal,
      });
    }),
    gcTime: 0,
    enabled: () =>
      scope.value !== null &&
      (settled.value?.columns.length ?? 0) > 0 &&
      (settled.value?.rows.length ?? 0) > 0,
  });
  /** What was read of just this table, and no other. */
  const read = computed(() => (settled.value === table.value ? reading.data.value : undefined));
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
        const rest = now.rows.filter(({ place }) => !taken.has(place));
        keep(rest.length ? { ...now, rows: rest } : null);
      }
      await undo.did(change, `Taken: ${counted(count, 'line')} of ${now?.name ?? 'the table'}`);
    },
  });

  return {
    table,
    keep,
    bring,
    reading,
    read,
    rows,
    take,
    readAgain: () => reading.refetch(),
  };
}
