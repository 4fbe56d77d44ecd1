import { expect, it } from 'vitest';
import { settled, versionOf, type Conflict } from './useLines';

const line = { id: 'a', wire: 'w', terminal: 't', quantity: 3 };

it('names the version of a line only where what is kept is what was seen', () => {
  expect(versionOf(line, [{ ...line, version: 'abc' }])).toBe('abc');
  expect(versionOf(line, [{ ...line, quantity: 4, version: 'abc' }])).toBe('0000000000000000');
  expect(versionOf(line, [])).toBe('0000000000000000');
});

const conflict: Conflict = {
  wanted: {
    scope: 's',
    said: 'Written',
    edits: [
      { id: 'a', version: 'old', cells: { quantity: '9' } },
      { id: 'b', version: 'b1', cells: { wet: 'yes' } },
    ],
  },
  mine: { id: 'a', version: 'old', cells: { quantity: '9' } },
  theirs: { ...line, quantity: 5, note: 'theirs', version: 'new' },
  changed: { by: 'Ivo', at: '2026-11-25T10:00:00Z' },
};

it('writes mine over theirs, cell by cell, with theirs having been seen', () => {
  expect(settled(conflict, 'mine').edits).toEqual([
    { id: 'a', version: 'new', cells: { quantity: '9' } },
    { id: 'b', version: 'b1', cells: { wet: 'yes' } },
  ]);
});

it('leaves theirs, and still writes what else was wanted', () => {
  expect(settled(conflict, 'theirs').edits).toEqual([{ id: 'b', version: 'b1', cells: { wet: 'yes' } }]);
});

it('keeps both: theirs as they are, and mine as another line below', () => {
  expect(settled(conflict, 'both').edits[0]).toEqual({
    line: { wire: 'w', terminal: 't', quantity: 5, note: 'theirs' },
    cells: { quantity: '9' },
    after: 'a',
  });
});
