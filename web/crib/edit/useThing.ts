import { useMutation, useQuery } from '@tanstack/vue-query';
import { computed, shallowRef, watch, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { answer, api, changeOf, ApiProblem, isChangedMeanwhile, problemOf } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import { useLastChange } from '@/data/lines';
import { useTool, type ThingList } from '@/data/things';
import { useUndo } from '@/frame/useUndo';
import { useSession } from '@/session/useSession';
import { clock } from '@/shared/format';
import { omit } from '@/shared/omit';
import { refusal } from '@/shared/refusal';
import type { Draft } from './paths';
import { listRoute, thingRoute } from './routes';
import { useDraft } from './useDraft';

/** What can be drawn: wires, terminals, tools, and the kits of its tools. */
export type DraftList = ThingList | 'kits';

/** What is drawn where nothing is yet. */
const begun: Record<DraftList, Draft> = {
  wires: { name: '', size: '12 AWG', construction: 'stranded', insulation: 'pvc' },
  terminals: { name: '', class: 'insulated', size: '16-14 AWG / 1.5-2.5 mm2' },
  tools: { name: '', kind: 'other', capabilities: [] },
  kits: { name: '', tools: [] },
};

/**
 * A wire, terminal, tool or kit from what the shop has of it to what is written: its draft, who has changed it meanwhile, and how it is
 * written over, left, or taken away.
 *
 * @param id null for one that is made
 */
export function useThing(list: Ref<DraftList>, id: Ref<string | null>) {
  const router = useRouter();
  const undo = useUndo();
  const { person } = useSession();
  const hasCosts = computed(() => person.value?.maySetUpTheShop ?? false);

  /** What tools cost is not for everybody: who may not see it sees the tool as the list has it. */
  const tool = useTool(computed(() => (list.value === 'tools' ? id.value : null)));
  const query = useQuery({
    ...shopQuery(['thing', list, id], (signal) =>
      api.GET(`/${list.value}/{id}` as '/tools/{id}', { params: { path: { id: id.value ?? '' } }, signal }),
    ),
    enabled: () => id.value !== null && (list.value !== 'tools' || hasCosts.value),
  });
  const seen = computed<{ thing: Draft; version: string | null } | null>(() => {
    if (id.value === null) return { thing: begun[list.value], version: null };
    if (query.data.value)
      return { thing: omit(query.data.value, 'version'), version: query.data.value.version };
    return !hasCosts.value && tool.value
      ? { thing: tool.value.tool as unknown as Draft, version: null }
      : null;
  });
  const key = computed(() => `gondrik.draft.${person.value?.id}.${list.value}.${id.value ?? '+'}`);
  const { draft, isChanged, version, change, settle, drop, rebase, ...steps } = useDraft(key, seen);

  /** Others have changed it since the draft was begun. */
  const isStale = computed(
    () => isChanged.value && id.value !== null && seen.value !== null && version.value !== seen.value.version,
  );
  const last = useLastChange(computed(() => (isStale.value ? `${list.value}/${id.value}` : null)));
  const whoChanged = computed(() => {
    const entry = last.data.value?.data[0];
    return entry
      ? `${entry.by ?? 'Somebody'} changed it at ${clock(entry.at)}`
      : 'Somebody has changed it meanwhile';
  });

  const name = computed(() => (draft.value?.name as string | undefined) ?? '');

  const write = useMutation({
    mutationFn: async (over: string | null = null) => {
      const body = draft.value as never;
      const written =
        id.value === null
          ? await api.POST(`/${list.value}` as '/tools', { body })
          : await api.PUT(`/${list.value}/{id}` as '/tools/{id}', {
              params: { path: { id: id.value }, header: { 'If-Match': `"${over ?? version.value}"` } },
              body,
            });
      const kept = await answer(Promise.resolve(written));
      return { kept, change: changeOf(written.response), isNew: id.value === null };
    },
    onSuccess: async ({ kept, change: number, isNew }) => {
      drop();
      if (isNew) await router.replace(thingRoute(list.value, kept.id));
      await undo.did(number, `${isNew ? 'Made' : 'Written'}: ${kept.name}`);
    },
    onError: (error) => {
      if (isChangedMeanwhile(error)) void query.refetch();
    },
  });
  const takeAway = useMutation({
    mutationFn: async () => {
      const gone = await api.DELETE(`/${list.value}/{id}` as '/tools/{id}', {
        params: { path: { id: id.value ?? '' }, header: { 'If-Match': `"${seen.value?.version}"` } },
      });
      await answer(Promise.resolve(gone));
      return changeOf(gone.response);
    },
    onSuccess: async (number) => {
      const said = `Taken away: ${name.value}`;
      drop();
      await router.push(listRoute(list.value));
      await undo.did(number, said);
    },
  });
  watch([list, id], () => {
    write.reset();
    takeAway.reset();
  });

  /** What the server refused when it was written, until something else is drawn; then what it says of the draft. */
  const refused = shallowRef<{ draft: Draft | null; problems: { path: string; expected: string }[] }>({
    draft: null,
    problems: [],
  });
  watch(write.error, (error) => {
    const found = error instanceof ApiProblem ? (error.problem.problems ?? []) : [];
    refused.value = { draft: draft.value, problems: found };
  });
  /** Of the draft as it stands. */
  const problems = computed(() => (refused.value.draft === draft.value ? refused.value.problems : []));
  const failure = computed(() => {
    const error = write.error.value ?? takeAway.error.value;
    if (!error || isChangedMeanwhile(error) || (write.error.value && refused.value.draft !== draft.value))
      return null;
    return refusal(problemOf(error));
  });

  function mine(): void {
    if (seen.value?.version) {
      rebase(seen.value.version);
      write.mutate(seen.value.version);
    }
  }

  return {
    query,
    tool,
    seen,
    draft,
    name,
    isChanged,
    isStale,
    whoChanged,
    change,
    settle,
    drop,
    ...steps,
    write,
    takeAway,
    mine,
    problems,
    failure,
  };
}
