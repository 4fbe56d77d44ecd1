import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { isOutOfReach } from '@/api/useReach';
import type { Units } from '@/settings/units';
import { keptCard } from './keptCards';
import { asItCame, shopQuery } from './shopQuery';

/* Set-up cards, what is reckoned at the bench, and what can be looked up. */

export type Calculation =
  | 'size'
  | 'diameter'
  | 'pull'
  | 'sleeve'
  | 'strands'
  | 'exposed'
  | 'fill'
  | 'pulls'
  | 'identify'
  | 'code'
  | 'notch';

export interface CardAsked {
  kit: string;
  scope: string;
  /** The first line of the scope where none is named. */
  line?: string;
  /** With what counts in the kit on this day; without one all that is packed. */
  on?: string;
  /** Id of who works with it. */
  hand?: string;
}

/** A card and its neighbours; with when it was kept where no server could give it. */
export type CardInSight = Schemas['CardPage'] & { keptAt?: number };

/** Milliseconds after which the server is asked again for a card that was kept. */
const AGAIN = 5_000;

/**
 * The card of one line with one kit; while the next is asked for the last one stays, and says so. Without a server it is the one
 * that was kept on this device.
 */
export function useCard(asked: Ref<CardAsked | null>, units: Ref<Units>) {
  const of = (): CardAsked => asked.value ?? { kit: '', scope: '' };
  const card = shopQuery(['card', asked, units], (signal) =>
    api.GET('/card', { params: { query: { ...of(), ...units.value } }, signal }),
  );
  return useQuery({
    ...card,
    queryFn: async (context): Promise<CardInSight> => {
      try {
        return await card.queryFn(context);
      } catch (error) {
        const isAway = isOutOfReach(error) && !context.signal.aborted;
        // A card of another day, or for other hands, is none.
        const instead = isAway && !of().on && !of().hand ? await keptCard(of(), units.value) : undefined;
        if (instead) return instead;
        throw error;
      }
    },
    enabled: () => asked.value !== null,
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) => (state.data?.keptAt === undefined ? false : AGAIN),
  });
}

/** What a calculation answers; null asks nothing. What is wrong comes as a problem that names the field. */
export function useCalculation(what: Ref<Calculation>, asked: Ref<Record<string, string> | null>) {
  return useQuery({
    ...asItCame,
    queryKey: ['calculation', what, asked],
    queryFn: ({ signal }): Promise<{ answer: Schemas['Answer'] }> =>
      answer(
        api.GET('/calculations/{what}', {
          params: { path: { what: what.value }, query: asked.value ?? {} },
          signal,
        }),
      ),
    enabled: () => asked.value !== null,
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
}

/** The tables that can be looked up. */
export function useReferenceTables() {
  return useQuery({
    ...asItCame,
    queryKey: ['reference'],
    queryFn: () => answer(api.GET('/reference')),
    staleTime: Infinity,
  });
}

/** One of them. */
export function useReferenceTable(table: Ref<string>) {
  return useQuery({
    ...asItCame,
    queryKey: ['reference', table],
    queryFn: () => answer(api.GET('/reference/{table}', { params: { path: { table: table.value } } })),
    enabled: () => table.value !== '',
    staleTime: Infinity,
  });
}

/** Every reason code with an example of it. */
export function useReasonExamples(isShown: Readonly<Ref<boolean>>) {
  return useQuery({
    ...asItCame,
    queryKey: ['reason-examples'],
    queryFn: () => answer(api.GET('/reasons/examples')),
    enabled: isShown,
    staleTime: Infinity,
  });
}
