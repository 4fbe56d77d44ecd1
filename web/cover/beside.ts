import type { Beside } from '@/data/beside';
import { judgedWords, rowsOf, type LineRow } from '@/lines/reading';
import { counted } from '@/shared/pretty';

/* Two kits on one scope, as the page tells it. */

/** A line with what each of the kits makes of it. */
export interface LineOfTwo extends LineRow {
  whose: Beside['whose'][string];
  /** How the one and the other do it. */
  of: { status: LineRow['report']['status']; words: string }[];
}

export function linesOf(beside: Beside, first: 'gauge' | 'metric'): LineOfTwo[] {
  const { reports, kits, ...things } = beside;
  const [report, other] = reports;
  if (!report || !other || !kits[0]) return [];
  const byId = new Map(other.lines.map((line) => [line.id, line]));
  return rowsOf({ ...things, report }, first).flatMap((row) => {
    const there = byId.get(row.id);
    const whose = beside.whose[row.id];
    if (!there || !whose) return [];
    const of = [row.report, there].map((line) => ({ status: line.status, words: judgedWords(line) }));
    return [{ ...row, whose, of }];
  });
}

/** What one alone makes and what neither does, each in a few words; what is none is not told. */
export function toldOf({ sums, kits }: Beside): { key: keyof Beside['sums']; text: string }[] {
  const [one, other] = kits.map(({ name }) => name);
  const made = (key: keyof Beside['sums']) => counted(sums[key].terminations, 'termination');
  const words: [keyof Beside['sums'], string][] = [
    ['one', `${one} alone makes ${made('one')}`],
    ['other', `${other} alone makes ${made('other')}`],
    ['one-better', `${one} makes ${made('one-better')} properly, ${other} as a makeshift`],
    ['other-better', `${other} makes ${made('other-better')} properly, ${one} as a makeshift`],
    ['both', `both make ${made('both')} alike`],
    ['neither', `neither makes ${made('neither')}`],
  ];
  return words.filter(([key]) => sums[key].lines > 0).map(([key, text]) => ({ key, text }));
}

/** The verdict in one sentence: which of the two does more. */
export function verdictOf({ sums, kits }: Beside): string {
  const [one, other] = kits.map(({ name }) => name);
  const [more, less] = [sums.one.terminations, sums.other.terminations];
  if (more === 0 && less === 0) {
    const [better, worse] = [sums['one-better'].terminations, sums['other-better'].terminations];
    if (sums.both.lines === 0 && better === 0 && worse === 0) return 'Neither makes any of it';
    return better || worse ? 'Both make the same, but not equally well' : 'Both make the same';
  }
  if (less === 0) return `${one} makes all that ${other} makes, and ${counted(more, 'termination')} more`;
  if (more === 0) return `${other} makes all that ${one} makes, and ${counted(less, 'termination')} more`;
  return `Each makes what the other cannot: ${one} ${counted(more, 'termination')}, ${other} ${less}`;
}
