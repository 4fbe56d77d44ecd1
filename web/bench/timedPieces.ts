/*
 * Pieces timed one after the other: when each was done, in milliseconds of any clock. A piece that went wrong is begun again, and the time
 * that was lost on it counts for none.
 */

/** So many pieces make a mean. */
export const PIECES = 10;

export interface Watch {
  /** Since when the piece in hand is made; null while nothing runs. */
  since: number | null;
  /** How long each piece took, in ms. */
  pieces: number[];
}

export const still = (): Watch => ({ since: null, pieces: [] });

/** Starts, or says that the piece in hand is done; with the last one it stands still. */
export function pressed({ since, pieces }: Watch, now: number): Watch {
  if (since === null) return pieces.length < PIECES ? { since: now, pieces } : { since, pieces };
  const done = [...pieces, now - since];
  return { since: done.length < PIECES ? now : null, pieces: done };
}

/** The piece in hand is begun again; while nothing runs the last one is forgotten. */
export function again({ since, pieces }: Watch, now: number): Watch {
  return since === null ? { since, pieces: pieces.slice(0, -1) } : { since: now, pieces };
}

/** It is enough: the piece in hand does not count. */
export const enough = ({ pieces }: Watch): Watch => ({ since: null, pieces });

/** Seconds for all pieces, to a tenth; never nothing. */
export const seconds = ({ pieces }: Watch): number =>
  Math.max(Math.round(pieces.reduce((sum, of) => sum + of, 0) / 100) / 10, 0.1);

/** Seconds for one piece, to a tenth; null while there is none. */
export const mean = (watch: Watch): number | null =>
  watch.pieces.length ? Math.round((10 * seconds(watch)) / watch.pieces.length) / 10 : null;
