import { mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
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
          misses: [],
        },
      ],
    },
    {
      name: 'lug',
      bars: [
        {
          tool: 'hex',
          name: 'Hexagon crimper',
          from: 16,
          to: 70,
          stretches: [{ from: 16, to: 70, fit: 'proper' }],
          proven: null,
          segments: [],
          misses: [
            { area: 50, lines: ['c'], of: 1, code: 'requires.missing', text: 'It needs the die for 50 mm².' },
          ],
        },
      ],
    },
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
const global = { stubs: { VIcon: true } };
const shown = (lit: string[] = []) =>
  mount(GaugeRuler, { props: { ruler, first: 'gauge', lit: new Set(lit) }, global });

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
  const shapes = (status: string) =>
    shown()
      .findAll(`.shape.${status}`)
      .map((shape) => shape.html());
  expect(shapes('makeshift')).toHaveLength(1);
  expect(shapes('makeshift')[0]).toMatch(/circle.*path/s);
  expect(shapes('covered')).toHaveLength(1);
  expect(shapes('hole')).toHaveLength(1);
  expect(shapes('hole')[0]).not.toContain('solid');
});

it('washes the whole column of a hole, on the scale and below it, and the lit ones', () => {
  expect(shown().findAll('.hole-wash')).toHaveLength(2);
  expect(shown(['b']).findAll('.lit-wash')).toHaveLength(2);
});

it('says which lines to light and which size was opened', async () => {
  const view = shown();
  await view.findAll('.drop')[1]!.trigger('mouseenter');
  await view.findAll('.drop')[1]!.trigger('click');
  expect(view.emitted('light')![0]).toEqual([['c']]);
  expect(view.emitted('open')![0]).toMatchObject([{ size: '50 mm2' }, expect.anything()]);
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

it('breaks a bar where its tool does not do it, and says why', async () => {
  const view = shown();
  expect(view.findAll('.cross.whole')).toHaveLength(1);
  await view.findAll('.tool')[1]!.trigger('pointermove', { pointerType: 'mouse', clientX: 5, clientY: 5 });
  await vi.dynamicImportSettled();
  expect(view.find('[role=tooltip]').text()).toContain('Hexagon crimper');
  expect(view.find('[role=tooltip]').text()).toContain('It needs the die for 50\u00a0mm².');
  await view.findAll('.tool')[1]!.trigger('pointerleave', { pointerType: 'mouse' });
  expect(view.find('[role=tooltip]').exists()).toBe(false);
});

it('tells at an open drop line which tools look right and are not', async () => {
  vi.useFakeTimers();
  const view = shown();
  await view.findAll('.drop')[1]!.trigger('focus');
  await vi.advanceTimersByTimeAsync(300);
  await vi.dynamicImportSettled();
  expect(view.find('[role=tooltip]').text()).toContain('Hexagon crimper: It needs the die for 50\u00a0mm².');
  expect(view.findAll('.drop')[1]!.attributes('aria-describedby')).toBe(
    view.find('[role=tooltip]').attributes('id'),
  );
  vi.useRealTimers();
});

it('opens the line below a bar, in the lane of the bar', async () => {
  const view = shown();
  await nextTick();
  const at = Number(/translate\(([\d.]+)/.exec(view.find('.cross').attributes('transform') ?? '')![1]);
  const click = new MouseEvent('click', { clientX: at, bubbles: true });
  view.findAll('.tool')[1]!.element.dispatchEvent(click);
  expect(view.emitted('open')![0]).toMatchObject([{ size: '50 mm2' }, 'lug']);
});

it('folds a covered lane at a click on its name, and no other', async () => {
  const covered = structuredClone(ruler);
  covered.drops[0]!.marks = { cut: 'covered' };
  const view = mount(GaugeRuler, {
    props: { ruler: covered, first: 'gauge', lit: new Set<string>() },
    global,
  });
  expect(view.findAll('button.lane').map((lane) => lane.text())).toEqual(['cut']);
  await view.find('button.lane').trigger('click');
  expect(view.emitted('fold')).toEqual([['cut']]);
});

it('says of two kits whose each size is, and of a bar in which of them it stands', async () => {
  vi.useFakeTimers();
  const [four, fifty] = ruler.drops;
  const [cut, lug] = ruler.lanes;
  if (!four || !fifty || !cut?.bars[0] || !lug) throw new Error('the ruler of the tests is another');
  const two: Schemas['Ruler'] = {
    ...ruler,
    lanes: [{ ...cut, bars: [{ ...cut.bars[0], whose: 'one' }] }, lug],
    drops: [
      { ...four, status: 'covered', marks: { cut: 'covered' }, whose: { cut: ['one'] } },
      { ...fifty, whose: { cut: ['both', 'other-better'], lug: ['neither'] } },
    ],
  };
  const view = mount(GaugeRuler, { props: { ruler: two, first: 'gauge', lit: new Set<string>() } });
  expect(view.findAll('.drop').map((one) => one.attributes('aria-label'))).toEqual([
    '4 mm², 12 terminations on 2 lines, covered; cut A alone',
    '50 mm², 1 termination on 1 line, hole: lug; cut B better',
  ]);
  await view.findAll('.drop')[0]?.trigger('mouseenter');
  await vi.advanceTimersByTimeAsync(200);
  await vi.dynamicImportSettled();
  expect(view.get('[role=tooltip]').text().replace(/\s+/g, ' ')).toContain('cut: A alone');
  await view.get('.tool').trigger('pointermove', { pointerType: 'mouse' });
  expect(view.get('[role=tooltip]').text()).toContain('A alone');
  vi.useRealTimers();
});

it('says where sizes share a line, and only there', () => {
  const [first, last] = ruler.drops;
  if (!first || !last) throw new Error('the ruler of the tests is another');
  const crowd = Array.from({ length: 60 }, (_, i) => ({ ...first, size: `${i}`, area: 4 + i / 100 }));
  const view = mount(GaugeRuler, {
    props: { ruler: { ...ruler, drops: [...crowd, last] }, first: 'gauge', lit: new Set<string>() },
  });
  expect(view.text()).toMatch(/\d+ of 61 sizes share a line, for want of room/);
  expect(shown().text()).not.toContain('share a line');
});
