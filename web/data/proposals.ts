import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { api } from '@/api/client';
import { shopQuery } from './shopQuery';

/** Wires and terminals that a coordinator has made and the lead has still to look at. */
export function useProposals() {
  const query = useQuery(shopQuery(['proposals'], (signal) => api.GET('/proposals', { signal })));
  return computed(() => query.data.value?.data ?? []);
}
