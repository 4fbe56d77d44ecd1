import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import FormField from './FormField.vue';

const field = (props: InstanceType<typeof FormField>['$props'], control = '<input />') =>
  mount(FormField, { props, slots: { default: control } });

it('names its control, with the unit, and nothing else', () => {
  const label = field({ label: 'Strip length', unit: 'mm', hint: 'as the terminal asks' }).get('label');
  expect(label.text()).toBe('Strip length mm');
  expect(label.element.control?.tagName).toBe('INPUT');
});

it('says what is wrong where it is wrong, at once to the ear', () => {
  expect(field({ label: 'Days' }).find('[role=alert]').exists()).toBe(false);
  expect(field({ label: 'Days', problem: 'a whole number' }).get('[role=alert]').text()).toBe(
    'a whole number',
  );
});

it('has a tick before its words', () => {
  const label = field({ label: 'Put away', isCheck: true }, '<input type="checkbox" />').get('label');
  expect(label.element.firstElementChild?.tagName).toBe('INPUT');
  expect(label.element.control?.getAttribute('type')).toBe('checkbox');
});
