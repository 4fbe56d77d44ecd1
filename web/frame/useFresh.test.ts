import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { tellOwnChange } from '@/api/ownChange';
import { sessionKey } from '@/session/useSession';
import { useFresh } from './useFresh';

const get = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get },
}));

let version = 1;

beforeEach(() => {
  vi.useFakeTimers();
  version = 1;
  get.mockReset();
  get.mockImplementation(() => Promise.resolve({ data: { version }, response: new Response() }));
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

function page() {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1 }, demo: [] });
  const anew = vi.spyOn(queryClient, 'invalidateQueries');
  const shown = mount(
    { setup: () => (useFresh(), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }], createPinia()] } },
  );
  return { anew, shown };
}

/** How often a page of this throw of the dice looks in so many milliseconds. */
async function looks(dice: number, milliseconds: number): Promise<number> {
  vi.spyOn(Math, 'random').mockReturnValue(dice);
  get.mockClear();
  const { shown } = page();
  await vi.advanceTimersByTimeAsync(milliseconds);
  shown.unmount();
  return get.mock.calls.length;
}

it('looks at a pace of its own, so that no two pages look in step for ever', async () => {
  expect(await looks(0, 35_000)).toBe(11);
  expect(await looks(0.5, 35_000)).toBe(9);
  expect(await looks(1, 35_000)).toBe(8);
});

it('reads everything anew where the number of the shop is another, and only there', async () => {
  vi.spyOn(Math, 'random').mockReturnValue(0);
  const { anew, shown } = page();
  await vi.advanceTimersByTimeAsync(10_000);
  expect(anew).not.toHaveBeenCalled();
  version = 2;
  await vi.advanceTimersByTimeAsync(3_500);
  expect(anew).toHaveBeenCalledExactlyOnceWith({ queryKey: ['shop'] });
  get.mockRejectedValueOnce(new Error('nobody there'));
  await vi.advanceTimersByTimeAsync(7_000);
  await flushPromises();
  expect(anew).toHaveBeenCalledOnce();
  shown.unmount();
});

it('looks at most four times a minute while nobody does anything, and at once when somebody does again', async () => {
  for (const dice of [0, 1]) {
    vi.spyOn(Math, 'random').mockReturnValue(dice);
    const { shown } = page();
    await vi.advanceTimersByTimeAsync(60_000);
    get.mockClear();
    await vi.advanceTimersByTimeAsync(600_000);
    expect(get.mock.calls.length).toBeLessThanOrEqual(40);
    expect(get.mock.calls.length).toBeGreaterThan(25);
    get.mockClear();
    window.dispatchEvent(new Event('mousemove'));
    await flushPromises();
    expect(get).toHaveBeenCalledTimes(1);
    shown.unmount();
  }
});

it('is silent while it is not looked at', async () => {
  vi.spyOn(Math, 'random').mockReturnValue(0);
  const { shown } = page();
  await flushPromises();
  const state = vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
  document.dispatchEvent(new Event('visibilitychange'));
  get.mockClear();
  await vi.advanceTimersByTimeAsync(60_000);
  window.dispatchEvent(new Event('mousemove'));
  await vi.advanceTimersByTimeAsync(600_000);
  expect(get).not.toHaveBeenCalled();
  state.mockReturnValue('visible');
  document.dispatchEvent(new Event('visibilitychange'));
  await flushPromises();
  expect(get).toHaveBeenCalledTimes(1);
  shown.unmount();
});

it('reads nothing a second time after a write of its own, unless somebody wrote before it too', async () => {
  vi.spyOn(Math, 'random').mockReturnValue(0);
  const { anew, shown } = page();
  const wrote = (of: string) => tellOwnChange(new Response(null, { headers: { 'Gondrik-Version': of } }));
  await vi.advanceTimersByTimeAsync(1);
  version = 4;
  wrote('1-4');
  await vi.advanceTimersByTimeAsync(3_500);
  expect(anew).not.toHaveBeenCalled();

  // Somebody else made 5 of it meanwhile.
  version = 6;
  wrote('5-6');
  await vi.advanceTimersByTimeAsync(3_500);
  expect(anew).toHaveBeenCalledExactlyOnceWith({ queryKey: ['shop'] });
  shown.unmount();
});

it('does not take an answer from before its own write for news', async () => {
  vi.spyOn(Math, 'random').mockReturnValue(0);
  const { anew, shown } = page();
  await vi.advanceTimersByTimeAsync(1);
  let give: (answer: unknown) => void = () => undefined;
  get.mockImplementationOnce(() => new Promise((given) => (give = given)));
  await vi.advanceTimersByTimeAsync(3_500);
  version = 2;
  tellOwnChange(new Response(null, { headers: { 'Gondrik-Version': '1-2' } }));
  give({ data: { version: 1 }, response: new Response() });
  await vi.advanceTimersByTimeAsync(3_500);
  expect(anew).not.toHaveBeenCalled();
  shown.unmount();
});
