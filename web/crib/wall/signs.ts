import type { Thing } from '@/data/wall';

export type Sign = Thing['sign'];

/** What is seen first of a thing, what asks most of somebody first; each with its word and what it means. */
export const signs: { sign: Sign; word: string; means: string }[] = [
  { sign: 'overdue', word: 'Overdue', means: 'Out, and its day to come back has gone' },
  { sign: 'past', word: 'Past', means: 'Something without which it does not count was not done in time' },
  { sign: 'held', word: 'Held back', means: 'A pull was under what it must hold, and nobody has cleared it' },
  { sign: 'out', word: 'Out', means: 'Somebody has it' },
  { sign: 'soon', word: 'Due soon', means: 'Something is to be done within 30 days' },
  { sign: 'watch', word: 'Watched', means: 'Good still, and looked at more often' },
  { sign: 'seldom', word: 'Seldom', means: 'For what must not be perfect: it covers as a makeshift only' },
  { sign: 'retired', word: 'Out of service', means: 'Used for nothing any more' },
  { sign: 'not-yet', word: 'To come', means: 'It was not bought yet on that day' },
  { sign: 'in', word: 'In', means: 'It is where it belongs, and good' },
];

export const wordOf = (sign: Sign): string => signs.find((one) => one.sign === sign)?.word ?? sign;

/** The shape of each, around its own origin, 10 wide; the shape says it, the colour repeats it. */
export const shapes: Record<Sign, { path: string; isFilled?: boolean }> = {
  overdue: { path: 'M-5 4.5L0 -5L5 4.5ZM0 -1.6V1.4M0 2.6V3.2' },
  past: { path: 'M-4.5 -4.5H4.5V4.5H-4.5ZM-4.5 -4.5L4.5 4.5' },
  held: { path: 'M-4.5 -4.5H4.5V4.5H-4.5ZM-4.5 0H4.5' },
  out: { path: 'M-5 0H4M0.5 -4L4.5 0L0.5 4' },
  soon: { path: 'M-4 -5H4L-4 5H4Z' },
  watch: {
    path: 'M-5 0A6.2 6.2 0 0 1 5 0A6.2 6.2 0 0 1 -5 0ZM-0.9 0A0.9 0.9 0 1 1 0.9 0A0.9 0.9 0 1 1 -0.9 0',
  },
  seldom: { path: 'M0 -5L5 0L0 5L-5 0Z' },
  retired: { path: 'M-4.2 -4.2L4.2 4.2M4.2 -4.2L-4.2 4.2' },
  'not-yet': { path: 'M-4.5 0H-2.5M-1 0H1M2.5 0H4.5' },
  in: { path: 'M0 -2.6A2.6 2.6 0 1 1 0 2.6A2.6 2.6 0 1 1 0 -2.6Z', isFilled: true },
};
