import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import DueRows from './DueRows.vue';

vi.mock('@/data/workbookSchema', () => ({
  useWorkbookSchema: () => ({ part: () => ({ enum: ['calibration', 'oil', 'blade'] }) }),
}));

const dues = [
  { kind: 'calibration', days: 365 },
  { kind: 'oil', cycles: 500 },
];
const shown = (more: Record<string, unknown> = {}) =>
  mount(DueRows, {
    props: { dues, problems: [], path: 'dues', isReadonly: false, hasCosts: true, ...more },
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });
type View = ReturnType<typeof shown>;
const last = (view: View) => view.emitted('put')?.at(-1)?.[0];
const row = (view: View, kind: string) => view.get(`[role=group][aria-label="${kind}"]`);

it('offers only kinds that are not there yet, and begins with a year', async () => {
  const view = shown();
  expect(
    row(view, 'oil')
      .findAll('option')
      .map((option) => option.text()),
  ).toEqual(['oil', 'blade']);
  await view.findAll('button').at(-1)?.trigger('click');
  expect(last(view)).toEqual([...dues, { kind: 'blade', days: 365 }]);
  await view.setProps({ dues: [...dues, { kind: 'blade' }] });
  expect(view.text()).not.toContain('One more');
});

it('writes what was typed, and nothing of what was cleared', async () => {
  const view = shown();
  const days = row(view, 'calibration').get('input[aria-label="Every … days"]');
  await days.setValue('180');
  await days.trigger('change');
  expect(last(view)).toEqual([{ kind: 'calibration', days: 180 }, dues[1]]);
  await days.setValue('');
  await days.trigger('change');
  expect(last(view)).toEqual([{ kind: 'calibration' }, dues[1]]);
  const cost = row(view, 'oil').get('input[aria-label="Costs"]');
  await cost.setValue('12,50');
  await cost.trigger('change');
  expect(last(view)).toEqual([dues[0], { kind: 'oil', cycles: 500, price: 1250 }]);
});

it('takes one away, and says nothing where the last is gone', async () => {
  const view = shown();
  await row(view, 'oil').get('button').trigger('click');
  expect(last(view)).toEqual([dues[0]]);
  await view.setProps({ dues: [{ kind: 'oil', cycles: 500 }] });
  await row(view, 'oil').get('button').trigger('click');
  expect(last(view)).toBeUndefined();
});

it('says at its field what is wrong, shows no costs to who may not see them, and asks nothing of who only reads', () => {
  const problems = [{ path: 'dues/1/cycles', expected: 'must be 1 or more' }];
  expect(row(shown({ problems }), 'oil').text()).toContain('must be 1 or more');
  expect(shown({ hasCosts: false }).find('input[aria-label="Costs"]').exists()).toBe(false);
  expect(shown({ isReadonly: true }).find('button').exists()).toBe(false);
  expect(shown({ isReadonly: true, dues: [] }).text()).toBe('');
});
