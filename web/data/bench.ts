import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
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
}

/** The card of one line with one kit; while the next is asked for the last one stays, and says so. */
export function useCard(asked: Ref<CardAsked | null>, units: Ref<Units>) {
  return useQuery({
    ...shopQuery(['card', asked, units], (signal) =>
      api.GET('/card', {
        params: { query: { ...(asked.value ?? { kit: '', scope: '' }), ...units.value } },
        signal,
      }),
    ),
    enabled: () => asked.value !== null,
    placeholderData: keepPreviousData,
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
