import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type Labour = Schemas['Labour'];
export type LabourTool = Labour['tools'][number];
export type LabourSwap = Schemas['LabourSwap'];
export type LabourRate = Schemas['LabourRate'];
export type BreakEven = Schemas['BreakEven'];

/** What the address says of it, word by word. */
export const LABOUR_KEYS = [
  'on',
  'hand',
  'pace',
  'by',
  'tool',
  'wage',
  'price',
  'each',
  'piece',
  'people',
  'hours',
] as const;
export type LabourKey = (typeof LABOUR_KEYS)[number];

/** Which kit and scope (null while that is not known), by whose hands, and what is weighed. Money in cents, as the address has it. */
export type AskedLabour = { kit: string | null; scope: string | null } & Partial<Record<LabourKey, string>>;

const NUMBERS: readonly LabourKey[] = ['wage', 'price', 'each', 'piece', 'people', 'hours'];

/** As the API is asked: numbers as such, and how many people only with how many hours. */
export function labourQuery(asked: AskedLabour): Record<string, string | number> {
  const query: Record<string, string | number> = { kit: asked.kit ?? '', scope: asked.scope ?? '' };
  for (const key of LABOUR_KEYS) {
    const said = asked[key];
    if (said === undefined) continue;
    if ((key === 'people' || key === 'hours') && !(asked.people && asked.hours)) continue;
    query[key] = NUMBERS.includes(key) ? Number(said) : said;
  }
  return query;
}

/** How long the work takes and how often a hand squeezes for it; while another question is asked the last answer stays. */
export function useLabour(asked: Ref<AskedLabour>) {
  return useQuery({
    ...shopQuery(['labour', asked], (signal) =>
      api.GET('/labour', {
        params: { query: labourQuery(asked.value) as unknown as { kit: string; scope: string } },
        signal,
      }),
    ),
    enabled: () => asked.value.kit !== null && asked.value.scope !== null,
    placeholderData: keepPreviousData,
  });
}
