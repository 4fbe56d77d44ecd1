import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import WorkAsked from './WorkAsked.vue';

const scopes = [
  { id: 'boards', name: 'Boards' },
  { id: 'cabin', name: 'Cabin' },
];
const work = (picked: string[] | null, times: [string, number][] = [], weeks: string | null = null) =>
  mount(WorkAsked, { props: { scopes, picked, times: new Map(times), weeks } });

it.each([
  [null, [], 'For all work'],
  [null, [['cabin', 2]], 'For all work, 1 of it several times'],
  [['boards'], [['boards', 12]], 'For 12 × Boards'],
  [['boards'], [], 'For Boards'],
] as [string[] | null, [string, number][], string][])(
  'says for what it is asked: %o %o',
  (picked, times, said) => {
    expect(work(picked, times).get('summary').text().replaceAll(/\s+/g, ' ')).toBe(said);
  },
);

it('leaves one out, and takes it in again', async () => {
  const all = work(null);
  await all.findAll('input[type=checkbox]')[0]?.setValue(false);
  expect(all.emitted('pick')).toEqual([[['cabin']]]);
  const one = work(['cabin']);
  await one.findAll('input[type=checkbox]')[0]?.setValue(true);
  expect(one.emitted('pick')).toEqual([[null]]);
});

it('does not let the last one be left out: nothing at all would be all of it', () => {
  const ticks = (picked: string[] | null) =>
    work(picked)
      .findAll('input[type=checkbox]')
      .map((tick) => tick.attributes('disabled') !== undefined);
  expect(ticks(['cabin'])).toEqual([false, true]);
  expect(ticks(null)).toEqual([false, false]);
});

it('says how many times, and nothing of what is no number of times', async () => {
  const view = work(null);
  const [times] = view.findAll('input[type=number]');
  await times?.setValue('12');
  await times?.setValue('0');
  await times?.setValue('');
  expect(view.emitted('times')).toEqual([['boards', 12]]);
});

it('keeps weeks that are none of its own choices', () => {
  expect(work(null, [], '6').text()).toContain('6 weeks of the usual use');
});
