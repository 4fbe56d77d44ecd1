import { refDebounced } from '@vueuse/core';
import { computed, nextTick, ref, watch, type ComputedRef } from 'vue';

/** Lines that are lit in ruler and table alike, and brought into sight. */
export function useLighting(
  rows: () => { id: string }[],
  reveal: (lines: ReadonlySet<string>) => void,
): {
  lit: ComputedRef<ReadonlySet<string>>;
  light: (lines: string[]) => void;
  /** What the ruler lights is brought into sight, once somebody stays with it. */
  lightFromRuler: (lines: string[]) => void;
  /** A line that has just been written, as soon as it is there. */
  lightOnceThere: (line: string) => void;
} {
  const pointed = ref<string[]>([]);
  const asked = ref<string[]>([]);
  const settled = refDebounced(asked, 120);
  watch(settled, (lines) => lines.length && reveal(new Set(lines)));

  const awaited = ref<string | null>(null);
  watch([rows, awaited], async ([now, line]) => {
    if (line === null || !now.some(({ id }) => id === line)) return;
    awaited.value = null;
    pointed.value = [line];
    await nextTick();
    reveal(new Set([line]));
  });

  return {
    lit: computed(() => new Set(pointed.value)),
    light: (lines) => (pointed.value = lines),
    lightFromRuler(lines) {
      pointed.value = lines;
      asked.value = lines;
    },
    lightOnceThere: (line) => (awaited.value = line),
  };
}
