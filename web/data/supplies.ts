import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type Supplies = Schemas['Supplies'];
export type Supply = Schemas['Supply'];

/** What some work is held against: scopes (null for all), how many times each, weeks of the usual use beside it, and whether tools are ordered with it. */
export interface AskedSupplies {
  scopes: string | null;
  times: string | null;
  weeks: string | null;
  /** '0': without the tools that plans wait for. */
  tools: '0' | null;
}

const queryOf = ({ scopes, times, weeks, tools }: AskedSupplies) => ({
  ...(scopes ? { scopes } : {}),
  ...(times ? { times } : {}),
  ...(weeks ? { weeks: Number(weeks) } : {}),
  ...(tools === '0' ? { tools } : {}),
});

/** What is on the shelf, what is short for some work, and what to buy. */
export function useSupplies(asked: Ref<AskedSupplies>) {
  return useQuery({
    ...shopQuery(['supplies', asked], (signal) =>
      api.GET('/supplies', { params: { query: queryOf(asked.value) }, signal }),
    ),
    placeholderData: keepPreviousData,
  });
}

/** Where the order for it can be had as a file. */
export function orderAddress(kind: 'csv' | 'pdf', asked: AskedSupplies): string {
  const query = new URLSearchParams(
    Object.entries(queryOf(asked)).map(([key, value]) => [key, String(value)]),
  ).toString();
  return `/api/v1/supplies/order.${kind}${query ? `?${query}` : ''}`;
}

/** A stock as it is kept, with its version; null for one that is to be begun. */
export function useStock(id: Ref<string | null>) {
  return useQuery({
    ...shopQuery(['stock', id], (signal) =>
      api.GET('/stock/{id}', { params: { path: { id: id.value ?? '' } }, signal }),
    ),
    enabled: () => id.value !== null,
  });
}

/** A stock begun of each thing that this work needs and of which none is kept. */
export const beginStock = (scopes: string | null) =>
  api.POST('/supplies/stock', { params: { query: scopes ? { scopes } : {} } });

export type StockDraft = Schemas['StockEntryDraft'];

/** Begins a stock, or writes over the one that was seen. */
export const writeStock = (draft: StockDraft, seen: { id: string; version: string } | null) =>
  seen === null
    ? api.POST('/stock', { body: draft })
    : api.PUT('/stock/{id}', {
        params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.version}"` } },
        body: draft,
      });
