import { expect, it } from 'vitest';
import type { Matrix, MatrixCell } from '@/data/matrix';
import { cellWords, columnsOf, isWhole, markOf, openScopesOf, rowsOf, shareOf } from './matrix';

/** Terminations that are covered, makeshift, in holes, faulty. */
const cell = (kit: string, scope: string, ...[covered, makeshift, hole, faulty]: number[]): MatrixCell => {
  const of = { covered: covered ?? 0, makeshift: makeshift ?? 0, hole: hole ?? 0, faulty: faulty ?? 0 };
  const terminations = of.covered + of.makeshift + of.hole + of.faulty;
  return {
    kit,
    scope,
    headline: {
      ...of,
      terminations,
      share: terminations ? Math.floor((100 * of.covered) / terminations) / 100 : null,
      makeshiftCounts: false,
      carryMissing: [],
    },
    holes: of.hole ? 2 : 0,
  };
};
const matrix = (...cells: MatrixCell[]): Matrix => ({
  on: '2027-03-01',
  hand: null,
  kits: [...new Set(cells.map(({ kit }) => kit))].map((id) => ({ id, name: id, tracked: id === 'van' })),
  scopes: [...new Set(cells.map(({ scope }) => scope))].map((id) => ({ id, name: id, hasOwnRules: false })),
  cells,
});
const shop = matrix(
  cell('bag', 'done', 10),
  cell('bag', 'near', 90, 0, 10),
  cell('bag', 'empty'),
  cell('bag', 'worst', 5, 0, 45),
  cell('van', 'done', 6, 4),
  cell('van', 'near', 80, 15, 3, 2),
  cell('van', 'empty'),
  cell('van', 'worst', 30, 0, 20),
);

it('marks a cell by the worst of it', () => {
  expect(shop.cells.map(markOf)).toEqual([
    'covered',
    'hole',
    null,
    'hole',
    'makeshift',
    'hole',
    null,
    'hole',
  ]);
  expect(markOf(cell('a', 'b', 3, 0, 0, 1))).toBe('faulty');
  expect([cell('a', 'b', 3, 2), cell('a', 'b', 3, 0, 0, 1), cell('a', 'b')].map(isWhole)).toEqual([
    true,
    false,
    false,
  ]);
});

it('says the share cut off, so that 100 means that nothing is missing', () => {
  expect([cell('a', 'b', 199, 0, 1), cell('a', 'b', 2), cell('a', 'b')].map(shareOf)).toEqual([
    '99',
    '100',
    '–',
  ]);
});

it('has the scopes as the shop has them, with who does all of each and who comes nearest', () => {
  expect(
    rowsOf(shop, 'shop').map(({ scope, terminations, whole, nearest }) => [
      scope.id,
      terminations,
      whole,
      nearest?.kit,
    ]),
  ).toEqual([
    ['done', 10, ['bag', 'van'], undefined],
    ['near', 100, [], 'van'],
    ['empty', 0, [], undefined],
    ['worst', 50, [], 'van'],
  ]);
});

it('has first what no kit does, the farthest from it before, and the kit with the least open', () => {
  const rows = rowsOf(shop, 'worst');
  expect(rows.map(({ scope }) => scope.id)).toEqual(['worst', 'near', 'done', 'empty']);
  expect(columnsOf(shop, 'worst').map(({ id }) => id)).toEqual(['van', 'bag']);
  // The cells stand below their kits.
  expect(rows[0]?.cells.map(({ kit }) => kit)).toEqual(['van', 'bag']);
});

it('counts a scope as open that no kit does all of, and not one without lines', () => {
  expect(openScopesOf(shop).map(({ id }) => id)).toEqual(['near', 'worst']);
});

it('says a cell in words', () => {
  expect(cellWords(cell('a', 'b', 90, 3, 10, 1), 'Bag', 'Tower')).toBe(
    'Bag, Tower: 2 holes, 10 terminations of 104 cannot be made; 1 faulty; 3 makeshift; 90 covered',
  );
  expect(cellWords(cell('a', 'b', 7), 'Bag', 'Tower')).toBe('Bag, Tower: all 7 covered');
  expect(cellWords(cell('a', 'b'), 'Bag', 'Tower')).toBe('Bag, Tower: no lines');
});
