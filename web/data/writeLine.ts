import { useUndo } from '@/frame/useUndo';
import { answer, api, type Schemas } from '@/api/client';

type Kept = Schemas['LineKept'];

/** Writes cells of one line as it stands now, from a place where it is not edited: one step, which can be taken back. */
export function useWriteLine() {
  const undo = useUndo();

  return async (
    { scope, line }: { scope: string; line: string },
    cells: (kept: Kept | undefined) => Record<string, string>,
    said: string,
  ): Promise<void> => {
    const { data } = await answer(api.GET('/scopes/{scope}/lines', { params: { path: { scope } } }));
    const kept = data.find(({ id }) => id === line);
    const { change } = await answer(
      api.POST('/scopes/{scope}/changes', {
        params: { path: { scope } },
        body: { changes: [{ id: line, version: kept?.version ?? '', cells: cells(kept) }] },
      }),
    );
    await undo.did(change, said);
  };
}
