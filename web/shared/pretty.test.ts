import { expect, it } from 'vitest';
import { piecesOf, pretty } from './pretty';

it.each([
  [0, 'pieces', '0'],
  [1200, 'pieces', '1200'],
  [999, 'mm', '999 mm'],
  [1000, 'mm', '1 m'],
  [5250, 'mm', '5.25 m'],
] as const)('tells %d %s as %s', (many, unit, told) => {
  expect(piecesOf(many, unit)).toBe(told);
});

it.each([
  ['0.5-1.5 mm2', '0.5–1.5 mm²'],
  ['22-16 AWG / 0.5-1.5 mm2', '22–16 AWG / 0.5–1.5 mm²'],
  ['1/0-4/0 AWG', '1/0–4/0 AWG'],
  ['It must hold 40 N by IEC 60947-1.', 'It must hold 40 N by IEC 60947-1.'],
  ['DIN 46228-4', 'DIN 46228-4'],
  ['Read the print: M22759/32-20-6.', 'Read the print: M22759/32-20-6.'],
])('writes %s as %s', (text, told) => {
  expect(pretty(text)).toBe(told);
});
