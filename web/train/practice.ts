import type { PersonRecord } from '@/data/skills';

/* What somebody practises piece by piece, until it is written down. */

export const GOOD = 'good';
/** A piece that was bad by something no list names. */
export const OTHER = 'other';

export interface PracticeDraft {
  skill: string;
  /** Good, or the code of what was wrong, in the order in which they were made. */
  pieces: string[];
  note: string;
}

const keyOf = (person: string): string => `gondrik.practice.${person}`;

/** Pieces that were looked at cannot be looked at again: they outlive the page. */
export function keptPractice(person: string): PracticeDraft | null {
  try {
    return JSON.parse(sessionStorage.getItem(keyOf(person)) ?? 'null') as PracticeDraft | null;
  } catch {
    return null;
  }
}

export function keepPractice(person: string, draft: PracticeDraft): void {
  if (draft.pieces.length || draft.note.trim()) sessionStorage.setItem(keyOf(person), JSON.stringify(draft));
  else sessionStorage.removeItem(keyOf(person));
}

/** As the log has them: how many, how many good, and the fault of each that was not. */
export function written(draft: PracticeDraft, person: string) {
  const faults = draft.pieces.filter((piece) => piece !== GOOD && piece !== OTHER);
  return {
    what: 'practice',
    person,
    skill: draft.skill,
    tries: draft.pieces.length,
    good: draft.pieces.filter((piece) => piece === GOOD).length,
    ...(faults.length ? { faults } : {}),
    ...(draft.note.trim() ? { note: draft.note.trim() } : {}),
  };
}

type Entry = Record<string, unknown>;

/** Codes with how often they stand there, the most frequent first. */
function often(faults: string[]): [string, number][] {
  const counts = new Map<string, number>();
  for (const code of faults) counts.set(code, (counts.get(code) ?? 0) + 1);
  return [...counts].sort(([, one], [, other]) => other - one);
}

const faultsOf = (of: Entry): string[] => (Array.isArray(of.faults) ? (of.faults as string[]) : []);

/** What was wrong in the practice of one skill that counts, the most frequent first. */
export function faultsSeen(
  record: Pick<PersonRecord, 'entries' | 'faults'>,
  skill: string,
): { text: string; count: number }[] {
  const faults = record.entries
    .filter(({ entry, isVoided }) => !isVoided && (entry as unknown as Entry).skill === skill)
    .flatMap(({ entry }) => faultsOf(entry as unknown as Entry));
  return often(faults).map(([code, count]) => ({ text: textOf(record, skill, code), count }));
}

const textOf = (record: Pick<PersonRecord, 'faults'>, skill: string, code: string): string =>
  record.faults[skill]?.find((fault) => fault.code === code)?.text ?? code;

/** One entry of a record in words: what, and behind it by whom and what was said. */
export function told(
  { entry }: { entry: PersonRecord['entries'][number]['entry'] },
  record: Pick<PersonRecord, 'people' | 'faults'>,
): { title: string; more: string } {
  const of = entry as unknown as Entry;
  const text = (key: string) => (typeof of[key] === 'string' ? of[key] : '');
  const by = record.people.find(({ id }) => id === of.by)?.name ?? '';
  if (of.what === 'practice') {
    const words = often(faultsOf(of)).map(
      ([code, count]) => (count > 1 ? `${count} × ` : '') + textOf(record, text('skill'), code),
    );
    return {
      title: `${String(of.good)} of ${String(of.tries)} good`,
      more: [words.join(' '), text('note'), by && `seen by ${by}`].filter(Boolean).join(' · '),
    };
  }
  const levels: Record<string, string> = {
    shown: 'shown',
    practised: 'told to have practised',
    'signed-off': 'signed off',
    withdrawn: 'sign-off taken back',
  };
  return {
    title: `${levels[text('level')] ?? text('level')}${of.until ? ` until ${text('until')}` : ''}`,
    more: [by && `by ${by}`, text('note')].filter(Boolean).join(' · '),
  };
}

/** How far practice has come towards what the house asks for: 0 to 1. */
export const share = (tries: number, pieces: number): number => Math.min(1, pieces > 0 ? tries / pieces : 1);

/** What was seen, as a first word for who signs off; they write on. */
export function evidence(skill: { tries: number; good: number; lastTen: number | null } | undefined): string {
  if (!skill || skill.tries === 0) return '';
  const last = skill.lastTen === null ? '' : `, ${Math.round(skill.lastTen * 100)} % of the last ten`;
  return `Practice: ${skill.good} of ${skill.tries} good${last}. `;
}
