import type { Schemas } from '@/api/client';
import type { Pair } from '@/data/pairs';
import type { Answers } from '@/data/rules';
import { changeOf, terminationsOf, type LineRow } from '@/lines/reading';
import { answersRead } from '@/rules/answers';

/* What is supposed of a kit and a scope, as the address holds it, and what comes of it. */

export const idsOf = (text: string | undefined): string[] => text?.split(',').filter(Boolean) ?? [];

/** With one more, or without it; null where none is left. */
export const withId = (text: string | undefined, id: string): string =>
  [...idsOf(text).filter((one) => one !== id), id].join(',');
export const lessId = (text: string | undefined, id: string): string | null =>
  idsOf(text)
    .filter((one) => one !== id)
    .join(',') || null;

/** House rules that are supposed. */
export const rulesOf = (pair: Pair): Answers => answersRead(pair.rules);
export function withRule(pair: Pair, rule: string, value: unknown): string | null {
  const rest = Object.entries(rulesOf(pair)).filter(([key]) => key !== rule);
  const rules = [...rest, ...(value === undefined ? [] : [[rule, value] as const])];
  return rules.length ? JSON.stringify(Object.fromEntries(rules)) : null;
}

export interface Swap {
  /** As the address has it. */
  text: string;
  line: string;
  terminal: string;
}

/** Lines with other terminals. */
export const swapsOf = (pair: Pair): Swap[] =>
  idsOf(pair.swap).flatMap((text) => {
    const found = /^[^/]+\/([^:]+):(.+)$/.exec(text);
    return found ? [{ text, line: found[1] ?? '', terminal: found[2] ?? '' }] : [];
  });
export const withSwap = (pair: Pair, line: string, terminal: string): string =>
  [
    ...swapsOf(pair)
      .filter((one) => one.line !== line)
      .map(({ text }) => text),
    `${pair.scope}/${line}:${terminal}`,
  ].join(',');

export type Turn = NonNullable<LineRow['change']>;

/** What it closes, opens, makes better and worse: lines, and the terminations on them. */
export function turned(
  coverage: Pick<Schemas['Coverage'], 'scope' | 'lines' | 'report' | 'was'>,
): Record<Turn, { lines: number; terminations: number }> {
  const sum = {
    closed: { lines: 0, terminations: 0 },
    opened: { lines: 0, terminations: 0 },
    better: { lines: 0, terminations: 0 },
    worse: { lines: 0, terminations: 0 },
  };
  for (const { id, status } of coverage.report.lines) {
    const turn = changeOf(coverage.was?.lines[id], status);
    if (turn === null) continue;
    sum[turn].lines += 1;
    sum[turn].terminations += terminationsOf(coverage, id);
  }
  return sum;
}

/** Counts in the order in which they are told; what is none is not told, and nothing at all is said so. */
export function turnedWords(sum: ReturnType<typeof turned>): { turn: Turn; text: string }[] {
  const words: Record<Turn, string> = {
    closed: 'closes',
    opened: 'opens',
    better: 'makes better',
    worse: 'makes worse',
  };
  return (['closed', 'opened', 'better', 'worse'] as const).flatMap((turn) => {
    const { lines, terminations } = sum[turn];
    return lines
      ? [{ turn, text: `${words[turn]} ${lines} ${lines === 1 ? 'line' : 'lines'} (${terminations})` }]
      : [];
  });
}
