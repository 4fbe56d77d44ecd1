import { computed, ref, watch, type Ref } from 'vue';
import type { Appointment, Away, ClassDraft } from '@/data/classes';
import { withMoved } from './timetable';

interface Drawn {
  timetable: Appointment[];
  away: Away[];
}

/**
 * A class as it is drawn on top of what it keeps, step by step, each of which can be gone back: the timetable that it keeps, or as long as
 * it keeps none the one that is proposed.
 */
export function useDrawn(kept: Ref<ClassDraft | null>, proposed: Ref<Appointment[]>) {
  const drawn = ref<Drawn | null>(null);
  const before = ref<(Drawn | null)[]>([]);
  const letGo = (): void => {
    drawn.value = null;
    before.value = [];
  };
  watch(() => kept.value?.id, letGo);

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
    before.value = [...before.value, drawn.value];
    drawn.value = { timetable: to.timetable, away: to.away ?? draft.value?.away ?? [] };
  }

  return {
    draft,
    isDrawn: computed(() => drawn.value !== null),
    change,
    move: (key: string, to: Partial<Pick<Appointment, 'from' | 'station'>>): void =>
      change({ timetable: withMoved(draft.value?.timetable ?? [], key, to) }),
    stepBack(): void {
      drawn.value = before.value.at(-1) ?? null;
      before.value = before.value.slice(0, -1);
    },
    letGo,
  };
}
