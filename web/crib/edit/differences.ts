import { words } from '@/shared/pretty';
import { asWritten } from '@/shared/refusal';

/** A place at which two writings of one thing differ, in words. */
export interface Difference {
  title: string;
  mine: string;
  theirs: string;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;

const told = (value: unknown) => (value === undefined ? '–' : asWritten(value));

/** "capabilities/0/size" is the size of the first capability: "capability 1, size". */
const oneOf = (list: string) => list.replace(/ies$/, 'y').replace(/s$/, '');
const titleOf = (path: string[]) =>
  path
    .map((key, at) => {
      if (/^\d+$/.test(key)) return null;
      const next = path[at + 1];
      const word = words(key.replace(/([A-Z])/g, ' $1').toLowerCase());
      return next !== undefined && /^\d+$/.test(next) ? `${oneOf(word)} ${Number(next) + 1}` : word;
    })
    .filter(Boolean)
    .join(', ');

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
  return [{ title: titleOf(path), mine: told(mine), theirs: told(theirs) }];
}
