import { expect, it } from 'vitest';
import { pretty } from './pretty';

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
