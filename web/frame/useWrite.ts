import { useMutation } from '@tanstack/vue-query';
import { computed } from 'vue';
import { answer, changeOf, problemOf } from '@/api/client';
import { useUndo } from './useUndo';

type Written<Kept> = { data?: Kept; error?: unknown; response: Response };

/**
 * Something that is written by one press: it is sent, told with its undo, and the shop is read anew; then what belongs to it happens
 * here. What was refused is a problem to be shown where it was pressed; nothing happened then.
 *
 *   const { mutate, isPending, problem } = useWrite({
 *     ask: (kit: Kit) => api.PUT('/kits/{id}', …),
 *     said: (kit) => `Written: ${kit.name}`,
 *   });
 */
export function useWrite<Kept, Wish = void>(of: {
  ask: (wish: Wish) => Promise<Written<Kept>>;
  said: (wish: Wish, kept: Kept) => string;
  after?: (kept: Kept) => void;
  /** Whether it is one's own to take back; where nothing is said, it is. */
  mayTakeBack?: () => boolean;
  /** Before the shop is read anew: what was pressed may be gone then. */
  atOnce?: (kept: Kept) => void;
}) {
  const undo = useUndo();
  const write = useMutation({
    mutationFn: async (wish: Wish) => {
      const written = await of.ask(wish);
      return { kept: await answer(Promise.resolve(written)), change: changeOf(written.response) };
    },
    onSuccess: async ({ kept, change }, wish) => {
      of.atOnce?.(kept);
      await undo.did(change, of.said(wish, kept), (of.mayTakeBack?.() ?? true) && change > 0);
      of.after?.(kept);
    },
  });

  return { ...write, problem: computed(() => (write.error.value ? problemOf(write.error.value) : null)) };
}
