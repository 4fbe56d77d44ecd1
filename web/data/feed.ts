import { useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api } from '@/api/client';
import { shopQuery } from './shopQuery';

/** Whether the shop has a calendar of its dues under a secret address, and since when. */
export const useFeed = (mayKnow: Ref<boolean>) =>
  useQuery({ ...shopQuery(['feed'], (signal) => api.GET('/feed', { signal })), enabled: mayKnow });
