import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { noop } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { coverageQuery, isWhole, NO_KIT, type Pair } from './pairs';
import { shopQuery, useShop, SHOP } from './shopQuery';

/* What a kit covers of a scope from day to day. */

type Days = Schemas['CalendarDay'][];

/** From today on, for a year: the days on which something changes. */
export function useCalendar(pair: Ref<Pair>) {
  const asked = computed(() => ({ kit: pair.value.kit ?? '', scope: pair.value.scope ?? '' }));
  return useQuery({
    ...shopQuery(['calendar', asked], (signal) =>
      api.GET('/calendar', { params: { query: { ...asked.value, days: 366 } }, signal }),
    ),
    enabled: () => isWhole(pair.value) && pair.value.kit !== NO_KIT,
  });
}

/** The day since which everything is as on another; that one itself where the calendar does not know. */
export const sameSince = (days: Days | undefined, on: string, to: string | undefined): string =>
  (to !== undefined && on <= to && days?.findLast((day) => day.on <= on)?.on) || on;

/**
 * The pair as it is asked: between two changes every day has the same verdict, so that who draws along the year asks once for each
 * stretch. The kit on paper is asked as it is.
 */
export function useDayAsked(pair: Ref<Pair>): Ref<Pair> {
  const isOfDay = computed<Pair>(() => (pair.value.on ? pair.value : { kit: null, scope: null }));
  const { data: calendar } = useCalendar(isOfDay);
  return computed(() => {
    const { on, ...rest } = pair.value;
    return on ? { ...rest, on: sameSince(calendar.value?.days, on, calendar.value?.to) } : rest;
  });
}

/** Asks for the verdict of days before somebody draws to them. */
export function useDaysAhead(units: Ref<Units>) {
  const client = useQueryClient();
  const shop = useShop();
  return (pair: Pair, days: string[]): void => {
    for (const on of days) {
      const of = { ...pair, on };
      const { queryFn } = coverageQuery(ref(of), units);
      client.query({ queryKey: [SHOP, shop.value, 'coverage', of, units.value], queryFn }).catch(noop);
    }
  };
}
