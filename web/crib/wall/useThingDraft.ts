import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch, type Ref } from 'vue';
import { answer, api, changeOf, type Schemas } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import { omit } from '@/shared/omit';

export type ThingDraft = Schemas['AssetDraft'];

/** The tag that follows another: "CR-09" is followed by "CR-10"; one without a number at its end by nothing. */
export function tagAfter(tag: string): string {
  const [, stem, digits] = /^(.*?)(\d+)$/.exec(tag) ?? [];
  return stem === undefined || digits === undefined
    ? ''
    : `${stem}${String(Number(digits) + 1).padStart(digits.length, '0')}`;
}

/** A thing as it is written: one that there is, as it was seen, or a new one. */
export function useThingDraft(tag: Ref<string | null>) {
  const seen = useQuery({
    ...shopQuery(['thing', 'assets', tag], (signal) =>
      api.GET('/assets/{id}', { params: { path: { id: tag.value ?? '' } }, signal }),
    ),
    enabled: () => tag.value !== null,
    staleTime: 0,
    gcTime: 0,
  });
  const draft = ref<Record<string, unknown>>({});
  /** Of the one that was seen when the draft was begun: what others write meanwhile neither takes its place nor is written over. */
  const begunOn = ref<string | null>(null);
  watch(
    seen.data,
    (thing) => {
      if (!thing || begunOn.value !== null) return;
      draft.value = omit(thing, 'version');
      begunOn.value = thing.version;
    },
    { immediate: true },
  );
  const isKnown = computed(() => tag.value === null || begunOn.value !== null);

  /** What is empty is not said. */
  const put = (key: string, value: unknown): void => {
    const rest = omit(draft.value, key);
    draft.value = value === undefined || value === '' ? rest : { ...rest, [key]: value };
  };
  const version = () => ({ 'If-Match': `"${begunOn.value ?? ''}"` });
  const body = (id: string) => ({ ...draft.value, id }) as ThingDraft;

  return {
    draft,
    put,
    isKnown,
    seen,
    write: () =>
      tag.value === null
        ? api.POST('/assets', { body: body((draft.value.id as string | undefined) ?? '') })
        : api.PUT('/assets/{id}', {
            params: { path: { id: tag.value }, header: version() },
            body: body(tag.value),
          }),
    takeAway: async () => {
      const gone = await api.DELETE('/assets/{id}', {
        params: { path: { id: tag.value ?? '' }, header: version() },
      });
      await answer(Promise.resolve(gone));
      return changeOf(gone.response);
    },
  };
}
