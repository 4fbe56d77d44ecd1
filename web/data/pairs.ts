import { useQuery } from '@tanstack/vue-query';
import { useSessionStorage } from '@vueuse/core';
import { computed, shallowRef, watch, type Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { isOutOfReach } from '@/api/useReach';
import type { Units } from '@/settings/units';
import { shopQuery } from './shopQuery';

/* A kit and a scope, and what the one covers of the other. */

export interface Pair {
  /** NO_KIT where none is in hand, null while it is not known yet. */
  kit: string | null;
  scope: string | null;
  /** Tools that are supposed to be in the kit too, or not to be in it, with a comma between. */
  with?: string;
  without?: string;
  /** House rules as if they were so, above the scope's: as JSON. */
  rules?: string;
  /** Lines as if they had other terminals: scope/line:terminal, with a comma between. */
  swap?: string;
  /** The day on which it is asked; without one all that is packed takes part. */
  on?: string;
  /** Id of who works with it; without one nobody in particular. */
  hand?: string;
}

/** What the address says where somebody looks at the work without a kit in hand. */
export const NO_KIT = '';

/** Kit and scope that were looked at last, on this device, and whether the kit is kept by its things. */
export const useLastPair = () =>
  useSessionStorage<{ kit: string | null; scope: string | null; isTracked?: boolean }>('gondrik.pair', {
    kit: null,
    scope: null,
  });

/** The shop's kits and scopes, to pick from. */
export function useKitsAndScopes() {
  const kits = useQuery({
    ...shopQuery(['kits'], (signal) => api.GET('/kits', { signal })),
  });
  const scopes = useQuery({
    ...shopQuery(['scopes'], (signal) => api.GET('/scopes', { signal })),
  });

  return {
    kits: computed(() => kits.data.value?.data ?? []),
    scopes: computed(() => scopes.data.value?.data ?? []),
    isLoading: computed(() => kits.isLoading.value || scopes.isLoading.value),
    // What was read before is still good to pick from.
    error: computed(
      () => (kits.data.value ? null : kits.error.value) ?? (scopes.data.value ? null : scopes.error.value),
    ),
    retry: () => Promise.all([kits.refetch(), scopes.refetch()]),
  };
}

/** The one that is asked for, else the first; null where there is none. */
export const pickedOf = (list: { id: string }[], id: string | null): string | null =>
  (list.find((one) => one.id === id) ?? list[0])?.id ?? null;

/** What may be supposed to be otherwise than it is. */
export const SUPPOSITIONS = ['with', 'without', 'rules', 'swap'] as const;

/** Of some keys those under which something is said. */
export const saidOf = <Key extends string>(
  keys: readonly Key[],
  of: (key: Key) => string | null | undefined,
): Partial<Record<Key, string>> =>
  Object.fromEntries(keys.flatMap((key) => (of(key) ? [[key, of(key)]] : []))) as Partial<
    Record<Key, string>
  >;

/** What is supposed, by the keys of the address. */
export const suppositionsOf = (pair: Pair) => saidOf(SUPPOSITIONS, (key) => pair[key]);

/** What Plan is asked for a pair, by the keys of its address: what is supposed goes along, but for tools that the shop has not and what is taken out, which it may buy back. */
export function plannedOf(pair: Pair, fromShelf: readonly string[] = []): Record<string, string> {
  const more = pair.with?.split(',').filter((id) => !fromShelf.includes(id)) ?? [];
  return {
    ...saidOf(['kit', 'on', 'rules', 'swap'] as const, (key) => pair[key]),
    ...(pair.scope ? { scopes: pair.scope } : {}),
    ...(more.length ? { with: more.join(',') } : {}),
  };
}

/** What of a pair is asked besides kit and scope; a day and hands only of a kit. */
export const ASKED = [...SUPPOSITIONS, 'on', 'hand'] as const;
const supposed = (pair: Pair) => saidOf(pair.kit ? ASKED : SUPPOSITIONS, (key) => pair[key]);

export const isWhole = (pair: Pair): pair is { kit: string; scope: string } =>
  pair.kit !== null && pair.scope !== null;

/** What is asked for the verdict of a kit on a scope; for whoever will want it next, too. */
export const coverageQuery = (pair: Ref<Pair>, units: Ref<Units>) =>
  shopQuery(['coverage', pair, units], (signal) => {
    const { kit, scope } = pair.value;
    const query = { ...(kit ? { kit } : {}), scope: scope ?? '', ...supposed(pair.value), ...units.value };
    return api.GET('/coverage', { params: { query }, signal });
  });

/**
 * What a kit covers of a scope. A verdict is never shown under another kit or scope than its own: what there is of the same
 * pair stays until the next answer (in other units), and while the server is out of reach.
 */
export function useCoverage(pair: Ref<Pair>, units: Ref<Units>) {
  const query = useQuery({ ...coverageQuery(pair, units), enabled: () => isWhole(pair.value) });
  const last = shallowRef<{ of: string; data: Schemas['Coverage'] }>();
  const held = (of: Pair) => JSON.stringify([of.kit, of.scope, supposed(of)]);
  watch(query.data, (data) => (last.value = data ? { of: held(pair.value), data } : last.value), {
    immediate: true,
  });
  const isOut = computed(() => isOutOfReach(query.error.value));
  const kept = computed(() =>
    (query.isPending.value || isOut.value) && last.value?.of === held(pair.value)
      ? last.value.data
      : undefined,
  );
  const data = computed(() => query.data.value ?? kept.value);

  return {
    data,
    error: computed(() => (isOut.value && data.value ? null : query.error.value)),
    isFetching: query.isFetching,
    isStale: computed(() => query.data.value === undefined && kept.value !== undefined),
    refetch: query.refetch,
  };
}

/** The tools that were not chosen for one step: asked for only when somebody wants to know. */
export function useOthers(pair: Ref<Pair>, line: Ref<string>, step: Ref<number | null>, units: Ref<Units>) {
  return useQuery({
    ...shopQuery(['others', pair, line, step, units], (signal) =>
      api.GET('/coverage/lines/{line}/steps/{step}/others', {
        params: {
          path: { line: line.value, step: step.value ?? 0 },
          query: {
            kit: pair.value.kit ?? '',
            scope: pair.value.scope ?? '',
            ...supposed(pair.value),
            ...units.value,
          },
        },
        signal,
      }),
    ),
    enabled: () => step.value !== null && isWhole(pair.value) && pair.value.kit !== NO_KIT,
  });
}
