import { expect, it } from 'vitest';
import { editsOf, orderWith, stretchOf } from './editsOf';

const line = (id: string, quantity = 1) => ({ id, wire: 'w', terminal: 't', quantity });
const kept = ['a', 'b', 'c', 'd'].map((id) => ({ ...line(id), version: `v-${id}` }));

it('puts lines before another one, or at the end', () => {
  expect(orderWith(['a', 'b', 'c', 'd'], ['c'], 'a')).toEqual(['c', 'a', 'b', 'd']);
  expect(orderWith(['a', 'b', 'c', 'd'], ['a', 'b'], 'd')).toEqual(['c', 'a', 'b', 'd']);
  expect(orderWith(['a', 'b', 'c', 'd'], ['b'], null)).toEqual(['a', 'c', 'd', 'b']);
});

it('names only the stretch that changes', () => {
  expect(stretchOf(['a', 'b', 'c', 'd'], ['a', 'c', 'b', 'd'])).toEqual(['c', 'b']);
  expect(stretchOf(['a', 'b'], ['a', 'b'])).toEqual([]);
});

it('writes the cells of a line together, with the version that was seen', () => {
  const cells = [
    { line: line('a'), column: 'quantity', text: '9' },
    { line: line('a'), column: 'wet', text: 'yes' },
    { line: line('b'), column: 'quantity', text: '9' },
  ];
  expect(editsOf({ kind: 'cells', cells }, 's', kept)?.edits).toEqual([
    { id: 'a', version: 'v-a', cells: { quantity: '9', wet: 'yes' } },
    { id: 'b', version: 'v-b', cells: { quantity: '9' } },
  ]);
});

it('takes lines out, and puts copies below the last of those copied, in their order', () => {
  expect(editsOf({ kind: 'erase', lines: [line('a')] }, 's', kept)?.edits).toEqual([
    { id: 'a', version: 'v-a', line: null },
  ]);
  const copied = editsOf({ kind: 'duplicate', lines: [line('a', 2), line('b', 3)] }, 's', kept)?.edits;
  expect(copied?.map(({ line, after }) => [line?.quantity, after])).toEqual([
    [3, 'b'],
    [2, 'b'],
  ]);
});

it('does nothing where nothing changes', () => {
  expect(editsOf({ kind: 'arrange', lines: [line('b')], before: line('c') }, 's', kept)).toBeNull();
  expect(editsOf({ kind: 'cells', cells: [] }, 's', kept)).toBeNull();
});
