import { useLocalStorage, useMediaQuery, usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';

/** How a shop tells things to who has chosen nothing else. */
export interface ShopWays {
  sizes: 'gauge' | 'metric';
  length: 'mm' | 'inch';
  force: 'N' | 'lbf';
  theme: 'light' | 'dark' | 'auto';
}

/** What one person likes to see on this device: which units, which theme; where they have not said, as the shop has it. */
export const useSettings = defineStore('settings', () => {
  const shop = useLocalStorage<ShopWays>(
    'gondrik.shop',
    { sizes: 'gauge', length: 'mm', force: 'N', theme: 'auto' },
    { mergeDefaults: true },
  );
  const own = {
    sizes: useLocalStorage<ShopWays['sizes'] | null>('gondrik.sizes', null),
    length: useLocalStorage<ShopWays['length'] | null>('gondrik.length', null),
    force: useLocalStorage<ShopWays['force'] | null>('gondrik.force', null),
    theme: useLocalStorage<ShopWays['theme'] | null>('gondrik.theme', null),
  };
  const chosen = <K extends keyof ShopWays>(of: K) =>
    computed<ShopWays[K]>({
      get: () => (own[of].value as ShopWays[K] | null) ?? shop.value[of],
      set: (value) => ((own[of].value as ShopWays[K] | null) = value),
    });
  const first = chosen('sizes');
  const length = chosen('length');
  const force = chosen('force');
  const theme = chosen('theme');
  /** Something is told otherwise than the shop tells it. */
  const isOwn = computed(() =>
    (Object.keys(own) as (keyof ShopWays)[]).some(
      (of) => (own[of].value ?? shop.value[of]) !== shop.value[of],
    ),
  );
  function asTheShop(): void {
    for (const of of Object.values(own)) of.value = null;
  }
  /** @param ways undefined of somebody who was kept on this device before shops had ways */
  function follow(ways: ShopWays | undefined): void {
    if (!ways) return;
    const { sizes, length: lengths, force: forces, theme: themes } = ways;
    shop.value = { sizes, length: lengths, force: forces, theme: themes };
  }
  /** Lanes of the ruler that are wholly covered are thin lines. */
  const foldsCovered = useLocalStorage('gondrik.fold', true);
  /** Over lines that are written the ruler is down to its lanes with a hole. */
  const shrinksRuler = useLocalStorage('gondrik.small-ruler', false);
  const prefersDark = usePreferredDark();
  // Where the device forces its colours, those of the pictures must stand on its ground.
  const areForced = useMediaQuery('(forced-colors: active)');
  const isDark = computed(() =>
    theme.value === 'auto' || areForced.value ? prefersDark.value : theme.value === 'dark',
  );

  return { first, length, force, theme, isOwn, asTheShop, follow, foldsCovered, shrinksRuler, isDark };
});
