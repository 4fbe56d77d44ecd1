import { useEventListener } from '@vueuse/core';
import { useUndo } from './useUndo';

const FIELDS = 'input:not([type=radio], [type=checkbox]), textarea, select, [role=dialog]';

/** Ctrl+Z and Ctrl+Y, as in a sheet; in a field they are the field's own. */
export function useUndoKeys(): void {
  const undo = useUndo();
  useEventListener(window, 'keydown', (event) => {
    const isFar = (event.ctrlKey || event.metaKey) && !event.altKey;
    if (!isFar || (event.target instanceof Element && event.target.closest(FIELDS))) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) void undo.undo();
    else if (key === 'y' || (key === 'z' && event.shiftKey)) void undo.redo();
    else return;
    event.preventDefault();
  });
}
