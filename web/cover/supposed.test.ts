import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { idsOf, lessId, rulesOf, swapsOf, turned, turnedWords, withId, withRule, withSwap } from './supposed';

it('has ids in the address, each once', () => {
  expect(idsOf('a,b')).toEqual(['a', 'b']);
  expect(idsOf(undefined)).toEqual([]);
  expect([withId(undefined, 'a'), withId('a,b', 'a'), lessId('a,b', 'a'), lessId('a', 'a')]).toEqual([
    'a',
    'b,a',
    'b',
    null,
  ]);
});

const pair = { kit: 'bag', scope: 'tower' };

it('has house rules in the address, null where none is left', () => {
  expect(withRule(pair, 'taps', 'accept')).toBe('{"taps":"accept"}');
  const two = { ...pair, rules: '{"taps":"accept","openFlame":false}' };
  expect(rulesOf(two)).toEqual({ taps: 'accept', openFlame: false });
  expect(withRule(two, 'taps', 'refuse')).toBe('{"openFlame":false,"taps":"refuse"}');
  expect(withRule(two, 'taps', undefined)).toBe('{"openFlame":false}');
  expect(withRule({ ...pair, rules: '{"taps":"accept"}' }, 'taps', undefined)).toBeNull();
  expect([rulesOf({ ...pair, rules: '{' }), rulesOf({ ...pair, rules: '[1]' }), rulesOf(pair)]).toEqual([
    {},
    {},
    {},
  ]);
});

it('has one other terminal for each line', () => {
  const text = withSwap({ ...pair, swap: 'tower/l1:ring,tower/l2:lug' }, 'l1', 'spade');
  expect(text).toBe('tower/l2:lug,tower/l1:spade');
  expect(swapsOf({ ...pair, swap: `${text},rubbish` })).toEqual([
    { text: 'tower/l2:lug', line: 'l2', terminal: 'lug' },
    { text: 'tower/l1:spade', line: 'l1', terminal: 'spade' },
  ]);
});

it('counts what it closes, opens, makes better and worse, by lines and terminations', () => {
  const is: [string, Schemas['Status'], number | undefined][] = [
    ['a', 'covered', 4],
    ['b', 'hole', 3],
    ['c', 'covered', undefined],
    ['d', 'makeshift', 7],
    ['e', 'covered', 9],
    ['f', 'makeshift', 2],
  ];
  const was = { a: 'hole', b: 'makeshift', c: 'makeshift', d: 'covered', e: 'covered', f: 'faulty' } as const;
  const coverage = {
    scope: {},
    lines: Object.fromEntries(is.map(([id, , quantity]) => [id, { id, ...(quantity ? { quantity } : {}) }])),
    report: { lines: is.map(([id, status]) => ({ id, status })) },
    was: { lines: was },
  } as unknown as Parameters<typeof turned>[0];
  expect(turned(coverage)).toEqual({
    closed: { lines: 2, terminations: 6 },
    opened: { lines: 1, terminations: 3 },
    better: { lines: 1, terminations: 1 },
    worse: { lines: 1, terminations: 7 },
  });
  // Written for one piece, it is of all of them.
  const many = { ...coverage, scope: { id: 'job', name: 'Job', pieces: { name: 'fixture', count: 48 } } };
  expect(turned(many).closed).toEqual({ lines: 2, terminations: 288 });
  expect(turnedWords(turned(coverage)).map(({ text }) => text)).toEqual([
    'closes 2 lines (6)',
    'opens 1 line (3)',
    'makes better 1 line (1)',
    'makes worse 1 line (7)',
  ]);
  expect(turnedWords(turned({ ...coverage, was: undefined as never }))).toEqual([]);
});
