import type { Schemas } from '@/api/client';
import { dayWords } from '@/shared/days';

/* Sign-offs that wait for somebody to give them: for the first time, or again. */

export type SignOffWanted = Schemas['SignOffWanted'];

export const wantedWords = ({ why, on, good, tries }: SignOffWanted, today: string): string =>
  why === 'ready'
    ? `ready to be signed off, ${good} of ${tries} good`
    : why === 'lapsed'
      ? `lapsed after ${dayWords(on ?? '', today)}`
      : `lapses after ${dayWords(on ?? '', today)}`;
