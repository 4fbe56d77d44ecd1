import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { chart } from './chart.fixture';
import ControlChart from './ControlChart.vue';

it('tells in the table each force beside their mean and range', () => {
  const of = chart([100, 103.25]);
  const [first, second] = of.subgroups;
  if (!first || !second) throw new Error('the chart of the tests is another');
  const view = mount(ControlChart, {
    props: {
      chart: {
        ...of,
        subgroups: [
          { ...first, forces: [98, 102] },
          { ...second, range: 2.5, forces: [102, 104.5], says: ['something has moved'] },
        ],
      },
      on: '2027-03-01',
    },
    global: { stubs: { TrialsCompared: true } },
  });
  expect(view.findAll('thead th').map((one) => one.text())).toEqual([
    'Day',
    'Mean, N',
    'Range, N',
    'Each, N',
    'What is said of it',
  ]);
  expect(view.findAll('tbody tr').map((row) => row.findAll('td').map((cell) => cell.text()))).toEqual([
    ['100.0', '4.0', '98.0 102.0', ''],
    ['103.3', '2.5', '102.0 104.5', 'something has moved'],
  ]);
});
