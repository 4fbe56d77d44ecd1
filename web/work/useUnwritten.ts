import { useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';

/** A line that somebody has sent and that is not in the table: under way, or refused. */
interface Sent {
  key: string;
  text: string;
  /** Why it was not written; null while nobody has answered. */
  why: string | null;
}

/** What is said of a line whose answer never came to the page. */
export const LEFT = 'The page was left before the answer came: look whether it stands in the table.';

/**
 * Lines that were sent, until each is written, mended or thrown away; kept in the browser, so that none is lost with the page.
 *
 *   const { send, written, refuse, refused } = useUnwritten('gondrik.unwritten.1.tower');
 */
export function useUnwritten(keptUnder: string) {
  const all = useLocalStorage<Sent[]>(keptUnder, []);
  const underWay = ref<string[]>([]);
  let next = 0;

  const without = (key: string) => all.value.filter((one) => one.key !== key);
  const settle = (key: string) => (underWay.value = underWay.value.filter((one) => one !== key));

  return {
    /** Those that are not written, oldest first, each with the reason. */
    refused: computed(() =>
      all.value
        .filter(({ key }) => !underWay.value.includes(key))
        .map(({ key, text, why }) => ({ key, text, why: why ?? LEFT })),
    ),
    send(text: string): string {
      const key = `${Date.now()}.${next++}`;
      all.value = [...all.value, { key, text, why: null }];
      underWay.value = [...underWay.value, key];
      return key;
    },
    /** It stands in the table, or is in somebody's hands again. */
    letGo(key: string): void {
      settle(key);
      all.value = without(key);
    },
    refuse(key: string, why: string): void {
      settle(key);
      all.value = all.value.map((one) => (one.key === key ? { ...one, why } : one));
    },
  };
}
