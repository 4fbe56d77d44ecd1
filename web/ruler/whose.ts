import type { Schemas } from '@/api/client';

/* Whose a thing is on the ruler of two kits: the letters they go by there, and the words. */

type Whose = Schemas['Whose'];

export const LETTERS = ['A', 'B'] as const;

/** The letters of the kits that do it alone, or better than the other; none where both do it alike or neither does. */
export function lettersOf(whose: readonly Whose[] | undefined): string {
  const of = (letter: string, ...cases: Whose[]) => (whose?.some((one) => cases.includes(one)) ? letter : '');
  return of(LETTERS[0], 'one', 'one-better') + of(LETTERS[1], 'other', 'other-better');
}

/** Whether some of it is done by one of them alone, and not only better. */
export const isAlone = (whose: readonly Whose[] | undefined): boolean =>
  whose?.some((one) => one === 'one' || one === 'other') ?? false;

/** In words, of what is not done alike by both. */
export function whoseWords(whose: readonly Whose[] | undefined): string {
  const words: Record<Whose, string | null> = {
    both: null,
    one: `${LETTERS[0]} alone`,
    other: `${LETTERS[1]} alone`,
    'one-better': `${LETTERS[0]} better`,
    'other-better': `${LETTERS[1]} better`,
    neither: 'neither',
  };
  return (whose ?? []).flatMap((one) => words[one] ?? []).join(', ');
}
