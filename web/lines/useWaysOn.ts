import type { Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { plannedOf, type Pair } from '@/data/pairs';

/** Where one goes on from a line: the kit as it would be without a tool, and the plan that closes its holes. */
export function useWaysOn(pair: Readonly<Ref<Pair | null>>) {
  const route = useRoute();
  const router = useRouter();

  return {
    /** Cover, as if a tool were not in the kit; the line stays open. */
    suppose(tool: string): void {
      if (!pair.value) return;
      const { with: more, without, ...rest } = pair.value;
      const { line, step } = route.query;
      const added = more?.split(',') ?? [];
      // What was only supposed in the kit is simply gone again.
      const out = added.includes(tool) ? without : [...(without?.split(',') ?? []), tool].join(',');
      void router.push({
        name: 'cover',
        query: {
          ...rest,
          ...(line ? { line, step } : {}),
          with: added.filter((id) => id !== tool).join(',') || undefined,
          without: out,
        },
      });
    },
    plan(fromShelf: readonly string[] = []): void {
      if (pair.value) void router.push({ name: 'plan', query: plannedOf(pair.value, fromShelf) });
    },
  };
}
