import { beforeEach, expect, it } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { useDoneSteps } from './useDoneSteps';

beforeEach(() => localStorage.clear());
const made = (card: string | null) => {
  const of = ref(card);
  return { of, ...(effectScope().run(() => useDoneSteps(of)) as ReturnType<typeof useDoneSteps>) };
};

it('keeps the ticks of each card by itself, on this device', async () => {
  const { of, done, toggle } = made('kit scope a');
  toggle(0);
  toggle(2);
  of.value = 'kit scope b';
  expect([...done.value]).toEqual([]);
  toggle(1);
  of.value = 'kit scope a';
  expect([...done.value]).toEqual([0, 2]);
  toggle(0);
  expect([...done.value]).toEqual([2]);
  await nextTick();
  expect([...made('kit scope b').done.value]).toEqual([1]);
});

it('remembers three hundred cards, and lets the ones go that were ticked first', () => {
  const { of, done, toggle } = made('card 0');
  for (let card = 0; card <= 300; card++) {
    of.value = `card ${card}`;
    toggle(0);
  }
  const isKept = (card: number) => ((of.value = `card ${card}`), done.value.has(0));
  expect([0, 1, 150, 300].map(isKept)).toEqual([false, true, true, true]);
});

it('forgets a card whose ticks are taken back, and ticks nothing without one', () => {
  const { of, done, toggle, clear } = made('a');
  toggle(3);
  clear();
  expect(localStorage.getItem('gondrik.done-steps') ?? '{}').not.toContain('3');
  of.value = null;
  toggle(1);
  expect([...done.value]).toEqual([]);
});
