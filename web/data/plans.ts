import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, shallowRef, type Ref } from 'vue';
import { useUndo } from '@/frame/useUndo';
import { answer, api, changeOf, type Schemas } from '@/api/client';
import { readAnew } from '@/api/readAnew';
import type { Units } from '@/settings/units';
import { asItCame, SHOP, shopQuery, useShop } from './shopQuery';
import { useWriteLine } from './writeLine';

/* What is asked about plans, and what is done to those that the shop goes by. */

type Accepted = Schemas['AcceptedPlan'];

/** A question of planning, as the API asks it. */
export interface PlanAsked {
  kit?: string;
  scopes: string;
  budget?: number;
  mass?: number;
  makeshift?: '0' | '1';
  /** What counts then in a kit that is kept by its things. */
  on?: string;
  /** Also what closes single steps of lines that stay open. */
  steps?: '0' | '1';
  with?: string;
  without?: string;
  means?: string;
  months?: number;
  oneHanded?: '1';
  noMains?: '1';
  /** In N. */
  grip?: number;
  /** In mm. */
  span?: number;
  /** Operations that want two. */
  backups?: string;
  /** Lines planned with another terminal: scope/line:terminal. */
  swap?: string;
  /** House rules as if they were so: as JSON. */
  rules?: string;
}

/** What to do about a kit; while another question is asked the last answer stays, and says so (isPlaceholderData). */
export function usePlan(asked: Ref<PlanAsked | null>, units: Ref<Units>) {
  return useQuery({
    ...shopQuery(['plan', asked, units], (signal) =>
      api.GET('/plan', {
        params: { query: { ...(asked.value ?? { scopes: '' }), ...units.value } },
        signal,
      }),
    ),
    enabled: () => asked.value !== null,
    placeholderData: keepPreviousData,
  });
}

/**
 * Terminations against money, whatever the budget: asked apart, for it may take a while. Leaving it stops it, and so may whoever
 * waits; another question begins anew.
 */
export function usePlanCurve(asked: Ref<PlanAsked | null>) {
  const shop = useShop();
  const client = useQueryClient();
  const queryKey = [SHOP, shop, 'plan-curve', asked];
  const stopped = shallowRef<PlanAsked | null>(null);
  const isStopped = computed(() => stopped.value !== null && stopped.value === asked.value);
  const query = useQuery({
    ...asItCame,
    queryKey,
    queryFn: ({ signal }) =>
      answer(api.GET('/plan/curve', { params: { query: asked.value ?? { scopes: '' } }, signal })),
    enabled: () => asked.value !== null && !isStopped.value,
  });

  return {
    data: query.data,
    error: query.error,
    isFetching: query.isFetching,
    refetch: query.refetch,
    isStopped,
    stop(): void {
      stopped.value = asked.value;
      void client.cancelQueries({ queryKey: [SHOP, shop.value, 'plan-curve'] });
    },
    goOn: () => (stopped.value = null),
  };
}

/** Other terminals for lines that the kit cannot make; each is chosen by somebody, here for the plan or in the work itself. */
export function useSubstitutes(asked: Ref<PlanAsked | null>, units: Ref<Units>) {
  const writeLine = useWriteLine();
  const query = useQuery({
    ...shopQuery(['plan-substitutes', asked, units], (signal) =>
      api.GET('/plan/substitutes', {
        params: { query: { ...(asked.value ?? { scopes: '' }), ...units.value } },
        signal,
      }),
    ),
    enabled: () => asked.value !== null,
  });

  return {
    query,
    /** Writes it into the work, as one step that can be taken back. */
    write: (of: Schemas['LineOffers'], one: Schemas['Substitute']): Promise<void> =>
      writeLine(of, () => ({ terminal: one.terminal, sleeve: one.sleeve ?? '' }), `${of.name}: ${one.name}`),
  };
}

/** Tools that would do what stays open, had they a price; asked only where something does. */
export function useUnpriced(asked: Ref<PlanAsked | null>, isOpen: Ref<boolean>) {
  const query = useQuery({
    ...shopQuery(['plan-unpriced', asked], (signal) =>
      api.GET('/plan/unpriced', { params: { query: asked.value ?? { scopes: '' } }, signal }),
    ),
    enabled: () => asked.value !== null && isOpen.value,
  });
  return {
    offers: computed(() => (isOpen.value ? (query.data.value?.offers ?? []) : [])),
    error: query.error,
  };
}

/** Plans that the shop goes by, the latest first; what is done to them is asked for anew, and so is what they change. */
export function useAcceptedPlans(mayPlan: Ref<boolean>) {
  const client = useQueryClient();
  const query = useQuery({
    ...shopQuery(['plans'], (signal) => api.GET('/plans', { signal })),
    enabled: mayPlan,
  });
  const undo = useUndo();
  /** As one step that can be taken back; said twice it was one already. */
  async function written(request: Promise<{ response: Response }>, said: string): Promise<void> {
    let change = 0;
    await answer(
      request.then((one) => {
        change = changeOf(one.response);
        return one;
      }),
    );
    if (change > 0) await undo.did(change, said);
    else await readAnew(client);
  }

  return {
    plans: computed(() => query.data.value?.data ?? []),
    error: query.error,
    retry: query.refetch,
    /** What of the plan was shown, and nothing else. */
    async accept(seen: string, said: string): Promise<void> {
      await written(api.POST('/plans', { body: { seen } }), said);
    },
    async arrive({ id, version }: Accepted, item: number, arrived: boolean, said: string): Promise<void> {
      const params = { path: { plan: id, item }, header: { 'If-Match': `"${version}"` } };
      await written(api.PUT('/plans/{plan}/items/{item}', { params, body: { arrived } }), said);
    },
    async takeBack({ id, version }: Accepted, said: string): Promise<void> {
      const params = { path: { plan: id }, header: { 'If-Match': `"${version}"` } };
      await written(api.DELETE('/plans/{plan}', { params }), said);
    },
  };
}
