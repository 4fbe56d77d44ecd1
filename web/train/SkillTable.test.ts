import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import SkillTable from './SkillTable.vue';
import { matrix, needs, person, skill } from './train.fixture';

const alone = skill('crimp:lug', { level: 'signed-off' });

function shown(away: string[] = [], broken: string[] = []) {
  return mount(SkillTable, {
    props: {
      matrix: matrix(
        [
          person('ada', [alone]),
          person('bo'),
          person('gone', [], '2027-02-28'),
          person('last', [], '2027-03-01'),
        ],
        [needs('cut', 40), needs('crimp:lug', 26, 'ada'), needs('torque', 9, 'ada', 'bo')],
      ),
      onlyNeeded: true,
      away,
      broken: new Set(broken),
    },
    global: { stubs: { RouterLink: { props: ['to'], template: '<a><slot /></a>' } } },
  });
}

it('says of each skill who is left to do it alone: nobody, one by name, or how many', () => {
  const view = shown();
  expect(view.findAll('tbody .left').map((cell) => cell.text())).toEqual([
    'nobody is signed off',
    'only ADA',
    '2 people',
  ]);
  expect(view.findAll('tbody tr').map((row) => row.classes().includes('hole'))).toEqual([true, false, false]);
  expect(view.findAll('tbody .asked').map((cell) => cell.text())).toEqual(['40', '26', '9']);
});

it('has a column for everybody who is with the shop, their last day included', () => {
  expect(
    shown()
      .findAll('thead .person')
      .map((head) => head.text()),
  ).toEqual(['ADA', 'BO', 'LAST']);
});

it('frames the only one, and says each cell in words', () => {
  const view = shown();
  expect(view.findAll('.only')).toHaveLength(1);
  const cells = view.findAll('tbody tr')[1]!.findAll('.cell a');
  expect(cells[0]!.attributes('aria-label')).toBe('ADA, crimping lugs: signed off: does it alone');
  expect(cells[1]!.attributes('aria-label')).toBe('BO, crimping lugs: nothing told or practised');
});

it('takes those who are away out of sight, and tells what breaks by it', () => {
  const view = shown(['ada'], ['crimp:lug', 'cut']);
  expect(view.findAll('thead .person').map((head) => head.classes().includes('away'))).toEqual([
    true,
    false,
    false,
  ]);
  expect(view.findAll('tbody .left').map((cell) => cell.text())).toEqual([
    'nobody is signed off',
    'nobody is left',
    '2 people',
  ]);
});
