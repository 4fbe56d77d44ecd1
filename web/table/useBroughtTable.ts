import { useQuery } from '@tanstack/vue-query';
import { watchDebounced } from '@vueuse/core';
import { del, get, set } from 'idb-keyval';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { shopQuery } from '@/data/shopQuery';
import { useSession } from '@/session/useSession';
import type { BroughtTable } from './brought';

type Asked<Data> = Promise<{ data?: Data; error?: unknown; response: Response }>;

/**
 * A table from the file until its last row is taken: it is read anew once a pause whenever a column or a cell says something else,
 * what nobody waits for any more is cancelled, and what is left stays in the browser until it is mended, downloaded or let go.
 *
 *   useBroughtTable({ of: list, about: [list], read: (table: ThingTable, signal) => api.POST(…) })
 */
export function useBroughtTable<Table extends BroughtTable, Reading>(asks: {
  /** What its rows are for: kept for each of them, and for each person; null while it is not known. */
  of: Ref<string | null>;
  /** All that its reading depends on beside the table. */
  about: readonly unknown[];
  read: (table: Table, signal: AbortSignal) => Asked<Reading>;
}) {
  const { person } = useSession();
  const table = shallowRef<Table | null>(null) as Ref<Table | null>;
  const key = computed(() => `gondrik.table.${person.value?.id}.${asks.of.value}`);

  /** Whether it is known what was left. */
  const isKnown = ref(false);
  // What was left is offered again; where the browser keeps nothing, it is only not offered.
  watch(
    key,
    async (now) => {
      isKnown.value = false;
      const kept = (await get<Table>(now).catch(() => undefined)) ?? null;
      if (now !== key.value) return;
      table.value = kept;
      isKnown.value = true;
    },
    { immediate: true },
  );
  function keep(now: Table | null): void {
    table.value = now;
    void (now === null ? del(key.value) : set(key.value, now)).catch(() => undefined);
  }

  /** The table as it is asked about: the key of the question is a number, for the table itself may be very long. */
  const settled = shallowRef<Table | null>(null) as Ref<Table | null>;
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
    ...shopQuery(['table', asks.of, ...asks.about, round], (signal) =>
      asks.read(settled.value as Table, signal),
    ),
    gcTime: 0,
    enabled: () =>
      asks.of.value !== null &&
      (settled.value?.columns.length ?? 0) > 0 &&
      (settled.value?.rows.length ?? 0) > 0,
  });

  return {
    table,
    isKnown,
    keep,
    reading,
    /** What was read of just this table, and no other. */
    read: computed<Reading | undefined>(() =>
      settled.value === table.value ? reading.data.value : undefined,
    ),
    readAgain: () => reading.refetch(),
  };
}

/** Rows as the API takes them: by their place in the file. */
export const byPlace = (table: BroughtTable): Record<string, string[]> =>
  Object.fromEntries(table.rows.map(({ place, cells }) => [place, cells]));
