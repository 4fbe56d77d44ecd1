/*
 * How wide a text stands, as the browser sets it. Where nothing can be drawn (tests), by the mean width of a letter.
 */

/** What is written on the ruler: names in the running face, figures in the tabular one. */
export type Face = 'name' | 'figure';

const faces: Record<Face, { font: string; letter: number }> = {
  name: { font: "10.5px 'Archivo Variable', system-ui, sans-serif", letter: 5.4 },
  figure: { font: "11px 'IBM Plex Mono', monospace", letter: 6.6 },
};

const pencil = typeof OffscreenCanvas === 'undefined' ? null : new OffscreenCanvas(1, 1).getContext('2d');
const known = new Map<string, number>();

/** Width in pixels. */
export function widthOf(text: string, face: Face): number {
  const key = `${face} ${text}`;
  let width = known.get(key);
  if (width === undefined) {
    if (pencil) pencil.font = faces[face].font;
    width = pencil ? pencil.measureText(text).width : text.length * faces[face].letter;
    known.set(key, width);
  }
  return width;
}

/** What was measured before the typefaces were there is measured anew. */
export function forgetWidths(): void {
  known.clear();
}

/** As much of a text as there is room for, with an ellipsis where something is left out; null where nothing would be readable. */
export function cutTo(text: string, room: number, face: Face): string | null {
  if (widthOf(text, face) <= room) return text;
  let letters = text.length - 1;
  while (letters > 3 && widthOf(`${text.slice(0, letters).trimEnd()}…`, face) > room) letters--;
  return letters > 3 ? `${text.slice(0, letters).trimEnd()}…` : null;
}
