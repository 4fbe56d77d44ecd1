import { computed, nextTick, ref, type Ref } from 'vue';

/** What the tab key can stand on, in the order of its lane. */
export interface Stop {
  lane: string;
  key: string;
}

/**
 * One stop of the tab key in each lane, however many ends there are in it: it stands where the focus was last, else on the first.
 * Ctrl and the arrows go on to the next end of the lane, for the arrows alone move the end itself.
 *
 *   const { stopAt, onKey } = useLaneStops(root, () => stops);  <rect v-bind="stopAt(lane, key)" @keydown="onKey" />
 */
export function useLaneStops(root: Ref<HTMLElement | null>, stops: () => Stop[]) {
  const last = ref<Record<string, string>>({});
  const keysOf = computed(() => {
    const lanes = new Map<string, string[]>();
    for (const { lane, key } of stops()) lanes.set(lane, [...(lanes.get(lane) ?? []), key]);
    return lanes;
  });
  const standing = (lane: string) => {
    const keys = keysOf.value.get(lane) ?? [];
    const was = last.value[lane];
    return was !== undefined && keys.includes(was) ? was : keys[0];
  };

  return {
    stopAt: (lane: string, key: string) => ({
      tabindex: standing(lane) === key ? 0 : -1,
      'data-stop': key,
      onFocus: () => (last.value = { ...last.value, [lane]: key }),
    }),
    async onKey(event: KeyboardEvent): Promise<void> {
      const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
      const at = (event.target as Element).getAttribute('data-stop');
      const lane = stops().find(({ key }) => key === at)?.lane;
      if (!event.ctrlKey || step === undefined || lane === undefined) return;
      event.preventDefault();
      event.stopPropagation();
      const keys = keysOf.value.get(lane) ?? [];
      const next = keys[keys.indexOf(at ?? '') + step];
      if (next === undefined) return;
      last.value = { ...last.value, [lane]: next };
      await nextTick();
      [...(root.value?.querySelectorAll<HTMLElement>('[data-stop]') ?? [])]
        .find((one) => one.dataset.stop === next)
        ?.focus();
    },
  };
}
