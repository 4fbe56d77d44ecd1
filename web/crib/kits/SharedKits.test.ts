import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { sessionKey } from '@/session/useSession';
import SharedKits from './SharedKits.vue';

vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: {
    GET: vi.fn(() =>
      Promise.resolve({
        response: new Response(),
        data: { data: ['van', 'bench', 'box'].map((id) => ({ id, name: id.toUpperCase() })) },
      }),
    ),
  },
}));

async function shown(shares: string[], isReadonly = false) {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1, role: 'lead' }, demo: [] });
  const page = mount(SharedKits, {
    props: { id: 'van', shares, isReadonly },
    global: { plugins: [[VueQueryPlugin, { queryClient }]] },
  });
  await flushPromises();
  return page;
}

it('offers every other kit, and keeps the order in which they are ticked', async () => {
  const page = await shown(['box']);
  expect(page.findAll('label').map((one) => one.text())).toEqual(['BENCH', 'BOX']);
  expect(page.findAll('input').map((one) => one.element.checked)).toEqual([false, true]);
  await page.findAll('input')[0]?.setValue(true);
  expect(page.emitted('put')).toEqual([[['box', 'bench']]]);
});

it('says nothing of sharing where nothing is shared any more', async () => {
  const page = await shown(['box']);
  await page.findAll('input')[1]?.setValue(false);
  expect(page.emitted('put')).toEqual([[undefined]]);
});

it('tells who only looks what is shared, and nothing where nothing is', async () => {
  expect((await shown([], true)).find('section').exists()).toBe(false);
  const page = await shown(['box'], true);
  expect(page.findAll('input').every((one) => one.element.disabled)).toBe(true);
});
