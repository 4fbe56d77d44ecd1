import { flushPromises, mount } from '@vue/test-utils';
import { ref } from 'vue';
import { expect, it, vi } from 'vitest';
import { rules } from '@/rules/rules.fixture';
import RulesForm from './RulesForm.vue';

vi.mock('@/data/rules', () => ({
  useRules: () => ({ data: ref(rules), error: ref(null), refetch: vi.fn() }),
}));

const form = (said?: Record<string, unknown>) => mount(RulesForm, { props: { modelValue: said } });
const about = (view: ReturnType<typeof form>, rule: string) => {
  const row = view.findAll('.question').find((one) => one.text().includes(`About ${rule}?`));
  if (!row) throw new Error(rule);
  return row;
};

it('has everything as the house has it, until something is said otherwise', async () => {
  const view = form();
  expect(about(view, 'hammerLugs').text()).toContain('"accept"');
  expect(about(view, 'hammerLugs').text()).toContain('as the house');
  expect(view.findAll('details').map((one) => one.attributes('open'))).toEqual([undefined, undefined]);
  await view.get('[aria-label="Otherwise: About hammerLugs?"]').trigger('click');
  expect(view.emitted('update:modelValue')?.at(-1)).toEqual([{ hammerLugs: 'accept' }]);
});

it('opens what is said, and can say it not at all', async () => {
  const view = form({ hammerLugs: 'refuse', preset: 'panel' });
  await flushPromises();
  expect(view.findAll('details').map((one) => one.attributes('open') !== undefined)).toEqual([true, false]);
  expect(view.find('summary').text()).toContain('1 otherwise');
  // Under a preset of its own it is the preset that says the rest.
  expect(about(view, 'openFlame').text()).toContain('by the preset');
  expect(about(view, 'openFlame').find('b').text()).toBe('false');
  await view.get('[aria-label="Not otherwise after all: About hammerLugs?"]').trigger('click');
  expect(view.emitted('update:modelValue')?.at(-1)).toEqual([{ preset: 'panel' }]);
  await view.get('select').setValue('');
  expect(view.emitted('update:modelValue')?.at(-1)).toEqual([{}]);
});
