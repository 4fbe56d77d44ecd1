import { useHotkey } from 'vuetify';

/** A field that letters belong to: radio buttons and check boxes are none. */
const FIELDS =
  'input:not([type=radio], [type=checkbox]), textarea, select, [contenteditable=true], [role=dialog]';

/** What goes about by arrows itself. */
const WALKED =
  'input[type=radio], input[type=range], [role=slider], [role=grid], [role=menu], [role=tablist]';

function isTheirs(event: KeyboardEvent): boolean {
  const own = event.key.startsWith('Arrow') ? `${FIELDS}, ${WALKED}` : FIELDS;
  return event.target instanceof Element && event.target.closest(own) !== null;
}

/** Whether what belongs to a key is on the page at all: under a sign-in nothing is. */
function isShown(selector: string): boolean {
  return document.querySelector<HTMLElement>(selector)?.checkVisibility() ?? false;
}

/**
 * A key of the page, in the toolkit's own way of writing: "/", "shift+?", "g-c" for one after the other. It does nothing while
 * somebody types, and nothing while the frame is hidden.
 */
export function useKeys(keys: string, act: () => void): void {
  useHotkey(
    keys,
    (event) => {
      if (isTheirs(event) || !isShown('#place')) return;
      event.preventDefault();
      act();
    },
    { inputs: true, preventDefault: false },
  );
}
