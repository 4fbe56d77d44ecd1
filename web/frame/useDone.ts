import { defineStore } from 'pinia';
import { ref } from 'vue';

/** What has been done, in a few words, and how it is taken back. */
export interface Done {
  said: string;
  undo?: () => Promise<void>;
}

/**
 * The quiet line that tells what was done, with its undo: for every write. Only the last one is told; who wants to go back
 * further asks the place's own history.
 */
export const useDone = defineStore('done', () => {
  const last = ref<Done | null>(null);
  const isUndoing = ref(false);
  const failed = ref<unknown>(null);

  function tell(done: Done): void {
    last.value = done;
    failed.value = null;
  }

  async function undo(): Promise<void> {
    const taken = last.value;
    if (!taken?.undo || isUndoing.value) return;
    isUndoing.value = true;
    failed.value = null;
    try {
      await taken.undo();
      if (last.value === taken) last.value = { said: `Taken back: ${taken.said}` };
    } catch (error) {
      failed.value = error;
    } finally {
      isUndoing.value = false;
    }
  }

  return { last, isUndoing, failed, tell, undo, dismiss: () => (last.value = null) };
});
