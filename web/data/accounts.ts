import { useQuery } from '@tanstack/vue-query';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type Account = Schemas['Account'];
export type Role = Account['role'];
export type AccountLink = Schemas['AccountLink'];

export const roles: { id: Role; name: string; may: string }[] = [
  { id: 'hand', name: 'hand', may: 'takes things, practises, sees its own skills' },
  { id: 'coordinator', name: 'coordinator', may: 'writes work and kits, signs others off' },
  { id: 'lead', name: 'lead', may: 'all of it: tools, rules, who comes in' },
];

/** Who comes into the shop; for its lead. */
export function useAccounts() {
  return useQuery(shopQuery(['accounts'], (signal) => api.GET('/accounts', { signal })));
}

export const askIn = (body: Schemas['AskedIn']) => api.POST('/accounts', { body });

const of = (account: number) => ({ params: { path: { account } } });
export const writeAccount = ({ id }: Account, body: Schemas['AccountWords']) =>
  api.PUT('/accounts/{account}', { ...of(id), body });
export const linkFor = ({ id }: Account) => api.POST('/accounts/{account}/link', of(id));
export const takeOut = ({ id }: Account) => api.DELETE('/accounts/{account}', of(id));
export const bringBack = ({ id }: Account) => api.POST('/accounts/{account}/back', of(id));

/** One's own tokens for scripts. */
export function useTokens() {
  return useQuery(shopQuery(['tokens'], (signal) => api.GET('/tokens', { signal })));
}
