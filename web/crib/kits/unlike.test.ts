import { expect, it } from 'vitest';
import { unlikeWords } from './unlike';

const count = (wanted: number, there: number) => ({
  tool: 'cutter',
  name: 'Cutter',
  wanted,
  tags: Array.from({ length: there }, (_, at) => `C-${at}`),
});

it.each([
  [[], ''],
  [[count(2, 0), count(1, 0)], '3 planned, not there'],
  [[count(1, 4)], '3 there, not planned'],
  [[count(1, 0), count(0, 2)], '1 planned, not there; 2 there, not planned'],
])('says of %j "%s"', (counts, words) => expect(unlikeWords(counts)).toBe(words));
