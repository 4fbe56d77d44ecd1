import type { Schemas } from '@/api/client';

/** What a piece of an entry was taken for. */
export const meaningWords: Record<Schemas['EntryToken']['means'], string> = {
  quantity: 'terminations',
  wire: 'wire',
  terminal: 'terminal',
  wireB: 'second wire',
  wet: 'in the wet',
  place: 'place',
  noMains: 'no mains',
  access: 'access',
  midSpan: 'opened in mid-span',
  housing: 'in a housing',
  movable: 'can be brought',
  prep: 'strands prepared',
  sleeve: 'sleeve',
  stud: 'stud',
  torque: 'torque',
  ambient: 'temperature',
  wiresInBarrel: 'wires in the barrel',
};

/** A stretch of an entry as it is shown. */
export interface Part {
  from: number;
  text: string;
  kind: 'token' | 'unknown' | 'asked' | 'plain';
  token: Schemas['EntryToken'] | null;
}

/** The whole text in stretches: what was taken for something, what is asked, what was not understood, and what is between. */
export function partsOf(text: string, entry: Schemas['Entry']): Part[] {
  const letters = [...text];
  const marked = [
    ...entry.unknown.map((piece) => ({ ...piece, kind: 'unknown' as const, token: null })),
    ...entry.questions.map((piece) => ({ ...piece, kind: 'asked' as const, token: null })),
    ...entry.tokens.map((token) => ({ ...token, kind: 'token' as const, token })),
  ]
    .filter(({ from, to }) => to > from)
    .sort((one, other) => one.from - other.from || one.to - other.to);
  const parts: Part[] = [];
  let at = 0;
  const plain = (to: number) => {
    const between = letters.slice(at, to).join('').trim();
    if (between) parts.push({ from: at, text: between, kind: 'plain', token: null });
  };
  for (const { from, to, kind, token } of marked) {
    // A word that was not understood may stand within a piece that was: it is told by itself, behind it.
    if (from >= at) plain(from);
    parts.push({ from: from >= at ? from : from + 0.5, text: letters.slice(from, to).join(''), kind, token });
    at = Math.max(at, to);
  }
  plain(letters.length);
  return parts;
}

/**
 * Where a piece of a text that was read stands by now: what was written meanwhile may have moved it. Null where its words stand there no
 * more, or more than once.
 */
export function whereNow<Piece extends { from: number; to: number }>(
  piece: Piece,
  read: string,
  now: string,
): Piece | null {
  if (read === now) return piece;
  const words = [...read].slice(piece.from, piece.to).join('');
  const at = words === '' ? -1 : now.indexOf(words);
  if (at < 0 || now.includes(words, at + 1)) return null;
  const from = [...now.slice(0, at)].length;
  return { ...piece, from, to: from + [...words].length };
}

/** The text with one of the candidates, as it is called, in place of what is asked. */
export function answered(text: string, question: Schemas['EntryQuestion'], called: string): string {
  const letters = [...text];
  const before = letters.slice(0, question.from).join('');
  const after = letters.slice(question.to).join('');
  const glue = question.from === question.to && before !== '' && !before.endsWith(' ') ? ' ' : '';
  return `${before}${glue}${called}${after}`;
}

/** What a candidate is called in a text: its name, unless another of them has the same. */
export function calledAmong(
  { about, candidates }: Schemas['EntryQuestion'],
  id: string,
  { wires, terminals }: Schemas['Entry']['names'],
): string {
  const names = about === 'terminal' ? terminals : wires;
  const name = names[id];
  return name === undefined || candidates.some((other) => other !== id && names[other] === name) ? id : name;
}

/** Why an entry cannot be added yet; null when it can. Of a splice one end alone is made only where somebody says so. */
export function whatIsOpen(entry: Schemas['Entry'], isOneEnd = false): string | null {
  if (entry.questions.length) return entry.questions.map(({ text }) => text).join(' ');
  if (entry.unknown.length) {
    return `Not understood: ${entry.unknown.map(({ text }) => `“${text}”`).join(', ')}. Take it out or write it otherwise.`;
  }
  if (entry.line === null) return 'There is no wire or no terminal yet.';
  return entry.wantsSecond && !isOneEnd ? 'Which wire is at the other end of the splice?' : null;
}
