import { shallowRef } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useWriteLine } from '@/data/writeLine';

/** Puts what was reckoned into the remark of a line, behind what stands there; it can be taken back like any write. */
export function usePutIntoLine() {
  const writeLine = useWriteLine();
  const isBusy = shallowRef(false);
  const refused = shallowRef<Schemas['Problem'] | null>(null);

  async function put(scope: string, line: string, text: string): Promise<void> {
    isBusy.value = true;
    refused.value = null;
    try {
      await writeLine(
        { scope, line },
        (kept) => ({ note: kept?.note ? `${kept.note}; ${text}` : text }),
        `Put into the line: ${text}`,
      );
    } catch (error) {
      refused.value = problemOf(error);
    } finally {
      isBusy.value = false;
    }
  }

  return { put, isBusy, refused };
}
