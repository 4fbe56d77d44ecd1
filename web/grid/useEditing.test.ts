import { flushPromises } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { useEditing } from './useEditing';

/** Three rows of five columns, of which the second and the last may be written. */
function grid() {
  const go = vi.fn();
  const focus = vi.fn(() => Promise.resolve());
  const cell = document.createElement('div');
  cell.innerHTML = '<span>12 AWG</span><input>';
  document.body.append(cell);
  const editing = useEditing({
    element: () => cell,
    isEditable: ({ column }) => column === 1 || column === 4,
    size: () => ({ row: 3, column: 5 }),
    go,
    focus,
  });
  return { ...editing, go, focus, input: cell.querySelector('input') };
}

it('opens a cell with the letter that was pressed, and has the focus in it', async () => {
  const { editing, begin, input } = grid();
  begin('line-2', { row: 1, column: 1 }, 'w');
  await flushPromises();
  expect(editing.value).toEqual({ row: 'line-2', place: { row: 1, column: 1 }, start: 'w' });
  expect(document.activeElement).toBe(input);
});

it.each([
  ['next', { row: 1, column: 1 }, { row: 1, column: 4 }],
  ['next', { row: 1, column: 4 }, { row: 1, column: 4 }],
  ['back', { row: 1, column: 4 }, { row: 1, column: 1 }],
  ['back', { row: 1, column: 1 }, { row: 1, column: 1 }],
  ['down', { row: 1, column: 1 }, { row: 2, column: 1 }],
  ['down', { row: 2, column: 1 }, { row: 2, column: 1 }],
] as const)('goes on %s from %o to %o', (onward, place, to) => {
  const { editing, begin, finish, go, focus } = grid();
  begin('line', place);
  finish(onward);
  expect(editing.value).toBeNull();
  expect(go).toHaveBeenCalledExactlyOnceWith(to);
  expect(focus).toHaveBeenCalledOnce();
});

it('stays where it is when nothing else is said, and ends once', () => {
  const { begin, finish, go, focus } = grid();
  begin('line', { row: 0, column: 1 });
  finish();
  finish('next');
  expect(go).not.toHaveBeenCalled();
  expect(focus).toHaveBeenCalledOnce();
});
