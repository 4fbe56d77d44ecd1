/** What is taken of a row, in pixels. */
export interface Row {
  taken: [number, number][];
}

export const isFree = (row: Row | undefined, from: number, to: number) =>
  !row || row.taken.every(([start, end]) => to <= start || from >= end);

/** The first row from which on each of these fits into its own, counted from there; it is taken. */
export function placeInto(rows: Row[], wanted: number, from: number, to: number, gap = 4): number {
  let first = 0;
  while (!Array.from({ length: wanted }).every((_, row) => isFree(rows[first + row], from - gap, to + gap))) {
    first++;
  }
  for (let row = 0; row < wanted; row++) (rows[first + row] ??= { taken: [] }).taken.push([from, to]);
  return first;
}
