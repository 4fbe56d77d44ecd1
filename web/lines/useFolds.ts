import { computed, ref, watch, type ComputedRef } from 'vue';
import type { Schemas } from '@/api/client';
import { useSettings } from '@/settings/useSettings';

/** Which lanes are thin lines: those wholly covered, as long as there is something else to look at; and each at a click. */
export function useFolds(
  ruler: () => Schemas['Ruler'] | undefined,
  held: () => string,
  /** Whether lines are written below, which wants room. */
  isWritten: () => boolean,
): {
  isFolded: ComputedRef<(lane: string) => boolean>;
  /** Whether covered lanes are folded; null where there is nothing to fold. */
  folds: ComputedRef<boolean | null>;
  fold: (lane: string) => void;
  foldAll: () => void;
  /** Whether the ruler is down to the lanes with a hole; null where it never is. */
  isSmall: ComputedRef<boolean | null>;
  shrink: () => void;
  /** What of a ruler is drawn. */
  ruledBy: (whole: Schemas['Ruler']) => Schemas['Ruler'];
} {
  const settings = useSettings();
  const unusual = ref(new Set<string>());
  watch(held, () => unusual.value.clear());
  const isSmall = computed(() => (isWritten() ? settings.shrinksRuler : null));
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
    isSmall,
    shrink() {
      settings.shrinksRuler = !settings.shrinksRuler;
    },
    ruledBy: (whole) =>
      isSmall.value &&
      whole.drops.some(({ marks }) => Object.values(marks).some((mark) => mark !== 'unjudged'))
        ? {
            ...whole,
            lanes: whole.lanes.filter(({ name }) => whole.drops.some(({ marks }) => marks[name] === 'hole')),
          }
        : whole,
  };
}
