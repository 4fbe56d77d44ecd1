import { useQueryClient } from '@tanstack/vue-query';
import { shallowRef } from 'vue';
import { answer, api, problemOf, type Schemas } from '@/api/client';
import { SHOP, useShop } from '@/api/queries';
import { useUndo } from '@/frame/useUndo';

/** Puts what was reckoned into the remark of a line, behind what stands there; it can be taken back like any write. */
export function usePutIntoLine() {
  const shop = useShop();
  const client = useQueryClient();
  const undo = useUndo();
  const isBusy = shallowRef(false);
  const refused = shallowRef<Schemas['Problem'] | null>(null);

  async function put(scope: string, line: string, text: string): Promise<void> {
    isBusy.value = true;
    refused.value = null;
    try {
      const { data } = await answer(api.GET('/scopes/{scope}/lines', { params: { path: { scope } } }));
      const seen = data.find(({ id }) => id === line);
      const note = seen?.note ? `${seen.note}; ${text}` : text;
      const { change } = await answer(
        api.POST('/scopes/{scope}/changes', {
          params: { path: { scope } },
          body: { changes: [{ id: line, version: seen?.version ?? '', cells: { note } }] },
        }),
      );
      await client.invalidateQueries({ queryKey: [SHOP, shop.value] });
      await undo.did(change, `Put into ${line}: ${text}`);
    } catch (error) {
      refused.value = problemOf(error);
    } finally {
      isBusy.value = false;
    }
  }

  return { put, isBusy, refused };
}
