import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { ApiProblem } from '@/api/client';
import { sessionKey } from '@/session/useSession';
import { NO_KIT, plannedOf, useCoverage, type Pair } from './pairs';

const get = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get },
}));

type Query = Record<string, string>;
const asked = (): Query[] => get.mock.calls.map(([, { params }]) => (params as { query: Query }).query);
const says = ({ kit, scope, length }: Query) =>
  Promise.resolve({ data: { of: `${kit} ${scope} ${length}` }, response: new Response() });

function coverage(first: Pair) {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1 }, demo: [] });
  const pair = ref(first);
  const units = ref<{ length: 'mm' | 'inch'; force: 'N' | 'lbf' }>({ length: 'mm', force: 'N' });
  let made!: ReturnType<typeof useCoverage>;
  mount(
    { setup: () => ((made = useCoverage(pair, units)), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }]] } },
  );
  return { pair, units, made, of: () => (made.data.value as { of?: string } | undefined)?.of };
}

beforeEach(() => {
  get.mockReset();
  get.mockImplementation((_: string, { params }: { params: { query: Query } }) => says(params.query));
});

it('shows no verdict under another pair than its own, and that of the same pair until the next is there', async () => {
  const { pair, units, made, of } = coverage({ kit: 'bag', scope: 'tower' });
  await flushPromises();
  expect(of()).toBe('bag tower mm');

  units.value = { length: 'inch', force: 'N' };
  await nextTick();
  expect([of(), made.isStale.value]).toEqual(['bag tower mm', true]);
  await flushPromises();
  expect([of(), made.isStale.value]).toEqual(['bag tower inch', false]);

  for (const next of [
    { kit: 'van', scope: 'tower' },
    { kit: 'van', scope: 'cabin' },
    { kit: 'van', scope: 'cabin', without: 'snips' },
  ]) {
    pair.value = next;
    await nextTick();
    expect(of()).toBeUndefined();
    await flushPromises();
  }
});

it('keeps the verdict while the server is out of reach, and tells any other refusal', async () => {
  const { units, made, of } = coverage({ kit: 'bag', scope: 'tower' });
  await flushPromises();
  const fails = (status: number) =>
    get.mockImplementation(() =>
      Promise.reject(new ApiProblem({ type: 'about:blank', title: 'No', status, detail: '' })),
    );
  fails(503);
  units.value = { length: 'inch', force: 'N' };
  await flushPromises();
  expect([of(), made.error.value]).toEqual(['bag tower mm', null]);
  fails(404);
  units.value = { length: 'inch', force: 'lbf' };
  await flushPromises();
  expect(made.error.value).toBeInstanceOf(ApiProblem);
});

it('tells a refusal of what it has shown before', async () => {
  const { made, of } = coverage({ kit: 'bag', scope: 'tower' });
  await flushPromises();
  get.mockImplementation(() =>
    Promise.reject(new ApiProblem({ type: 'about:blank', title: 'Gone', status: 404, detail: '' })),
  );
  await made.refetch();
  expect([of(), made.error.value?.message]).toEqual(['bag tower mm', 'Gone']);
});

it('asks without a kit where none is in hand, with what is supposed, and nothing while it is not known', async () => {
  const { pair } = coverage({ kit: null, scope: 'tower' });
  await flushPromises();
  expect(asked()).toEqual([]);
  pair.value = { kit: NO_KIT, scope: 'tower' };
  await flushPromises();
  pair.value = { kit: 'bag', scope: 'tower', with: 'snips', without: 'pliers' };
  await flushPromises();
  expect(asked()).toEqual([
    { scope: 'tower', length: 'mm', force: 'N' },
    { kit: 'bag', scope: 'tower', with: 'snips', without: 'pliers', length: 'mm', force: 'N' },
  ]);
});

it('takes along to Plan what is supposed, but for what the shop has not and what is taken out', () => {
  expect(plannedOf({ kit: 'bag', scope: 'tower' })).toEqual({ kit: 'bag', scopes: 'tower' });
  expect(plannedOf({ kit: NO_KIT, scope: 'tower', on: '2027-01-02' })).toEqual({
    scopes: 'tower',
    on: '2027-01-02',
  });
  const pair: Pair = {
    kit: 'bag',
    scope: 'tower',
    with: 'snips,press',
    without: 'oval',
    rules: '{"hammerLugs":"accept"}',
    swap: 'tower/a:ring',
    hand: 'ivo',
  };
  expect(plannedOf(pair, ['press'])).toEqual({
    kit: 'bag',
    scopes: 'tower',
    with: 'snips',
    rules: '{"hammerLugs":"accept"}',
    swap: 'tower/a:ring',
  });
  expect(plannedOf({ ...pair, with: 'press' }, ['press'])).not.toHaveProperty('with');
});
