import { mount, type VueWrapper } from '@vue/test-utils';
import { expect, it } from 'vitest';
import AskNumber from './AskNumber.vue';
import DayBar from './DayBar.vue';
import RateTable from './RateTable.vue';
import SwapList from './SwapList.vue';
import ToolTimes from './ToolTimes.vue';
import WeighTool from './WeighTool.vue';
import { even, labour, swap } from './labour.fixture';
import { above } from './labourWords';

const global = { stubs: { RouterLink: { props: ['to'], template: '<a><slot /></a>' }, EvenCurve: true } };
const text = (view: VueWrapper) => view.text().replaceAll(/\s+/g, ' ');

it('asks a number: what is none is told, and changes nothing', async () => {
  const view = mount(AskNumber, { props: { label: 'A piece', unit: 's', value: '', read: above } });
  const field = view.get('input');
  await field.setValue('soon');
  expect(view.get('[role=alert]').text()).toContain('“soon” is no such number');
  expect(field.attributes('aria-invalid')).toBe('true');
  expect(view.emitted('say')).toBeUndefined();
  await field.setValue('4,2');
  expect(view.find('[role=alert]').exists()).toBe(false);
  await field.setValue('');
  expect(view.emitted('say')).toEqual([['4.2'], [null]]);
});

it('shows how far beyond what is good for a day it goes', () => {
  const past = mount(DayBar, { props: { value: 404.5, most: 300, text: '405 squeezes', of: '300' } });
  expect(past.classes()).toContain('past');
  const [fill, beyond, notch] = ['.fill', '.beyond', '.notch'].map((of) => past.get(of).attributes('style'));
  expect(fill).toContain(`width: ${((100 * 300) / (404.5 * 1.08)).toFixed(2)}%`);
  expect(beyond).toContain(`width: ${((100 * 104.5) / (404.5 * 1.08)).toFixed(2)}%`);
  expect(notch).toContain(`left: ${((100 * 300) / (404.5 * 1.08)).toFixed(2)}%`);
  const good = mount(DayBar, { props: { value: 300, most: 300, text: '300', of: '300' } });
  expect([good.classes().includes('past'), good.find('.beyond').exists()]).toEqual([false, false]);
});

it('tells the tools that do it, what takes longest first, and how many of each are needed where that is asked', () => {
  const tools = [
    {
      tool: 'a',
      name: 'Cutter',
      does: [{ op: 'cut', terminations: 9 } as const],
      gang: null,
      needed: 1,
      seconds: 60,
      squeezes: 9,
    },
    {
      tool: 'b',
      name: 'Stripper',
      does: [{ op: 'strip', terminations: 9 } as const],
      gang: { wires: 2, byHand: true },
      needed: 3,
      seconds: 120,
      squeezes: 0,
    },
  ];
  const rows = mount(ToolTimes, { props: { tools, isShared: true } }).findAll('tbody tr');
  expect(rows.map((row) => row.findAll('td').map((cell) => cell.text().replaceAll(/\s+/g, ' ')))).toEqual([
    ['Stripper two wires at once, which comes out about half the time', 'strip 9', '2 min', '–', '3'],
    ['Cutter', 'cut 9', '1 min', '9', '1'],
  ]);
  expect(mount(ToolTimes, { props: { tools, isShared: false } }).text()).not.toContain('needed');
});

it('offers of what would save something the ways on, and asks to reach first for what is in the kit', async () => {
  const props = { pair: { kit: 'bench', scope: 'boards' }, weighed: null, mayWeigh: true };
  const view = mount(SwapList, {
    props: {
      ...props,
      swaps: [swap('Press', { with: ['Motor'] }), swap('Jaws', { isInKit: true, price: 0 })],
    },
    global,
  });
  const [press, jaws] = view.findAll('li').map((of) => of.text().replaceAll(/\s+/g, ' '));
  expect(press).toContain('Press with Motor');
  expect(press).toContain('€680.00');
  expect(jaws).toContain('in the kit: reach for it first');
  expect(jaws).not.toContain('Does it pay?');
  await view.get('button').trigger('click');
  expect(view.emitted('weigh')).toEqual([['press']]);
  const hand = mount(SwapList, {
    props: { ...props, mayWeigh: false, swaps: [swap('Press', { price: null })] },
    global,
  });
  expect(text(hand)).not.toMatch(/Does it pay|Plan it|€/);
});

it('shows the six that save most, and the rest at a press', async () => {
  const swaps = Array.from({ length: 8 }, (_, at) => swap(`Tool${at}`));
  const props = { swaps, pair: { kit: 'bench', scope: 'boards' }, weighed: null, mayWeigh: false };
  const view = mount(SwapList, { props, global });
  expect(view.findAll('li')).toHaveLength(6);
  await view.get('button').trigger('click');
  expect(view.findAll('li')).toHaveLength(8);
  expect(view.find('button').exists()).toBe(false);
});

const weigh = (of: Parameters<typeof labour>[0], said: Record<string, string> = {}) =>
  mount(WeighTool, { props: { labour: labour(of), said: (key: string) => said[key] ?? null }, global });

it('says what is missing before it can be weighed, one thing after the other', () => {
  const lighter = [swap('Press', { price: null }), swap('Own', { isInKit: true })];
  expect(text(weigh({}))).toContain('No tool of the shop');
  expect(text(weigh({ lighter }))).toContain('Pick what is to be weighed.');
  expect(text(weigh({ lighter }, { tool: 'press' }))).toContain('Say what an hour of work costs.');
  expect(text(weigh({ lighter }, { tool: 'press', wage: '4200' }))).toContain('Nobody says what it costs');
  // What is in the kit is not bought.
  expect(
    weigh({ lighter })
      .findAll('option')
      .map((of) => of.text()),
  ).toEqual(['–', 'Press']);
});

it('answers in one sentence, and takes what somebody says of it in cents and seconds', async () => {
  const view = weigh(
    { faster: [swap('Press')], lighter: [swap('Press')], even: even() },
    { tool: 'press', wage: '4200', each: '3.2' },
  );
  expect(view.get('.answer').text()).toContain('Press is cheaper from 4,001 pieces on');
  expect(view.findAll('option')).toHaveLength(2);
  const [hour, price, each] = view.findAll('input');
  expect([
    hour?.element.value,
    price?.element.value,
    price?.attributes('placeholder'),
    each?.element.value,
  ]).toEqual(['42.00', '', '680.00', '3.2']);
  await hour?.setValue('45,50');
  await price?.setValue('0');
  expect(view.emitted('say')).toEqual([['wage', '4550']]);
  expect(view.get('[role=alert]').text()).toContain('“0”');
});

it('shows the table beside what was timed here, and who timed it', () => {
  const view = mount(RateTable, {
    props: {
      rates: [
        {
          op: 'strip',
          method: 'self-adjusting',
          practised: 4,
          new: 6,
          squeezes: 1,
          tools: ['Jaws', 'Small jaws'],
          own: [
            {
              entry: 'z1',
              tool: 'Jaws',
              person: 'Nela',
              by: 'Beno',
              on: '2020-10-12',
              pieces: 10,
              each: 6.35,
            },
          ],
        },
        { op: 'cut', method: '', practised: 4, new: 8, squeezes: 1, tools: ['Snips'], own: [] },
        {
          op: 'strip',
          method: 'set-depth',
          practised: null,
          new: null,
          squeezes: null,
          tools: ['Knife'],
          own: [],
        },
      ],
    },
  });
  const rows = view.findAll('tbody tr').map((row) => row.text().replaceAll(/\s+/g, ' '));
  expect(rows[0]).toContain('4');
  expect(rows[0]).toMatch(/6\.4 Nela, Jaws, 10 pieces, 12 Oct 2020/);
  expect(rows[1]).toContain('not yet');
  expect(rows[2]).toContain('––');
});
