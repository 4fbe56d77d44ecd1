import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { Schemas } from '@/api/client';
import { handOver, takeHanded } from '@/frame/handedOver';
import ImportWorkbook from './ImportWorkbook.vue';

const none = { added: 0, changed: 0, left: 3 };
const plan = (wires: Schemas['Count'], more: Partial<Schemas['Import']> = {}): Schemas['Import'] => ({
  id: '1',
  fileName: 'book.json',
  applied: false,
  canUndo: false,
  changesNothing: false,
  changesHouseRules: false,
  counts: {
    wires,
    terminals: none,
    tools: none,
    kits: none,
    scopes: none,
    people: none,
    assets: none,
    stock: none,
    boxes: none,
    stations: none,
    exercises: none,
    sessions: none,
    log: none,
  },
  ...more,
});

const post = vi.hoisted(() => vi.fn());
const went = vi.hoisted(() => vi.fn());
const listed = vi.hoisted(() => ({ data: [] as unknown[] }));
vi.mock('vue-router', async (original) => ({
  ...(await original<typeof import('vue-router')>()),
  useRouter: () => ({ push: went }),
}));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { POST: post, GET: () => Promise.resolve({ data: listed, response: new Response() }) },
}));

/** The page with a server that answers these in turn; a null is no answer at all. */
function shown(answers: ({ status: number; body: unknown } | null)[]) {
  const calls: string[] = [];
  post.mockImplementation((path: string) => {
    calls.push(path);
    const next = answers.shift();
    if (!next) return Promise.reject(new TypeError('no network'));
    const response = new Response(null, { status: next.status });
    return Promise.resolve(response.ok ? { data: next.body, response } : { error: next.body, response });
  });
  const view = mount(ImportWorkbook, {
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: { RouterLink: true },
    },
  });
  return { view, calls };
}

async function bring(view: ReturnType<typeof shown>['view'], name = 'book.json'): Promise<void> {
  const input = view.find('input[type=file]');
  Object.defineProperty(input.element, 'files', {
    value: [new File(['{}'], name)],
    configurable: true,
  });
  Object.defineProperty(input.element, 'value', { value: '', writable: true, configurable: true });
  await input.trigger('change');
  await flushPromises();
}

afterEach(() => post.mockReset());

it('tells what a good workbook would do, and does it only when asked', async () => {
  const { view, calls } = shown([
    { status: 201, body: plan({ added: 2, changed: 1, left: 4 }, { changesHouseRules: true }) },
    { status: 200, body: plan({ added: 2, changed: 1, left: 4 }, { applied: true, canUndo: true }) },
    { status: 204, body: undefined },
  ]);
  await bring(view);
  expect(view.text()).toContain('book.json is good. It would');
  expect(view.find('.counts tbody tr').text()).toMatch(/Wires\s*2\s*1\s*4/);
  expect(view.text()).toContain('The house rules of the shop would be replaced');
  expect(calls).toEqual(['/imports']);
  await view
    .findAll('button')
    .find((one) => one.text() === 'Apply')!
    .trigger('click');
  await flushPromises();
  expect(calls.at(-1)).toBe('/imports/{import}/apply');
  expect(view.text()).toContain('book.json is in the shop');
  await view
    .findAll('button')
    .find((one) => one.text() === 'Take it back')!
    .trigger('click');
  await flushPromises();
  expect(calls.at(-1)).toBe('/imports/{import}/undo');
  expect(view.text()).toContain('book.json was taken back');
});

it('lists every problem with place, value and what would be right', async () => {
  const problems = [
    { path: 'wires/0/size', value: '12', expected: 'Is "12" a gauge or an area?' },
    { path: '', value: null, expected: 'must be a JSON object' },
  ];
  const { view } = shown([
    {
      status: 422,
      body: {
        type: 'about:blank',
        title: 'The workbook has problems',
        status: 422,
        detail: 'Nothing was changed.',
        problems,
      },
    },
  ]);
  await bring(view);
  expect(view.find('h3').text()).toBe('2 problems in book.json');
  expect(view.findAll('.problems tbody tr').map((row) => row.text().replaceAll(/\s+/g, ' '))).toEqual([
    'wires/0/size"12"Is "12" a gauge or an area?',
    'workbookmust be a JSON object',
  ]);
});

it('says when a workbook changes nothing, and when nobody answers', async () => {
  const { view } = shown([{ status: 201, body: plan(none, { changesNothing: true }) }, null]);
  await bring(view);
  expect(view.text()).toContain('book.json changes nothing');
  expect(view.findAll('button').some((one) => one.text() === 'Apply')).toBe(false);

  await bring(view);
  expect(view.text()).toContain('The server does not answer');
});

it('asks of what a table is, and hands it over', async () => {
  const { view, calls } = shown([]);
  await bring(view, 'tools.xlsx');
  expect(calls).toEqual([]);
  expect(view.get('[role=alert]').text()).toContain('“tools.xlsx” is a table, not a workbook.');
  const tools = view.findAll('.ways button').find((one) => one.text() === 'tools');
  await tools?.trigger('click');
  expect(went).toHaveBeenCalledExactlyOnceWith({ name: 'things', params: { list: 'tools' } });
  expect(takeHanded()?.name).toBe('tools.xlsx');
});

it('reads a workbook at once that was brought elsewhere', async () => {
  handOver(new File(['{}'], 'shop.json'));
  const { calls } = shown([]);
  await flushPromises();
  expect(calls).toHaveLength(1);
});

it('gives the example to who has nothing yet, and else what the shop has, whose days are its own', async () => {
  const addresses = async () => {
    const { view } = shown([]);
    await flushPromises();
    return view.findAll('a').map((one) => [one.text(), one.attributes('href')]);
  };
  expect(await addresses()).toEqual([['Take the example', expect.stringContaining('tarnholt-ropeway')]]);
  listed.data = [{ id: 'bag', name: 'Bag' }];
  expect(await addresses()).toEqual([['Take what this shop has', '/api/v1/workbook']]);
  listed.data = [];
});
