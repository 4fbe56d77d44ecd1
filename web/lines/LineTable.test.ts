import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { nextTick } from 'vue';
import { coverage } from './coverage.fixture';
import HeadlineBar from './HeadlineBar.vue';
import { withHeight } from '@/grid/grid.fixture';
import LineTable from './LineTable.vue';
import { rowsOf } from './reading';

const headline = (data: ReturnType<typeof coverage>) => mount(HeadlineBar, { props: { coverage: data } });
const plain = (text: string) => text.replaceAll(/\s+/g, ' ');

it('says the holes first, then the counts', async () => {
  const view = headline(coverage());
  expect(plain(view.find('.verdict').text())).toBe(
    '1 hole and 1 faulty line: 11 of 20 terminations cannot be made',
  );
  expect(plain(view.find('.holes').text())).toBe('Crimping lug, 50 mm²8 terminations');
  expect(plain(view.find('.counts').text())).toContain('45 % covered');
  expect(view.text()).toContain('1 line without a backup');
  expect(view.text()).toContain('not in the kit: first aid');
  await view.find('.holes button').trigger('click');
  expect(view.emitted('open')).toHaveLength(1);
});

it('has a sentence for every state', () => {
  const verdict = (change: (data: ReturnType<typeof coverage>) => void) => {
    const data = coverage();
    change(data);
    return plain(headline(data).find('.verdict').text());
  };
  expect(verdict((data) => (data.report.holes = []))).toBe(
    '3 of 20 terminations are faulty: no tool mends them',
  );
  expect(
    verdict((data) => {
      data.report.holes = [];
      data.report.headline.faulty = 0;
    }),
  ).toBe('No hole: all 20 terminations can be made');
  expect(verdict((data) => (data.report.headline.terminations = 0))).toBe('The scope has no lines yet');
});

it('counts makeshift in the share where the house does', () => {
  expect(
    plain(
      headline(coverage({ makeshiftCounts: true, share: 1 }))
        .find('.counts')
        .text(),
    ),
  ).toContain('100 % made, makeshift counted');
});

it('shows a row for each line with a cell for each operation', async () => {
  const data = coverage();
  withHeight(400);
  const view = mount(LineTable, {
    props: { coverage: data, rows: rowsOf(data, 'gauge'), lit: new Set<string>(), selected: null },
    global: { stubs: { VIcon: true } },
  });
  expect(view.findAll('[role=columnheader]').map((one) => one.text())).toEqual([
    'Line',
    'Size',
    'Count',
    'cut',
    'crimp',
  ]);
  await nextTick();
  expect(plain(view.find('[data-cell="good/crimp"]').text())).toBe('blue Ratchet crimper1×');
  expect(view.find('[data-cell="open/crimp"]').text()).toBe('no tool');
  expect(view.find('[data-cell="bad/cut"]').text()).toBe('The terminal does not take solid wire.');
  expect(view.find('[data-cell="bad/crimp"]').text()).toBe('–');
  // What says nothing of how many is one.
  const unsaid = data.report.lines.find(({ id }) => data.lines[id]?.quantity === undefined);
  expect(unsaid && view.find(`[data-cell="${unsaid.id}/quantity"]`).text()).toBe('1');
  expect(view.findAll('.row.open')).toHaveLength(2);
  expect(plain(view.find('[data-cell="splice/line"]').text())).toContain(
    '16 AWG hook-up and 50 mm² battery lead',
  );
  expect(view.findAll('[data-cell="splice/cut"] .step')).toHaveLength(1);
  await view.find('[data-cell="open/crimp"]').trigger('click');
  await view.find('[data-cell="open/size"]').trigger('click');
  expect(view.emitted('open')).toEqual([
    ['open', 'crimp'],
    ['open', null],
  ]);
});

it('puts the sizes of the wanted family first and marks the other as near', () => {
  const first = (family: 'gauge' | 'metric') => rowsOf(coverage(), family).map((row) => row.size[0]);
  expect(first('gauge')).toEqual([
    { text: '16 AWG', isWritten: true },
    { text: '1/0 AWG', isWritten: false },
    { text: '16 AWG', isWritten: true },
    { text: '16 AWG', isWritten: true },
  ]);
  expect(first('metric')[0]).toEqual({ text: '1.31 mm2', isWritten: false });
});
