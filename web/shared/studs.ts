/** Inch studs by the metric ones whose holes are theirs (common practice). */
const INCH: Record<string, number> = {
  '#4': 3,
  '#6': 3.5,
  '#8': 4,
  '#10': 5,
  '1/4': 6,
  '5/16': 8,
  '3/8': 10,
  '1/2': 12,
};

/** mm of a stud as it is written, "M6" or "#10"; undefined where none is, or it is another. */
export const studMm = (stud: string | null | undefined): number | undefined =>
  stud
    ? (INCH[stud] ?? (Number(/^M(\d+(?:[.,]\d)?)$/.exec(stud)?.[1]?.replace(',', '.')) || undefined))
    : undefined;

/** mm of the hole that a stud goes through. */
export const holeMm = (stud: number): number => stud * 1.07;
