import { expect, it } from 'vitest';
import { packed, weighed } from './packing';

const kit = [{ tool: 'a' }, { tool: 'b', count: 2 }, { tool: 'c' }];

it.each([
  ['one more tool', { add: 'd' }, 'a b×2 c d'],
  ['one tool up', { move: 2, by: -1 }, 'a c b×2'],
  ['one tool down', { move: 0, by: 1 }, 'b×2 a c'],
  ['one more of it', { count: 0, by: 1 }, 'a×2 b×2 c'],
  ['one less of it', { count: 1, by: -1 }, 'a b c'],
  ['none of it left', { count: 2, by: -1 }, 'a b×2'],
] as const)('%s', (_, how, after) => {
  const said = packed(kit, how).map(({ tool, count }) => (count ? `${tool}×${count}` : tool));
  expect(said.join(' ')).toBe(after);
});

it('weighs and prices what it knows, by number, and says what it does not know', () => {
  const tools = new Map([
    ['a', { name: 'A', kind: 'cutter', massGrams: 100, price: 1000 }],
    ['b', { name: 'B', kind: 'cutter', massGrams: 50 }],
    ['c', { name: 'C', kind: 'cutter', price: 5 }],
  ]);
  expect(weighed(kit, tools)).toEqual({ mass: 200, unweighed: 1, price: 1005, unpriced: 1 });
  expect(weighed([{ tool: 'b' }, { tool: 'gone' }], tools)).toEqual({
    mass: 50,
    unweighed: 0,
    price: null,
    unpriced: 1,
  });
});
