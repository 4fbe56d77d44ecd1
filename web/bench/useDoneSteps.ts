import { useLocalStorage } from '@vueuse/core';
import { computed, type Ref } from 'vue';

/** So many cards are remembered; the ones that were ticked last stay. */
const MOST = 300;

/** Which steps of a card are done, kept on this device: nobody else sees it, and a reload forgets nothing. */
export function useDoneSteps(card: Ref<string | null>) {
  const all = useLocalStorage<Record<string, number[]>>('gondrik.done-steps', {});
  const done = computed(() => new Set(card.value === null ? [] : (all.value[card.value] ?? [])));

  function keep(steps: number[]): void {
    if (card.value === null) return;
    const others = Object.entries(all.value).filter(([key]) => key !== card.value);
    const kept = others.slice(-(MOST - 1));
    all.value = { ...Object.fromEntries(kept), ...(steps.length ? { [card.value]: steps } : {}) };
  }

  return {
    done,
    toggle: (step: number) =>
      keep(done.value.has(step) ? [...done.value].filter((one) => one !== step) : [...done.value, step]),
    clear: () => keep([]),
  };
}
