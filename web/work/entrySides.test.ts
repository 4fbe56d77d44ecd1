import { expect, it } from 'vitest';
import { missingSides, sidesOf, sideToComplete, withSide } from './entrySides';

const nothing = {
  line: null,
  tokens: [],
  questions: [],
  unknown: [],
  drop: null,
  names: { wires: {}, terminals: {} },
  steps: [],
  wantsSecond: false,
};

it.each([
  ['40 × 12 AWG pvc → ring yellow, wet', ['wire 12 AWG pvc', 'terminal ring yellow']],
  ['12 AWG pvc', ['wire 12 AWG pvc']],
  ['120 ferrules 1.5 on H05V-K 1.5', ['terminal ferrules 1.5', 'wire H05V-K 1.5']],
  ['6x battery cable > lug M10', ['wire battery cable', 'terminal lug M10']],
  ['w12 + w14 into butt', ['wire w12', 'terminal butt']],
])('%s', (text, sides) => {
  expect(sidesOf(text).map(({ about, words }) => `${about} ${words}`)).toEqual(sides);
  for (const { from, to, words } of sidesOf(text)) expect([...text].slice(from, to).join('')).toBe(words);
});

it('completes the side that is being written, until something stands for it', () => {
  expect(sideToComplete('4 × hook', undefined)?.words).toBe('hook');
  expect(sideToComplete('4 × h', undefined)).toBeNull();
  expect(sideToComplete('4 × w12 → ri', nothing)?.about).toBe('terminal');
  const known = { ...nothing, tokens: [{ from: 4, to: 7, text: 'w12', means: 'wire' as const, id: 'w12' }] };
  expect(sideToComplete('4 × w12', known)).toBeNull();
});

it('tells which side the shop lacks, and puts other words in its place', () => {
  const text = '4 × bell wire 𝛺 → ring, wet';
  const entry = { ...nothing, unknown: [{ from: 4, to: 15, text: 'bell wire 𝛺' }] };
  const [side] = missingSides(text, entry);
  expect(side?.about).toBe('wire');
  expect(side && withSide(text, side, 'w12')).toBe('4 × w12 → ring, wet');
  // What is not understood of the wire is not missing of the terminal.
  expect(missingSides(text, entry).map(({ about }) => about)).toEqual(['wire']);
});

it('keeps what was said of the line beside what is missing', () => {
  const text = '4 × w12 → ring blue wet M4';
  const entry = {
    ...nothing,
    tokens: [
      { from: 4, to: 7, text: 'w12', means: 'wire' as const, id: 'w12' },
      { from: 20, to: 23, text: 'wet', means: 'wet' as const },
      { from: 24, to: 26, text: 'M4', means: 'stud' as const },
    ],
    unknown: [{ from: 10, to: 19, text: 'ring blue' }],
  };
  const [side] = missingSides(text, entry);
  expect(side).toMatchObject({ about: 'terminal', words: 'ring blue M4' });
  expect(side && withSide(text, side, 'Ring, blue, M4')).toBe('4 × w12 → Ring, blue, M4, wet');
});
