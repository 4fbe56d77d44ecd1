import type { Schemas } from '@/api/client';

/** The words that part wire and terminal, as the reader of entries knows them. */
const PARTS = /→|⟶|-+>|=+>|>|\b(?:into|to|in|onto|on)\b/iu;

/** One side of an entry: the words for its wire or terminal, and where they stand, counted in characters. */
export interface Side {
  about: 'wire' | 'terminal';
  words: string;
  from: number;
  to: number;
  /** What was said beside it of the line ("wet"), which stays whatever becomes of its words. */
  rest?: string[];
}

const length = (text: string) => [...text].length;

/** The words of the first part of a side, without how many. */
function sideOf(about: Side['about'], text: string, offset: number): Side {
  const first = text.split(/[,;+]/u)[0] ?? '';
  const many =
    /^\s*(?:\d+\s*(?:×|\*|x(?!\p{L})|pcs\.?)\s*|\d+\s+(?=\p{L}{3}|\d)(?!awg|gauge|kcmil|mcm|sqmm|qmm))?/iu.exec(
      first,
    )?.[0] ?? '';
  const words = first.slice(many.length).trim();
  const from = offset + length(many);
  return { about, words, from, to: from + length(words) };
}

/** Both sides of an entry; one that is turned round ("ferrules on H05V-K") has its terminal first. */
export function sidesOf(text: string): Side[] {
  const part = PARTS.exec(text);
  const before = part ? text.slice(0, part.index) : text;
  const isTurned = /^on/iu.test(part?.[0] ?? '');
  const first = sideOf(isTurned ? 'terminal' : 'wire', before, 0);
  if (!part) return [first];
  const start = part.index + part[0].length;
  const after = text.slice(start);
  const blank = /^\s*/u.exec(after)?.[0] ?? '';
  return [
    first,
    sideOf(
      isTurned ? 'wire' : 'terminal',
      after.slice(blank.length),
      length(text.slice(0, start)) + length(blank),
    ),
  ];
}

/** The side that is being written and for which nothing stands yet; null where both are known. */
export function sideToComplete(text: string, entry: Schemas['Entry'] | undefined): Side | null {
  const side = sidesOf(text).at(-1);
  const isKnown =
    entry?.tokens.some(({ means }) => means === side?.about) ||
    // What is asked has its candidates already.
    entry?.questions.some(({ about, candidates }) => about === side?.about && candidates.length);
  return side && side.words.length > 1 && !isKnown ? side : null;
}

/** Read of a side beside its wire or terminal; a stud may tell which one it is. */
const ITS_OWN = ['wire', 'terminal', 'wireB', 'stud'];

/** The same without what was understood of the line. */
function withoutConditions(text: string, side: Side, entry: Schemas['Entry']): Side {
  const conditions = entry.tokens.filter(
    ({ from, to, means }) => from >= side.from && to <= side.to && !ITS_OWN.includes(means),
  );
  if (!conditions.length) return side;
  const letters = [...text];
  for (const { from, to } of conditions) letters.fill(' ', from, to);
  return {
    ...side,
    words: letters.slice(side.from, side.to).join('').replace(/\s+/gu, ' ').trim(),
    rest: conditions.map((one) => one.text),
  };
}

/** The sides that were not understood at all: the shop has nothing that is called so. */
export function missingSides(text: string, entry: Schemas['Entry']): Side[] {
  const missing = sidesOf(text).filter(
    ({ about, words, from, to }) =>
      words !== '' &&
      !entry.tokens.some(({ means }) => means === about) &&
      !entry.questions.some((question) => question.about === about && question.candidates.length) &&
      entry.unknown.some((piece) => piece.from < to && piece.to > from),
  );
  return missing.map((side) => withoutConditions(text, side, entry));
}

/** The text with other words for a side. */
export function withSide(text: string, side: Side, words: string): string {
  const letters = [...text];
  const said = [words, ...(side.rest ?? [])].join(', ');
  return [...letters.slice(0, side.from), said, ...letters.slice(side.to)].join('');
}
