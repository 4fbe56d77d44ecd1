import { beforeEach, expect, it } from 'vitest';
import { nextTick, ref, shallowRef } from 'vue';
import type { Draft } from './paths';
import { useDraft } from './useDraft';

beforeEach(() => sessionStorage.clear());
const begun = (thing: Draft = { name: 'A' }, version: string | null = 'v1') => {
  const seen = shallowRef<{ thing: Draft; version: string | null } | null>({ thing, version });
  return { seen, ...useDraft(ref('draft'), seen) };
};

it('goes back step by step and forth again; what goes on under one name is one step', () => {
  const one = begun();
  one.change({ name: 'AB' }, 'name');
  one.change({ name: 'ABC' }, 'name');
  one.change({ name: 'ABC', kind: 'press' }, null);
  one.undo();
  expect(one.draft.value).toEqual({ name: 'ABC' });
  one.undo();
  expect(one.draft.value).toEqual({ name: 'A' });
  expect([one.isChanged.value, one.canUndo.value, one.canRedo.value]).toEqual([false, false, true]);
  one.redo();
  one.redo();
  expect(one.draft.value).toEqual({ name: 'ABC', kind: 'press' });
});

it('is one step more after the hand has let go', () => {
  const one = begun();
  one.change({ name: 'B' }, 'drag');
  one.settle();
  one.change({ name: 'C' }, 'drag');
  one.undo();
  expect(one.draft.value).toEqual({ name: 'B' });
});

it('outlives the page, and is dropped when it was written', async () => {
  const one = begun();
  one.change({ name: 'kept' }, null);
  await nextTick();
  const again = begun();
  expect([again.draft.value, again.isChanged.value, again.version.value]).toEqual([
    { name: 'kept' },
    true,
    'v1',
  ]);
  again.drop();
  await nextTick();
  expect(begun().draft.value).toEqual({ name: 'A' });
});

it('follows what others write while it is not changed, and stays what it was begun on when it is', () => {
  const one = begun();
  one.seen.value = { thing: { name: 'theirs' }, version: 'v2' };
  expect([one.draft.value, one.version.value]).toEqual([{ name: 'theirs' }, 'v2']);
  one.change({ name: 'mine' }, null);
  one.seen.value = { thing: { name: 'theirs again' }, version: 'v3' };
  expect([one.draft.value, one.version.value]).toEqual([{ name: 'mine' }, 'v2']);
  one.rebase('v3');
  expect([one.draft.value, one.version.value]).toEqual([{ name: 'mine' }, 'v3']);
});

it('keeps no steps of what was dropped', () => {
  const one = begun();
  one.change({ name: 'B' });
  one.change({ name: 'C' });
  one.undo();
  one.drop();
  expect([one.canUndo.value, one.canRedo.value, one.isChanged.value]).toEqual([false, false, false]);
  one.undo();
  one.redo();
  expect(one.draft.value).toEqual({ name: 'A' });
});

it('has nothing to do again once something else was drawn', () => {
  const one = begun();
  one.change({ name: 'B' });
  one.undo();
  one.change({ name: 'D' });
  expect(one.canRedo.value).toBe(false);
});
