import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { ASKED, isWhole, NO_KIT, saidOf, type Pair } from './pairs';
import { shopQuery } from './shopQuery';

export type Bag = Schemas['Bag'];

/** What of a kit must be along for the work, and the one tool of each operation. */
export const useBag = (pair: Ref<Pair>) =>
  useQuery({
    ...shopQuery(['bag', pair], (signal) =>
      api.GET('/coverage/bag', {
        params: {
          query: {
            kit: pair.value.kit ?? '',
            scope: pair.value.scope ?? '',
            ...saidOf(ASKED, (key) => pair.value[key]),
          },
        },
        signal,
      }),
    ),
    enabled: () => isWhole(pair.value) && pair.value.kit !== NO_KIT,
    placeholderData: keepPreviousData,
  });
