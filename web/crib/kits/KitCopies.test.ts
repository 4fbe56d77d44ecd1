import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { createVuetify } from 'vuetify';
import type { KitCopy } from '@/data/copies';
import KitCopies from './KitCopies.vue';

const shop = vi.hoisted((): { copies: unknown[]; asked: unknown[]; error: Error | null } => ({
  copies: [],
  asked: [],
  error: null,
}));
vi.mock('@/data/copies', () => ({
  useCopies: () => ({ data: ref({ data: shop.copies }), error: ref(shop.error), refetch: () => null }),
  bringCopies: (...of: unknown[]) => {
    shop.asked.push(of);
    return Promise.resolve({ data: { change: 4 }, response: new Response(null, { status: 200 }) });
  },
}));

const gap = (name: string, wanted: number, has: number) => ({ tool: name.toLowerCase(), name, wanted, has });
const copy = (name: string, ...gaps: KitCopy['gaps']): KitCopy => ({ id: name.toLowerCase(), name, gaps });

function shown(copies: KitCopy[], isReadonly = false) {
  shop.copies = copies;
  shop.asked = [];
  const view = mount(KitCopies, {
    props: { id: 'pattern', isReadonly },
    global: {
      stubs: { RouterLink: { template: '<a><slot /></a>' } },
      plugins: [createVuetify(), createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });
  return { view, rows: () => view.findAll('li').map((of) => of.text().replaceAll(/\s+/g, ' ')) };
}

it('says of each copy that differs what it lacks and what it has beyond', () => {
  const { rows, view } = shown([
    copy('Box 2', gap('Plier', 2, 0), gap('Cutter', 1, 0)),
    copy('Box 3'),
    copy('Box 4', gap('Lamp', 0, 1), gap('Plier', 1, 3)),
  ]);
  expect(rows()).toEqual(['Box 2openlacks 2 × Plier, Cutter', 'Box 4openhas beyond it Lamp, 2 × Plier']);
  expect(view.text()).toContain('2 of 3 copies packed otherwise');
});

it('brings all that differ into line by one press, or those that are ticked', async () => {
  const { view } = shown([copy('Box2', gap('Plier', 1, 0)), copy('Box3', gap('Cutter', 1, 0))]);
  await view.get('button').trigger('click');
  await flushPromises();
  expect(shop.asked).toEqual([['pattern', ['box2', 'box3'], false]]);
  await view.get('li input').setValue(false);
  await view.get('.more input').setValue(true);
  expect(view.get('button').text()).toContain('Bring 1 copy into line');
  await view.get('button').trigger('click');
  await flushPromises();
  expect(shop.asked.at(-1)).toEqual(['pattern', ['box3'], true]);
});

it('leaves what has only more as it is, unless that goes', async () => {
  const { view } = shown([copy('Box2', gap('Lamp', 0, 1))]);
  const isShut = () => view.get('button').attributes('disabled') !== undefined;
  expect(isShut()).toBe(true);
  await view.get('.more input').setValue(true);
  expect(isShut()).toBe(false);
  await view.get('li input').setValue(false);
  expect(isShut()).toBe(true);
});

it('says that all are alike, says nothing where there is no copy, and only tells who may not write', () => {
  expect(shown([copy('Box2'), copy('Box3')]).view.text()).toContain('2 copies, packed as this one is.');
  expect(shown([]).view.find('section').exists()).toBe(false);
  const read = shown([copy('Box2', gap('Plier', 1, 0))], true).view;
  expect(read.text()).toContain('lacks Plier');
  expect(read.findAll('input, button')).toHaveLength(0);
});

it('says so where the copies cannot be read', () => {
  shop.error = new Error('Out of reach');
  const { view } = shown([]);
  shop.error = null;
  expect(view.find('[role=alert], .problem').exists()).toBe(true);
});
