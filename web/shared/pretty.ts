/** The dash of a range; the hyphen of a standard or of a wire code is none. */
const RANGE = /(?<=[\d\s])(?<!(?:IEC|DIN|MIL-STD) ?\d+|M\d+\/[\d-]+)-(?=\d+(\.\d+)?(\/0)?( |$|\.))/g;

/** Text of the API for the eye: mm2 with its raised figure, ranges with a dash of their own. */
export function pretty(text: string): string {
  return text.replaceAll(/\bmm2\b/g, 'mm²').replaceAll(RANGE, '–');
}

/** The same for running text: a figure is not parted from its unit at the end of a row. */
export function prose(text: string): string {
  return pretty(text).replaceAll(/(?<=\d) (?=(?:mm²|mm|N·m|N|AWG|in)\b|mm²|°C|%)/g, '\u00a0');
}

/** A thing in words: strip-sheath is "strip sheath", noMains is "no mains". */
export function words(id: string): string {
  return id.replaceAll('-', ' ').replaceAll(/(?<=[a-z])[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

/** 1 line, 2 lines. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** As a name stands on its own: wires are "Wires". */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** How much there is of something: pieces, or of a tube mm; from a metre on metres. */
export const piecesOf = (many: number, unit: 'pieces' | 'mm'): string =>
  unit === 'pieces' ? String(many) : many >= 1000 ? `${Number((many / 1000).toFixed(2))} m` : `${many} mm`;
