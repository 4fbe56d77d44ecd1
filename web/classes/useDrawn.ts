import { useSessionStorage } from '@vueuse/core';
import { computed, type Ref } from 'vue';
import type { Appointment, Away, ClassDraft } from '@/data/classes';
import { withMoved } from './timetable';

interface Drawn {
  timetable: Appointment[];
  away: Away[];
}

/** What is drawn of one class, and what it was drawn on: where somebody has kept another timetable since, it is let go. */
interface Steps {
  on: string;
  drawn: Drawn | null;
  before: (Drawn | null)[];
}

/**
 * A class as it is drawn on top of what it keeps, step by step, each of which can be gone back: the timetable that it keeps, or as long as
 * it keeps none the one that is proposed. What is drawn outlives the page.
 */
export function useDrawn(kept: Ref<ClassDraft | null>, proposed: Ref<Appointment[]>) {
  const all = useSessionStorage<Record<string, Steps>>('gondrik.drawn', {});
  const id = computed(() => kept.value?.id ?? '');
  const on = computed(() => JSON.stringify(kept.value?.timetable ?? []));
  const steps = computed<Steps>(() => {
    const of = all.value[id.value];
    return of?.on === on.value ? of : { on: on.value, drawn: null, before: [] };
  });
  const drawn = computed(() => steps.value.drawn);
  function letGo(): void {
    all.value = Object.fromEntries(Object.entries(all.value).filter(([of]) => of !== id.value));
  }

  const draft = computed<(ClassDraft & Drawn) | null>(() => {
    if (!kept.value) return null;
    const stands = kept.value.timetable?.length ? kept.value.timetable : proposed.value;
    return {
      ...kept.value,
      timetable: drawn.value?.timetable ?? stands,
      away: drawn.value?.away ?? kept.value.away ?? [],
    };
  });
  function change(to: { timetable: Appointment[]; away?: Away[] }): void {
    const now = { timetable: to.timetable, away: to.away ?? draft.value?.away ?? [] };
    all.value = {
      ...all.value,
      [id.value]: { on: on.value, drawn: now, before: [...steps.value.before, drawn.value] },
    };
  }

  return {
    draft,
    isDrawn: computed(() => drawn.value !== null),
    change,
    move: (key: string, to: Partial<Pick<Appointment, 'from' | 'station'>>): void =>
      change({ timetable: withMoved(draft.value?.timetable ?? [], key, to) }),
    stepBack(): void {
      const { before } = steps.value;
      if (before.length <= 1) letGo();
      else
        all.value = {
          ...all.value,
          [id.value]: { on: on.value, drawn: before.at(-1) ?? null, before: before.slice(0, -1) },
        };
    },
    letGo,
  };
}
