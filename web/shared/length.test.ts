import { expect, it } from 'vitest';
import { millimetres } from './length';

it.each([
  ['3.9', 3.9],
  ['3,9 mm', 3.9],
  ['0.15 in', 3.81],
  ['0.15"', 3.81],
  ['1 inch', 25.4],
  ['thin', null],
  ['3 4', null],
])('%s', (text, length) => expect(millimetres(text)).toBe(length));
