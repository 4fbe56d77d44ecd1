import { expect, it } from 'vitest';
import { trialWords, triedGroups } from './trialWords';

it('counts wires and terminals in a sentence', () => {
  const of = {
    op: 'strip',
    of: 30,
    proper: 12,
    makeshift: 1,
    unsuitable: 17,
    about: 'wires',
    tried: [],
  } as const;
  expect(trialWords({ ...of, tried: [] }, false)).toBe('Strips 12 of your 30 wires');
  expect(trialWords({ ...of, of: 100, tried: [] }, true)).toBe('Strips 12 of your first 100 wires');
  expect(trialWords({ ...of, op: 'crimp', of: 1, proper: 0, about: 'terminals', tried: [] }, false)).toBe(
    'Makes 0 of your 1 terminal',
  );
});

it('says what holds for one terminal once, with its wires', () => {
  const one = { area: 1, fit: 'unsuitable', position: null, code: 'nest.none', text: 'No nest.' } as const;
  const names = { wires: { a: 'Wire A', b: 'Wire B' }, terminals: { t: 'Ring' } };
  expect(
    triedGroups(
      [
        { ...one, wire: 'a', terminal: 't' },
        { ...one, wire: 'b', terminal: 't' },
        { ...one, wire: 'a', terminal: null },
      ],
      names,
    ).map(({ title, wires }) => [title, wires]),
  ).toEqual([
    ['Ring', ['Wire A', 'Wire B']],
    ['Wire A', []],
  ]);
});
