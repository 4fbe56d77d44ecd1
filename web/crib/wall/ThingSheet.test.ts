import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { Schemas } from '@/api/client';
import { sessionKey } from '@/session/useSession';
import ThingSheet from './ThingSheet.vue';

const asked = vi.hoisted(() => ({ GET: vi.fn(), DELETE: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

it('takes nothing away and writes nothing before it is known what is there', async () => {
  let arrive: () => void = () => undefined;
  const arrived = new Promise<void>((done) => (arrive = done));
  asked.GET.mockImplementation(async (path: string) => {
    if (path === '/assets/{id}') await arrived;
    const data = path === '/assets/{id}' ? { id: 'A-1', tool: 'cutter', version: 'first' } : { data: [] };
    return { data, response: new Response() };
  });
  asked.DELETE.mockResolvedValue({ data: undefined, response: new Response(null, { status: 204 }) });
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1, role: 'lead' }, demo: [] });
  const view = mount(ThingSheet, {
    props: { tag: 'A-1', wall: { kits: [], today: '2027-03-01' } as unknown as Schemas['Wall'] },
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient }] as never],
      stubs: { SheetDialog: { template: '<form><slot /><slot name="buttons" :leave="() => {}" /></form>' } },
    },
  });
  await flushPromises();
  const button = (text: string) => view.findAll('button').find((one) => one.text() === text);
  expect(['Write', 'Take it away'].map((text) => button(text)?.attributes('disabled'))).toEqual(['', '']);
  await button('Take it away')?.trigger('click');
  expect(asked.DELETE).not.toHaveBeenCalled();
  arrive();
  await flushPromises();
  await button('Take it away')?.trigger('click');
  expect(asked.DELETE).toHaveBeenCalledExactlyOnceWith('/assets/{id}', {
    params: { path: { id: 'A-1' }, header: { 'If-Match': '"first"' } },
  });
});
