import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { sessionKey } from '@/session/useSession';
import StartPlace from './StartPlace.vue';

const get = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get },
}));

const tracked = [
  { id: 'bag', tracked: false },
  { id: 'van', tracked: true },
];
const onPaper = [{ id: 'bag', tracked: false }];

it.each([
  ['lead', '/', tracked, '/today'],
  ['coordinator', '/', tracked, '/today'],
  ['lead', '/', onPaper, '/cover'],
  ['lead', '/', [], '/cover'],
  ['lead', '/?kit=bag', tracked, '/cover?kit=bag'],
  ['coordinator', '/?scope=job', tracked, '/cover?scope=job'],
  ['hand', '/?kit=bag', tracked, '/bench?kit=bag'],
  ['hand', '/', tracked, '/bench'],
])('lets the %s in who comes to %s, with the kits %j, at %s', async (role, from, kits, to) => {
  get.mockImplementation((path: string) =>
    Promise.resolve({ data: { data: path === '/kits' ? kits : [] }, response: new Response() }),
  );
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1, role }, demo: [] });
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['start', 'cover', 'bench', 'today'].map((one) => ({
      path: one === 'start' ? '/' : `/${one}`,
      name: one,
      component: { template: '<i />' },
    })),
  });
  await router.push(from);
  mount(StartPlace, { global: { plugins: [[VueQueryPlugin, { queryClient }], router] } });
  await flushPromises();
  expect(router.currentRoute.value.fullPath).toBe(to);
});
