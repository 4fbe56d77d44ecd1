import { mount } from '@vue/test-utils';
import { beforeEach, expect, it } from 'vitest';
import { handOver, takeHanded } from '@/frame/handedOver';
import { broughtAs } from './brought';
import HandedTable from './HandedTable.vue';

const left = broughtAs('old.csv', { rows: [['w1'], ['w2']], head: null, columns: [] });
const file = new File(['x'], 'new.csv');
const shown = (props: { table: typeof left | null; isKnown: boolean }) =>
  mount(HandedTable, { props, global: { stubs: { VBtn: { template: '<button><slot /></button>' } } } });

beforeEach(() => {
  takeHanded();
  handOver(file);
});

it('is taken in once it is known that nothing was left', async () => {
  const view = shown({ table: null, isKnown: false });
  expect(view.emitted('bring')).toBeUndefined();
  await view.setProps({ isKnown: true });
  expect(view.emitted('bring')).toEqual([[file]]);
});

it('takes the place of rows that were left only where somebody says so', async () => {
  const view = shown({ table: left, isKnown: true });
  expect(view.emitted('bring')).toBeUndefined();
  expect(view.get('[role=alert]').text()).toContain('2 rows of old.csv are still here, not taken yet.');
  await view.get('button').trigger('click');
  expect(view.emitted('bring')).toEqual([[file]]);
  expect(view.find('[role=alert]').exists()).toBe(false);

  handOver(file);
  const other = shown({ table: left, isKnown: true });
  await other.findAll('button')[1]?.trigger('click');
  expect([other.emitted('bring'), other.find('[role=alert]').exists()]).toEqual([undefined, false]);
});

it('is nothing where nothing was handed over', () => {
  takeHanded();
  expect(shown({ table: null, isKnown: true }).emitted('bring')).toBeUndefined();
});
