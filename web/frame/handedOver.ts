/*
 * A file that was brought to one place and belongs to another (a table where a workbook comes in, rows pasted where one line is
 * written): it goes along with whoever goes there, once.
 */
let file: File | null = null;

export function handOver(one: File): void {
  file = one;
}

/** What was handed over to the place that asks; nothing a second time. */
export function takeHanded(): File | null {
  const one = file;
  file = null;
  return one;
}

/** What a spreadsheet gives out, by its name. */
export const isTable = ({ name }: File): boolean => /\.(csv|tsv|txt|ods|xlsx)$/i.test(name);

/** A whole shop, by its name. */
export const isWorkbook = ({ name }: File): boolean => /\.(json|zip)$/i.test(name);
