import { computed } from 'vue';
import { answer } from '@/api/client';
import { useSession } from '@/session/useSession';

/** All that is read of a shop is kept under this and its number. */
export const SHOP = 'shop';

export function useShop() {
  const { person } = useSession();
  return computed(() => person.value?.shopId ?? 0);
}

/** Answers are large and only read: they are kept as they came, without looking into them. */
export const asItCame = { shallow: true, structuralSharing: false } as const;

type Asked<Data> = Promise<{ data?: Data; error?: unknown; response: Response }>;

/**
 * What is read of a shop, under the shop's own key, so that nothing of one is ever shown in another. What nobody waits for any
 * more is cancelled.
 *
 *   useQuery({ ...shopQuery(['kits'], (signal) => api.GET('/kits', { signal })), enabled })
 */
export function shopQuery<Data>(key: readonly unknown[], ask: (signal: AbortSignal) => Asked<Data>) {
  return {
    ...asItCame,
    queryKey: [SHOP, useShop(), ...key],
    queryFn: ({ signal }: { signal: AbortSignal }): Promise<Data> => answer(ask(signal)),
  };
}
