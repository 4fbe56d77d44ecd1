/** Millimetres in an inch, by definition (ISO 31-1). */
const INCH = 25.4;

/** A length as people type it, in millimetres: "3,9", "3.9 mm", "0.15 in", 0.15"; null for what is none. */
export function millimetres(text: string): number | null {
  const found = /^\s*(\d+(?:[.,]\d+)?)\s*(mm|in|inch|″|”|")?\s*$/iu.exec(text);
  if (!found) return null;
  const number = Number((found[1] ?? '').replace(',', '.'));
  const isInch = found[2] !== undefined && found[2].toLowerCase() !== 'mm';
  return isInch ? Math.round(number * INCH * 1e4) / 1e4 : number;
}
