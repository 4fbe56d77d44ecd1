import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import UsesPanel from './UsesPanel.vue';

const get = vi.hoisted(() => vi.fn());
const post = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get, POST: post },
}));
const ok = (data: unknown) => Promise.resolve({ data, response: new Response(null, { status: 200 }) });

const uses = {
  uses: [
    { list: 'lines', id: 'l1', name: 'Tower 7', scope: 'tower-7' },
    { list: 'lines', id: 'l2', name: 'Tower 7', scope: 'tower-7' },
    { list: 'lines', id: 'l9', name: 'Cabins', scope: 'cabins' },
  ],
  count: 7,
  alike: [{ id: 'twin', name: 'The same once more' }],
};
const shown = (isReadonly = false) =>
  mount(UsesPanel, {
    props: { list: 'wires', id: 'w1', name: 'A wire', isReadonly },
    global: {
      plugins: [
        createPinia(),
        createVuetify(),
        [VueQueryPlugin, { queryClient: new QueryClient({ defaultOptions: { queries: { retry: false } } }) }],
      ],
      stubs: { RouterLink: { props: ['to'], template: '<a :data-to="JSON.stringify(to)"><slot /></a>' } },
    },
  });
beforeEach(() => {
  get.mockReset();
  post.mockReset();
  get.mockImplementation((path: string) => ok(path.includes('uses') ? uses : { data: [] }));
});

it('says where it is used, scope by scope, and that there is more', async () => {
  const view = shown();
  await flushPromises();
  expect(view.get('h3').text()).toBe('Used in 7 places');
  expect(view.findAll('li').map((row) => row.text())).toEqual(['Tower 7, 2 lines', 'Cabins, 1 line']);
  expect(JSON.parse(view.get('li a').attributes('data-to') ?? '')).toEqual({
    name: 'work',
    query: { scope: 'tower-7', line: 'l1' },
  });
  expect(view.text()).toContain('and 4 more places');
});

it('says so where it cannot be told where it is used, and asks again', async () => {
  const problem = { type: 'about:blank', title: 'The server is busy', status: 503, detail: 'Try again.' };
  get.mockImplementation(() =>
    Promise.resolve({ error: problem, response: new Response(null, { status: 503 }) }),
  );
  const view = shown();
  await flushPromises();
  expect(view.get('[role=alert]').text()).toContain('The server is busy');
  get.mockImplementation((path: string) => ok(path.includes('uses') ? uses : { data: [] }));
  await view.get('[role=alert] button').trigger('click');
  await flushPromises();
  expect(view.find('[role=alert]').exists()).toBe(false);
  expect(view.get('h3').text()).toBe('Used in 7 places');
});

it('offers to merge what is the same, and tells into what', async () => {
  post.mockImplementation(() => ok({ change: 12, changed: 3 }));
  const view = shown();
  await flushPromises();
  expect(view.text()).toContain('“The same once more” says the same of itself.');
  await view
    .findAll('button')
    .find((button) => button.text() === 'Merge this one into it')
    ?.trigger('click');
  await flushPromises();
  expect(post.mock.calls[0]).toEqual([
    '/{list}/{id}/merge',
    { params: { path: { list: 'wires', id: 'w1' } }, body: { into: 'twin' } },
  ]);
  expect(view.emitted('merged')).toEqual([['twin']]);
});

it('tells why two cannot be merged', async () => {
  const problem = {
    path: 'changes/0/line/wireB',
    value: 'w2',
    expected: 'a second wire needs a terminal with two ends',
  };
  post.mockImplementation(() =>
    Promise.resolve({
      error: { title: 'No', status: 422, problems: [problem] },
      response: new Response(null, { status: 422 }),
    }),
  );
  const view = shown();
  await flushPromises();
  await view
    .findAll('button')
    .find((button) => button.text() === 'Merge this one into it')
    ?.trigger('click');
  await flushPromises();
  expect(view.get('[role=alert]').text()).toContain('a second wire needs a terminal with two ends');
  expect(view.emitted('merged')).toBeUndefined();
});

it('offers nothing to who may only look', async () => {
  const view = shown(true);
  await flushPromises();
  expect(view.findAll('button')).toHaveLength(0);
});
