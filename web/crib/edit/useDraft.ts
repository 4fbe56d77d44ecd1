import { StorageSerializers, useSessionStorage } from '@vueuse/core';
import { computed, shallowRef, type Ref } from 'vue';
import type { Draft } from './paths';

/** So many steps can be gone back within a draft. */
const MOST = 200;

interface Kept {
  draft: Draft;
  /** Version of the thing when it was begun; null for a new one. */
  version: string | null;
}

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/**
 * A thing while it is changed and not yet written: steps back and forth, and kept with the page, so that neither a reload nor a
 * session that ended loses it.
 *
 *   const { draft, change } = useDraft(key, seen);
 *   change(withValue(draft.value, 'name', 'Snips'));
 */
export function useDraft(key: Ref<string>, seen: Ref<{ thing: Draft; version: string | null } | null>) {
  const kept = useSessionStorage<Kept | null>(key, null, {
    serializer: StorageSerializers.object,
    shallow: true,
  });
  const back = shallowRef<Draft[]>([]);
  const forth = shallowRef<Draft[]>([]);
  let coalesced: string | null = null;

  const draft = computed<Draft | null>(() => kept.value?.draft ?? seen.value?.thing ?? null);
  const isChanged = computed(() => kept.value !== null && !same(kept.value.draft, seen.value?.thing ?? null));
  /** Of the thing as it was when the draft was begun. */
  const version = computed(() => kept.value?.version ?? seen.value?.version ?? null);

  function put(next: Draft): void {
    kept.value = { draft: next, version: version.value };
  }

  /** What goes on under one name (a drag, typing in one field) is one step. */
  function change(next: Draft, name: string | null = null): void {
    const now = draft.value;
    if (now === null || same(now, next)) return;
    if (name === null || name !== coalesced) back.value = [...back.value, now].slice(-MOST);
    coalesced = name;
    forth.value = [];
    put(next);
  }

  function step(from: Ref<Draft[]>, to: Ref<Draft[]>): void {
    const next = from.value.at(-1);
    if (!next || draft.value === null) return;
    to.value = [...to.value, draft.value];
    from.value = from.value.slice(0, -1);
    coalesced = null;
    put(next);
  }

  return {
    draft,
    isChanged,
    version,
    change,
    settle: () => (coalesced = null),
    undo: () => step(back, forth),
    redo: () => step(forth, back),
    canUndo: computed(() => back.value.length > 0),
    canRedo: computed(() => forth.value.length > 0),
    /** Leaves what was seen as it is. */
    drop: () => {
      kept.value = null;
      back.value = forth.value = [];
      coalesced = null;
    },
    /** The draft goes on over what is there by now. */
    rebase: (over: string) => {
      if (kept.value) kept.value = { ...kept.value, version: over };
    },
  };
}
