import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { sessionKey } from '@/session/useSession';
import StartPlace from './StartPlace.vue';

it.each([
  ['lead', 'cover'],
  ['coordinator', 'cover'],
  ['hand', 'bench'],
])('lets the %s in at %s', async (role, name) => {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1, role }, demo: [] });
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['start', 'cover', 'bench'].map((one) => ({
      path: one === 'start' ? '/' : `/${one}`,
      name: one,
      component: { template: '<i />' },
    })),
  });
  await router.push('/?kit=bag');
  mount(StartPlace, { global: { plugins: [[VueQueryPlugin, { queryClient }], router] } });
  await flushPromises();
  expect(router.currentRoute.value.fullPath).toBe(`/${name}?kit=bag`);
});
