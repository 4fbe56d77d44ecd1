import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { ref } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { beforeEach, expect, it, vi } from 'vitest';
import { sessionKey } from '@/session/useSession';
import { useThing, type DraftList } from './useThing';

const asked = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn(), DELETE: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const answered = (data: object, status = 200, change = '7') => ({
  ...(status < 400 ? { data } : { error: data }),
  response: new Response(null, { status, headers: { 'Gondrik-Change': change } }),
});
const wire = {
  id: 'bell',
  name: 'Bell',
  size: '20 AWG',
  construction: 'solid',
  insulation: 'pvc',
  version: 'seen',
};

beforeEach(() => {
  sessionStorage.clear();
  for (const one of Object.values(asked)) one.mockReset();
  asked.GET.mockImplementation((path: string) =>
    answered(path === '/{list}/{id}' || path.startsWith('/wires/') ? wire : { data: [] }),
  );
});

async function drawn(id: string | null) {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1, maySetUpTheShop: true }, demo: [] });
  const path = { path: '/:rest(.*)*', component: { render: () => null } };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['thing', 'crib', 'kits', 'kit'].map((name) => ({ ...path, name, path: `/${name}/:list?/:id?` })),
  });
  let thing!: ReturnType<typeof useThing>;
  mount(
    { setup: () => ((thing = useThing(ref<DraftList>('wires'), ref(id))), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }], createPinia(), router] } },
  );
  await flushPromises();
  return thing;
}

it('says why something was not written, at its place and in one line, until something else is drawn', async () => {
  const thing = await drawn('bell');
  thing.change({ ...thing.draft.value, size: '12' });
  asked.PUT.mockResolvedValue(
    answered(
      {
        type: 'about:blank',
        title: 'Not valid',
        status: 422,
        detail: 'x',
        problems: [{ path: 'size', expected: 'a unit' }],
      },
      422,
    ),
  );
  thing.write.mutate(null);
  await flushPromises();
  expect(thing.failure.value).toBe('size: a unit');
  expect(thing.problems.value).toEqual([{ path: 'size', expected: 'a unit' }]);
  thing.change({ ...thing.draft.value, size: '12 AWG' });
  expect([thing.failure.value, thing.problems.value]).toEqual([null, []]);
});

it('says so where somebody may not write', async () => {
  const thing = await drawn(null);
  thing.change({ ...thing.draft.value, name: 'Bell' });
  asked.POST.mockResolvedValue(
    answered(
      { type: 'about:blank', title: 'Not allowed', status: 403, detail: 'Your role does not allow this.' },
      403,
    ),
  );
  thing.write.mutate(null);
  await flushPromises();
  expect(thing.failure.value).toBe('Not allowed. Your role does not allow this.');
});

it('writes over what was seen when it was begun, though the page has seen another since', async () => {
  const thing = await drawn('bell');
  thing.change({ ...thing.draft.value, name: 'Door bell' });
  asked.GET.mockImplementation(() => answered({ ...wire, name: 'Gong', version: 'now' }));
  await thing.query.refetch();
  expect(thing.isStale.value).toBe(true);
  asked.PUT.mockResolvedValue(answered({ ...wire, version: 'written' }));
  thing.write.mutate(null);
  await flushPromises();
  expect(asked.PUT.mock.calls[0]![1].params.header).toEqual({ 'If-Match': '"seen"' });
});

it('writes over what was seen when it was begun, and over what is there now only when told to', async () => {
  const thing = await drawn('bell');
  thing.change({ ...thing.draft.value, name: 'Door bell' });
  asked.PUT.mockResolvedValue(
    answered({ type: 'urn:gondrik:problem:changed', title: 'Changed', status: 412, detail: '' }, 412),
  );
  asked.GET.mockImplementation(() => answered({ ...wire, name: 'Gong', version: 'now' }));
  thing.write.mutate(null);
  await flushPromises();
  expect(asked.PUT.mock.calls[0]![1].params.header).toEqual({ 'If-Match': '"seen"' });
  // A conflict is told by who changed it, not as a failure; the draft stays.
  expect([thing.failure.value, thing.isStale.value, thing.draft.value?.name]).toEqual([
    null,
    true,
    'Door bell',
  ]);
  asked.PUT.mockResolvedValue(answered({ ...wire, name: 'Door bell', version: 'written' }));
  thing.mine();
  await flushPromises();
  expect(asked.PUT.mock.calls[1]![1].params.header).toEqual({ 'If-Match': '"now"' });
  expect(thing.isChanged.value).toBe(false);
});
