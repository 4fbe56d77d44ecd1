import { useLocalStorage, useMediaQuery, usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';

/** What one person likes to see on this device: which units, which theme. */
export const useSettings = defineStore('settings', () => {
  const first = useLocalStorage<'gauge' | 'metric'>('gondrik.sizes', 'gauge');
  const length = useLocalStorage<'mm' | 'inch'>('gondrik.length', 'mm');
  const force = useLocalStorage<'N' | 'lbf'>('gondrik.force', 'N');
  /** Lanes of the ruler that are wholly covered are thin lines. */
  const foldsCovered = useLocalStorage('gondrik.fold', true);
  /** Over lines that are written the ruler is down to its lanes with a hole. */
  const shrinksRuler = useLocalStorage('gondrik.small-ruler', false);
  const theme = useLocalStorage<'light' | 'dark' | 'auto'>('gondrik.theme', 'auto');
  const prefersDark = usePreferredDark();
  // Where the device forces its colours, those of the pictures must stand on its ground.
  const areForced = useMediaQuery('(forced-colors: active)');
  const isDark = computed(() =>
    theme.value === 'auto' || areForced.value ? prefersDark.value : theme.value === 'dark',
  );

  return { first, length, force, foldsCovered, shrinksRuler, theme, isDark };
});
