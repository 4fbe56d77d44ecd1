/** Hatches by which stations are told apart, in black and white too: the lines of one tile of 8 by 8. */
export const HATCHES = [
  'M0 8L8 0M-2 2L2 -2M6 10L10 6',
  'M0 4H8',
  'M0 0L8 8M-2 6L2 10M6 -2L10 2',
  'M4 0V8',
  'M0 8L8 0M0 0L8 8',
  'M4 3V5M3 4H5',
  'M0 2H8M2 0V8',
  '',
] as const;

/** Which of them a station has, by its place in the class; its letter tells those with the same one apart. */
export const hatchOf = (index: number): number => index % HATCHES.length;
