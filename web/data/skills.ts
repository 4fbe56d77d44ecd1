import { useQuery } from '@tanstack/vue-query';
import { computed, type Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type SkillMatrix = Schemas['SkillMatrix'];
export type SkilledPerson = Schemas['SkilledPerson'];
export type SkillOnDay = Schemas['SkillOnDay'];
export type PersonRecord = Schemas['PersonRecord'];

/** What people can do today, and what the scopes ask for; who may not see others is told of themselves. */
export function useSkills() {
  return useQuery(shopQuery(['skills'], (signal) => api.GET('/skills', { signal })));
}

/** One person: what they can do today, and all that was told and practised. */
export function usePersonRecord(id: Ref<string>) {
  return useQuery(
    shopQuery(['skills', 'person', id], (signal) =>
      api.GET('/people/{id}/skills', { params: { path: { id: id.value } }, signal }),
    ),
  );
}

/** Who is away, and when. */
export interface Absent {
  people: string[];
  from: string;
  to: string;
}

/** What breaks then; asked while somebody is away or a time is named. */
export function useAbsence(of: Ref<Absent | null>) {
  return useQuery({
    ...shopQuery(['skills', 'without', of], (signal) =>
      api.GET('/skills/without', {
        params: {
          query: {
            ...(of.value?.people.length ? { people: of.value.people.join(',') } : {}),
            from: of.value?.from ?? '',
            to: of.value?.to ?? '',
          },
        },
        signal,
      }),
    ),
    enabled: computed(() => of.value !== null),
  });
}
