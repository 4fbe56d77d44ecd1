import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type Labour = Schemas['Labour'];
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

/** As the API is asked: numbers as such, and how many people only with how many hours. */
export function labourQuery(asked: AskedLabour) {
  const { on, hand, tool, wage, price, each, piece, people, hours } = asked;
  return {
    kit: asked.kit ?? '',
    scope: asked.scope ?? '',
    ...(on ? { on } : {}),
    ...(hand ? { hand } : {}),
    ...(asked.pace === 'new' ? { pace: 'new' as const } : {}),
    ...(asked.by === 'table' ? { by: 'table' as const } : {}),
    ...(tool ? { tool } : {}),
    ...(wage ? { wage: Number(wage) } : {}),
    ...(price ? { price: Number(price) } : {}),
    ...(each ? { each: Number(each) } : {}),
    ...(piece ? { piece: Number(piece) } : {}),
    ...(people && hours ? { people: Number(people), hours: Number(hours) } : {}),
  };
}

/** How long the work takes and how often a hand squeezes for it; while another question is asked the last answer stays. */
export function useLabour(asked: Ref<AskedLabour>) {
  return useQuery({
    ...shopQuery(['labour', asked], (signal) =>
      api.GET('/labour', {
        params: { query: labourQuery(asked.value) },
        signal,
      }),
    ),
    enabled: () => asked.value.kit !== null && asked.value.scope !== null,
    placeholderData: keepPreviousData,
  });
}
