import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type Thing = Schemas['AssetState'];

/** The things of the shop one by one, as they are on a day; null for today. */
export function useWall(on: Ref<string | null>) {
  return useQuery(
    shopQuery(['wall', on], (signal) =>
      api.GET('/wall', { params: { query: on.value === null ? {} : { on: on.value } }, signal }),
    ),
  );
}

/** What has happened to one thing, the newest first. */
export function useTimeline(tag: Ref<string>) {
  const query = useQuery(
    shopQuery(['timeline', tag], (signal) =>
      api.GET('/assets/{id}/log', { params: { path: { id: tag.value } }, signal }),
    ),
  );
  return { ...query, lines: computed(() => query.data.value?.data ?? []) };
}

/** What of each scope rests on one thing in the kit that it is in, on a day; null for today. */
export function useResting(tag: Ref<string>, on: Ref<string | null>) {
  return useQuery(
    shopQuery(['resting', tag, on], (signal) =>
      api.GET('/assets/{id}/resting', {
        params: { path: { id: tag.value }, query: on.value === null ? {} : { on: on.value } },
        signal,
      }),
    ),
  );
}

/** Writes into the model of a thing that what its pulls prove is proven. */
export const writeProven = (tag: string, of: { wire: string; terminal?: string; nest?: string }) =>
  api.POST('/assets/{id}/proven', { params: { path: { id: tag }, query: of } });

/** What one thing may have made since its last good pull; null in it as long as none speaks against it. */
export function useDoubt(tag: Ref<string>, on: Ref<string | null>) {
  return useQuery(
    shopQuery(['doubt', tag, on], (signal) =>
      api.GET('/assets/{id}/doubt', {
        params: { path: { id: tag.value }, query: on.value === null ? {} : { on: on.value } },
        signal,
      }),
    ),
  );
}

/** What was pulled of one wire and terminal with whatever thing, in whatever nest, while somebody wants to see it. */
export function useSeries(wire: Ref<string>, terminal: Ref<string | null>) {
  return useQuery(
    shopQuery(['series', wire, terminal], (signal) =>
      api.GET('/pulls/compared', {
        params: { query: { wire: wire.value, ...(terminal.value ? { terminal: terminal.value } : {}) } },
        signal,
      }),
    ),
  );
}

/** Control charts of what one thing was pulled at, setting by setting; null for today. */
export function useCharts(tag: Ref<string>, on: Ref<string | null>) {
  return useQuery(
    shopQuery(['charts', tag, on], (signal) =>
      api.GET('/assets/{id}/charts', {
        params: { path: { id: tag.value }, query: on.value === null ? {} : { on: on.value } },
        signal,
      }),
    ),
  );
}

/** How much rests on each thing that counts in a kit: the busiest first, 0 of what is idle. */
export function useBusiest(on: Ref<string | null>, isAsked: Ref<boolean>) {
  return useQuery({
    ...shopQuery(['busiest', on], (signal) =>
      api.GET('/wall/busiest', {
        params: { query: on.value === null ? {} : { on: on.value } },
        signal,
      }),
    ),
    enabled: isAsked,
  });
}

/** Something to be written down; without a day it is today. */
export interface Happened {
  what: string;
  [member: string]: unknown;
}

export const writeLog = (entries: Happened[]) =>
  api.POST('/log', { body: { entries: entries as unknown as Record<string, never>[] } });
