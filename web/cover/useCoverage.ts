import { useQuery } from '@tanstack/vue-query';
import { computed, shallowRef, watch, type Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { isOutOfReach } from '@/api/useReach';

export interface Pair {
  kit: string | null;
  scope: string | null;
}

/** The shop's kits and scopes, to pick from. */
export function useKitsAndScopes() {
  const kits = useQuery({ queryKey: ['kits'], queryFn: () => answer(api.GET('/kits')) });
  const scopes = useQuery({ queryKey: ['scopes'], queryFn: () => answer(api.GET('/scopes')) });

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

/**
 * What a kit covers of a scope. A verdict is never shown under another kit or scope than its own: what there is of the same
 * pair stays until the next answer (in other units), and while the server is out of reach.
 */
export function useCoverage(pair: Ref<Pair>, length: Ref<'mm' | 'inch'>) {
  const query = useQuery({
    queryKey: ['coverage', pair, length],
    queryFn: () =>
      answer(
        api.GET('/coverage', {
          params: {
            query: { kit: pair.value.kit ?? '', scope: pair.value.scope ?? '', length: length.value },
          },
        }),
      ),
    enabled: () => pair.value.kit !== null && pair.value.scope !== null,
  });
  const last = shallowRef<Schemas['Coverage']>();
  watch(query.data, (data) => (last.value = data ?? last.value), { immediate: true });
  const isOut = computed(() => isOutOfReach(query.error.value));
  const kept = computed(() =>
    (query.isPending.value || isOut.value) &&
    last.value?.kit.id === pair.value.kit &&
    last.value?.scope.id === pair.value.scope
      ? last.value
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
export function useOthers(
  pair: Ref<Pair>,
  line: Ref<string>,
  step: Ref<number | null>,
  length: Ref<'mm' | 'inch'>,
) {
  return useQuery({
    queryKey: ['others', pair, line, step, length],
    queryFn: () =>
      answer(
        api.GET('/coverage/lines/{line}/steps/{step}/others', {
          params: {
            path: { line: line.value, step: step.value ?? 0 },
            query: { kit: pair.value.kit ?? '', scope: pair.value.scope ?? '', length: length.value },
          },
        }),
      ),
    enabled: () => step.value !== null && pair.value.kit !== null && pair.value.scope !== null,
  });
}
