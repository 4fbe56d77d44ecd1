import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import ScopeSheet from './ScopeSheet.vue';

const seen = vi.hoisted((): { scope: Record<string, unknown>; written: unknown } => ({
  scope: {},
  written: null,
}));
vi.mock('@/api/client', async (load) => {
  const whole = await load<typeof import('@/api/client')>();
  return {
    ...whole,
    api: {
      GET: () => Promise.resolve({ data: seen.scope, response: new Response() }),
      PUT: (_path: string, { body }: { body: unknown }) => {
        seen.written = body;
        return Promise.resolve({ data: { change: 3 }, response: new Response(null, { status: 200 }) });
      },
    },
  };
});
vi.mock('@/data/shopQuery', () => ({
  shopQuery: (key: unknown[], ask: (signal: AbortSignal) => Promise<{ data: unknown }>) => ({
    queryKey: key,
    queryFn: async () => (await ask(new AbortController().signal)).data,
  }),
}));

/** The settings of a scope as it is. */
async function settings(scope: Record<string, unknown>) {
  seen.scope = { id: 'boards', name: 'Boards', version: 'v1', ...scope };
  seen.written = null;
  const view = mount(ScopeSheet, {
    props: { action: 'settings', scope: 'boards', scopes: [] },
    global: {
      stubs: {
        RulesForm: true,
        SheetDialog: {
          emits: ['submit'],
          template: '<form @submit.prevent="$emit(\'submit\')"><slot /><slot name="buttons" /></form>',
        },
      },
      plugins: [createVuetify(), createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });
  await flushPromises();
  const field = (label: string) =>
    view
      .findAll('label')
      .find((of) => of.text().startsWith(label))!
      .get('input');
  const isShut = () =>
    view
      .findAll('button')
      .find((of) => of.text() === 'Write')!
      .attributes('disabled') !== undefined;
  return { view, field, isShut };
}

it('writes a scope for one piece and so many of them', async () => {
  const { view, field, isShut } = await settings({ days: 4 });
  expect(isShut()).toBe(false);
  await field('Its lines').setValue('fixture');
  expect(isShut()).toBe(true);
  expect(view.get('[role=alert]').text()).toContain('A whole number from 1 on, and of what.');
  await field('of so many').setValue('48');
  expect(isShut()).toBe(false);
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(seen.written).toEqual({
    id: 'boards',
    name: 'Boards',
    days: 4,
    pieces: { name: 'fixture', count: 48 },
  });
});

it('shows what it is written for, and writes it for all of the work again where that is emptied', async () => {
  const { view, field, isShut } = await settings({ pieces: { name: 'cabinet', count: 12 }, carry: [] });
  expect([field('Its lines').element.value, field('of so many').element.value]).toEqual(['cabinet', '12']);
  await field('Its lines').setValue('');
  expect(isShut()).toBe(true);
  await field('of so many').setValue('');
  expect(isShut()).toBe(false);
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(seen.written).toEqual({ id: 'boards', name: 'Boards', carry: [] });
});

it.each(['0', '-1', '1.5', 'many', '1000000'])('takes “%s” for no number of pieces', async (count) => {
  const { field, isShut } = await settings({ pieces: { name: 'cabinet', count: 12 } });
  await field('of so many').setValue(count);
  expect(isShut()).toBe(true);
});
