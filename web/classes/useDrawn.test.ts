import { nextTick, ref } from 'vue';
import { beforeEach, expect, it } from 'vitest';
import type { ClassDraft } from '@/data/classes';
import { useDrawn } from './useDrawn';

beforeEach(() => sessionStorage.clear());

const at = (person: string, from: number) => ({ person, exercise: 'cut', station: 'bench', from });
const kept = (more: Partial<ClassDraft> = {}): ClassDraft => ({
  id: 'day-one',
  name: 'Day one',
  people: ['ada', 'bo'],
  stations: ['bench'],
  exercises: ['cut'],
  ...more,
});

it('draws what is proposed as long as nothing is kept, then what is kept', () => {
  const of = ref<ClassDraft | null>(null);
  const { draft, isDrawn } = useDrawn(of, ref([at('ada', 10)]));
  expect(draft.value).toBeNull();
  of.value = kept();
  expect([draft.value?.timetable, draft.value?.away]).toEqual([[at('ada', 10)], []]);
  of.value = kept({ timetable: [at('bo', 5)], away: [{ person: 'bo' }] });
  expect([draft.value?.timetable, draft.value?.away]).toEqual([[at('bo', 5)], [{ person: 'bo' }]]);
  expect(isDrawn.value).toBe(false);
});

it('goes back step by step to what is kept', () => {
  const { draft, isDrawn, move, change, stepBack } = useDrawn(
    ref(kept({ timetable: [at('ada', 0), at('bo', 20)] })),
    ref([]),
  );
  move('ada/cut', { from: 5 });
  change({ timetable: [at('ada', 5), at('bo', 40)], away: [{ person: 'bo', until: '08:40' }] });
  move('ada/cut', { from: 10 });
  expect([draft.value?.timetable, draft.value?.away]).toEqual([
    [at('ada', 10), at('bo', 40)],
    [{ person: 'bo', until: '08:40' }],
  ]);
  stepBack();
  expect(draft.value?.timetable[0]?.from).toBe(5);
  stepBack();
  expect([draft.value?.timetable, draft.value?.away]).toEqual([[at('ada', 5), at('bo', 20)], []]);
  stepBack();
  expect([isDrawn.value, draft.value?.timetable[0]?.from]).toEqual([false, 0]);
});

it('draws each class by itself, and has it still when the page comes back', async () => {
  const of = ref<ClassDraft | null>(kept({ timetable: [at('ada', 0)] }));
  const { draft, isDrawn, move, letGo } = useDrawn(of, ref([]));
  move('ada/cut', { from: 5 });
  of.value = kept({ id: 'day-two', timetable: [at('ada', 30)] });
  expect([isDrawn.value, draft.value?.timetable[0]?.from]).toEqual([false, 30]);
  of.value = kept({ timetable: [at('ada', 0)] });
  expect([isDrawn.value, draft.value?.timetable[0]?.from]).toEqual([true, 5]);
  await nextTick();
  const again = useDrawn(of, ref([]));
  expect(again.draft.value?.timetable[0]?.from).toBe(5);
  letGo();
  expect([isDrawn.value, draft.value?.timetable[0]?.from]).toEqual([false, 0]);
});

it('lets go of what was drawn on a timetable that is no longer kept', () => {
  const of = ref<ClassDraft | null>(kept({ timetable: [at('ada', 0)] }));
  const { draft, isDrawn, move } = useDrawn(of, ref([]));
  move('ada/cut', { from: 5 });
  of.value = kept({ timetable: [at('ada', 45)] });
  expect([isDrawn.value, draft.value?.timetable[0]?.from]).toEqual([false, 45]);
});
