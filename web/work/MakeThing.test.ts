import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { sessionKey } from '@/session/useSession';
import MakeThing from './MakeThing.vue';

const asked = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const ring = { id: 'ring-blue-m4', name: 'Ring, blue, M4' };
let shelf: (typeof ring)[] = [];

beforeEach(() => {
  shelf = [ring];
  for (const one of Object.values(asked)) one.mockReset();
  asked.GET.mockImplementation((path: string) =>
    Promise.resolve({
      response: new Response(),
      data:
        path === '/proposal'
          ? {
              says: {
                name: 'ring blue M4',
                class: 'insulated',
                size: '16-14 AWG',
                shape: 'ring',
                stud: 'M4',
              },
              missing: [],
              unknown: [],
              assumed: ['class', 'size'],
              shelf,
            }
          : { data: [], $defs: { class: { enum: ['insulated', 'bare'] } } },
    }),
  );
  asked.POST.mockImplementation(() =>
    Promise.resolve({ data: { id: 'x', name: 'Taken ring' }, response: new Response() }),
  );
});

async function shown(role = 'lead') {
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queryClient.setQueryData(sessionKey, {
    person: { id: 1, shopId: 1, role, maySetUpTheShop: role !== 'hand' },
    demo: [],
  });
  const page = mount(MakeThing, {
    props: { about: 'terminal', text: 'ring blue M4' },
    global: {
      plugins: [[VueQueryPlugin, { queryClient }], createPinia()],
      stubs: { VBtn: { template: '<button><slot /></button>' } },
    },
  });
  await flushPromises();
  const press = async (text: string) => {
    await page
      .findAll('button')
      .find((one) => one.text() === text)
      ?.trigger('click');
    await flushPromises();
  };
  return { page, press };
}

it('offers what the shelf has first, and takes it over with one press', async () => {
  const { page, press } = await shown();
  expect(page.find('form').exists()).toBe(false);
  await press('Ring, blue, M4');
  expect(asked.POST).toHaveBeenCalledExactlyOnceWith('/catalogue/{list}/{id}', {
    params: { path: { list: 'terminals', id: 'ring-blue-m4' } },
  });
  expect(page.emitted('made')).toEqual([['Taken ring']]);
});

it('lets it be described where it is another, and says what the colour told', async () => {
  const { page, press } = await shown();
  await press('It is another: describe it');
  expect(page.find('form').exists()).toBe(true);
  expect(page.text()).toContain('By its colour, as is common: class, sizes.');
  await page.get('form').trigger('submit');
  await flushPromises();
  expect(asked.POST.mock.lastCall).toEqual([
    '/terminals',
    { body: { shape: 'ring', name: 'ring blue M4', class: 'insulated', size: '16-14 AWG', stud: 'M4' } },
  ]);
  expect(page.emitted('made')).toEqual([['Taken ring']]);
});

it('asks for a description at once where the shelf has none', async () => {
  shelf = [];
  const { page } = await shown();
  expect(page.find('form').exists()).toBe(true);
  expect(page.text()).not.toContain('The shelf has');
});

it('is a proposal of a coordinator, and says so', async () => {
  const { page, press } = await shown('coordinator');
  expect(page.text()).toContain('It counts at once, and the shop lead is asked to look at it.');
  await press('It is another: describe it');
  expect(page.get('form button').text()).toBe('Propose this terminal');
  await page.get('form').trigger('submit');
  await flushPromises();
  expect(page.emitted('made')).toEqual([['Taken ring']]);
});

it('is neither taken nor made by a hand', async () => {
  const { page } = await shown('hand');
  expect(page.find('form').exists()).toBe(false);
  expect(page.findAll('button').map((one) => one.text())).toEqual([]);
  expect(page.text()).toContain('The shelf has it: Ring, blue, M4');
});

it('asks at its field for what is missing', async () => {
  shelf = [];
  const { page } = await shown();
  const name = page.findAll('input')[0];
  await name?.setValue(' ');
  expect(page.findAll('[aria-invalid=true]')).toHaveLength(0);
  await page.get('form').trigger('submit');
  await flushPromises();
  expect(asked.POST).not.toHaveBeenCalled();
  expect(name?.attributes('aria-invalid')).toBe('true');
  expect(page.text()).toContain('Still open: name.');
});
