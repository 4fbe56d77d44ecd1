import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type Matrix = Schemas['Matrix'];
export type MatrixCell = Schemas['MatrixCell'];

/** Every kit against every scope: on a day, or on paper; in somebody's hands, or nobody's in particular. */
export function useMatrix(asked: Ref<{ on: string | null; hand: string | null }>) {
  return useQuery({
    ...shopQuery(['matrix', asked], (signal) =>
      api.GET('/matrix', {
        params: {
          query: {
            ...(asked.value.on ? { on: asked.value.on } : {}),
            ...(asked.value.hand ? { hand: asked.value.hand } : {}),
          },
        },
        signal,
      }),
    ),
    placeholderData: keepPreviousData,
  });
}
