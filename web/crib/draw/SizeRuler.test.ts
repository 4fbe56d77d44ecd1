import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { ticks } from '../crib.fixture';
import SizeRuler, { type EditLane } from './SizeRuler.vue';

/** As wide as a page has it: where nothing is drawn an element has no size. */
vi.mock('@vueuse/core', async (original) => ({
  ...(await original<typeof import('@vueuse/core')>()),
  useElementSize: () => ({ width: ref(880), height: ref(0) }),
}));

const lanes: EditLane[] = [
  {
    key: 'c/positions/solid',
    title: 'Solid',
    adds: 'Add a notch for solid wire',
    ranges: [
      { path: 'c/positions/0/solid', label: '12', text: '12 AWG', isOneOfMany: true },
      { path: 'c/positions/1/solid', label: '16', text: '16 AWG', isOneOfMany: true },
    ],
  },
  {
    key: 'c/nests/0',
    title: 'Nest blue',
    ranges: [
      {
        path: 'c/nests/0/size',
        label: 'blue',
        code: 'blue',
        text: '16-14 AWG / 1.5-2.5 mm2',
        proven: { path: 'c/nests/0/proven', text: '14 AWG', remark: 'at the bench' },
        isOneOfMany: true,
      },
    ],
  },
];
const shown = (more: Record<string, unknown> = {}) =>
  mount(SizeRuler, {
    props: { ticks, lanes, ...more },
    global: { plugins: [createPinia()] },
    attachTo: document.body,
  });
const grip = (view: ReturnType<typeof shown>, name: string) => view.get(`[aria-label="${name}"]`);
/** Where a gauge stands, from its tick. */
const xOf = (view: ReturnType<typeof shown>, label: string) =>
  Number(
    view
      .findAll('.tick text')
      .find((text) => text.text() === label)
      ?.attributes('x'),
  );

async function drag(view: ReturnType<typeof shown>, name: string, to: number) {
  const { element } = grip(view, name);
  Object.assign(element, { setPointerCapture: () => undefined });
  const event = (type: string, clientX: number) =>
    element.dispatchEvent(new MouseEvent(type, { bubbles: true, button: 0, clientX }));
  const from = Number(element.getAttribute('x')) + Number(element.getAttribute('width')) / 2;
  event('pointerdown', from);
  event('pointermove', to);
  event('pointerup', to);
  await view.vm.$nextTick();
}

it('has a bar for each family of a range, ends to take hold of, and what is proven inside', () => {
  const view = shown();
  expect(view.findAll('.bar.blue:not(.proven) .body')).toHaveLength(2);
  expect(view.findAll('.bar.proven .body')).toHaveLength(1);
  expect(view.get('.bar.proven title').text()).toBe('at the bench');
  expect(grip(view, 'blue, thin end, AWG').attributes('aria-valuetext')).toBe('16 AWG');
  expect(grip(view, 'blue, thick end, mm²').attributes('aria-valuetext')).toBe('2.5 mm²');
});

it('puts a dragged end on a size of the trade, and settles when it is let go', async () => {
  const view = shown();
  await drag(view, 'blue, thick end, AWG', xOf(view, '10') + 5);
  expect(view.emitted('put')?.at(-1)).toEqual(['c/nests/0/size', '16-10 AWG / 1.5-2.5 mm2']);
  expect(view.emitted('settle')).toHaveLength(1);
  expect(view.emitted('select')?.at(-1)).toEqual(['c/nests/0/size']);
});

it('moves a whole notch, and the proven range by its own ends', async () => {
  const view = shown();
  await drag(view, '16, whole bar, AWG', xOf(view, '20'));
  expect(view.emitted('put')?.at(-1)).toEqual(['c/positions/1/solid', '20 AWG']);
  await drag(view, 'blue, proven, thin end, AWG', xOf(view, '16'));
  expect(view.emitted('put')?.at(-1)).toEqual(['c/nests/0/proven', '16-14 AWG']);
});

it('adds where its lane is clicked, and one size thinner by the Enter key', async () => {
  const view = shown();
  const room = grip(view, 'Add a notch for solid wire');
  await room.trigger('click', { clientX: xOf(view, '22') - 2 });
  expect(view.emitted('add')?.at(-1)).toEqual(['c/positions/solid', '22 AWG']);
  await room.trigger('keydown', { key: 'Enter' });
  expect(view.emitted('add')?.at(-1)).toEqual(['c/positions/solid', '18 AWG']);
});

it.each([
  ['ArrowRight', '12, thick end, AWG', ['c/positions/0/solid', '12-10 AWG']],
  ['ArrowLeft', '12, thin end, AWG', ['c/positions/0/solid', '14-12 AWG']],
  ['ArrowLeft', '12, whole bar, AWG', ['c/positions/0/solid', '14 AWG']],
  ['PageUp', '16, whole bar, AWG', ['c/positions/1/solid', '10 AWG']],
  ['End', 'blue, thick end, mm²', ['c/nests/0/size', '16-14 AWG / 1.5-240 mm2']],
])('goes by keys: %s on %s', async (key, name, put) => {
  const view = shown();
  await grip(view, name).trigger('keydown', { key });
  expect(view.emitted('put')?.at(-1)).toEqual(put);
});

it('takes a notch away with Delete, and leaves the keys of the page alone', async () => {
  const view = shown();
  await grip(view, '12, whole bar, AWG').trigger('keydown', { key: 'Delete' });
  expect(view.emitted('remove')?.at(-1)).toEqual(['c/positions/0/solid']);
  await grip(view, '12, whole bar, AWG').trigger('keydown', { key: 'ArrowRight', ctrlKey: true });
  expect(view.emitted('put')).toBeUndefined();
});

it('can be looked at and not taken hold of', () => {
  const view = shown({ isReadonly: true });
  expect(view.findAll('[role=slider], [role=button]')).toHaveLength(0);
  expect(view.findAll('.body')).toHaveLength(5);
});

it('tells what is no range where its bar would be', () => {
  const view = shown({
    lanes: [{ key: 'a', title: 'Strips', ranges: [{ path: 'a/size', label: 'Strips', text: '12-ish' }] }],
  });
  expect(view.text()).toContain('“12-ish” is no range');
});

it('marks the shop’s own wires by what the tool does to them', () => {
  const view = shown({
    marks: [
      { area: 2.08, fit: 'proper', title: '14 AWG' },
      { area: 2.08, fit: 'unsuitable', title: '14 AWG silicone: It does not strip silicone.' },
    ],
  });
  expect(view.findAll('.marks .covered, .marks .faulty')).toHaveLength(2);
  expect(view.findAll('.marks title').map((title) => title.text())).toContain(
    '14 AWG silicone: It does not strip silicone.',
  );
});

const stopsOf = (view: ReturnType<typeof shown>) =>
  view.findAll('[tabindex="0"]').map((one) => one.attributes('aria-label'));
const focused = () => document.activeElement?.getAttribute('aria-label');

it('is one stop of the tab key a lane, where the focus was last', async () => {
  const view = shown();
  expect(stopsOf(view)).toEqual(['16, whole bar, AWG', 'blue, whole bar, AWG']);
  const next = async (key: string) => {
    document.activeElement?.dispatchEvent(
      new KeyboardEvent('keydown', { key, ctrlKey: true, bubbles: true, cancelable: true }),
    );
    await nextTick();
    await nextTick();
  };
  (grip(view, '16, whole bar, AWG').element as HTMLElement).focus();
  const walked: (string | null | undefined)[] = [];
  for (let step = 0; step < 7; step++) {
    await next('ArrowRight');
    walked.push(focused());
  }
  expect(walked).toEqual([
    '16, thin end, AWG',
    '16, thick end, AWG',
    '12, whole bar, AWG',
    '12, thin end, AWG',
    '12, thick end, AWG',
    'Add a notch for solid wire',
    'Add a notch for solid wire',
  ]);
  await next('ArrowLeft');
  expect(focused()).toBe('12, thick end, AWG');
  expect(stopsOf(view)).toEqual(['12, thick end, AWG', 'blue, whole bar, AWG']);
  expect(view.emitted('put')).toBeUndefined();
});

it('begins its lane again where the bar in focus was taken away', async () => {
  const view = shown();
  (grip(view, '12, whole bar, AWG').element as HTMLElement).focus();
  await nextTick();
  expect(stopsOf(view)).toContain('12, whole bar, AWG');
  const [solid, nest] = lanes;
  await view.setProps({
    lanes: [{ ...solid, ranges: solid?.ranges.slice(1) } as EditLane, nest as EditLane],
  });
  expect(stopsOf(view)).toEqual(['16, whole bar, AWG', 'blue, whole bar, AWG']);
});
