import { expect, it } from 'vitest';
import { isAlone, lettersOf, whoseWords } from './whose';

it.each([
  [undefined, '', false, ''],
  [['both'], '', false, ''],
  [['neither'], '', false, 'neither'],
  [['one'], 'A', true, 'A alone'],
  [['other'], 'B', true, 'B alone'],
  [['one-better'], 'A', false, 'A better'],
  [['other-better'], 'B', false, 'B better'],
  [['both', 'one', 'other'], 'AB', true, 'A alone, B alone'],
  [['one-better', 'neither'], 'A', false, 'A better, neither'],
] as const)('of %s: the letters %s', (whose, letters, alone, words) => {
  expect([lettersOf(whose), isAlone(whose), whoseWords(whose)]).toEqual([letters, alone, words]);
});
