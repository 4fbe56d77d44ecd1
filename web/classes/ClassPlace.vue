<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { useNow } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { problemOf } from '@/api/client';
import {
  planAnew,
  useClass,
  useCourse,
  useShortest,
  useWorth,
  writeClass,
  type Away,
  type ClassDraft,
} from '@/data/classes';
import FileMenu from '@/frame/FileMenu.vue';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { todayHere } from '@/shared/days';
import { omit } from '@/shared/omit';
import { counted } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';
import WaitBar from '@/shared/WaitBar.vue';
import { conflictWords } from './conflictWords';
import LateForm from './LateForm.vue';
import NowNext from './NowNext.vue';
import PickedSlot from './PickedSlot.vue';
import StationKey from './StationKey.vue';
import TimetableDrawing from './TimetableDrawing.vue';
import { beginOf, clockOf, keptOf, minutesOf, slotsOf, withAway } from './timetable';
import { useDrawn } from './useDrawn';
import WaitList from './WaitList.vue';
import WhatMakesItLast from './WhatMakesItLast.vue';

/** One class: who is when at which station, changed by hand, replanned in its midst, handed out, and on the day now and next. */
const route = useRoute();
const id = computed(() => String(route.params.id));
const { asked, show } = useAddress();
const { person } = useSession();
const maySetUp = computed(() => person.value?.maySetUpTheShop ?? false);
useUndoKeys();

const seen = useClass(id);
const plain = computed<ClassDraft | null>(() => (seen.data.value ? omit(seen.data.value, 'version') : null));
/** The class without what it keeps: what is as short as can be does not hang on that. */
const bare = computed<ClassDraft | null>(() => (plain.value ? omit(plain.value, 'timetable') : null));
const shortest = useShortest(bare);
const keeps = computed(() => (plain.value?.timetable?.length ?? 0) > 0);
const proposed = computed(() => keptOf(shortest.data.value?.course?.slots ?? []));
const { draft, isDrawn, change, move, stepBack, letGo } = useDrawn(plain, proposed);
const looked = useCourse(draft);
const course = computed(() => looked.data.value ?? null);
const slots = computed(() =>
  course.value ? slotsOf(draft.value?.timetable ?? [], course.value.exercises) : [],
);
const begin = computed(() => beginOf(plain.value?.start));
const step = computed(() => plain.value?.slot ?? 5);

/** By the clock on the wall on the day of the class, or as somebody asks in the address. */
const wall = useNow({ interval: 20_000 });
const now = computed(() => {
  const at = asked('at');
  if (at !== null && /^\d\d:\d\d$/.test(at)) return minutesOf(begin.value, at);
  return plain.value?.on === todayHere()
    ? 60 * wall.value.getHours() + wall.value.getMinutes() - begin.value
    : null;
});
/** From when on the rest is planned anew, as it is proposed: from now, while the class goes on. */
const inMidst = computed(() =>
  now.value !== null && now.value > 0 && now.value < (course.value?.length ?? 0) ? now.value : 0,
);
const isNowNext = computed(() => asked('see') === 'now');

const picked = ref<string | null>(null);
const anew = useMutation({
  mutationFn: async ({ away, from }: { away: Away | null; from: number }) => {
    const base = draft.value;
    if (!base) return null;
    const all = away ? withAway(base.away, away) : base.away;
    return { away: all, rotation: await planAnew({ ...base, away: all }, from) };
  },
  onSuccess: (planned) => {
    if (planned?.rotation.course)
      change({ timetable: keptOf(planned.rotation.course.slots), away: planned.away });
  },
});
const planAll = (): void => change({ timetable: proposed.value });

const keep = useWrite({
  ask: () =>
    writeClass(draft.value ?? { name: '', people: [], stations: [], exercises: [] }, seen.data.value ?? null),
  said: () => `Kept: the timetable of ${plain.value?.name ?? 'the class'}`,
  after: letGo,
});

const stations = computed(() => shortest.data.value?.bottleneck?.stations ?? []);
const worth = useWorth(bare, stations);
const said = computed(() => {
  const of = course.value;
  if (!of) return '';
  const end = clockOf(begin.value, of.length);
  const wrong = of.conflicts.length;
  return wrong
    ? `${counted(wrong, 'thing')} in it cannot be so.`
    : `${counted(of.length, 'minute')}: from ${clockOf(begin.value, 0)} to ${end}.`;
});
const sheets = computed(() => {
  const of = `/api/v1/sessions/${id.value}/`;
  return [
    { title: 'A sheet for each person (PDF)', href: `${of}sheets.pdf?sheets=people` },
    { title: 'A sheet for each station (PDF)', href: `${of}sheets.pdf?sheets=stations` },
    ...(plain.value?.on ? [{ title: 'All of it for a calendar (ICS)', href: `${of}calendar.ics` }] : []),
  ];
});
</script>

<template>
  <PlaceFrame
    :title="plain?.name ?? 'Class'"
    look="scroll"
    is-shown
    :error="seen.error.value"
    @retry="seen.refetch()"
  >
    <template #beside>
      <RouterLink class="link" :to="{ name: 'classes' }">Classes</RouterLink>
      <span v-if="plain?.on" class="muted">{{ plain.on }}</span>
      <button type="button" class="link" @click="show({ see: isNowNext ? null : 'now' })">
        {{ isNowNext ? 'The timetable' : 'Now and next' }}
      </button>
      <FileMenu v-if="keeps && !isDrawn" label="Hand out" :files="sheets" />
      <span v-else-if="course" class="muted">Keep it, and it can be handed out.</span>
    </template>
    <WaitBar v-if="!seen.data.value" says="Fetching the class" />
    <p v-else-if="shortest.data.value?.status === 'impossible'" class="bad" role="alert">
      {{ shortest.data.value.reason }}
    </p>
    <WaitBar v-else-if="!keeps && shortest.isPending.value" says="Looking for the shortest timetable" />
    <p v-else-if="looked.error.value" class="bad" role="alert">
      {{ refusal(problemOf(looked.error.value)) }}
    </p>
    <WaitBar v-else-if="!course" says="Looking at the timetable" />
    <NowNext v-else-if="isNowNext" :course :begin :at="now ?? 0" />
    <template v-else>
      <div class="bar">
        <p class="said" :class="{ bad: course.conflicts.length }" role="status">{{ said }}</p>
        <template v-if="maySetUp">
          <v-btn
            v-if="isDrawn || !keeps"
            color="primary"
            variant="flat"
            size="small"
            :loading="keep.isPending.value"
            @click="keep.mutate()"
            >Keep this timetable</v-btn
          >
          <v-btn v-if="isDrawn" variant="text" size="small" @click="stepBack()">One step back</v-btn>
          <v-btn
            v-if="(isDrawn || keeps) && shortest.data.value?.course"
            variant="text"
            size="small"
            @click="planAll()"
            >Plan all of it anew</v-btn
          >
        </template>
      </div>
      <p v-if="keep.problem.value" class="bad" role="alert">{{ refusal(keep.problem.value) }}</p>
      <TimetableDrawing
        :course
        :slots
        :conflicts="course.conflicts"
        :begin
        :step
        :now
        :picked
        :may-move="maySetUp"
        @move="move"
        @pick="picked = $event"
      />
      <StationKey :course />
      <PickedSlot
        v-if="picked && slots.some((slot) => `${slot.person}/${slot.exercise}` === picked)"
        :course
        :slots
        :picked
        :begin
        :step
        :may-move="maySetUp"
        @move="(to) => picked && move(picked, to)"
      />
      <ul v-if="course.conflicts.length || course.undone.length" class="wrong" aria-label="What is wrong">
        <li v-for="(conflict, index) in course.conflicts" :key="index">
          {{ conflictWords(conflict, course, begin) }}
        </li>
        <li
          v-for="undone in course.undone"
          :key="undone.person + undone.exercise"
          :class="{ left: undone.gone }"
        >
          {{ course.people.find((one) => one.id === undone.person)?.name }} does not do “{{
            course.exercises.find((one) => one.id === undone.exercise)?.name
          }}”{{ undone.gone ? ': not there any more' : '' }}.
        </li>
      </ul>
      <LateForm
        v-if="maySetUp"
        :course
        :begin
        :now="inMidst"
        :is-pending="anew.isPending.value"
        @plan="(away, from) => anew.mutate({ away, from })"
      />
      <p v-if="anew.error.value" class="bad" role="alert">{{ refusal(problemOf(anew.error.value)) }}</p>
      <div class="both">
        <WhatMakesItLast
          :rotation="shortest.data.value ?? null"
          :worth="worth.data.value?.worth ?? null"
          :course
          :begin
        />
        <WaitList :course :begin />
      </div>
      <p class="care">
        Eye protection on before anything is cut; nobody tests an edge by finger; hands stay clear of jaws and
        presses. Local codes and whoever is licensed come first.
      </p>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.link {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  border: 0;
  background: none;
  color: var(--copper);
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  min-height: 40px;
}

.said {
  margin: 0;
  font-size: 16px;
  font-weight: 600;
}

.bad,
.wrong li {
  color: var(--hole);
}

.wrong {
  margin: 6px 0;
  padding: 0 0 0 18px;
}

.wrong .left {
  color: var(--muted);
}

.care {
  max-width: 80ch;
  margin: 18px 0 0;
  padding: 6px 12px;
  border-left: 4px solid var(--makeshift);
}

.both {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 22px 48px;
}

@media (width < 900px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
