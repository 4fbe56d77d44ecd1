import { expect, it } from 'vitest';
import { bar, named, onShelves, runningOut, shelfOf, timesRead, timesText } from './shelf';
import { supply } from './supplies.fixture';

it.each([
  ['short', supply('Ring', { short: 3, need: 9 })],
  ['open', supply('Ring', { short: 3, open: 3 })],
  ['order', supply('Ring', { reorder: true })],
  ['short', supply('Ring', { short: 3, reorder: true })],
  ['rests', supply('Ring', { rests: true })],
  ['enough', supply('Ring')],
])('puts on the shelf "%s" what belongs there', (of, item) => {
  expect(shelfOf(item)).toBe(of);
});

it('shows what is short first, on each shelf what is used up first, and no empty shelf', () => {
  const items = [
    supply('Tape', { rests: true }),
    supply('Late', { short: 1, runsOut: '2027-05-01' }),
    supply('Never', { short: 1 }),
    supply('Soon', { short: 1, runsOut: '2027-03-12' }),
  ];
  expect(onShelves(items).map((of) => [of.shelf, of.items.map(({ name }) => name)])).toEqual([
    ['short', ['Soon', 'Late', 'Never']],
    ['rests', ['Tape']],
  ]);
});

it('finds by the words of a name', () => {
  const items = [supply('Ring, blue, M5'), supply('Ring, red, M4'), supply('Tape')];
  expect(named(items, 'ring  BLUE').map(({ name }) => name)).toEqual(['Ring, blue, M5']);
  expect(named(items, '  ')).toHaveLength(3);
});

it('tells what is used up within some days once the order has come, of what a stock is kept of', () => {
  const items = [
    supply('In time', { lasts: '2027-03-30' }),
    supply('On the day', { lasts: '2027-03-31' }),
    supply('Never', { lasts: null }),
    supply('Kept of nothing', { stock: null, lasts: '2027-03-11' }),
  ];
  expect(runningOut(items, '2027-03-10', 21).map(({ name }) => name)).toEqual(['In time']);
});

it.each([
  [
    { have: 25, need: 50 },
    { have: 50, wanted: 100 },
  ],
  [
    { have: 80, need: 10, reserve: 10 },
    { have: 100, wanted: 25 },
  ],
  [
    { have: 0, need: 0 },
    { have: 0, wanted: 0 },
  ],
])('draws %o as %o percent', (of, percents) => {
  expect(bar(supply('Ring', of))).toEqual(percents);
});

it('says in the address only what is made more than once', () => {
  expect(
    timesText(
      new Map([
        ['boards', 12],
        ['cabin', 1],
        ['masts', 2],
      ]),
    ),
  ).toBe('boards:12,masts:2');
  expect(timesText(new Map([['boards', 1]]))).toBeNull();
});

it.each([
  [
    'boards:12,masts:2',
    [
      ['boards', 12],
      ['masts', 2],
    ],
  ],
  ['boards:many,masts:2', [['masts', 2]]],
  ['', []],
  [null, []],
] as [string | null, [string, number][]][])('reads %s out of the address', (text, times) => {
  expect([...timesRead(text)]).toEqual(times);
});
