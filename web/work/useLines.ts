import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { ref } from 'vue';
import { answer, api, ApiProblem, isChangedMeanwhile, type Schemas } from '@/api/client';
import { useDone } from '@/frame/useDone';
import { counted } from '@/shared/pretty';

type Line = Schemas['Line'];
type Kept = Schemas['LineKept'];

/** Two wrote on one line: what I wanted, and what is there by now. */
export interface Conflict {
  scope: string;
  mine: Line;
  theirs: Kept;
}

/** A version that no line has. */
const NONE = '0000000000000000';

/** The version of a line that somebody has seen; where what is kept is not what was seen, one that meets nothing. */
export function versionOf(line: Line, kept: Kept[]): string {
  const found = kept.find(({ id }) => id === line.id);
  return found && JSON.stringify(without(found)) === JSON.stringify(line) ? found.version : NONE;
}

const seen = (version: string) => ({ 'If-Match': `"${version}"` });
function without(kept: Kept): Line {
  const { version, ...line } = kept;
  void version;
  return line;
}

const write = (scope: string, line: Line, version: string) =>
  answer(
    api.PUT('/scopes/{scope}/lines/{line}', {
      params: { path: { scope, line: line.id }, header: seen(version) },
      body: line,
    }),
  );
const takeOut = (scope: string, line: string, version: string) =>
  answer(
    api.DELETE('/scopes/{scope}/lines/{line}', { params: { path: { scope, line }, header: seen(version) } }),
  );
const put = (scope: string, line: Schemas['LineDraft'], after?: string) =>
  answer(
    api.POST('/scopes/{scope}/lines', {
      params: { path: { scope }, query: after === undefined ? {} : { after } },
      body: line,
    }),
  );

/** One after the other, up to the first that fails: what was done before it is not forgotten. */
export async function each<One, Done>(
  things: One[],
  act: (one: One) => Promise<Done>,
): Promise<{ did: Done[]; failed: unknown }> {
  const did: Done[] = [];
  for (const one of things) {
    try {
      did.push(await act(one));
    } catch (error) {
      return { did, failed: error };
    }
  }
  return { did, failed: null };
}

/** Writes lines of a scope; each write can be taken back from wherever somebody goes next. */
export function useLines() {
  const client = useQueryClient();
  const done = useDone();
  const conflict = ref<Conflict | null>(null);
  const refused = ref<unknown>(null);
  const readAnew = () => client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'session' });

  const add = useMutation({
    mutationFn: ({ scope, line }: { scope: string; line: Schemas['LineDraft']; said: string }) =>
      put(scope, line),
    onSuccess: async (kept, { scope, said }) => {
      done.tell({
        said: `Added: ${said}`,
        undo: async () => {
          await takeOut(scope, kept.id, kept.version);
          await readAnew();
        },
      });
      await readAnew();
    },
  });

  /** Writes lines over those that were seen; where one is another by now, both are shown. */
  const change = useMutation({
    mutationFn: ({
      scope,
      lines,
    }: {
      scope: string;
      lines: { before: Line; after: Line; version: string }[];
    }) =>
      each(lines, async ({ before, after, version }) => {
        try {
          return { before, now: await write(scope, after, version) };
        } catch (error) {
          const theirs = (isChangedMeanwhile(error) ? (error as ApiProblem).problem.present : undefined) as
            Kept | undefined;
          if (!theirs) throw error;
          conflict.value = { scope, mine: after, theirs };
          return null;
        }
      }),
    onSuccess: async ({ did, failed }, { scope }) => {
      refused.value = failed;
      const kept = did.filter((one) => one !== null);
      if (kept.length) {
        done.tell({
          said: `Written: ${counted(kept.length, 'line')}`,
          undo: async () => {
            for (const { before, now } of kept) await write(scope, before, now.version);
            await readAnew();
          },
        });
      }
      await readAnew();
    },
  });

  /** Takes lines out; taken back, each stands where it stood. */
  const erase = useMutation({
    mutationFn: ({
      scope,
      lines,
    }: {
      scope: string;
      lines: { line: Line; version: string; after: string }[];
    }) =>
      each(lines, async (one) => {
        await takeOut(scope, one.line.id, one.version);
        return one;
      }),
    onSuccess: async ({ did, failed }, { scope }) => {
      refused.value = failed;
      if (did.length) {
        done.tell({
          said: `Taken out: ${counted(did.length, 'line')}`,
          undo: async () => {
            for (const { line, after } of did) await put(scope, line, after);
            await readAnew();
          },
        });
      }
      await readAnew();
    },
  });

  return {
    add,
    change,
    erase,
    conflict,
    /** Why not all was written; what was written before can be taken back. */
    refused,
    /** Mine over theirs, with theirs having been seen. */
    insist: ({ scope, mine, theirs }: Conflict) => {
      conflict.value = null;
      change.mutate({ scope, lines: [{ before: without(theirs), after: mine, version: theirs.version }] });
    },
  };
}
