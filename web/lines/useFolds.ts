import { computed, ref, watch, type ComputedRef } from 'vue';
import type { Schemas } from '@/api/client';
import { useSettings } from '@/settings/useSettings';

/** Which lanes are thin lines: those wholly covered, as long as there is something else to look at; and each at a click. */
export function useFolds(
  ruler: () => Schemas['Ruler'] | undefined,
  held: () => string,
): {
  isFolded: ComputedRef<(lane: string) => boolean>;
  /** Whether covered lanes are folded; null where there is nothing to fold. */
  folds: ComputedRef<boolean | null>;
  fold: (lane: string) => void;
  foldAll: () => void;
} {
  const settings = useSettings();
  const unusual = ref(new Set<string>());
  watch(held, () => unusual.value.clear());
  const isAllCovered = computed(() =>
    (ruler()?.drops ?? []).every((drop) => Object.values(drop.marks).every((mark) => mark === 'covered')),
  );

  return {
    isFolded: computed(() => {
      const usually = settings.foldsCovered && !isAllCovered.value;
      const others = new Set(unusual.value);
      return (lane) => usually !== others.has(lane);
    }),
    folds: computed(() => (isAllCovered.value ? null : settings.foldsCovered)),
    fold(lane) {
      if (!unusual.value.delete(lane)) unusual.value.add(lane);
    },
    foldAll() {
      settings.foldsCovered = !settings.foldsCovered;
      unusual.value.clear();
    },
  };
}
