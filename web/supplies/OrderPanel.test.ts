import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import { orderAddress, type AskedSupplies } from '@/data/supplies';
import type { Happened } from '@/data/wall';
import OrderPanel from './OrderPanel.vue';
import { shelf, supply } from './supplies.fixture';

const written = vi.hoisted((): { entries: unknown[]; begun: unknown[] } => ({ entries: [], begun: [] }));
vi.mock('@/data/wall', () => ({
  writeLog: (entries: Happened[]) => {
    written.entries.push(...entries);
    return Promise.resolve({
      data: { entries: [], change: 7 },
      response: new Response(null, { status: 201 }),
    });
  },
}));
vi.mock('@/data/supplies', async (load) => ({
  ...(await load<typeof import('@/data/supplies')>()),
  beginStock: (scopes: string | null) => {
    written.begun.push(scopes);
    return Promise.resolve({ data: { change: 7 }, response: new Response(null, { status: 200 }) });
  },
}));

const asked: AskedSupplies = { scopes: 'boards', times: 'boards:12', weeks: '3', tools: null };
const bought = shelf(
  [
    supply('Ring', { brought: 300, buy: [{ pack: 'Bag', pieces: 100, price: 900, count: 2 }] }),
    supply('Fork', { brought: 50 }),
    supply('Tape', {
      brought: 13,
      buy: [
        { pack: 'Roll', pieces: 1, price: 190, count: 3 },
        { pack: 'Ten', pieces: 10, price: 1500, count: 1 },
      ],
    }),
  ],
  {
    boxes: [
      {
        id: 'box',
        name: 'Box',
        price: 5900,
        count: 2,
        holds: [
          { name: 'Ring', pieces: 50 },
          { name: 'Fork', pieces: 25 },
        ],
      },
    ],
    cost: 15670,
    packages: 8,
    left: 12,
    packByPack: 20000,
  },
);

function panel(supplies = bought, of: AskedSupplies = asked) {
  written.entries = [];
  return mount(OrderPanel, {
    props: { supplies, order: supplies.order!, asked: of, mayTakeBack: true },
    global: {
      stubs: { RouterLink: { template: '<a><slot /></a>' } },
      plugins: [createVuetify(), createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });
}

it('tells every package with what it costs, boxes first, and what small packs alone would cost more', () => {
  const rows = panel()
    .findAll('tr')
    .map((row) => row.text().replaceAll(/\s+/g, ' '));
  expect(rows).toHaveLength(4);
  expect(rows[0]).toContain('2 ×');
  expect(rows[0]).toContain('118.00');
  expect(rows[1]).toContain('18.00');
  expect(panel().get('.sum').text()).toContain('156.70');
  expect(panel().get('.saves').text()).toContain('43.30');
  expect(panel().text()).not.toContain('nothing comes to less than');
});

it('writes all of it down as come by one press, packs and boxes of a stock together', async () => {
  const view = panel();
  await view
    .findAll('button')
    .find((one) => one.text() === 'All of it has come')
    ?.trigger('click');
  await flushPromises();
  expect(written.entries).toEqual([
    { what: 'received', stock: 'ring', pieces: 300 },
    { what: 'received', stock: 'fork', pieces: 50 },
    { what: 'received', stock: 'tape', pieces: 13 },
  ]);
});

it('says that nothing is to be bought, and where it is not sure to be the best', () => {
  expect(panel(shelf([])).text()).toContain('Nothing that is short can be bought');
  expect(panel(shelf(bought.items, { ...bought.order!, isProven: false, bound: 15000 })).text()).toContain(
    'nothing comes to less than €150.00',
  );
});

const waiting = shelf(bought.items, {
  ...bought.order!,
  total: 15670 + 24000,
  tools: [{ name: 'Ratchet crimper', wanted: 'crimp insulated red to yellow', kit: 'Bench 3', cost: 24000 }],
});

it('puts the tools that kits wait for into the same order, and tells what all of it comes to', () => {
  const view = panel(waiting);
  expect(view.get('.all').text()).toContain('396.70');
  expect(view.get('h3').text()).toMatch(/1 tool that kits wait for\s*€240\.00/);
  expect(view.findAll('tr').at(-1)?.text()).toMatch(/Ratchet crimper.*insulated red to yellow; for Bench 3/s);
  expect(view.text()).toContain('All packs and boxes have come');
  expect(panel().find('.all').exists()).toBe(false);
});

it('gives the order as a file where tools alone are to be bought', () => {
  const view = panel(
    shelf([], {
      total: 24000,
      tools: waiting.order!.tools,
    }),
  );
  expect(view.text()).toContain('Ratchet crimper');
  expect(view.findAllComponents({ name: 'FileMenu' })).toHaveLength(1);
  expect(panel(shelf([])).findAllComponents({ name: 'FileMenu' })).toHaveLength(0);
});

it('leaves the tools out where somebody wants only what the shelf is short of, and takes them in again', async () => {
  const box = panel(waiting).get<HTMLInputElement>('.with input');
  expect(box.element.checked).toBe(true);
  const view = panel(bought, { ...asked, tools: '0' });
  const out = view.get<HTMLInputElement>('.with input');
  expect(out.element.checked).toBe(false);
  await out.setValue(true);
  expect(view.emitted('tools')).toEqual([[null]]);
  expect(panel().find('.with').exists()).toBe(false);
});

it('tells what has no pack yet and how much to ask for, and begins a stock of what is kept nowhere', async () => {
  const view = panel(
    shelf([
      supply('Lug', { stock: null, short: 3, open: 3, firstOrder: 3 }),
      supply('Butt', { short: 16, open: 16, firstOrder: 100 }),
      supply('Tube', { stock: null, short: 1001, open: 1001, firstOrder: 2000, unit: 'mm' }),
      supply('Ring', { short: 5 }),
    ]),
  );
  expect(view.get('h3').text()).toBe('3 items of which no pack is known');
  expect(view.findAll('tr').map((row) => row.findAll('td').map((cell) => cell.text()))).toEqual([
    ['Lug', '3'],
    ['Butt', '100'],
    ['Tube', '2 m'],
  ]);
  expect(view.text()).not.toContain('Nothing that is short can be bought');
  const begin = view.findAll('button').find((one) => one.text() === 'Keep a stock of the 2 not kept yet');
  await begin?.trigger('click');
  await flushPromises();
  expect(written.begun).toEqual(['boards']);
});

it.each([
  [asked, '/api/v1/supplies/order.pdf?scopes=boards&times=boards%3A12&weeks=3'],
  [{ scopes: null, times: null, weeks: null, tools: null }, '/api/v1/supplies/order.pdf'],
  [{ scopes: null, times: null, weeks: null, tools: '0' } as const, '/api/v1/supplies/order.pdf?tools=0'],
])('asks for the order of what is asked', (of, address) => {
  expect(orderAddress('pdf', of)).toBe(address);
});
