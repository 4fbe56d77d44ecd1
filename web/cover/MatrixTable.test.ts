import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import type { Matrix } from '@/data/matrix';
import MatrixTable from './MatrixTable.vue';

const cell = (kit: string, scope: string, covered: number, hole: number) => ({
  kit,
  scope,
  headline: {
    terminations: covered + hole,
    covered,
    makeshift: 0,
    hole,
    faulty: 0,
    share: covered / (covered + hole),
    makeshiftCounts: false,
    carryMissing: [],
  },
  holes: hole ? 1 : 0,
});
const matrix: Matrix = {
  on: '2027-03-01',
  hand: { id: 'ada', name: 'Ada' },
  kits: [
    { id: 'bag', name: 'Bag', tracked: false },
    { id: 'van', name: 'Van', tracked: true },
  ],
  scopes: [
    { id: 'tower', name: 'Tower', hasOwnRules: true },
    { id: 'cabin', name: 'Cabin', hasOwnRules: false },
  ],
  cells: [
    cell('bag', 'tower', 9, 1),
    cell('bag', 'cabin', 2, 8),
    cell('van', 'tower', 10, 0),
    cell('van', 'cabin', 1, 9),
  ],
};
const Link = { name: 'RouterLink', props: ['to'], template: '<a href="#"><slot /></a>' };
const table = (of: Partial<Matrix> = {}) =>
  mount(MatrixTable, {
    props: { matrix: { ...matrix, ...of }, order: 'shop' },
    global: { stubs: { RouterLink: Link } },
    attachTo: document.body,
  });

it('opens each cell on Cover: a kit that is kept by its things on the day, in the same hands', () => {
  const links = table()
    .findAllComponents(Link)
    .map((link) => link.props('to') as { name: string });
  expect(links.filter(({ name }) => name === 'cover')).toEqual([
    { name: 'cover', query: { kit: 'bag', scope: 'tower', hand: 'ada' } },
    { name: 'cover', query: { kit: 'van', scope: 'tower', on: '2027-03-01', hand: 'ada' } },
    { name: 'cover', query: { kit: 'bag', scope: 'cabin', hand: 'ada' } },
    { name: 'cover', query: { kit: 'van', scope: 'cabin', on: '2027-03-01', hand: 'ada' } },
  ]);
});

it('says of each scope who does all of it, or who comes nearest', () => {
  const rows = table().findAll('tbody tr');
  expect(rows.map((row) => row.find('.whole').text())).toEqual(['Van', 'none; Bag comes nearest']);
  expect(rows.map((row) => row.classes('open'))).toEqual([false, true]);
  expect(rows[0]?.find('th').text()).toContain('rules of its own');
});

it('is gone through by the arrows, as a sheet, and stays at its edge', async () => {
  const view = table();
  const at = () => document.activeElement?.getAttribute('data-cell');
  view.find<HTMLElement>('[data-cell="0 0"]').element.focus();
  for (const [key, there] of [
    ['ArrowRight', '0 1'],
    ['ArrowRight', '0 1'],
    ['ArrowDown', '1 1'],
    ['ArrowLeft', '1 0'],
    ['ArrowUp', '0 0'],
    ['ArrowUp', '0 0'],
  ] as const) {
    await view.find(`[data-cell="${at()}"]`).trigger('keydown', { key });
    expect(at()).toBe(there);
  }
  view.unmount();
});

it('draws what does less than half of it more quietly', () => {
  const far = table()
    .findAll('.cell a')
    .map((link) => link.classes('far'));
  expect(far).toEqual([false, false, true, true]);
});
