import { asWritten, placeWords } from '@/shared/refusal';

/** A place at which two writings of one thing differ, in words. */
export interface Difference {
  title: string;
  mine: string;
  theirs: string;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const told = (value: unknown) => (value === undefined ? '–' : asWritten(value));

/**
 * All places at which they differ, each as deep as it goes while both have something there: of two crimpers the third size of the
 * second nest, and not the whole of their nests.
 */
export function differences(mine: unknown, theirs: unknown, path: string[] = []): Difference[] {
  if (JSON.stringify(mine) === JSON.stringify(theirs)) return [];
  if (isObject(mine) && isObject(theirs)) {
    const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
    return [...keys].flatMap((key) => differences(mine[key], theirs[key], [...path, key]));
  }
  return [{ title: placeWords(path), mine: told(mine), theirs: told(theirs) }];
}
