import { expect, it } from 'vitest';
import { guarded } from './clipboard';

it.each([
  ['=1+1', "'=1+1"],
  ['+cmd|x', "'+cmd|x"],
  ['-2+3', "'-2+3"],
  ['@SUM(A1)', "'@SUM(A1)"],
  ['\t=1', "'\t=1"],
  ['＝1', "'＝1"],
  ['＋1', "'＋1"],
  ['－1', "'－1"],
  ['＠x', "'＠x"],
  ['\t', "'\t"],
  ['-40', '-40'],
  ['4-6 mm²', '4-6 mm²'],
  ['', ''],
])('marks what a spreadsheet would run: %j', (text, expected) => {
  expect(guarded(text)).toBe(expected);
});
