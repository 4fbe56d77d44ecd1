import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { sessionKey } from './useSession';
import { rememberPerson, useSignIn } from './useSignIn';

const post = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { POST: post },
}));

const person = (id: number) =>
  ({
    id,
    shopId: id,
    name: 'Ivo',
    email: 'i@x',
    role: 'lead',
    shop: 'T',
    currency: 'EUR',
    settings: {
      name: 'T',
      sizes: 'gauge',
      length: 'mm',
      force: 'N',
      theme: 'auto',
      decimalSign: 'point',
    },
    shopIsUnnamed: false,
    maySetUpTheShop: true,
    person: null,
  }) as const;

async function signIn(id: number): Promise<QueryClient> {
  const queryClient = new QueryClient();
  queryClient.setQueryData(['shop', 1, 'tools'], 'what the first one saw');
  let mutate: ReturnType<typeof useSignIn>['mutate'] = () => undefined;
  mount(
    { setup: () => ((mutate = useSignIn().mutate), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }]] } },
  );
  post.mockResolvedValue({ data: { person: person(id), demo: [] }, response: new Response() });
  mutate({ email: 'i@x', password: 'y' });
  await flushPromises();
  return queryClient;
}

beforeEach(() => {
  sessionStorage.clear();
  rememberPerson(person(1));
});

it('goes on where the same person was', async () => {
  const client = await signIn(1);
  expect(client.getQueryData(['shop', 1, 'tools'])).toBe('what the first one saw');
  expect(client.getQueryState(['shop', 1, 'tools'])?.isInvalidated).toBe(true);
});

it('shows nothing of it to another one', async () => {
  const client = await signIn(2);
  expect(client.getQueryData(['shop', 1, 'tools'])).toBeUndefined();
  expect(client.getQueryData(sessionKey)).toMatchObject({ person: { id: 2 } });
});
