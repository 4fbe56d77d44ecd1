import { computed, watch, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import { ASKED, NO_KIT, saidOf, useLastPair, type Pair } from '@/data/pairs';
import { useAddress } from '@/frame/useAddress';
import { todayHere } from '@/shared/days';

interface Named {
  id: string;
  name: string;
  /** Of a kit: it is kept by its things. */
  tracked?: boolean;
}

/** What Cover is asked to suppose of the kit, the day and whose hands; a card knows the day and the hands, and elsewhere the kit is as it is, on paper. */
const SUPPOSED: Record<string, readonly string[]> = {
  cover: ASKED,
  bench: ['on', 'hand'],
};

/**
 * Kit and scope by the address. Whoever comes without saying which gets what was looked at last, else the first of each; Cover shows a
 * kit that is kept by its things as it is today then.
 */
export function usePair(
  place: string,
  kits: () => Named[],
  scopes: () => Named[],
  mayBeWithoutKit = false,
): { pair: ComputedRef<Pair>; held: ComputedRef<string> } {
  const { asked, show } = useAddress();
  const route = useRoute();
  const supposed = () => saidOf(SUPPOSED[place] ?? [], asked);
  const pair = computed<Pair>(() => ({
    kit: asked('kit') === NO_KIT && !mayBeWithoutKit ? null : asked('kit'),
    scope: asked('scope'),
    ...supposed(),
  }));
  const last = useLastPair();
  const isTracked = (id: string | null) => kits().some((kit) => kit.id === id && kit.tracked);
  watch(
    [pair, kits],
    () => {
      const { kit, scope } = pair.value;
      if (kit !== null && scope !== null) last.value = { kit, scope, isTracked: isTracked(kit) };
    },
    { immediate: true },
  );

  const known = (id: string | null, list: Named[]) =>
    list.some((one) => one.id === id) ? id : (list[0]?.id ?? null);
  /** Where there is none at all, or none was in hand before, the work is looked at without. */
  const kitToShow = () =>
    mayBeWithoutKit && (last.value.kit === NO_KIT || kits().length === 0)
      ? NO_KIT
      : known(last.value.kit, kits());
  watch(
    [kits, scopes, () => route.name],
    () => {
      const isAsked = pair.value.kit !== null && pair.value.scope !== null;
      const hasKits = kits().length > 0 || mayBeWithoutKit;
      if (route.name !== place || isAsked || !hasKits || scopes().length === 0) return;
      const held = {
        kit: pair.value.kit ?? kitToShow(),
        scope: pair.value.scope ?? known(last.value.scope, scopes()),
      };
      const isOfToday = place === 'cover' && !pair.value.on && isTracked(held.kit);
      show({ ...held, ...(isOfToday ? { on: todayHere() } : {}) }, 'replace');
    },
    { immediate: true },
  );

  return {
    pair,
    held: computed(() => Object.values(pair.value).join(' ')),
  };
}
