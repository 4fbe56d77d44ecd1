import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import EditField from './EditField.vue';
import EditPick from './EditPick.vue';
import EditToggles from './EditToggles.vue';

const units = { length: 'mm', force: 'N' } as const;

it('takes a number when it is whole, in its unit, and keeps what is none in sight', async () => {
  const view = mount(EditField, { props: { label: 'Across', value: 3.9, measure: 'length', units } });
  const input = view.get('input');
  expect(input.element.value).toBe('3.9');
  input.element.value = '0.15 in';
  await input.trigger('input');
  expect(view.emitted('put')).toBeUndefined();
  await input.trigger('change');
  expect(view.emitted('put')).toEqual([[3.81]]);
  await input.setValue('thick');
  await input.trigger('change');
  expect(view.text()).toContain('wants a length, like 3.9 mm or 0.15 in');
  expect(input.element.value).toBe('thick');
  expect(input.attributes('aria-invalid')).toBe('true');
  await input.setValue('');
  await input.trigger('change');
  expect(view.emitted('put')?.at(-1)).toEqual([undefined]);
});

it('takes text as it is typed, and what is empty says nothing', async () => {
  const view = mount(EditField, { props: { label: 'Name', value: 'A', problem: 'is taken' } });
  await view.get('input').setValue('AB');
  await view.get('input').setValue('');
  expect(view.emitted('put')).toEqual([['AB'], [undefined]]);
  expect(view.get('input').attributes('aria-describedby')).toBe(view.get('small').attributes('id'));
});

it('shows another value when somebody else has set it', async () => {
  const view = mount(EditField, { props: { label: 'Mass', value: 70, measure: 'mass', units } });
  await view.get('input').setValue('nine');
  await view.get('input').trigger('change');
  await view.setProps({ value: 90 });
  expect(view.get('input').element.value).toBe('90');
  expect(view.find('.told').exists()).toBe(false);
});

it('picks one of a closed list, or nothing where that is a choice', async () => {
  const view = mount(EditPick, {
    props: { label: 'Hands', value: undefined, options: ['trained'], nothing: 'any' },
  });
  expect(view.findAll('option').map((option) => option.text())).toEqual(['any', 'trained']);
  await view.get('select').setValue('trained');
  await view.get('select').setValue('');
  expect(view.emitted('put')).toEqual([['trained'], [undefined]]);
  const must = mount(EditPick, { props: { label: 'Profile', value: undefined, options: ['oval'] } });
  expect(must.get('option').attributes('disabled')).toBeDefined();
});

it('turns a material on, to only just, and off, in the order of the list', async () => {
  const options = ['pvc', 'pe', 'silicone'];
  const view = mount(EditToggles, {
    props: { label: 'Strips', options, value: ['silicone'], makeshift: ['pe'] },
  });
  const turn = (name: string) =>
    view
      .findAll('button')
      .find((button) => button.text() === name)
      ?.trigger('click');
  await turn('pvc');
  expect(view.emitted('put')?.at(-1)).toEqual([['pvc', 'silicone'], ['pe']]);
  await turn('silicone');
  expect(view.emitted('put')?.at(-1)).toEqual([[], ['pe', 'silicone']]);
  await turn('pe');
  expect(view.emitted('put')?.at(-1)).toEqual([['silicone'], []]);
  expect(view.findAll('button').map((button) => button.attributes('aria-pressed'))).toEqual([
    'false',
    'mixed',
    'true',
  ]);
});

it('has two ways where nothing is done badly', async () => {
  const view = mount(EditToggles, { props: { label: 'Classes', options: ['lug'], value: ['lug'] } });
  await view.get('button').trigger('click');
  expect(view.emitted('put')).toEqual([[[], []]]);
});
