import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { shopQuery } from './shopQuery';

export type Beside = Schemas['Beside'];

/** Two kits and a scope; null while one is not known. */
export interface TwoKits {
  kit: string | null;
  other: string | null;
  scope: string | null;
  on?: string;
  hand?: string;
}

/** What two kits make of a scope. */
export const useBeside = (two: Ref<TwoKits>, units: Ref<Units>) =>
  useQuery({
    ...shopQuery(['beside', two, units], (signal) => {
      const { kit, other, scope, ...more } = two.value;
      const query = { kit: kit ?? '', other: other ?? '', scope: scope ?? '', ...more, ...units.value };
      return api.GET('/coverage/beside', { params: { query }, signal });
    }),
    enabled: () => two.value.kit !== null && two.value.other !== null && two.value.scope !== null,
    placeholderData: keepPreviousData,
  });
