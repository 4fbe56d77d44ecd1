import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { Happened } from '@/data/wall';
import { supply } from './supplies.fixture';
import SupplySheet from './SupplySheet.vue';

const written = vi.hoisted((): { entries: unknown[] } => ({ entries: [] }));
vi.mock('@/data/wall', () => ({
  writeLog: (entries: Happened[]) => {
    written.entries.push(...entries);
    return Promise.resolve({
      data: { entries: [], change: 7 },
      response: new Response(null, { status: 201 }),
    });
  },
}));

function sheet(more: { maySetUp?: boolean } = {}, book = 14) {
  written.entries = [];
  return mount(SupplySheet, {
    props: {
      item: { ...supply('Tape', { have: Math.max(0, book), book }), stock: 'tape' },
      mayTakeBack: true,
      maySetUp: true,
      ...more,
    },
    global: {
      plugins: [createVuetify(), createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: {
        SheetDialog: {
          props: ['modelValue', 'title'],
          emits: ['submit', 'update:modelValue'],
          template: `<form @submit.prevent="$emit('submit')"><h2>{{ title }}</h2><slot /><slot name="buttons" :leave="() => $emit('update:modelValue', false)" /></form>`,
        },
      },
    },
  });
}

it.each([
  ['counted', '9', 'Then there are 9.'],
  ['counted', '0', 'Then there are 0.'],
  ['used', '4', 'Then there are 10.'],
  ['received', '10', 'Then there are 24.'],
  ['used', '15', 'The book has fewer: it will say 0. Count what is there, and it is right again.'],
])('writes down what was %s: %s pieces', async (kind, pieces, said) => {
  const view = sheet();
  await view.get(`input[value=${kind}]`).setValue(true);
  await view.get('.many').setValue(pieces);
  expect(view.get('[role=status]').text()).toBe(said);
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(written.entries).toEqual([{ what: kind, stock: 'tape', pieces: Number(pieces) }]);
  expect(view.emitted('close')).toHaveLength(1);
});

it.each([
  ['counted', 'a few'],
  ['counted', '-1'],
  ['used', '0'],
  ['received', '1.5'],
])('writes nothing of what cannot be: %s %s', async (kind, pieces) => {
  const view = sheet();
  await view.get(`input[value=${kind}]`).setValue(true);
  await view.get('.many').setValue(pieces);
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(written.entries).toEqual([]);
  expect(view.get('.field [role=alert]').text()).not.toBe('');
});

it('takes a number by one press', async () => {
  const view = sheet();
  await view
    .findAll('.steps button')
    .find((one) => one.text() === '25')
    ?.trigger('click');
  expect((view.get('.many').element as HTMLInputElement).value).toBe('25');
});

it('offers packs and weekly use to who sets the shop up alone', () => {
  expect(sheet().text()).toContain('Packs and weekly use');
  expect(sheet({ maySetUp: false }).text()).not.toContain('Packs and weekly use');
});

it('reckons on from what the book lacks, as the shelf will', async () => {
  const view = sheet({}, -5);
  await view.get('input[value=received]').setValue(true);
  await view.get('.many').setValue('20');
  expect(view.get('[role=status]').text()).toBe('Then there are 15.');
});
