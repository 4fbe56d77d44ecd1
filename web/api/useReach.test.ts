import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import { ApiProblem } from './client';
import { isOutOfReach, reachKey, reachOf, useReach } from './useReach';

const get = vi.hoisted(() => vi.fn());
vi.mock('./client', async (original) => ({
  ...(await original<typeof import('./client')>()),
  api: { GET: get },
}));
afterEach(() => vi.useRealTimers());

const health = {
  ok: false,
  node: 1,
  database: { ok: true },
  disk: { ok: true, freeMegabytes: 900 },
  queue: { ok: true, waiting: 0 },
};

it.each([
  ['nobody answers', undefined, 'no-server'],
  ['all is well', health, 'all'],
  ['the database is away', { ...health, database: { ok: false } }, 'no-database'],
  ['the disk is full', { ...health, disk: { ok: false, freeMegabytes: 3 } }, 'no-disk'],
  [
    'both are gone: the database is told, without it nothing works',
    { ...health, database: { ok: false }, disk: { ok: false, freeMegabytes: 3 } },
    'no-database',
  ],
])('%s', (_case, answered, reach) => {
  expect(reachOf(answered)).toBe(reach);
});

it.each([
  [0, true],
  [502, true],
  [503, true],
  [504, true],
  [507, true],
  [500, false],
  [422, false],
  [401, false],
])('looks at the health after a %i: %s', (status, looks) => {
  expect(isOutOfReach(new ApiProblem({ type: 'about:blank', title: '', detail: '', status }))).toBe(looks);
});

it('a question that waits for its turn says nothing of the server', () => {
  const waits = { type: 'urn:gondrik:problem:waits' as const, title: '', detail: '', status: 503 };
  expect(isOutOfReach(new ApiProblem(waits))).toBe(false);
});

it('looks more often while nobody answers, and asks for all that is on the page anew once somebody does', async () => {
  vi.useFakeTimers();
  const client = new QueryClient();
  for (const key of [['session'], ['shop', 1, 'kits'], reachKey]) client.setQueryData(key, 'all');
  const isAnew = (key: readonly unknown[]) => client.getQueryState(key)?.isInvalidated;
  let reach!: ReturnType<typeof useReach>;
  mount(
    { setup: () => ((reach = useReach()), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient: client }]] } },
  );
  get.mockRejectedValue(new TypeError('Failed to fetch'));
  await reach.lookNow();
  await flushPromises();
  expect(reach.reach.value).toBe('no-server');
  expect(isAnew(['session'])).toBe(false);

  get.mockClear();
  get.mockResolvedValue({ data: health, response: new Response() });
  await vi.advanceTimersByTimeAsync(3_500);
  expect(get).toHaveBeenCalledTimes(1);
  expect(reach.reach.value).toBe('all');
  expect([isAnew(['session']), isAnew(['shop', 1, 'kits']), isAnew(reachKey)]).toEqual([true, true, false]);

  await vi.advanceTimersByTimeAsync(20_000);
  expect(get).toHaveBeenCalledTimes(1);
});
