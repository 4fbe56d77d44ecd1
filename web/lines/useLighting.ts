import { refDebounced } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef } from 'vue';

/** Lines that are lit in ruler and table alike. What the ruler lights is brought into sight, once somebody stays with it. */
export function useLighting(reveal: (lines: ReadonlySet<string>) => void): {
  lit: ComputedRef<ReadonlySet<string>>;
  light(lines: string[]): void;
  lightFromRuler(lines: string[]): void;
} {
  const pointed = ref<string[]>([]);
  const asked = ref<string[]>([]);
  const settled = refDebounced(asked, 120);
  watch(settled, (lines) => lines.length && reveal(new Set(lines)));

  return {
    lit: computed(() => new Set(pointed.value)),
    light: (lines) => (pointed.value = lines),
    lightFromRuler(lines) {
      pointed.value = lines;
      asked.value = lines;
    },
  };
}
