import { computed, type Ref } from 'vue';
import type { Schemas } from '@/api/client';
import { writeLog, type Happened, type Thing } from '@/data/wall';
import { useWrite } from '@/frame/useWrite';
import { counted } from '@/shared/pretty';
import { useSession } from '@/session/useSession';

/** Writes down what happens to some things: all of it or nothing, told with its undo. */
export function useHandling(things: Ref<Thing[]>, after: () => void) {
  const { person } = useSession();
  const named = computed(() => {
    const [first] = things.value;
    return things.value.length === 1 && first ? first.tag : counted(things.value.length, 'thing');
  });
  const write = useWrite({
    ask: ({ entry }: { entry: Happened; words: string }) =>
      writeLog(things.value.map(({ tag }) => ({ ...entry, asset: tag }))),
    said: ({ words }) => `${named.value}: ${words}`,
    // What has happened is voided by the lead.
    mayTakeBack: () => person.value?.role === 'lead',
    after,
  });
  const happened = (entry: Happened, words: string) => write.mutate({ entry, words });

  return {
    named,
    isPending: write.isPending,
    problem: write.problem,
    mayArrange: computed(() => person.value?.maySetUpTheShop ?? false),
    isLead: computed(() => person.value?.role === 'lead'),
    giveOut: (
      to: { person: string } | { kit: string } | { text: string },
      name: string,
      due: string | null,
    ) => happened({ what: 'out', to, ...(due ? { due } : {}) }, `given to ${name}`),
    comeBack: () => happened({ what: 'back' }, 'came back'),
    find: ({ text, condition }: Schemas['Wall']['findings'][number]) =>
      happened({ what: 'condition', condition, note: text }, text.toLowerCase()),
    lookedAt: () =>
      happened({ what: 'condition', condition: 'good', note: 'First check' }, 'looked at, and good'),
    good: () => happened({ what: 'condition', condition: 'good' }, 'good again'),
    done: (due: string, certificate: string) =>
      happened({ what: 'done', due, ...(certificate ? { certificate } : {}) }, `${due} done`),
    failed: (due: string) => happened({ what: 'done', due, result: 'fail' }, `${due} failed`),
    move: (to: string | null, name: string) => happened({ what: 'moved', to }, `moved to ${name}`),
    pulled: (members: Record<string, unknown>, many: number) =>
      happened({ what: 'pull', ...members }, `${counted(many, 'pull')} written down`),
    clear: (note: string) => happened({ what: 'cleared', note }, 'cleared'),
  };
}
