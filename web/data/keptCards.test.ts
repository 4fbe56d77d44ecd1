import { flushPromises } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope, ref } from 'vue';
import { keptCard, useKeptCards } from './keptCards';

const device = vi.hoisted(() => new Map<string, unknown>());
const room = vi.hoisted(() => ({ is: true }));
const read = vi.hoisted(
  () => (key: string) => Promise.resolve(device.has(key) ? { body: device.get(key), at: 5 } : undefined),
);
const get = vi.hoisted(() => vi.fn());
vi.mock('@/api/kept', () => ({
  keeping: () => (key: string, body: unknown) => {
    if (room.is) device.set(key, body);
    return Promise.resolve(room.is);
  },
  kept: read,
  giveKept: read,
  letGo: (key: string) => Promise.resolve(void device.delete(key)),
}));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get },
}));

/** A scope of so many lines, given out two hundred at a time. */
function scopeOf(lines: number) {
  get.mockImplementation((_: string, { params }: { params: { query: { at: number } } }) => {
    const { at } = params.query;
    const cards = Array.from({ length: Math.max(0, Math.min(200, lines - at + 1)) }, (__, nth) => ({
      card: { line: `line-${at + nth}` },
      at: at + nth,
      of: lines,
    }));
    return Promise.resolve({ data: { cards, of: lines }, response: new Response() });
  });
}
const units = ref({ length: 'mm', force: 'N' } as const);
const inHand = (kit: string) => ref<{ kit: string; scope: string } | null>({ kit, scope: 'tower' });

beforeEach(() => {
  room.is = true;
  device.clear();
  get.mockReset();
});

it('keeps every card of the scope, and finds each by its line or the first', async () => {
  scopeOf(450);
  const came = ref(0);
  const on = effectScope().run(() => useKeptCards(inHand('k'), units, came));
  await flushPromises();
  expect(get).not.toHaveBeenCalled();

  came.value = 1;
  await flushPromises();
  expect(on?.value).toMatchObject({ cards: 450, of: 450 });
  expect(await keptCard({ kit: 'k', scope: 'tower', line: 'line-401' }, units.value)).toMatchObject({
    at: 401,
    keptAt: 5,
  });
  expect(await keptCard({ kit: 'k', scope: 'tower' }, units.value)).toMatchObject({ at: 1 });
  expect(await keptCard({ kit: 'k', scope: 'tower', line: 'line-451' }, units.value)).toBeUndefined();
  expect(
    await keptCard({ kit: 'k', scope: 'tower' }, { length: 'inch', force: 'N' } as never),
  ).toBeUndefined();
});

it('says how many are there where it keeps not all', async () => {
  scopeOf(1300);
  const came = ref(0);
  const on = effectScope().run(() => useKeptCards(inHand('k'), units, came));
  came.value = 1;
  await flushPromises();
  expect(on?.value).toMatchObject({ cards: 1000, of: 1300 });
});

it('asks for them once a minute at most, however fast somebody leafs', async () => {
  vi.useFakeTimers();
  scopeOf(3);
  const came = ref(0);
  effectScope().run(() => useKeptCards(inHand('k'), units, came));
  for (came.value = 1; came.value < 6; came.value++) await flushPromises();
  expect(get).toHaveBeenCalledTimes(1);
  vi.setSystemTime(Date.now() + 61_000);
  came.value++;
  await flushPromises();
  expect(get).toHaveBeenCalledTimes(2);
  vi.useRealTimers();
});

it('lets the oldest go beyond six pairs, and none that is in hand again', async () => {
  scopeOf(1);
  for (const kit of ['a', 'b', 'c', 'd', 'e', 'f', 'a', 'g']) {
    const came = ref(0);
    effectScope().run(() => useKeptCards(inHand(kit), units, came));
    came.value = 1;
    await flushPromises();
  }
  const kits = [...device.keys()].map((key) => /kit=(\w)/.exec(key)?.[1]).filter(Boolean);
  expect(kits.sort()).toEqual(['a', 'c', 'd', 'e', 'f', 'g']);
});

it('says nothing of cards that the device has no room for', async () => {
  room.is = false;
  scopeOf(3);
  const came = ref(0);
  const on = effectScope().run(() => useKeptCards(inHand('k'), units, came));
  came.value = 1;
  await flushPromises();
  expect(on?.value?.cards).toBe(0);
});
