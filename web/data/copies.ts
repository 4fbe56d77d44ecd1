import { useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type KitCopy = Schemas['KitCopy'];

/** The kits that are copies of one, and what each has otherwise. */
export const useCopies = (pattern: Ref<string | null>) =>
  useQuery({
    ...shopQuery(['copies', pattern], (signal) =>
      api.GET('/kits/{id}/copies', { params: { path: { id: pattern.value ?? '' } }, signal }),
    ),
    enabled: () => pattern.value !== null,
  });

/** Some of them brought into line with it, as one step. */
export const bringCopies = (pattern: string, kits: string[], withoutMore: boolean) =>
  api.POST('/kits/{id}/copies', { params: { path: { id: pattern } }, body: { kits, withoutMore } });
