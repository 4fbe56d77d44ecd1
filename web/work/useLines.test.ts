import { expect, it } from 'vitest';
import { each, versionOf } from './useLines';

const line = { id: 'a', wire: 'w', terminal: 't', quantity: 3 };

it('names the version of a line only where what is kept is what was seen', () => {
  expect(versionOf(line, [{ ...line, version: 'abc' }])).toBe('abc');
  expect(versionOf(line, [{ ...line, quantity: 4, version: 'abc' }])).toBe('0000000000000000');
  expect(versionOf(line, [])).toBe('0000000000000000');
});

it('keeps what was done before something failed', async () => {
  const error = new Error('no');
  const act = (one: number) => (one === 3 ? Promise.reject(error) : Promise.resolve(one * 10));
  expect(await each([1, 2, 3, 4], act)).toEqual({ did: [10, 20], failed: error });
  expect(await each([1], act)).toEqual({ did: [10], failed: null });
});
