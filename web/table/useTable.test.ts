import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { ApiProblem } from '@/api/client';
import { sessionKey } from '@/session/useSession';
import { withCells } from './brought';
import { useTable } from './useTable';

const device = vi.hoisted(() => new Map<string, unknown>());
vi.mock('idb-keyval', () => ({
  createStore: () => ({}),
  get: (key: string) => Promise.resolve(device.get(key)),
  set: (key: string, value: unknown) => Promise.resolve(void device.set(key, value)),
  del: (key: string) => Promise.resolve(void device.delete(key)),
}));
const asked = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const line = (row: number) => ({ line: { wire: `w${row}` }, rows: [row] });
const rows = [
  ['Qty', 'Wire', 'Note'],
  ['4', 'w1', ''],
  ['none', 'w2', ''],
  ['2', 'w3', ''],
];
const KEY = 'gondrik.table.1.tower';

beforeEach(() => {
  vi.useFakeTimers();
  device.clear();
  sessionStorage.clear();
  for (const one of Object.values(asked)) one.mockReset();
  asked.PUT.mockResolvedValue({ data: undefined, response: new Response(null, { status: 204 }) });
  asked.POST.mockImplementation((path: string, { body }: { body: { rows?: object; changes?: object[] } }) => {
    const data =
      path === '/sheets'
        ? {
            rows,
            head: 0,
            columns: [
              { index: 0, says: 'quantity' },
              { index: 1, says: 'wire' },
            ],
          }
        : path.endsWith('/sheet')
          ? {
              lines: Object.keys(body.rows ?? {})
                .map(Number)
                .filter((row) => row !== 2)
                .map(line),
              bad: [{ row: 2, problems: [{ column: 0, value: 'none', expected: 'a number' }] }],
              missing: [],
              names: { wires: {}, terminals: {} },
            }
          : { change: 9, data: body.changes };
    return Promise.resolve({ data, response: new Response() });
  });
});
afterEach(() => vi.useRealTimers());

async function shown(scope = 'tower') {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1 }, demo: [] });
  const of = ref<string | null>(scope);
  let table!: ReturnType<typeof useTable>;
  const page = mount(
    {
      setup: () => (
        (table = useTable(of, ref('bag'), ref({ length: 'mm', force: 'N' } as const))),
        () => null
      ),
    },
    { global: { plugins: [[VueQueryPlugin, { queryClient }], createPinia()] } },
  );
  await flushPromises();
  return { ...table, of, page };
}
/** The pause after which a table is read. */
async function pause() {
  await vi.advanceTimersByTimeAsync(300);
  await flushPromises();
}
async function brought() {
  const table = await shown();
  table.bring.mutate({ file: new File(['x'], 'list.csv'), sheet: 'Parts' });
  await flushPromises();
  await pause();
  return table;
}
const readings = () =>
  asked.POST.mock.calls.filter(([path]) => String(path).endsWith('/sheet')).map(([, { body }]) => body);

it('reads what was brought row by row, once a pause, and says how each was read', async () => {
  const table = await brought();
  expect(readings()).toHaveLength(1);
  expect(readings()[0]).toMatchObject({ kit: 'bag', rows: { 1: rows[1], 2: rows[2], 3: rows[3] } });
  expect(table.rows.value.map(({ place, status }) => [place, status])).toEqual([
    [1, 'unjudged'],
    [2, 'bad'],
    [3, 'unjudged'],
  ]);

  const before = table.table.value;
  if (before)
    table.keep(
      withCells(before, [
        { place: 2, column: 0, text: '7' },
        { place: 3, column: 0, text: '8' },
      ]),
    );
  await flushPromises();
  // What was read is of the table as it was.
  expect(table.rows.value.map(({ status }) => status)).toEqual(['waiting', 'waiting', 'waiting']);
  await pause();
  expect(readings()).toHaveLength(2);
  expect(readings()[1]).toMatchObject({ rows: { 2: ['7', 'w2', ''], 3: ['8', 'w3', ''] } });
});

it('takes the good rows, and keeps the rest to be mended', async () => {
  const table = await brought();
  table.take.mutate(table.read.value?.lines ?? []);
  await flushPromises();
  expect(asked.POST.mock.calls.find(([path]) => path === '/scopes/{scope}/changes')?.[1]).toEqual({
    params: { path: { scope: 'tower' } },
    body: { changes: [{ line: { wire: 'w1' } }, { line: { wire: 'w3' } }] },
  });
  expect(table.table.value?.rows.map(({ place }) => place)).toEqual([2]);
  expect(device.get(KEY)).toEqual(table.table.value);
  expect(asked.PUT).not.toHaveBeenCalled();

  table.take.mutate([line(2)] as never);
  await flushPromises();
  expect([table.table.value, device.has(KEY)]).toEqual([null, false]);
});

it('remembers what a column means where somebody has set it, and nothing else', async () => {
  const table = await brought();
  const now = table.table.value;
  if (now) table.keep({ ...now, columns: now.columns.slice(0, 1), corrected: [0, 1, 7] });
  await pause();
  table.take.mutate(table.read.value?.lines ?? []);
  await flushPromises();
  expect(asked.PUT).toHaveBeenCalledExactlyOnceWith('/columns', {
    body: {
      columns: [
        { name: 'Qty', says: 'quantity' },
        { name: 'Wire', says: null },
      ],
    },
  });
});

it('leaves the table as it is where nothing was written', async () => {
  const table = await brought();
  asked.POST.mockRejectedValue(new ApiProblem({ type: 'about:blank', title: 'No', status: 503, detail: '' }));
  table.take.mutate(table.read.value?.lines ?? []);
  await flushPromises();
  expect(table.take.error.value).toBeInstanceOf(ApiProblem);
  expect(table.table.value?.rows).toHaveLength(3);
});

it('offers what was left again, to the same person at the same scope', async () => {
  (await brought()).page.unmount();
  const again = await shown();
  expect(again.table.value?.name).toBe('list.csv');
  again.of.value = 'cabin';
  await flushPromises();
  expect(again.table.value).toBeNull();
});
