import type { CellValue } from './columns';

/*
 * Cells as a spreadsheet exchanges them: rows by line ends, cells by tabs, and what holds either of them in quotation marks.
 */

function quoted(value: CellValue): string {
  const text = value === null ? '' : String(value);
  return /[\t\n\r"]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
}

export function toText(cells: CellValue[][]): string {
  return cells.map((row) => row.map(quoted).join('\t')).join('\n');
}

/** Signs of a formula, their full-width sisters, and what a spreadsheet skips before one. */
const taken = /^[=+\-@\t\r\n＝＋－＠]/u;

/** Text for a file that stays what it is where a spreadsheet opens it; a number is one, whatever its sign. */
export function guarded(text: string): string {
  const isNumber = text.trim() !== '' && Number.isFinite(Number(text));
  return taken.test(text) && !isNumber ? `'${text}` : text;
}

/** The cells of a text; the line end after the last row, which spreadsheets write, is no row. */
export function fromText(text: string): string[][] {
  const rows: string[][] = [[]];
  // A cell in quotation marks or a plain one, and what ends it.
  const cell = /(?:"((?:[^"]|"")*)"|([^\t\r\n]*))(\t|\r\n|\n|\r|$)/gy;
  for (let found = cell.exec(text); found; found = cell.exec(text)) {
    rows.at(-1)?.push((found[1]?.replaceAll('""', '"') ?? found[2]) || '');
    if (cell.lastIndex >= text.length && found[3] !== '\t') break;
    if (found[3] !== '\t') rows.push([]);
  }
  return rows;
}
