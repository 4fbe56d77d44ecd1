import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { nextTick } from 'vue';
import GridTable from './GridTable.vue';

const columns = [
  { key: 'line', title: 'Line' },
  { key: 'cut', title: 'cut' },
];
const rows = [{ id: 'a' }, { id: 'b' }, { id: 'c' }];

function shown() {
  return mount(GridTable, {
    attachTo: document.body,
    props: { columns, rows, caption: 'Lines', lit: new Set(['b']), selected: { row: 'c', column: 'cut' } },
    slots: {
      cell: ({ row, column }: { row: { id: string }; column: { key: string } }) => `${row.id}-${column.key}`,
    },
  });
}

it('has one cell in the tab order and walks with the arrow keys, stopping at the edges', async () => {
  const view = shown();
  const stops = () => view.findAll('tbody [tabindex="0"]').map((cell) => cell.text());
  expect(stops()).toEqual(['a-line']);
  for (const key of ['ArrowDown', 'ArrowDown', 'ArrowDown', 'End']) {
    await view.find('[data-at]').trigger('keydown', { key });
    await nextTick();
  }
  expect(stops()).toEqual(['c-cut']);
  expect(document.activeElement?.textContent).toBe('c-cut');
  view.unmount();
});

it('opens a cell with Enter and with a click', async () => {
  const view = shown();
  await view.find('[data-cell="b/cut"]').trigger('click');
  await view.find('[data-cell="a/line"]').trigger('keydown', { key: 'Enter' });
  expect(view.emitted('open')).toEqual([
    [{ id: 'b' }, 'cut'],
    [{ id: 'a' }, 'line'],
  ]);
  view.unmount();
});

it('lights rows, marks the selected cell and tells which row is pointed at', async () => {
  const view = shown();
  expect(view.findAll('tr.lit')).toHaveLength(1);
  expect(view.find('[aria-selected="true"]').text()).toBe('c-cut');
  await view.findAll('tbody tr')[0]!.trigger('mouseenter');
  expect(view.emitted('light')).toEqual([[['a']]]);
  view.unmount();
});
