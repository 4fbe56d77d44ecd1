import { useMutation } from '@tanstack/vue-query';
import { StorageSerializers, useLocalStorage } from '@vueuse/core';
import { ref, shallowRef } from 'vue';
import { answer, api, ApiProblem, isChangedMeanwhile, type Schemas } from '@/api/client';
import { useUndo } from '@/frame/useUndo';
import { omit } from '@/shared/omit';

type Line = Schemas['Line'];
type Kept = Schemas['LineKept'];
type Edit = Schemas['LineEdit'];

/** What somebody wants of the lines of a scope, and what it is in a few words. */
export interface Wanted {
  scope: string;
  edits: Edit[];
  order?: string[];
  said: string;
}

/** Two wrote on one line: what I wanted of it, what is there by now, and who it was. */
export interface Conflict {
  wanted: Wanted;
  mine: Edit;
  theirs: Kept;
  changed: { by: string | null; at: string } | null;
}

/** A version that no line has. */
const NONE = '0000000000000000';

export const without = (kept: Kept): Line => ({ ...omit(kept, 'version'), id: kept.id });

/** The version of a line that somebody has seen; where what is kept is not what was seen, one that meets nothing. */
export function versionOf(line: Line, kept: Kept[]): string {
  const found = kept.find(({ id }) => id === line.id);
  return found && JSON.stringify(omit(found, 'version')) === JSON.stringify(line) ? found.version : NONE;
}

/**
 * The same wish once more, with what is there by now having been seen: mine over theirs, theirs left as they are, or theirs left
 * and mine below as another line.
 */
export function settled({ wanted, mine, theirs }: Conflict, how: 'mine' | 'theirs' | 'both'): Wanted {
  const at = wanted.edits.findIndex(({ id }) => id === mine.id);
  const edits = wanted.edits.slice();
  if (how === 'mine') {
    edits[at] = { ...mine, version: theirs.version };
  } else if (how === 'theirs') {
    edits.splice(at, 1);
  } else {
    const { id, ...line } = { ...without(theirs), ...mine.line };
    edits[at] = { line, ...(mine.cells ? { cells: mine.cells } : {}), after: id };
  }
  return { ...wanted, edits };
}

/** What was wanted and never came to be written: the page was closed, or the server did not answer. */
export const unsent = new ApiProblem({
  type: 'about:blank',
  title: 'It was not written before the page was left',
  status: 0,
  detail: 'It can be written now, as it was.',
});

/**
 * Writes lines of a scope, many at once as one step; each can be taken back from wherever somebody goes next.
 *
 * @param keptUnder where the browser keeps what is not written yet, so that it can be offered again; null keeps nothing
 */
export function useLines(keptUnder: string | null = null) {
  const undo = useUndo();
  const conflict = shallowRef<Conflict | null>(null);
  /** Why it was not written, and what was wanted: nothing typed is lost. */
  const refused = ref<{ error: unknown; wanted: Wanted } | null>(null);
  const kept =
    keptUnder === null
      ? ref(null)
      : useLocalStorage<Wanted | null>(keptUnder, null, { serializer: StorageSerializers.object });
  if (kept.value) refused.value = { error: unsent, wanted: kept.value };
  /** What was told is settled: written, or let go. */
  function letGo(): void {
    refused.value = null;
    kept.value = null;
  }

  const edit = useMutation({
    mutationFn: ({ scope, edits, order }: Wanted) =>
      answer(
        api.POST('/scopes/{scope}/changes', {
          params: { path: { scope } },
          body: { changes: edits, ...(order ? { order } : {}) },
        }),
      ),
    onMutate: (wanted) => {
      refused.value = null;
      kept.value = wanted;
    },
    onSuccess: ({ change }, { said }) => {
      kept.value = null;
      return undo.did(change, said);
    },
    onError: (error, wanted) => {
      const { present, changed } = isChangedMeanwhile(error)
        ? error.problem
        : { present: undefined, changed: undefined };
      const theirs = present as Kept | undefined;
      const mine = wanted.edits.find(({ id }) => id !== undefined && id === theirs?.id);
      if (theirs && mine) conflict.value = { wanted, mine, theirs, changed: changed ?? null };
      else refused.value = { error, wanted };
    },
  });

  return {
    edit,
    conflict,
    refused,
    letGo,
    settle(how: 'mine' | 'theirs' | 'both'): void {
      const open = conflict.value;
      conflict.value = null;
      const wanted = open && settled(open, how);
      if (wanted && (wanted.edits.length || wanted.order)) edit.mutate(wanted);
      else letGo();
    },
  };
}
