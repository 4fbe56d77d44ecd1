import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import { useFolds } from './useFolds';

beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined }));
  localStorage.clear();
  setActivePinia(createPinia());
});

const ruler = {
  ticks: [],
  lanes: ['cut', 'strip', 'lug'].map((name) => ({ name, bars: [] })),
  drops: [
    { marks: { cut: 'covered', strip: 'makeshift', lug: 'covered' } },
    { marks: { cut: 'covered', lug: 'hole' } },
  ],
} as unknown as Schemas['Ruler'];
const names = ({ lanes }: Schemas['Ruler']) => lanes.map(({ name }) => name);
const folds = (isWritten: boolean) =>
  useFolds(
    () => ruler,
    () => 'bag',
    () => isWritten,
  );

it('is down to its lanes with a hole at a press, and remembers it', () => {
  const first = folds(true);
  expect([first.isSmall.value, names(first.ruledBy(ruler))]).toEqual([false, ['cut', 'strip', 'lug']]);
  first.shrink();
  const next = folds(true);
  expect([next.isSmall.value, names(next.ruledBy(ruler))]).toEqual([true, ['lug']]);
  expect(next.ruledBy(ruler).drops).toEqual(ruler.drops);
});

it('stays whole where nothing is written below it', () => {
  folds(true).shrink();
  const read = folds(false);
  expect([read.isSmall.value, names(read.ruledBy(ruler))]).toEqual([null, ['cut', 'strip', 'lug']]);
});

it('folds covered lanes as long as there is something else to look at', () => {
  const { isFolded, fold, foldAll, folds: all } = folds(false);
  expect([isFolded.value('cut'), all.value]).toEqual([true, true]);
  fold('cut');
  expect([isFolded.value('cut'), isFolded.value('lug')]).toEqual([false, true]);
  foldAll();
  expect([isFolded.value('cut'), all.value]).toEqual([false, false]);
});
