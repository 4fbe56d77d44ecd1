import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import GaugeRuler from './GaugeRuler.vue';

const ruler: Schemas['Ruler'] = {
  ticks: [
    { family: 'gauge', label: '12', area: 3.31 },
    { family: 'metric', label: '4', area: 4 },
  ],
  lanes: [
    {
      name: 'cut',
      bars: [
        {
          tool: 'snip',
          name: 'Snips',
          from: 0.5,
          to: 16,
          stretches: [{ from: 0.5, to: 16, fit: 'makeshift' }],
          proven: null,
          segments: [],
        },
      ],
    },
    { name: 'lug', bars: [] },
  ],
  drops: [
    {
      size: '4 mm2',
      family: 'metric',
      otherSize: '12 AWG',
      area: 4,
      lines: ['a', 'b'],
      quantity: 12,
      status: 'makeshift',
      marks: { cut: 'makeshift' },
    },
    {
      size: '50 mm2',
      family: 'metric',
      otherSize: '1/0 AWG',
      area: 50,
      lines: ['c'],
      quantity: 1,
      status: 'hole',
      marks: { cut: 'covered', lug: 'hole' },
    },
  ],
};
const shown = (lit: string[] = []) =>
  mount(GaugeRuler, { props: { ruler, first: 'gauge', lit: new Set(lit) } });

it('names every drop line for those who cannot see it', () => {
  const names = shown()
    .findAll('.drop')
    .map((one) => one.attributes('aria-label'));
  expect(names).toEqual([
    '4 mm², 12 terminations on 2 lines, makeshift',
    '50 mm², 1 termination on 1 line, hole: lug',
  ]);
});

it('tells status by shape: a half dot, a full dot and an open ring', () => {
  const marks = shown().find('.marks');
  expect(marks.findAll('.half')).toHaveLength(1);
  expect(marks.findAll('circle.solid')).toHaveLength(1);
  expect(marks.findAll('.open')).toHaveLength(1);
});

it('washes the whole column of a hole, and the lit ones', () => {
  expect(shown().findAll('.hole-wash')).toHaveLength(1);
  expect(shown(['b']).findAll('.lit-wash')).toHaveLength(1);
});

it('says which lines to light and which size was opened', async () => {
  const view = shown();
  await view.findAll('.drop')[1]!.trigger('mouseenter');
  await view.findAll('.drop')[1]!.trigger('click');
  expect(view.emitted('light')![0]).toEqual([['c']]);
  expect((view.emitted('open')![0] as [Schemas['Drop']])[0].size).toBe('50 mm2');
});

it('has one drop line in the order of the tab key', () => {
  expect(
    shown()
      .findAll('.drop')
      .map((one) => one.attributes('tabindex')),
  ).toEqual(['0', '-1']);
});

it('hatches what is makeshift and puts the preferred sizes above the line', async () => {
  const view = shown();
  expect(view.find('.bar').classes()).toContain('makeshift');
  expect(view.find('.unit').text()).toBe('AWG');
  await view.setProps({ first: 'metric' });
  expect(view.find('.unit').text()).toBe('mm²');
});
