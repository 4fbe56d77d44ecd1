import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useSight } from './useSight';

/** A table of a hundred rows of 36 px below a head of 28, of which 200 px are seen. */
function table(focus = 0) {
  const element = document.createElement('div');
  Object.defineProperties(element, {
    clientHeight: { value: 200 },
    offsetHeight: { value: 200 },
    offsetWidth: { value: 400 },
    scrollTop: { value: 0, writable: true },
  });
  const root = ref<HTMLElement | null>(element);
  const at = ref(focus);
  let sight!: ReturnType<typeof useSight>;
  mount({
    setup: () => {
      sight = useSight(root, {
        count: () => 100,
        rowHeight: () => 36,
        head: () => 28,
        focus: () => at.value,
        id: String,
      });
      return () => null;
    },
  });
  return { sight, element };
}

it('takes a row for seen only where all of it stands below the head', () => {
  const { sight, element } = table();
  // 172 px are left below the head: four rows and most of a fifth.
  expect([0, 3, 4].map((row) => sight.isSeen(row))).toEqual([true, true, false]);
  element.scrollTop = 36;
  expect([0, 1, 4, 5].map((row) => sight.isSeen(row))).toEqual([false, true, true, false]);
});

it('is as high as all rows together, and has every row on paper', async () => {
  const { sight } = table();
  expect(sight.total.value).toBe(3600);
  window.dispatchEvent(new Event('beforeprint'));
  await nextTick();
  expect(sight.sighted.value).toHaveLength(100);
  expect(sight.sighted.value[99]).toEqual({ index: 99, top: 99 * 36 });
  window.dispatchEvent(new Event('afterprint'));
  await nextTick();
  expect(sight.sighted.value.length).toBeLessThan(100);
});

it('keeps the row with the focus, however far away', () => {
  const { sight } = table(80);
  expect(sight.sighted.value.map(({ index }) => index)).toContain(80);
});
