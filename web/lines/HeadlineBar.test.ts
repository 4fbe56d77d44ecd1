import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import HeadlineBar from './HeadlineBar.vue';

function shown(holes: number, faulty: number) {
  const coverage = {
    kit: { id: 'bag' },
    report: {
      headline: {
        terminations: 100,
        covered: 40,
        makeshift: 0,
        hole: holes * 10,
        faulty: faulty * 3,
        share: 0.4,
        makeshiftCounts: false,
        carryMissing: [],
      },
      holes: Array.from({ length: holes }, (_, at) => ({ name: `Hole ${at}`, quantity: 10 })),
      lines: [
        ...Array.from({ length: faulty }, () => ({ status: 'faulty', steps: [] })),
        { status: 'covered', steps: [] },
      ],
    },
  } as unknown as Schemas['Coverage'];
  return mount(HeadlineBar, { props: { coverage } });
}
const verdict = (view: ReturnType<typeof shown>) => view.get('.verdict').text().replace(/\s+/g, ' ');

it('counts what is faulty among what cannot be made', () => {
  expect(verdict(shown(2, 0))).toBe('2 holes: 20 of 100 terminations cannot be made');
  expect(verdict(shown(2, 1))).toBe('2 holes and 1 faulty line: 23 of 100 terminations cannot be made');
  expect(verdict(shown(0, 2))).toBe('6 of 100 terminations are faulty: no tool mends them');
});

it('has every hole to be opened, the first four in sight until somebody wants all', async () => {
  const view = shown(6, 0);
  const inSight = () => view.findAll('.holes li:not(.more)').filter((one) => !one.classes('beyond')).length;
  expect(view.findAll('.holes li:not(.more)')).toHaveLength(6);
  expect(inSight()).toBe(4);
  await view.get('.more button').trigger('click');
  expect(inSight()).toBe(6);
  await view.findAll('.holes button')[5]?.trigger('click');
  expect(view.emitted('open')).toEqual([[{ name: 'Hole 5', quantity: 10 }]]);
  expect(shown(4, 0).find('.more').exists()).toBe(false);
});
