import { useQuery } from '@tanstack/vue-query';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type GaugeEvent = Schemas['GaugeEvent'];

/** Milliseconds: a gauge that is switched on is seen soon. */
const AGAIN = 3000;

/** The gauges of the installation while somebody may pull; null while what reads them does not run. */
export function useGauges() {
  return useQuery({
    ...shopQuery(['gauges'], (signal) => api.GET('/gauges', { signal })),
    refetchInterval: AGAIN,
  });
}

/** Where one pull is told as it goes; the same address again goes on with it, and the same `by` may leave it for another. */
export const pullAddress = (gauge: string, test: string, by: string): string =>
  `/api/v1/gauges/${encodeURIComponent(gauge)}/pull?test=${test}&by=${by}`;
