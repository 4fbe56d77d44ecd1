import { expect, it } from 'vitest';
import { draftRead } from './draftRead';

it.each([
  [null, {}],
  ['{"preset":"panel","taps":null}', { preset: 'panel', taps: null }],
  ['{"preset":', {}],
  ['[1]', {}],
  ['null', {}],
  ['7', {}],
])('reads %j as what is thought over', (text, draft) => {
  expect(draftRead(text)).toEqual(draft);
});
