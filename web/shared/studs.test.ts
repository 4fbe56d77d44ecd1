import { expect, it } from 'vitest';
import { studMm } from './studs';

it.each([
  ['M6', 6],
  ['M3.5', 3.5],
  ['M3,5', 3.5],
  ['#10', 5],
  ['5/16', 8],
  ['7/16', undefined],
  ['', undefined],
  [null, undefined],
  [undefined, undefined],
])('takes %s for %s mm', (stud, mm) => {
  expect(studMm(stud)).toBe(mm);
});
