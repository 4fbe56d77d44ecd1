import { useQueryClient } from '@tanstack/vue-query';
import { useDocumentVisibility, useIdle, useIntervalFn } from '@vueuse/core';
import { watch } from 'vue';
import { answer, api } from '@/api/client';
import { onOwnChange } from '@/api/ownChange';
import { readAnew } from '@/api/readAnew';
import { sessionKey, useSession } from '@/session/useSession';
import { payIn } from '@/shared/currency';

/** Milliseconds without a key, a finger or the mouse after which nobody is waiting for anything. */
const IDLE = 60_000;

/**
 * Hears of what others change: the number that every change of the shop raises is asked for every few seconds while the page is
 * looked at, four times a minute while nobody does anything with it, and at once when it is looked at again; where it is another,
 * everything is read anew; so is who is here, where the shop tells things otherwise. What somebody is writing stays. Where the number is another by one's own write alone, what was read
 * after that write is not read once more.
 */
export function useFresh(): void {
  const client = useQueryClient();
  const { person } = useSession();
  const visibility = useDocumentVisibility();
  // Each page has its own pace, or all of a shop would look in the same moment for ever.
  const dice = Math.random();
  const milliseconds = 3_500 + 1_000 * dice;
  const whileIdle = 15_500 + 4_000 * dice;
  const { idle } = useIdle(IDLE);
  let looked = 0;
  let seen: { shop: number; version: number } | null = null;

  let own = 0;
  onOwnChange(({ from, to }) => {
    own++;
    if (seen?.version === from) seen = { ...seen, version: to };
  });

  async function look(): Promise<void> {
    const shop = person.value?.shopId;
    if (shop === undefined || visibility.value !== 'visible') return;
    looked = Date.now();
    // Where nobody answers, the note about that says so; here it is only tried again.
    const before = own;
    const now = await answer(api.GET('/version')).catch(() => null);
    // An answer from before one's own write says nothing of what came after it.
    if (!now || before !== own) return;
    payIn(now.currency);
    if (JSON.stringify(now.settings) !== JSON.stringify(person.value?.settings))
      void client.invalidateQueries({ queryKey: sessionKey });
    const isAnother = seen?.shop === shop && seen.version !== now.version;
    seen = { shop, version: now.version };
    if (isAnother) await readAnew(client);
  }

  // At once too, or what is changed before the second look would never be noticed.
  useIntervalFn(
    () => {
      if (!idle.value || Date.now() - looked >= whileIdle) void look();
    },
    milliseconds,
    { immediateCallback: true },
  );
  watch([visibility, idle, () => person.value?.shopId], () => {
    if (!idle.value) void look();
  });
}
