import { expect, it } from 'vitest';
import { versionOf } from './useLines';

const line = { id: 'a', wire: 'w', terminal: 't', quantity: 3 };

it('names the version of a line only where what is kept is what was seen', () => {
  expect(versionOf(line, [{ ...line, version: 'abc' }])).toBe('abc');
  expect(versionOf(line, [{ ...line, quantity: 4, version: 'abc' }])).toBe('0000000000000000');
  expect(versionOf(line, [])).toBe('0000000000000000');
});
