import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, describe, expect, it } from 'vitest';
import { h, nextTick, type Component } from 'vue';
import { fromText, toText } from './clipboard';
import { compare, tracks, type GridColumn } from './columns';
import DataGrid from './DataGrid.vue';
import { withHeight, type Wire } from './grid.fixture';
import HostOfTests from './HostOfTests.vue';

const columns: GridColumn<Wire>[] = [
  {
    key: 'name',
    title: 'Wire',
    width: 200,
    grow: 1,
    value: ({ name }) => name,
    isEditable: true,
  },
  {
    key: 'area',
    title: 'Area',
    width: 80,
    align: 'end',
    value: ({ area }) => area,
    isEditable: true,
  },
  { key: 'picture', title: 'Picture', width: 60 },
];
const wires = (count: number): Wire[] =>
  Array.from({ length: count }, (_, index) => ({
    id: `w${index}`,
    name: `wire ${index}`,
    area: (index * 7) % count,
  }));

/** How often each cell was drawn. */
const drawn = new Map<string, number>();

function shown(rows: Wire[], props: Record<string, unknown> = {}) {
  return mount(HostOfTests, {
    props: {
      columns,
      rows,
      draw: (row: Wire, column: GridColumn<Wire>) => {
        const key = `${row.id}/${column.key}`;
        drawn.set(key, (drawn.get(key) ?? 0) + 1);
        return String(column.value?.(row) ?? '');
      },
      ...props,
    },
    global: { stubs: { VIcon: true } },
    attachTo: document.body,
  });
}

beforeEach(() => {
  withHeight(400);
  drawn.clear();
  document.body.innerHTML = '';
});

const names = (view: ReturnType<typeof shown>) => view.findAll('[role=rowheader]').map((cell) => cell.text());
const key = (view: ReturnType<typeof shown>, name: string, more: Record<string, unknown> = {}) =>
  view.find(`[tabindex="0"]`).trigger('keydown', { key: name, ...more });
const focused = () => (document.activeElement as HTMLElement).dataset.cell;

describe('rows', () => {
  it('are there only as far as they are in sight, and counted in all', async () => {
    const view = shown(wires(5000));
    await nextTick();
    expect(view.findAll('.row').length).toBeLessThan(40);
    expect(view.find('[role=grid]').attributes('aria-rowcount')).toBe('5001');
    expect(view.find('[data-row=w0]').attributes('aria-rowindex')).toBe('2');
  });

  it('are drawn anew one by one: a lit row is no matter for the others', async () => {
    const view = shown(wires(12), { lit: new Set<string>() });
    await nextTick();
    drawn.clear();
    await view.setProps({ lit: new Set(['w3']) });
    expect([...drawn.keys()]).toEqual(['w3/name', 'w3/area', 'w3/picture']);
    drawn.clear();
    const changed = wires(12).map((wire, index) => (index === 5 ? { ...wire, name: 'other' } : wire));
    const same = view.props('rows');
    await view.setProps({ rows: changed.map((wire, index) => (index === 5 ? wire : same[index]!)) });
    expect([...drawn.keys()]).toEqual(['w5/name', 'w5/area', 'w5/picture']);
  });

  it('are sorted up, down and back by the head of a column', async () => {
    const view = shown(wires(5));
    await nextTick();
    const head = view.findAll('[role=columnheader] button')[1]!;
    await head.trigger('click');
    expect(names(view)).toEqual(['wire 0', 'wire 3', 'wire 1', 'wire 4', 'wire 2']);
    expect(view.findAll('[role=columnheader]')[1]!.attributes('aria-sort')).toBe('ascending');
    await head.trigger('click');
    expect(names(view)[0]).toBe('wire 2');
    await head.trigger('click');
    expect(names(view)[0]).toBe('wire 0');
  });

  it('are sorted by the keys of the head, which open nothing', async () => {
    const view = shown(wires(3));
    await nextTick();
    await view.find('[role=columnheader] button').trigger('keydown', { key: 'Enter' });
    expect(view.findComponent(DataGrid).emitted('open')).toBeUndefined();
  });

  it('stand in groups that close and open', async () => {
    const view = shown(wires(4), { groupOf: ({ area }: Wire) => (area! > 1 ? 'thick' : 'thin') });
    await nextTick();
    expect(names(view)).toEqual(
      ['thin 2', 'wire 0', 'wire 3', 'thick 2', 'wire 1', 'wire 2'].map((name) =>
        expect.stringContaining(name),
      ),
    );
    await view.find('.group [role=rowheader]').trigger('click');
    expect(names(view)).toHaveLength(4);
    expect(view.find('.group [role=rowheader]').attributes('aria-expanded')).toBe('false');
  });
});

describe('keys', () => {
  it('walk from cell to cell, one of them in the order of the tab key', async () => {
    const view = shown(wires(30));
    await nextTick();
    expect(view.findAll('.cell[tabindex="0"]')).toHaveLength(1);
    for (const [name, more, cell] of [
      ['ArrowDown', {}, 'w1/name'],
      ['ArrowRight', {}, 'w1/area'],
      ['End', {}, 'w1/picture'],
      ['ArrowRight', {}, 'w1/picture'],
      ['Home', {}, 'w1/name'],
      ['ArrowUp', {}, 'w0/name'],
      ['ArrowUp', {}, 'w0/name'],
      ['PageDown', {}, 'w9/name'],
      ['End', { ctrlKey: true }, 'w29/picture'],
      ['Home', { ctrlKey: true }, 'w0/name'],
    ] as const) {
      await key(view, name, more);
      await flushPromises();
      expect(focused(), name).toBe(cell);
    }
  });

  it('open a cell, and edit it where it has an editor, until it is finished or left', async () => {
    const view = shown(wires(3));
    await nextTick();
    await key(view, ' ');
    expect(view.findComponent(DataGrid).emitted('open')).toEqual([[wires(3)[0], 'name']]);
    await key(view, 'Enter');
    await nextTick();
    expect(document.activeElement?.tagName).toBe('INPUT');
    await view.find('input').trigger('keydown', { key: 'Escape' });
    await nextTick();
    expect(view.find('input').exists()).toBe(false);
    expect(focused()).toBe('w0/name');
    await key(view, 'F2');
    await nextTick();
    await view.find('input').trigger('change');
    expect(view.find('input').exists()).toBe(false);
  });

  it('mark a range with Shift, all with Ctrl+A, and Esc takes the marks away', async () => {
    const view = shown(wires(4));
    await nextTick();
    const marked = () => view.findAll('.marked').length;
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'ArrowRight', { shiftKey: true });
    expect(marked()).toBe(4);
    await key(view, 'Escape');
    expect(marked()).toBe(0);
    await key(view, 'a', { ctrlKey: true });
    expect(marked()).toBe(12);
  });

  it('mark with the mouse from where one was, with Shift', async () => {
    const view = shown(wires(6));
    await nextTick();
    const press = async (cell: string, shiftKey: boolean) => {
      const element = view.find(`[data-cell="${cell}"]`);
      await element.trigger('pointerdown', { shiftKey });
      (element.element as HTMLElement).focus();
      await element.trigger('click', { shiftKey });
    };
    await press('w1/name', false);
    await press('w3/area', true);
    expect(view.findAll('.marked')).toHaveLength(6);
  });

  it('ask to clear what is marked and can be edited', async () => {
    const view = shown(wires(2));
    await nextTick();
    await key(view, 'ArrowRight');
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'Delete');
    expect(view.findComponent(DataGrid).emitted('clear')![0]).toMatchObject([
      [{ column: { key: 'area' } }, { column: { key: 'area' } }],
    ]);
  });

  it('ask to take rows out whose heads are marked', async () => {
    const view = shown(wires(3));
    await nextTick();
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'Delete');
    expect(view.findComponent(DataGrid).emitted('erase')).toEqual([[wires(3).slice(0, 2)]]);
    expect(view.findComponent(DataGrid).emitted('clear')).toBeUndefined();
  });
});

describe('the clipboard', () => {
  const carried = (text = '') => {
    const data = new Map([['text/plain', text]]);
    return {
      setData: (type: string, value: string) => data.set(type, value),
      getData: (type: string) => data.get(type) ?? '',
      data,
    };
  };

  it('takes what is marked as a spreadsheet wants it', async () => {
    const view = shown(wires(3));
    await nextTick();
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'ArrowRight', { shiftKey: true });
    const clipboardData = carried();
    await view.find('.grid').trigger('copy', { clipboardData });
    expect(clipboardData.data.get('text/plain')).toBe('wire 0\t0\nwire 1\t1');
  });

  it('puts down what a spreadsheet gives, as far as there are cells for it', async () => {
    const view = shown(wires(2));
    await nextTick();
    await view.find('.grid').trigger('paste', { clipboardData: carried('a\t1\tx\nb\t2\tx\nc\t3\tx\n') });
    const put = (
      view.findComponent(DataGrid).emitted('paste')![0] as [
        { row: Wire; column: GridColumn<Wire>; text: string }[],
      ]
    )[0];
    expect(put.map(({ row, column, text }) => [row.id, column.key, text])).toEqual([
      ['w0', 'name', 'a'],
      ['w0', 'area', '1'],
      ['w1', 'name', 'b'],
      ['w1', 'area', '2'],
    ]);
  });

  it('fills what is marked with one cell', async () => {
    const view = shown(wires(3));
    await nextTick();
    await key(view, 'ArrowDown', { shiftKey: true });
    await view.find('.grid').trigger('paste', { clipboardData: carried('same') });
    expect((view.findComponent(DataGrid).emitted('paste')![0] as [unknown[]])[0]).toMatchObject([
      { text: 'same' },
      { text: 'same' },
    ]);
  });

  it.each<[string, (string | null)[][]]>([
    [
      'plain',
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ],
    [
      'empty cells',
      [
        ['', 'b'],
        ['c', ''],
      ],
    ],
    [
      'tabs, line ends and quotation marks within',
      [
        ['1/4"', 'a\tb'],
        ['two\nlines', '"'],
      ],
    ],
    ['one cell', [['a']]],
  ])('reads back what it wrote: %s', (_name, cells) => {
    expect(fromText(toText(cells))).toEqual(cells);
    expect(fromText(`${toText(cells)}\r\n`)).toEqual(cells);
  });
});

it('keeps the focus where it is when rows go', async () => {
  const rows = wires(20);
  const view = shown(rows);
  await nextTick();
  await key(view, 'End', { ctrlKey: true });
  await view.setProps({ rows: rows.slice(0, 3) });
  await nextTick();
  expect(view.findAll('.cell[tabindex="0"]').map((cell) => cell.attributes('data-cell'))).toEqual([
    'w2/picture',
  ]);
});

it('orders numbers by size, names as people do, and nothing last', () => {
  const sorted = (values: (string | number | null)[]) => [...values].sort(compare);
  expect(sorted([10, null, 2, 0.5])).toEqual([0.5, 2, 10, null]);
  expect(sorted(['wire 10', 'wire 2', null, 'Wire 1'])).toEqual(['Wire 1', 'wire 2', 'wire 10', null]);
});

it('gives every row the same tracks', () => {
  expect(tracks(columns)).toEqual({ template: 'minmax(200px, 1fr) 80px 60px', least: 340 });
});

describe('a sheet', () => {
  const grid = (view: ReturnType<typeof shown>) => view.findComponent(DataGrid);
  const editor = () => document.activeElement as HTMLInputElement;
  async function stand(view: ReturnType<typeof shown>, cell: string): Promise<void> {
    await nextTick();
    await view.find(`[data-cell="${cell}"]`).trigger('focusin');
  }

  it('is written by a letter, which the keys of the page do not hear', async () => {
    const view = shown(wires(5));
    await stand(view, 'w1/name');
    let heard = 0;
    window.addEventListener('keydown', () => heard++, { once: true });
    await key(view, 'n');
    await flushPromises();
    expect(editor().getAttribute('aria-label')).toBe('Value');
    expect(heard).toBe(0);
    // Where a column is not written, a letter is a key of the page.
    await view.find('input').trigger('change');
    await stand(view, 'w1/picture');
    await key(view, 'n');
    expect(heard).toBe(1);
  });

  it('fills what is marked with the topmost', async () => {
    const view = shown(wires(5));
    await stand(view, 'w1/name');
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'd', { ctrlKey: true });
    const [cells] = grid(view).emitted('paste')?.[0] as [{ row: Wire; text: string }[]];
    expect(cells.map(({ row, text }) => `${row.id} ${text}`)).toEqual(['w2 wire 1', 'w3 wire 1']);
  });

  it('has its rows moved by keys, as far as there is room, and copied below', async () => {
    const view = shown(wires(4), { isArrangeable: true });
    await stand(view, 'w1/name');
    await key(view, 'ArrowDown', { shiftKey: true });
    await key(view, 'ArrowDown', { altKey: true });
    await key(view, 'ArrowUp', { altKey: true });
    const moved = (grid(view).emitted('arrange') as [Wire[], Wire | null][]).map(
      ([rows, before]) => `${rows.map(({ id }) => id).join(' ')} before ${before?.id ?? 'the end'}`,
    );
    expect(moved).toEqual(['w1 w2 before the end', 'w1 w2 before w0']);
    await key(view, 'ArrowDown', { altKey: true, shiftKey: true });
    expect((grid(view).emitted('duplicate')?.[0] as [Wire[]])[0].map(({ id }) => id)).toEqual(['w1', 'w2']);
  });

  it('is not arranged while it is sorted, or where nobody may', async () => {
    const view = shown(wires(4), { isArrangeable: true });
    await nextTick();
    await view.find('.head button').trigger('click');
    await stand(view, 'w1/name');
    await key(view, 'ArrowDown', { altKey: true });
    const read = shown(wires(4));
    await stand(read, 'w1/name');
    await key(read, 'ArrowDown', { altKey: true });
    expect([grid(view).emitted('arrange'), grid(read).emitted('arrange')]).toEqual([undefined, undefined]);
  });
});

it('leaves the keys to what can be pressed within a cell', async () => {
  const grid = mount(DataGrid as unknown as Component, {
    attachTo: document.body,
    props: { columns, rows: wires(2), caption: 'Wires' },
    slots: { cell: () => h('button', { class: 'own' }, 'Take') },
  });
  await nextTick();
  for (const key of ['Enter', ' ']) {
    const pressed = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
    grid.get('button.own').element.dispatchEvent(pressed);
    expect(pressed.defaultPrevented).toBe(false);
  }
  expect(grid.emitted('open')).toBeUndefined();
  await grid.get('[role=gridcell], [role=rowheader]').trigger('keydown', { key: ' ' });
  expect(grid.emitted('open')).toHaveLength(1);
});
