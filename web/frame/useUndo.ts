import { useQueryClient } from '@tanstack/vue-query';
import { useSessionStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { answer, api } from '@/api/client';
import { readAnew } from '@/api/readAnew';
import { useSession } from '@/session/useSession';
import { useDone } from './useDone';

/** A change by its number in the history of the shop, and what it was in a few words. */
interface Step {
  change: number;
  said: string;
}

interface Steps {
  person: number | null;
  undo: Step[];
  redo: Step[];
}

/** What was written meanwhile stands behind it, so it is not simply the last. */
const without = (steps: Step[], one: Step): Step[] => steps.filter(({ change }) => change !== one.change);

/** So many steps can be gone back. */
const MOST = 200;

/**
 * What one has done on this page, step by step backwards and forwards. To take back is the inverse write, under the same check of
 * versions, and stands in the history as everything does; the steps outlive a reload.
 */
export const useUndo = defineStore('undo', () => {
  const client = useQueryClient();
  const done = useDone();
  const { person } = useSession();
  const steps = useSessionStorage<Steps>('gondrik.undo', { person: null, undo: [], redo: [] });

  /** Nobody takes back what another has done at the same machine. */
  function own(): Steps {
    const id = person.value?.id ?? null;
    if (steps.value.person !== id) steps.value = { person: id, undo: [], redo: [] };
    return steps.value;
  }

  // Who presses twice goes back two steps: the second waits for the first, else both would take back the same one.
  let turn: Promise<void> = Promise.resolve();
  function inTurn(act: () => Promise<void>): Promise<void> {
    const mine = turn.then(act);
    turn = mine.catch(() => undefined);
    return mine;
  }

  async function invert(step: Step): Promise<Step> {
    const { change } = await answer(
      api.POST('/history/{entry}/undo', { params: { path: { entry: String(step.change) } } }),
    );
    return { ...step, change };
  }

  async function back(): Promise<void> {
    const step = own().undo.at(-1);
    if (!step) return;
    const inverse = await invert(step);
    const now = own();
    steps.value = { ...now, undo: without(now.undo, step), redo: [...now.redo, inverse] };
    await readAnew(client);
  }

  async function forth(): Promise<void> {
    const step = own().redo.at(-1);
    if (!step) return;
    const again = await invert(step);
    const now = own();
    steps.value = { ...now, undo: [...now.undo, again], redo: without(now.redo, step) };
    await readAnew(client);
  }

  /** Tells what was done, with its undo where it is one's to take back, and reads the shop anew. */
  async function did(change: number, said: string, mayTakeBack = true): Promise<void> {
    if (!mayTakeBack) {
      done.tell({ said });
      return readAnew(client);
    }
    const now = own();
    steps.value = { ...now, undo: [...now.undo, { change, said }].slice(-MOST), redo: [] };
    done.tell({
      said,
      undo: () =>
        inTurn(async () => {
          if (own().undo.at(-1)?.change === change) await back();
          else {
            await invert({ change, said });
            await readAnew(client);
          }
        }),
    });
    await readAnew(client);
  }

  const told = (act: () => Promise<void>, list: 'undo' | 'redo', how: string) => () =>
    inTurn(async () => {
      const said = own()[list].at(-1)?.said;
      if (said === undefined) return;
      try {
        await act();
        done.tell({ said: `${how}: ${said}` });
      } catch (error) {
        done.tell({ said });
        done.failed = error;
      }
    });

  /** Any entry of the history, not only one's own; that can be taken back in turn. */
  async function takeBack(change: number, said: string): Promise<void> {
    try {
      const inverse = await invert({ change, said });
      await did(inverse.change, `Taken back: ${said}`);
    } catch (error) {
      done.tell({ said: `Not taken back: ${said}` });
      done.failed = error;
    }
  }

  return {
    did,
    takeBack,
    undo: told(back, 'undo', 'Taken back'),
    redo: told(forth, 'redo', 'Done again'),
    canUndo: computed(() => steps.value.person === person.value?.id && steps.value.undo.length > 0),
    canRedo: computed(() => steps.value.person === person.value?.id && steps.value.redo.length > 0),
  };
});
