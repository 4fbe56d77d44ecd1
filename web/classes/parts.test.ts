import { mount, type VueWrapper } from '@vue/test-utils';
import { expect, it } from 'vitest';
import type { Rotation } from '@/data/classes';
import { course } from './classes.fixture';
import LateForm from './LateForm.vue';
import NowNext from './NowNext.vue';
import PickedSlot from './PickedSlot.vue';
import StationKey from './StationKey.vue';
import TimetableDrawing from './TimetableDrawing.vue';
import WaitList from './WaitList.vue';
import WhatMakesItLast from './WhatMakesItLast.vue';

const button = {
  props: ['disabled'],
  template: '<button :disabled="disabled" type="submit"><slot /></button>',
};
const global = {
  stubs: { RouterLink: { props: ['to'], template: '<a><slot /></a>' }, VBtn: button, 'v-btn': button },
};
const text = (view: VueWrapper) => view.text().replaceAll(/\s+/g, ' ');

const drawing = (more: Record<string, unknown> = {}) => {
  const of = course();
  return mount(TimetableDrawing, {
    props: {
      course: of,
      slots: of.slots,
      conflicts: [],
      begin: 480,
      step: 5,
      now: null,
      picked: null,
      mayMove: true,
      ...more,
    },
  });
};

it('draws everybody at each of their exercises, by letter and hatch of the station', () => {
  const view = drawing({ now: 25, picked: 'ada/cut' });
  const slots = view.findAll('.slot');
  expect(view.findAll('.people li').map((row) => row.text())).toEqual(['Ada', 'Bo']);
  expect(slots.map((slot) => slot.attributes('aria-label'))).toEqual([
    'Ada: Cut, Bench, 08:00 to 08:20',
    'Ada: Lug, Press, 08:30 to 09:00',
    'Bo: Lug, Press, 08:00 to 08:30',
    'Bo: Cut, Bench, 08:40 to 09:00',
  ]);
  expect(slots.map((slot) => slot.get('.letter').text())).toEqual(['A', 'B', 'B', 'A']);
  expect(slots[0]?.get('.hatch').attributes('fill')).not.toBe(slots[1]?.get('.hatch').attributes('fill'));
  expect(slots.map((slot) => slot.attributes('aria-pressed'))).toEqual(['true', 'false', 'false', 'false']);
  expect(view.find('.now').exists()).toBe(true);
  expect(drawing().find('.now').exists()).toBe(false);
});

it('marks what cannot be so, and says it to who does not see it', () => {
  const at = { person: 'ada', exercise: 'lug', station: 'press' };
  const view = drawing({ conflicts: [{ code: 'station.elsewhere', slots: [at], from: 30, to: 60 }] });
  const wrong = view.findAll('.slot.wrong');
  expect(wrong.map((slot) => slot.attributes('aria-label'))).toEqual([
    'Ada: Lug, Press, 08:30 to 09:00, cannot be so',
  ]);
  expect(wrong[0]?.find('.cross').exists()).toBe(true);
});

it.each([
  ['ArrowRight', 'ada/cut', { from: 5 }],
  ['ArrowLeft', 'ada/cut', { from: 0 }],
  ['ArrowDown', 'ada/cut', { station: 'vice' }],
  ['ArrowUp', 'ada/cut', { station: 'vice' }],
])('moves one by a key: %s', async (key, of, to) => {
  const view = drawing();
  await view.findAll('.slot')[0]?.trigger('keydown', { key });
  expect(view.emitted('move')).toEqual([[of, to]]);
});

it('moves nothing for who only looks', async () => {
  const view = drawing({ mayMove: false });
  await view.findAll('.slot')[0]?.trigger('keydown', { key: 'ArrowRight' });
  await view.findAll('.slot')[0]?.trigger('keydown', { key: 'Enter' });
  expect([view.emitted('move'), view.emitted('pick')]).toEqual([undefined, [['ada/cut']]]);
});

it('offers the stations at which the picked one can be done, and times of whole slots', async () => {
  const of = course();
  const view = mount(PickedSlot, {
    props: { course: of, slots: of.slots, picked: 'ada/cut', begin: 480, step: 5, mayMove: true },
    global,
  });
  expect(view.findAll('option').map((option) => option.text())).toEqual(['A · Bench', 'C · Vice']);
  const [earlier, later] = view.findAll('button');
  expect(earlier?.attributes('disabled')).toBeDefined();
  await later?.trigger('click');
  await view.get('select').setValue('vice');
  await view.get('input').setValue('08:13');
  await view.get('input').setValue('07:00');
  expect(view.emitted('move')).toEqual([[{ from: 5 }], [{ station: 'vice' }], [{ from: 10 }]]);
  await view.setProps({ mayMove: false });
  expect(text(view)).toContain('08:00 to 08:20, A · Bench');
});

it('says how much each station is used, and which is not used at all', () => {
  const view = mount(StationKey, { props: { course: course() } });
  expect(view.findAll('li').map((row) => row.text().replaceAll(/\s+/g, ' '))).toEqual([
    'A Bench 2 at a time, 33 % used',
    'B Press 100 % used',
    'C Vice not used',
  ]);
  expect(view.findAll('li.idle')).toHaveLength(1);
});

it('tells now and next of everybody, with the minutes left', () => {
  const rows = (at: number, more = {}) =>
    mount(NowNext, { props: { course: course(more), begin: 480, at } })
      .findAll('tbody tr')
      .map((row) => row.text().replaceAll(/\s+/g, ' '));
  expect(rows(25)).toEqual([
    'AdaFreetables, practice log, judging508:30 LugB · Press',
    'BoLugB · Press508:40 CutA · Bench',
  ]);
  expect(rows(25, { pauses: [{ from: 20, to: 30 }] })[0]).toBe('AdaBreak508:30 LugB · Press');
  expect(rows(-5)[0]).toBe('AdaNot begun yet508:00 CutA · Bench');
  expect(rows(60)[0]).toBe('AdaDonenothing more');
});

it('tells who waits, the longest first', () => {
  const of = course();
  const view = mount(WaitList, {
    props: {
      course: { ...of, people: of.people.map((one) => (one.id === 'bo' ? { ...one, idle: 25 } : one)) },
      begin: 480,
    },
    global,
  });
  expect(view.findAll('li').map((row) => row.text().replaceAll(/\s+/g, ' '))).toEqual([
    'Bo 25 minutes 08:30–08:40',
    'Ada 10 minutes 08:20–08:30',
  ]);
  const nobody = mount(WaitList, {
    props: {
      course: { ...of, people: of.people.map((one) => ({ ...one, idle: 0, waits: [] })) },
      begin: 480,
    },
    global,
  });
  expect(text(nobody)).toContain('Nobody');
});

const rotation = (more: Partial<Rotation> = {}): Rotation => ({
  status: 'optimal',
  reason: null,
  length: 60,
  bound: 60,
  inTime: true,
  bottleneck: { person: null, stations: ['press'], length: 60 },
  course: course(),
  ...more,
});
const lasts = (
  of: Rotation | null,
  worth: { station: string; length: number; bound: number }[] | null = null,
) => text(mount(WhatMakesItLast, { props: { rotation: of, worth, course: course(), begin: 480 }, global }));

it('says how short it can be, what makes it last, and what one more is worth', () => {
  expect(lasts(null)).toContain('is being looked for');
  expect(lasts(rotation(), [{ station: 'press', length: 50, bound: 50 }])).toContain(
    '60 minutes at the least, until 09:00: it is proven that nothing is shorter.What makes it last: Press, 60 minutes by itself. One more like Press: 10 minutes saved, 50 minutes in all.',
  );
  expect(
    lasts(rotation({ status: 'feasible', bound: 55 }), [{ station: 'press', length: 60, bound: 55 }]),
  ).toContain(
    '60 minutes, until 09:00, is the shortest that was found; nothing is shorter than 55 minutes.What makes it last: Press, 60 minutes by itself. One more like Press: nothing saved.',
  );
  expect(lasts(rotation(), [{ station: 'press', length: 50, bound: 45 }])).toContain(
    '50 minutes in all, or less.',
  );
  expect(
    lasts(rotation({ inTime: false, bottleneck: { person: 'ada', stations: [], length: 50 } })),
  ).toContain('That is later than it is to be done.What makes it last: Ada, 50 minutes by itself.');
});

const late = () =>
  mount(LateForm, { props: { course: course(), begin: 480, now: 40, isPending: false }, global });

it.each([
  ['late', { person: 'ada', until: '09:10' }],
  ['gone', { person: 'ada' }],
  ['left', { person: 'ada', from: '08:40' }],
])('plans anew for somebody who %s', async (how, away) => {
  const view = late();
  await view.findAll('select')[0]?.setValue('ada');
  await view.findAll('select')[1]?.setValue(how);
  await view.get('form').trigger('submit');
  expect(view.emitted('plan')).toEqual([[away, 40]]);
});

it('plans anew for nobody in particular, and not from what is no time of the class', async () => {
  const view = late();
  await view.get('input').setValue('07:00');
  await view.get('form').trigger('submit');
  expect([view.get('[role=alert]').text(), view.emitted('plan')]).toEqual([
    'Say a time from 08:00 on.',
    undefined,
  ]);
  await view.get('input').setValue('08:15');
  await view.get('form').trigger('submit');
  expect(view.emitted('plan')).toEqual([[null, 15]]);
});
