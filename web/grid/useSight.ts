import { defaultRangeExtractor, useVirtualizer } from '@tanstack/vue-virtual';
import { useEventListener, useMediaQuery } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';

/** A row that is drawn: which, and how far down. */
export interface Sighted {
  index: number;
  top: number;
}

/**
 * The rows in sight and a few around them; the row with the focus is always among them, however far one has scrolled away from
 * it. On paper there is every row.
 */
export function useSight(
  root: Readonly<Ref<HTMLElement | null>>,
  of: {
    count: () => number;
    rowHeight: () => number;
    head: () => number;
    focus: () => number;
    id: (index: number) => string;
  },
): {
  sighted: ComputedRef<Sighted[]>;
  /** Height of all rows together. */
  total: ComputedRef<number>;
  scrollTo: (index: number, align: 'auto' | 'center') => void;
  isSeen: (index: number) => boolean;
} {
  const virtual = useVirtualizer(
    computed(() => {
      const focus = of.focus();
      return {
        count: of.count(),
        getScrollElement: () => root.value,
        estimateSize: of.rowHeight,
        getItemKey: of.id,
        overscan: 6,
        scrollPaddingStart: of.head(),
        rangeExtractor: (seen: Parameters<typeof defaultRangeExtractor>[0]) => {
          const rows = defaultRangeExtractor(seen);
          return focus >= seen.count || rows.includes(focus)
            ? rows
            : [...rows, focus].sort((one, other) => one - other);
        },
      };
    }),
  );

  const isPrinting = ref(false);
  useEventListener(window, 'beforeprint', () => (isPrinting.value = true));
  useEventListener(window, 'afterprint', () => (isPrinting.value = false));
  watch(useMediaQuery('print'), (isPaper) => (isPrinting.value = isPaper), { flush: 'sync' });

  return {
    sighted: computed(() =>
      isPrinting.value
        ? Array.from({ length: of.count() }, (_, index) => ({ index, top: index * of.rowHeight() }))
        : virtual.value.getVirtualItems().map(({ index, start }) => ({ index, top: start })),
    ),
    total: computed(() => (isPrinting.value ? of.count() * of.rowHeight() : virtual.value.getTotalSize())),
    scrollTo: (index, align) => virtual.value.scrollToIndex(index, { align }),
    isSeen(index) {
      const { scrollTop = 0, clientHeight = 0 } = root.value ?? {};
      const top = index * of.rowHeight();
      return top >= scrollTop && top + of.rowHeight() <= scrollTop + clientHeight - of.head();
    },
  };
}
