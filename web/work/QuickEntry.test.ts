import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { takeHanded } from '@/frame/handedOver';
import { ApiProblem, type Schemas } from '@/api/client';
import { sessionKey } from '@/session/useSession';
import QuickEntry from './QuickEntry.vue';
import { LEFT } from './useUnwritten';

const asked = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const went = vi.hoisted(() => vi.fn());
vi.mock('vue-router', async (original) => ({
  ...(await original<typeof import('vue-router')>()),
  useRouter: () => ({ push: went }),
}));

const question = { about: 'terminal', from: 3, to: 7, text: 'Which ring?', candidates: [] };
const entry = (more: Partial<Schemas['Entry']> = {}) =>
  ({
    tokens: [],
    questions: [],
    unknown: [],
    line: { wire: 'w1', terminal: 't1', quantity: 4 },
    names: { wires: { w1: 'Hook-up 18' }, terminals: { t1: 'Ring M5' } },
    drop: { line: 'draft' },
    ...more,
  }) as never;
const kept = (key: string) => localStorage.getItem(key);

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  sessionStorage.clear();
  for (const one of Object.values(asked)) one.mockReset();
  asked.GET.mockImplementation(() => Promise.resolve({ data: entry(), response: new Response() }));
  asked.POST.mockImplementation(() =>
    Promise.resolve({ data: { change: 3, data: [{ id: 'new-line' }] }, response: new Response() }),
  );
});
afterEach(() => vi.useRealTimers());

function field(mayWrite = true) {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, { person: { id: 1, shopId: 1 }, demo: [] });
  const page = mount(QuickEntry, {
    attachTo: document.body,
    props: { scope: 'tower', kit: 'bag', units: { length: 'mm', force: 'N' }, mayWrite },
    global: {
      plugins: [[VueQueryPlugin, { queryClient }], createPinia()],
      stubs: {
        VBtn: true,
        EntryCompletion: true,
        MakeThing: true,
        EntryReading: {
          name: 'EntryReading',
          props: ['text', 'entry'],
          emits: ['pick', 'remember'],
          template: '<i />',
        },
      },
    },
  });
  const write = async (text: string) => {
    for (let at = 1; at <= text.length; at++) await page.get('input').setValue(text.slice(0, at));
    await vi.advanceTimersByTimeAsync(300);
    await flushPromises();
  };
  const enter = async () => {
    await page.get('form').trigger('submit');
    await vi.advanceTimersByTimeAsync(10);
    await flushPromises();
  };
  return { page, write, enter };
}
const written = () => asked.POST.mock.calls.map(([, { body }]) => body as object);

it('asks once a pause and not with every letter', async () => {
  const { page, write } = field();
  await write('4 × hook-up 18 → ring');
  expect(asked.GET.mock.calls.map(([, { params }]) => params.query.text)).toEqual(['4 × hook-up 18 → ring']);
  expect(page.emitted('draft')?.at(-1)).toEqual([{ line: 'draft' }]);
  await write('');
  await page.get('input').setValue('');
  await flushPromises();
  expect(page.emitted('draft')?.at(-1)).toEqual([null]);
});

it('adds with Enter what stands there now, empties the field and tells what it added', async () => {
  const { page, write, enter } = field();
  await write('4 hook-up');
  await page.get('input').setValue('4 hook-up 18, ring');
  await enter();
  expect(asked.GET.mock.calls.map(([, { params }]) => params.query.text)).toContain('4 hook-up 18, ring');
  expect(written()).toEqual([{ changes: [{ line: { wire: 'w1', terminal: 't1', quantity: 4 } }] }]);
  expect(page.emitted('added')).toEqual([['new-line']]);
  expect(page.get('input').element.value).toBe('');
  expect(document.activeElement).toBe(page.get('input').element);
});

it('adds nothing while something is open, says what, and keeps what was typed', async () => {
  asked.GET.mockImplementation(() =>
    Promise.resolve({ data: entry({ questions: [question] }), response: new Response() }),
  );
  const { page, write, enter } = field();
  await write('4 ring');
  await enter();
  expect(written()).toEqual([]);
  expect(page.get('[role=alert]').text()).toBe('Which ring?');
  expect(page.get('input').element.value).toBe('4 ring');
  await page.get('input').setValue('4 ring ');
  expect(page.find('[role=alert]').exists()).toBe(false);
});

it('keeps what was typed with the page', async () => {
  const { page, write } = field();
  await write('4 hook-up 18');
  expect(kept('gondrik.entry.1.tower')).toBe('4 hook-up 18');
  page.unmount();
  expect(field().page.get('input').element.value).toBe('4 hook-up 18');
});

it('loses nothing that is typed while a line is being written', async () => {
  let give: (answer: unknown) => void = () => undefined;
  asked.POST.mockImplementationOnce(() => new Promise((given) => (give = given)));
  const { page, write, enter } = field();
  await write('4 hook-up 18');
  await enter();
  expect(page.get('input').element.value).toBe('');
  await write('6 hook-up 16');
  await enter();
  await write('8 hook-up 14');
  give({ data: { change: 3, data: [{ id: 'first' }] }, response: new Response() });
  await vi.advanceTimersByTimeAsync(10);
  await flushPromises();
  expect(written()).toHaveLength(2);
  expect(page.emitted('added')).toEqual([['first'], ['new-line']]);
  expect(page.get('input').element.value).toBe('8 hook-up 14');
  expect(page.find('.unwritten').exists()).toBe(false);
});

it('takes what was typed on before the answer was read for the next line', async () => {
  const { page, write } = field();
  await write('4 hook-up 18');
  void page.get('form').trigger('submit');
  await page.get('input').setValue('4 hook-up 18 5 hook-up 16');
  await vi.advanceTimersByTimeAsync(300);
  await flushPromises();
  expect(written()).toHaveLength(1);
  expect(page.get('input').element.value).toBe('5 hook-up 16');

  // Whoever has begun another line altogether has it whole.
  void page.get('form').trigger('submit');
  await page.get('input').setValue('7 spare');
  await vi.advanceTimersByTimeAsync(300);
  await flushPromises();
  expect(written()).toHaveLength(2);
  expect(page.get('input').element.value).toBe('7 spare');
});

it('tells once what was not written and why, to be mended or thrown away', async () => {
  asked.POST.mockRejectedValue(
    new ApiProblem({ type: 'about:blank', title: 'No room', status: 507, detail: 'The disk is full.' }),
  );
  const { page, write, enter } = field();
  await write('4 hook-up 18');
  await enter();
  await write('5 hook-up 18');
  const told = () => page.findAll('.unwritten p').map((one) => one.text());
  expect(told()).toEqual(['Not written: “4 hook-up 18”. No room. The disk is full.']);
  expect(written()).toHaveLength(1);
  page.unmount();

  const again = field().page;
  expect(again.findAll('.unwritten p')).toHaveLength(1);
  await again.findAll('.unwritten v-btn-stub')[0]?.trigger('click');
  expect(again.get('input').element.value).toBe('4 hook-up 18');
  // What was being written meanwhile is put aside and not lost.
  expect(again.findAll('.unwritten p').map((one) => one.text())).toEqual([
    'Not written: “5 hook-up 18”. Put aside.',
  ]);
  await again.findAll('.unwritten v-btn-stub')[1]?.trigger('click');
  expect(again.find('.unwritten').exists()).toBe(false);
  expect(kept('gondrik.unwritten.1.tower')).toBe('[]');
});

it('says of a line whose answer never came that it may stand in the table', () => {
  localStorage.setItem(
    'gondrik.unwritten.1.tower',
    JSON.stringify([{ key: 'of-before', text: '4 hook-up 18', why: null }]),
  );
  expect(field().page.get('.unwritten').text()).toContain(LEFT);
});

it('hears the answer though the place was left, and says nothing of a line that was written', async () => {
  let give: (answer: unknown) => void = () => undefined;
  asked.POST.mockImplementationOnce(() => new Promise((given) => (give = given)));
  const { page, write, enter } = field();
  await write('4 hook-up 18');
  await enter();
  page.unmount();
  const back = field().page;
  expect(back.find('.unwritten').exists()).toBe(false);
  give({ data: { change: 3, data: [{ id: 'first' }] }, response: new Response() });
  await vi.advanceTimersByTimeAsync(10);
  await flushPromises();
  expect(kept('gondrik.unwritten.1.tower')).toBe('[]');
  expect(back.find('.unwritten').exists()).toBe(false);
});

it('puts what is picked where it was asked, and remembers the words where somebody says so', async () => {
  asked.PUT.mockResolvedValue({ data: undefined, response: new Response(null, { status: 204 }) });
  const { page, write } = field();
  await write('4 ✕ ring');
  const reading = page.getComponent({ name: 'EntryReading' });
  reading.vm.$emit('remember', { ...question, from: 4, to: 8 }, 'ring-m5');
  await flushPromises();
  expect(page.get('input').element.value).toBe('4 ✕ ring-m5');
  expect(asked.PUT).toHaveBeenCalledExactlyOnceWith('/aliases', {
    body: { about: 'terminal', words: 'ring', id: 'ring-m5' },
  });
});

it('lets somebody who may only read see how it is read, and adds nothing', async () => {
  const { page, write, enter } = field(false);
  await write('4 hook-up 18');
  await enter();
  expect(page.findComponent({ name: 'EntryReading' }).exists()).toBe(true);
  expect(written()).toEqual([]);
  expect(page.text()).toContain('Adding is for the shop lead and the coordinator');
});

it('takes rows of a spreadsheet for a table, and one line for a line', async () => {
  const { page } = field();
  const paste = async (text: string) => {
    const event = Object.assign(new Event('paste', { bubbles: true, cancelable: true }), {
      clipboardData: { getData: () => text },
    });
    page.get('input').element.dispatchEvent(event);
    await flushPromises();
    return event.defaultPrevented;
  };
  expect(await paste('4 × hook-up 18 → ring\n')).toBe(false);
  expect(await paste('Qty\tWire\n4\thook-up 18\n')).toBe(true);
  expect(went).toHaveBeenCalledExactlyOnceWith({ name: 'table', query: { scope: 'tower', kit: 'bag' } });
  expect(takeHanded()).toMatchObject({ name: 'pasted table', size: 22 });
});
