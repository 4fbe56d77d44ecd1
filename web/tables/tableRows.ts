/* Rows of a table that is looked up: searched and sorted. */

/** Rows in which every word stands somewhere. */
export function found(rows: string[][], words: string): string[][] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return wanted.length === 0
    ? rows
    : rows.filter((row) => {
        const text = row.join(' ').toLowerCase();
        return wanted.every((word) => text.includes(word));
      });
}

/** By one column, numbers as numbers, "12 AWG" by its number; the same rows backwards where asked. */
export function sorted(rows: string[][], column: number, isBackwards: boolean): string[][] {
  const compare = new Intl.Collator('en', { numeric: true }).compare;
  const turned = [...rows].sort((one, other) => compare(one[column] ?? '', other[column] ?? ''));
  return isBackwards ? turned.reverse() : turned;
}
