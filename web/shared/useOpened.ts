import { shallowRef, watch } from 'vue';

/** A part that folds: it opens where there is something in it, and then stays as somebody leaves it. */
export function useOpened(hasSomething: () => boolean) {
  const isOpen = shallowRef(hasSomething());
  watch(hasSomething, (has) => {
    if (has) isOpen.value = true;
  });
  return {
    isOpen,
    /** For the fold's own toggle event. */
    onToggle: (event: Event) => (isOpen.value = (event.target as HTMLDetailsElement).open),
  };
}
