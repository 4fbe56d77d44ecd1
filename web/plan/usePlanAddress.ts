import { computed } from 'vue';
import type { PlanAsked } from '@/data/plans';
import { useAddress } from '@/frame/useAddress';
import { readAsked, writtenAsked } from './beside';

/** What a plan is asked about, all of it in the address: it can be sent to somebody, and Back takes a step back. */
export function usePlanAddress(known: {
  kits: () => { id: string; tracked?: boolean }[];
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
  /** Of a kit that is kept by its things: what counts then; null as it is packed. */
  const on = computed(() => {
    const day = asked('on');
    const isTracked = known.kits().some(({ id, tracked }) => id === kit.value && tracked);
    return isTracked && day !== null && /^\d{4}-\d{2}-\d{2}$/.test(day) ? day : null;
  });
  /** What is asked where nobody says otherwise: on a day also what the kit has already. */
  const usual = computed(() => (on.value === null ? ['buy'] : ['buy', 'renew', 'call-back']));
  const means = computed(() => (list('means').length ? list('means') : usual.value));
  const budget = computed(() => number('budget'));
  const backups = computed(() => list('backups'));
  const exchanged = computed(() => list('swap'));
  const terms = computed(() => ({
    oneHanded: asked('oneHanded') === '1',
    noMains: asked('noMains') === '1',
    grip: number('grip'),
    span: number('span'),
  }));
  const question = computed<PlanAsked | null>(() => {
    if (scopes.value.length === 0) return null;
    const mass = number('mass');
    const { oneHanded, noMains, grip, span } = terms.value;
    return {
      scopes: scopes.value.join(','),
      ...(kit.value === null ? {} : { kit: kit.value }),
      ...(mass === undefined ? {} : { mass }),
      ...(asked('makeshift') === '1' ? { makeshift: '1' as const } : {}),
      ...(asked('steps') === '1' ? { steps: '1' as const } : {}),
      ...(pinned.value.length ? { with: pinned.value.join(',') } : {}),
      ...(barred.value.length ? { without: barred.value.join(',') } : {}),
      ...(on.value === null ? {} : { on: on.value }),
      ...(means.value.join() === 'buy' ? {} : { means: means.value.join(',') }),
      ...(means.value.includes('borrow') ? { months: number('months') ?? 1 } : {}),
      ...(oneHanded ? { oneHanded: '1' as const } : {}),
      ...(noMains ? { noMains: '1' as const } : {}),
      ...(grip === undefined ? {} : { grip }),
      ...(span === undefined ? {} : { span }),
      ...(backups.value.length ? { backups: backups.value.join(',') } : {}),
      ...(exchanged.value.length ? { swap: exchanged.value.join(',') } : {}),
      ...(asked('rules') === null ? {} : { rules: asked('rules') ?? '' }),
    };
  });
  /** With the budget. */
  const whole = computed<PlanAsked | null>(() =>
    question.value && budget.value !== undefined
      ? { ...question.value, budget: budget.value }
      : question.value,
  );
  const beside = computed(() => readAsked(asked('beside')));
  const toggled = (ids: string[], id: string) =>
    ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id];
  const written = (ids: string[]) => (ids.length ? ids.join(',') : null);

  return {
    kit,
    scopes,
    pinned,
    barred,
    means,
    on,
    budget,
    backups,
    exchanged,
    terms,
    mass: computed(() => number('mass')),
    months: computed(() => number('months') ?? 1),
    takesMakeshift: computed(() => asked('makeshift') === '1'),
    /** Also what closes single steps of lines that stay open. */
    takesSingleSteps: computed(() => asked('steps') === '1'),
    /** All but the budget: the curve is the same whatever it is. */
    question,
    /** With the budget. */
    asked: whole,
    /** Another plan that this one is held against. */
    beside,
    keepBeside: () => whole.value && show({ beside: writtenAsked(whole.value) }),
    /** The other one becomes the one that is asked about. */
    exchangeBeside() {
      if (!beside.value || !whole.value) return;
      const none = Object.fromEntries(Object.keys(whole.value).map((key) => [key, null]));
      show({ ...none, scope: null, ...beside.value, beside: writtenAsked(whole.value) });
    },
    pickKit: (id: string) => show({ kit: id, with: null, without: null, budget: null, swap: null }),
    toggleScope(id: string) {
      const next = toggled(scopes.value, id);
      if (next.length) show({ scopes: next.join(','), scope: null, budget: null });
    },
    /** In any case, or as the plan finds it. */
    pin: (id: string) =>
      show({
        with: written(toggled(pinned.value, id)),
        without: written(barred.value.filter((one) => one !== id)),
      }),
    /** Never, or as the plan finds it. */
    bar: (id: string) =>
      show({
        without: written(toggled(barred.value, id)),
        with: written(pinned.value.filter((one) => one !== id)),
      }),
    /** An operation wants two tools, or one will do. */
    toggleBackup: (of: string) => show({ backups: written(toggled(backups.value, of)) }),
    /** A line is planned with another terminal, or as it stands. */
    exchange: (line: string, terminal: string | null) =>
      show({
        swap: written([
          ...exchanged.value.filter((one) => !one.startsWith(`${line}:`)),
          ...(terminal === null ? [] : [`${line}:${terminal}`]),
        ]),
      }),
    toggleMeans(of: string) {
      const next = toggled(means.value, of);
      show({ means: written(next.length === 0 || next.join() === usual.value.join() ? [] : next) });
    },
    say: show,
  };
}
