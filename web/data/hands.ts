import { useQuery } from '@tanstack/vue-query';
import { computed } from 'vue';
import { api } from '@/api/client';
import { useSession } from '@/session/useSession';
import { shopQuery } from './shopQuery';

/** So many are picked from; who has more people searches them in the Crib. */
const MOST = 200;

/** In whose hands a kit may be looked at: those of everybody for who sets the shop up, else one's own; none while nobody is named. */
export function useHands() {
  const { person } = useSession();
  const maySeeAll = computed(() => person.value?.maySetUpTheShop ?? false);
  const people = useQuery({
    ...shopQuery(['people', 'hands'], (signal) =>
      api.GET('/people', { params: { query: { sort: 'name', most: MOST } }, signal }),
    ),
    enabled: maySeeAll,
  });
  return computed(() => {
    const { person: own, name } = person.value ?? {};
    if (!maySeeAll.value) return own ? [{ id: own, name: name ?? own }] : [];
    return (people.data.value?.data ?? []).map(({ id, name: called }) => ({ id, name: called }));
  });
}
