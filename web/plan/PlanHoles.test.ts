import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { sessionKey } from '@/session/useSession';
import PlanHoles from './PlanHoles.vue';

const asked = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const plan = {
  holes: [
    {
      op: 'strip',
      name: 'Stripping 18 AWG',
      wanted: 'A stripper',
      quantity: 24,
      lines: ['l1'],
      isClosed: false,
    },
    { op: 'cut', name: 'Cutting 18 AWG', wanted: 'A cutter', quantity: 24, lines: ['l1'], isClosed: true },
  ],
  open: [{ line: 'l1', op: 'strip', step: 1, canBeClosed: false, wanted: 'A stripper', quantity: 24 }],
} as unknown as Schemas['Plan'];
const offer = (tool: string, op: 'strip' | 'cut' = 'strip', isOnShelf = true): Schemas['Unpriced'] => ({
  tool,
  name: `Tool ${tool}`,
  terminations: 24,
  does: [{ line: 'l1', op }],
  isOnShelf,
});

beforeEach(() => {
  sessionStorage.clear();
  for (const one of Object.values(asked)) one.mockReset();
  const response = new Response(null, { headers: { 'Gondrik-Change': '7' } });
  asked.POST.mockResolvedValue({ data: {}, response });
  asked.PUT.mockResolvedValue({ data: {}, response });
});

function shown(unpriced: Schemas['Unpriced'][], role = 'lead') {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1, role }, demo: [] });
  return mount(PlanHoles, {
    props: { plan, unpriced },
    global: {
      plugins: [[VueQueryPlugin, { queryClient }], createPinia()],
      stubs: { VBtn: { template: '<button><slot /></button>' } },
    },
  });
}
const offered = (view: ReturnType<typeof shown>) =>
  view.findAll('form.priced > span:first-child').map((one) => one.text());

it('has below an open hole what only wants a price, a few at first', async () => {
  const view = shown([offer('a'), offer('b', 'cut'), offer('c'), offer('d', 'strip', false), offer('e')]);
  expect(offered(view)).toEqual(['Tool a on the shelf', 'Tool c on the shelf', 'Tool d has no price']);
  expect(view.text()).toContain('Nothing with a price closes it.');
  await view
    .findAll('button')
    .find((one) => one.text() === 'and 1 more')
    ?.trigger('click');
  expect(offered(view)).toHaveLength(4);
  expect(shown([]).text()).toContain('Nothing here closes it.');
});

it('takes one of the shelf over with its price', async () => {
  const view = shown([offer('a')]);
  await view.get('input').setValue('48,5');
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(asked.POST).toHaveBeenCalledExactlyOnceWith('/catalogue/{list}/{id}', {
    params: { path: { id: 'a', list: 'tools' } },
    body: { price: 4850 },
  });
});

it('writes the price of one of the shop under the version that was read', async () => {
  asked.GET.mockResolvedValue({ data: { id: 'd', name: 'D', version: 'v1' }, response: new Response() });
  const view = shown([offer('d', 'strip', false)]);
  await view.get('input').setValue('12');
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(asked.PUT).toHaveBeenCalledExactlyOnceWith('/tools/{id}', {
    params: { path: { id: 'd' }, header: { 'If-Match': '"v1"' } },
    body: { id: 'd', name: 'D', price: 1200 },
  });
});

it('asks for the price at its field, and sends nothing without one', async () => {
  const view = shown([offer('a')]);
  await view.get('form').trigger('submit');
  expect(view.get('[role=alert]').text()).toBe('Say what it costs, like 48.50.');
  await view.get('input').setValue('cheap');
  expect(view.get('[role=alert]').text()).toContain('“cheap” is no price');
  expect(asked.POST).not.toHaveBeenCalled();
});

it('lets nobody but the lead price it', () => {
  expect(
    shown([offer('a')], 'coordinator')
      .find('input')
      .exists(),
  ).toBe(false);
});
