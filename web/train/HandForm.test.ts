import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import HandForm from './HandForm.vue';

const asked = vi.hoisted(() => ({ GET: vi.fn(), PUT: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

beforeEach(() => {
  localStorage.clear();
  asked.GET.mockReset().mockResolvedValue({
    data: {
      id: 'ada',
      name: 'Ada',
      hand: { gripForce: 200, handSpan: 90 },
      note: 'left-handed',
      version: 'v1',
    },
    response: new Response(),
  });
  asked.PUT.mockReset().mockResolvedValue({ data: {}, response: new Response() });
});

async function form() {
  const view = mount(HandForm, {
    props: { id: 'ada' },
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });
  await flushPromises();
  const fields = view.findAll('input');
  const values = () => fields.map(({ element }) => element.value);
  const send = async (...texts: string[]) => {
    for (const [at, text] of texts.entries()) await fields[at]?.setValue(text);
    await view.get('form').trigger('submit');
    await flushPromises();
  };
  return { view, values, send };
}
const written = () => asked.PUT.mock.calls[0]?.[1] as { body: unknown; params: { header: unknown } };

it('writes what a hand closes with and spans over what was seen', async () => {
  const { view, values, send } = await form();
  expect(values()).toEqual(['Ada', '200', '90', '', 'left-handed']);
  await send('Ada Lind', '63 lbf', '3.5 in', '2027-06-30', '');
  expect(written().params.header).toEqual({ 'If-Match': '"v1"' });
  expect(written().body).toEqual({
    id: 'ada',
    name: 'Ada Lind',
    hand: { gripForce: 280.238, handSpan: 88.9 },
    until: '2027-06-30',
  });
  expect(view.emitted('done')).toHaveLength(1);
});

it('has no hand where nothing was measured, and one measure where one was', async () => {
  const none = await form();
  await none.send('Ada', '', ' ');
  expect(written().body).toEqual({ id: 'ada', name: 'Ada', note: 'left-handed' });
  asked.PUT.mockClear();
  const one = await form();
  await one.send('Ada', '180', '');
  expect(written().body).toMatchObject({ hand: { gripForce: 180 } });
});

it('says at its field what is no measure, and writes nothing', async () => {
  const { view, send } = await form();
  await send(' ', 'strong', '-4');
  expect(view.findAll('[role=alert]').map((one) => one.text())).toEqual([
    'What are they called?',
    'A force, like 280 or 63 lbf.',
    'A length, like 95 or 3.7 in.',
  ]);
  expect(asked.PUT).not.toHaveBeenCalled();
});

it('shows and takes them in the units that somebody likes', async () => {
  localStorage.setItem('gondrik.force', 'lbf');
  localStorage.setItem('gondrik.length', 'inch');
  const { values, send } = await form();
  expect(values().slice(1, 3)).toEqual(['44.96', '3.543']);
  await send('Ada', '50', '4');
  expect(written().body).toMatchObject({ hand: { gripForce: 222.4111, handSpan: 101.6 } });
});
