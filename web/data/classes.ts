import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

/* Classes: who comes, what is done at which station, and the timetable that is kept. */

export type ClassKept = Schemas['SessionKept'];
export type ClassDraft = Schemas['SessionDraft'];
export type Appointment = NonNullable<ClassDraft['timetable']>[number];
export type Away = NonNullable<ClassDraft['away']>[number];
export type Course = Schemas['Course'];
export type Slot = Schemas['Slot'];
export type Conflict = Schemas['Conflict'];
export type Rotation = Schemas['Rotation'];

export const useClasses = () =>
  useQuery(
    shopQuery(['classes'], (signal) => api.GET('/sessions', { params: { query: { most: 200 } }, signal })),
  );

export const useClass = (id: Ref<string>) =>
  useQuery(
    shopQuery(['class', id], (signal) =>
      api.GET('/sessions/{id}', { params: { path: { id: id.value } }, signal }),
    ),
  );

/** What a timetable is like that is drawn: who waits, and what is wrong with it. While the next one is asked the last stays. */
export const useCourse = (draft: Ref<ClassDraft | null>) =>
  useQuery({
    ...shopQuery(['course', draft], (signal) =>
      api.POST('/trials/sessions', { body: bodyOf(draft.value), signal }),
    ),
    enabled: () => draft.value !== null,
    placeholderData: keepPreviousData,
  });

/** The shortest timetable of a class, whatever it keeps. */
export const useShortest = (draft: Ref<ClassDraft | null>) =>
  useQuery({
    ...shopQuery(['rotation', draft], (signal) =>
      api.POST('/trials/sessions/rotation', { body: bodyOf(draft.value), signal }),
    ),
    enabled: () => draft.value !== null,
  });

/** What one place more at some stations is worth. */
export const useWorth = (draft: Ref<ClassDraft | null>, stations: Ref<readonly string[]>) =>
  useQuery({
    ...shopQuery(['worth', draft, stations], (signal) =>
      api.POST('/trials/sessions/worth', {
        params: { query: { more: stations.value.join(',') } },
        body: bodyOf(draft.value),
        signal,
      }),
    ),
    enabled: () => draft.value !== null && stations.value.length > 0,
  });

/** Planned anew from some minutes after the start on; what has begun stays. */
export const planAnew = (body: ClassDraft, now: number): Promise<Rotation> =>
  answer(api.POST('/trials/sessions/rotation', { params: { query: { now } }, body }));

/** Makes a class, or writes over the one that was seen. */
export const writeClass = (body: ClassDraft, seen: { id: string; version: string } | null) =>
  seen === null
    ? api.POST('/sessions', { body })
    : api.PUT('/sessions/{id}', {
        params: { path: { id: seen.id }, header: { 'If-Match': `"${seen.version}"` } },
        body,
      });

const bodyOf = (draft: ClassDraft | null): ClassDraft =>
  draft ?? { name: '', people: [], stations: [], exercises: [] };

/** What a class is made of, by its name: the first two hundred of a list. */
export const useNamed = (list: 'people' | 'stations' | 'exercises') =>
  useQuery(
    shopQuery(['named', list], (signal) =>
      api.GET(`/${list}` as '/people', { params: { query: { most: 200 } }, signal }),
    ),
  );

export const namePerson = (name: string) => api.POST('/people', { body: { name } });
