import { useQueryClient } from '@tanstack/vue-query';
import { useDocumentVisibility, useIntervalFn } from '@vueuse/core';
import { watch } from 'vue';
import { answer, api } from '@/api/client';
import { useSession } from '@/session/useSession';

/**
 * Hears of what others change: the number that every change of the shop raises is asked for every few seconds while the page is
 * looked at, and at once when it is looked at again; where it is another, everything is read anew. What somebody is writing stays.
 */
export function useFresh(): void {
  const client = useQueryClient();
  const { person } = useSession();
  const visibility = useDocumentVisibility();
  // Each page has its own pace, or all of a shop would look in the same moment for ever.
  const milliseconds = 3_500 + 1_000 * Math.random();
  let seen: { shop: number; version: number } | null = null;

  async function look(): Promise<void> {
    const shop = person.value?.shopId;
    if (shop === undefined || visibility.value !== 'visible') return;
    // Where nobody answers, the note about that says so; here it is only tried again.
    const now = await answer(api.GET('/version')).catch(() => null);
    if (!now) return;
    const isAnother = seen?.shop === shop && seen.version !== now.version;
    seen = { shop, version: now.version };
    if (isAnother) await client.invalidateQueries({ queryKey: ['shop'] });
  }

  // At once too, or what is changed before the second look would never be noticed.
  useIntervalFn(() => void look(), milliseconds, { immediateCallback: true });
  watch([visibility, () => person.value?.shopId], () => void look());
}
