import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { sessionKey } from '@/session/useSession';
import { withCells } from '@/table/brought';
import { useThingsTable } from './useThingsTable';

const device = vi.hoisted(() => new Map<string, unknown>());
/** What the device is slow to give. */
const slow = vi.hoisted(() => new Map<string, Promise<unknown>>());
vi.mock('idb-keyval', () => ({
  createStore: () => ({}),
  get: (key: string) => slow.get(key) ?? Promise.resolve(device.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(void device.set(key, value)),
  del: (key: string) => Promise.resolve(void device.delete(key)),
}));
const asked = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const thing = (row: number, status: string) => ({
  rows: [row, row + 1],
  thing: { id: `t${row}`, name: `Tool ${row}` },
  problems: [],
  status,
  version: status === 'changed' ? 'seen' : null,
});
const read = vi.fn();

beforeEach(() => {
  vi.useFakeTimers();
  device.clear();
  read.mockReset();
  read.mockReturnValue({ things: [thing(1, 'new'), thing(3, 'changed'), thing(5, 'bad'), thing(7, 'same')] });
  asked.POST.mockReset();
  asked.POST.mockImplementation((path: string, { body }: { body: { rows?: object; things?: object[] } }) =>
    Promise.resolve({
      response: new Response(),
      data: path.endsWith('/rows')
        ? {
            rows: [['Part', 'Size'], ...Array.from({ length: 8 }, (_, at) => [`t${at + 1}`, '12'])],
            head: 0,
            columns: [{ index: 0, says: 'id' }],
            names: ['id', 'size'],
          }
        : path.endsWith('/read')
          ? (read(body) as unknown)
          : { change: 4, count: body.things?.length },
    }),
  );
});
afterEach(() => vi.useRealTimers());

async function shown() {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1 }, demo: [] });
  const list = ref<'tools' | 'kits'>('tools');
  let table!: ReturnType<typeof useThingsTable>;
  const page = mount(
    { setup: () => ((table = useThingsTable(list)), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }], createPinia()] } },
  );
  await flushPromises();
  return { ...table, list, page };
}
async function pause() {
  await vi.advanceTimersByTimeAsync(300);
  await flushPromises();
}
async function brought() {
  const table = await shown();
  table.bring.mutate(new File(['x'], 'tools.csv'));
  await flushPromises();
  await pause();
  return table;
}

it('reads all that is mended in one pause at once', async () => {
  const { table, keep, things } = await brought();
  expect(read).toHaveBeenCalledOnce();
  for (const text of ['1', '10', '10 AWG'])
    if (table.value) keep(withCells(table.value, [{ place: 5, column: 1, text }]));
  await flushPromises();
  expect(things.value).toEqual([]);
  await pause();
  expect(read).toHaveBeenCalledTimes(2);
  expect(read).toHaveBeenLastCalledWith(
    expect.objectContaining({ rows: expect.objectContaining({ 5: ['t5', '10 AWG'] }) as object }),
  );
});

it('takes what is new or another under the version that was seen, and keeps the rest of the rows', async () => {
  const { take, good, table } = await brought();
  take.mutate(good.value);
  await flushPromises();
  expect(asked.POST).toHaveBeenCalledWith('/tables/{list}/take', {
    params: { path: { list: 'tools' } },
    body: {
      things: [
        { thing: { id: 't1', name: 'Tool 1' }, version: null },
        { thing: { id: 't3', name: 'Tool 3' }, version: 'seen' },
      ],
    },
  });
  expect(table.value?.rows.map(({ place }) => place)).toEqual([5, 6, 7, 8]);
});

it('has what was left again after the page was loaded anew, each list its own', async () => {
  (await brought()).page.unmount();
  const again = await shown();
  expect(again.table.value).toMatchObject({ name: 'tools.csv', known: ['id', 'size'] });
  again.list.value = 'kits';
  await flushPromises();
  expect(again.table.value).toBeNull();
});

it('shows no table of another list that the device was slow to give', async () => {
  (await brought()).page.unmount();
  const kept = device.get('gondrik.table.1.shop/tools');
  let give: (table: unknown) => void = () => undefined;
  slow.set('gondrik.table.1.shop/tools', new Promise((given) => (give = given)));
  const { table, list } = await shown();
  list.value = 'kits';
  await flushPromises();
  give(kept);
  await flushPromises();
  slow.clear();
  expect(table.value).toBeNull();
});
