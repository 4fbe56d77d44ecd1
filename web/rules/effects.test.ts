import { expect, it } from 'vitest';
import type { MatrixCell } from '@/data/matrix';
import type { RulesTried } from '@/data/rules';
import { effectsOf } from './effects';

/** Terminations that are covered, makeshift, in holes, faulty; holes; what is not carried. */
const cell = (
  kit: string,
  [covered, makeshift, hole, faulty]: [number, number, number, number],
  holes: number,
  carryMissing: MatrixCell['headline']['carryMissing'] = [],
  makeshiftCounts = false,
): MatrixCell => ({
  kit,
  scope: 'tower',
  headline: {
    terminations: covered + makeshift + hole + faulty,
    covered,
    makeshift,
    hole,
    faulty,
    share: null,
    makeshiftCounts,
    carryMissing,
  },
  holes,
});
const tried = (...cells: RulesTried['cells']): RulesTried => ({ of: 9, kits: {}, scopes: {}, cells });
const told = (before: MatrixCell, after: MatrixCell) =>
  effectsOf(tried({ before, after }), (kind) => `the ${kind}`)[0];

it.each([
  [
    'a hole more',
    cell('a', [10, 0, 0, 0], 0),
    cell('a', [7, 0, 3, 0], 1),
    1,
    ['3 more terminations cannot be made', '1 more hole'],
  ],
  [
    'a hole fewer',
    cell('a', [7, 0, 3, 0], 1),
    cell('a', [10, 0, 0, 0], 0),
    -1,
    ['3 terminations can be made', '1 hole fewer'],
  ],
  [
    'makeshift',
    cell('a', [10, 0, 0, 0], 0),
    cell('a', [9, 1, 0, 0], 0),
    1,
    ['1 termination becomes makeshift'],
  ],
  [
    'proper',
    cell('a', [8, 2, 0, 0], 0),
    cell('a', [10, 0, 0, 0], 0),
    -1,
    ['2 terminations are makeshift no longer'],
  ],
  [
    'faulty instead of a hole',
    cell('a', [6, 0, 4, 0], 2),
    cell('a', [6, 0, 0, 4], 0),
    0,
    ['2 holes fewer', '4 more faulty terminations'],
  ],
  [
    'what is carried',
    cell('a', [1, 0, 0, 0], 0, ['meter']),
    cell('a', [1, 0, 0, 0], 0, ['puller']),
    0,
    ['lacks what is carried: the puller', 'need not carry: the meter'],
  ],
  [
    'what counts',
    cell('a', [1, 1, 0, 0], 0),
    cell('a', [1, 1, 0, 0], 0, [], true),
    0,
    ['makeshift counts as covered'],
  ],
  [
    'what counts no longer',
    cell('a', [1, 1, 0, 0], 0, [], true),
    cell('a', [1, 1, 0, 0], 0),
    0,
    ['makeshift counts no longer'],
  ],
])('says of %s what it would do', (_, before, after, turn, words) => {
  expect(told(before, after)).toEqual({ kit: 'a', scope: 'tower', turn, words });
});

it('tells the worst first', () => {
  const of = (kit: string, hole: number) => ({
    before: cell(kit, [10, 0, 5, 0], 1),
    after: cell(kit, [10, 0, hole, 0], 1),
  });
  expect(effectsOf(tried(of('a', 4), of('b', 9), of('c', 6)), String).map(({ kit }) => kit)).toEqual([
    'b',
    'c',
    'a',
  ]);
});
