import { computed } from 'vue';
import type { PlanAsked } from '@/api/plans';
import { useAddress } from '@/frame/useAddress';

/** What a plan is asked about, all of it in the address: it can be sent to somebody, and Back takes a step back. */
export function usePlanAddress(known: {
  kits: () => { id: string }[];
  scopes: () => { id: string; archived?: boolean }[];
}) {
  const { asked, show } = useAddress();
  const list = (key: string) => asked(key)?.split(',').filter(Boolean) ?? [];
  const number = (key: string) => {
    const text = asked(key);
    return text !== null && /^\d{1,12}$/.test(text) ? Number(text) : undefined;
  };

  const kit = computed(() => {
    const id = asked('kit');
    if (id === '') return null;
    return id !== null && known.kits().some((one) => one.id === id) ? id : (known.kits()[0]?.id ?? null);
  });
  const scopes = computed(() => {
    const named = list('scopes').filter((id) => known.scopes().some((one) => one.id === id));
    if (named.length) return named;
    const one = asked('scope');
    const open = known.scopes().filter(({ archived }) => !archived);
    return one !== null && known.scopes().some(({ id }) => id === one)
      ? [one]
      : open.slice(0, 1).map(({ id }) => id);
  });
  const pinned = computed(() => list('with'));
  const barred = computed(() => list('without'));
  const means = computed(() => (list('means').length ? list('means') : ['buy']));
  const budget = computed(() => number('budget'));
  const question = computed<PlanAsked | null>(() => {
    if (scopes.value.length === 0) return null;
    const mass = number('mass');
    return {
      scopes: scopes.value.join(','),
      ...(kit.value === null ? {} : { kit: kit.value }),
      ...(mass === undefined ? {} : { mass }),
      ...(asked('makeshift') === '1' ? { makeshift: '1' as const } : {}),
      ...(pinned.value.length ? { with: pinned.value.join(',') } : {}),
      ...(barred.value.length ? { without: barred.value.join(',') } : {}),
      ...(means.value.join() === 'buy' ? {} : { means: means.value.join(',') }),
      ...(means.value.includes('borrow') ? { months: number('months') ?? 1 } : {}),
    };
  });
  const toggled = (ids: string[], id: string) =>
    ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id];
  const written = (ids: string[]) => (ids.length ? ids.join(',') : null);

  return {
    kit,
    scopes,
    pinned,
    barred,
    means,
    budget,
    mass: computed(() => number('mass')),
    months: computed(() => number('months') ?? 1),
    takesMakeshift: computed(() => asked('makeshift') === '1'),
    /** All but the budget: the curve is the same whatever it is. */
    question,
    /** With the budget. */
    asked: computed<PlanAsked | null>(() =>
      question.value && budget.value !== undefined
        ? { ...question.value, budget: budget.value }
        : question.value,
    ),
    pickKit: (id: string) => show({ kit: id, with: null, without: null, budget: null }, 'push'),
    toggleScope(id: string) {
      const next = toggled(scopes.value, id);
      if (next.length) show({ scopes: next.join(','), scope: null, budget: null }, 'push');
    },
    /** In any case, or as the plan finds it. */
    pin: (id: string) =>
      show(
        {
          with: written(toggled(pinned.value, id)),
          without: written(barred.value.filter((one) => one !== id)),
        },
        'push',
      ),
    /** Never, or as the plan finds it. */
    bar: (id: string) =>
      show(
        {
          without: written(toggled(barred.value, id)),
          with: written(pinned.value.filter((one) => one !== id)),
        },
        'push',
      ),
    toggleMeans(of: string) {
      const next = toggled(means.value, of);
      show({ means: written(next.length === 0 || next.join() === 'buy' ? [] : next) });
    },
    say: show,
  };
}
