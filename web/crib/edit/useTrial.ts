import { shallowRef, watch, type Ref } from 'vue';
import { answer, api, ApiProblem, type Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import type { Draft } from './paths';

interface Trials {
  wires: Schemas['WireTrial'];
  terminals: Schemas['TerminalTrial'];
  tools: Schemas['ToolTrial'];
}

/** What dragging changes: all else of a draft is its shape. */
const SIZES = ['size', 'single', 'multi', 'proven', 'solid', 'stranded'];
const shapeOf = (draft: Draft) =>
  JSON.stringify(draft, (key, value: unknown) => (SIZES.includes(key) ? typeof value : value));

/**
 * What a draft would be to the rest of the shop, while somebody drags: one request at a time, and after it one for what the draft
 * has become since. What was answered last stays until the next answer; what is wrong with the draft is told instead.
 */
export function useTrial<List extends keyof Trials>(
  list: List,
  draft: Ref<Draft | null>,
  units: Ref<Units>,
  /** Which thing it is a draft of: never is one judged by the answer for another. */
  about: Ref<string>,
) {
  const trial = shallowRef<Trials[List]>();
  const problems = shallowRef<{ path: string; expected: string }[]>([]);
  const isOut = shallowRef(false);
  let isAsking = false;
  let isBehind = false;
  /** Of the last draft that nothing was wrong with. */
  let sound: string | null = null;

  async function ask(): Promise<void> {
    if (draft.value === null) return;
    if (isAsking) {
      isBehind = true;
      return;
    }
    isAsking = true;
    const shape = shapeOf(draft.value);
    const asked = about.value;
    try {
      const tried = await answer(
        api.POST(`/trials/${list}` as '/trials/tools', {
          params: { query: { ...units.value, ...(shape === sound ? { shape: 'known' as const } : {}) } },
          body: draft.value as Schemas['ToolDraft'],
        }),
      );
      if (asked !== about.value) return;
      trial.value = tried as Trials[List];
      problems.value = [];
      isOut.value = false;
      sound = shape;
    } catch (error) {
      if (asked !== about.value) return;
      problems.value = error instanceof ApiProblem ? (error.problem.problems ?? []) : [];
      isOut.value = problems.value.length === 0;
    } finally {
      isAsking = false;
      if (isBehind) {
        isBehind = false;
        void ask();
      }
    }
  }
  watch(about, () => {
    trial.value = undefined;
    problems.value = [];
    sound = null;
  });
  watch([draft, units], () => void ask(), { immediate: true });

  return { trial, problems, isOut };
}
