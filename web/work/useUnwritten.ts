import { useLocalStorage } from '@vueuse/core';
import { computed, effectScope, nextTick, onScopeDispose, ref } from 'vue';

/** A line that somebody has sent and that is not in the table: under way, or refused. */
interface Sent {
  key: string;
  text: string;
  /** Why it was not written; null while nobody has answered. */
  why: string | null;
}

/** What is said of a line whose answer never came to the page. */
export const LEFT = 'The page was left before the answer came: look whether it stands in the table.';

/** Of the whole page: whoever has gone to another place and back still waits for the same answers. */
const underWay = ref<string[]>([]);
let next = 0;

/**
 * Lines that were sent, until each is written, mended or thrown away; kept in the browser, so that none is lost with the page. An
 * answer that comes when the place has been left already is heard all the same.
 *
 *   const { send, letGo, refuse, refused } = useUnwritten('gondrik.unwritten.1.tower');
 */
export function useUnwritten(keptUnder: string) {
  const scope = effectScope(true);
  const all = scope.run(() => useLocalStorage<Sent[]>(keptUnder, [])) ?? ref<Sent[]>([]);
  const mine = new Set<string>();
  let isLeft = false;
  const endOnceSettled = () => {
    // What was written last is kept first.
    if (isLeft && mine.size === 0) void nextTick(() => scope.stop());
  };
  onScopeDispose(() => {
    isLeft = true;
    endOnceSettled();
  });

  function settle(key: string, left: Sent[]): void {
    underWay.value = underWay.value.filter((one) => one !== key);
    all.value = left;
    mine.delete(key);
    endOnceSettled();
  }

  return {
    /** Those that are not written, oldest first, each with the reason. */
    refused: computed(() =>
      all.value
        .filter(({ key }) => !underWay.value.includes(key))
        .map(({ key, text, why }) => ({ key, text, why: why ?? LEFT })),
    ),
    send(text: string): string {
      const key = `${Date.now()}.${next++}`;
      mine.add(key);
      underWay.value = [...underWay.value, key];
      all.value = [...all.value, { key, text, why: null }];
      return key;
    },
    /** It stands in the table, or is in somebody's hands again. */
    letGo: (key: string) =>
      settle(
        key,
        all.value.filter((one) => one.key !== key),
      ),
    refuse: (key: string, why: string) =>
      settle(
        key,
        all.value.map((one) => (one.key === key ? { ...one, why } : one)),
      ),
  };
}
