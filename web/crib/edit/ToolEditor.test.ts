import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { createVuetify } from 'vuetify';
import { ticks, tools } from '../crib.fixture';
import { valueAt, type Draft } from './paths';
import ToolEditor from './ToolEditor.vue';

vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: () => new Promise(() => undefined) },
}));
const named = [
  ['frame', 'Press frame'],
  ['wrench', 'Ring wrench 19 mm'],
  ['small', 'Ring wrench 13 mm'],
] as const;
vi.mock('@/data/things', async (original) => ({
  ...(await original<typeof import('@/data/things')>()),
  useToolsById: () => ref(new Map(named.map(([id, name]) => [id, { id, name }]))),
}));

const shown = (tool: Draft, isReadonly = false) =>
  mount(ToolEditor, {
    props: {
      tool,
      ticks,
      units: { length: 'inch', force: 'lbf' },
      problems: [],
      trial: undefined,
      isReadonly,
      isNew: false,
      hasCosts: true,
    },
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });

it('leaves every tool as it is that somebody only looks through, in whatever units', async () => {
  for (const tool of (tools as unknown as Draft[]).filter((_, at) => at % 12 === 0)) {
    const view = shown(tool);
    for (const { element } of view.findAll('input:not([type=checkbox])'))
      for (const event of ['focus', 'change', 'blur']) element.dispatchEvent(new Event(event));
    await nextTick();
    expect(view.emitted('change') ?? [], String(tool.id)).toEqual([]);
    view.unmount();
  }
}, 60_000);

it('changes what was typed and nothing else', async () => {
  const tool = (tools as unknown as Draft[]).find(({ id }) => id === 'oval-ratchet') as Draft;
  const view = shown(tool);
  const mass = view.get('input[aria-label="Mass"]');
  await mass.setValue('0.6 kg');
  await mass.trigger('change');
  expect(view.emitted('change')?.at(-1)?.[0]).toEqual({ ...tool, massGrams: 600 });
  const force = view.get('input[aria-label="Grip force"]');
  await force.setValue('40');
  await force.trigger('change');
  expect(view.emitted('change')?.at(-1)?.[0]).toEqual({ ...tool, gripForce: 177.9289 });
  await force.setValue('strong');
  await force.trigger('change');
  expect(view.emitted('change')).toHaveLength(2);
  expect(view.text()).toContain('wants a force, like 180 N or 40 lbf');
});

it('moves the end of a bar by keys, from one size of the trade to the next', async () => {
  const tool = (tools as unknown as Draft[]).find(({ id }) => id === 'oval-ratchet') as Draft;
  const view = shown(tool);
  await view.get('[aria-label="blue, thick end, AWG"]').trigger('keydown', { key: 'ArrowRight' });
  const next = view.emitted('change')?.at(-1)?.[0];
  const sizes = [0, 1, 2].map((nest) => valueAt(next, `capabilities/0/nests/${nest}/size`));
  expect(sizes).toEqual(['22-16 AWG / 0.5-1.5 mm2', '16-12 AWG / 1.5-2.5 mm2', '12-10 AWG / 4-6 mm2']);
});

it('shows a reader everything and lets nothing be taken hold of', () => {
  const tool = (tools as unknown as Draft[]).find(({ id }) => id === 'notch-10-18') as Draft;
  const view = shown(tool, true);
  expect(view.findAll('[role=slider]')).toHaveLength(0);
  expect(view.findAll('input:not([readonly]):not([disabled])')).toHaveLength(0);
  expect(view.findAll('button')).toSatisfy((buttons: { attributes: (name: string) => unknown }[]) =>
    buttons.every((button) => button.attributes('disabled') !== undefined),
  );
});

it('takes what a tool works only with by its name, and says where nothing is called so', async () => {
  const tool = { id: 'dies', name: 'Dies', kind: 'die', capabilities: [], requires: ['frame'] };
  const view = shown(tool);
  expect(view.get('.required').text()).toContain('Press frame');
  const field = view.get('.required input');
  await field.setValue('ring wrench');
  await field.trigger('change');
  expect(view.get('.required [role=alert]').text()).toBe('No tool of the shop is called “ring wrench”.');
  expect(view.emitted('change')).toBeUndefined();
  await field.setValue('19 mm');
  await field.trigger('change');
  expect(view.emitted('change')?.at(-1)?.[0]).toEqual({ ...tool, requires: ['frame', 'wrench'] });
  await view.get('[aria-label="Works without Press frame"]').trigger('click');
  expect(view.emitted('change')?.at(-1)?.[0]).toEqual({
    id: 'dies',
    name: 'Dies',
    kind: 'die',
    capabilities: [],
  });
});

it('asks what a stripper strips, and marks nothing by itself', () => {
  const strip = { op: 'strip', method: 'notch', insulation: [] as string[], positions: [] };
  const asks = 'Which insulation does it strip?';
  expect(shown({ name: 'S', kind: 'stripper', capabilities: [strip] }).text()).toContain(asks);
  const marked = { ...strip, insulation: ['pvc'] };
  expect(shown({ name: 'S', kind: 'stripper', capabilities: [marked] }).text()).not.toContain(asks);
});
