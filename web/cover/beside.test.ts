import { expect, it } from 'vitest';
import type { Beside } from '@/data/beside';
import { coverage } from '@/lines/coverage.fixture';
import { linesOf, toldOf, verdictOf } from './beside';

function beside(of: Partial<Record<keyof Beside['sums'], number>>): Beside {
  const { report, ruler, scope, lines, wires, terminals, tools } = coverage();
  const other = {
    ...report,
    lines: report.lines.map((line) => ({
      ...line,
      ...(line.id === 'good' ? { status: 'makeshift' as const } : {}),
    })),
  };
  const sum = (key: keyof Beside['sums']) => ({ lines: of[key] ? 1 : 0, terminations: of[key] ?? 0 });
  return {
    ruler,
    scope,
    lines,
    wires,
    terminals,
    tools,
    kits: [
      { id: 'bag', name: 'Bag' },
      { id: 'van', name: 'Van' },
    ],
    reports: [report, other],
    whose: { good: 'one-better', open: 'neither', bad: 'neither', splice: 'both' },
    sums: {
      both: sum('both'),
      one: sum('one'),
      other: sum('other'),
      'one-better': sum('one-better'),
      'other-better': sum('other-better'),
      neither: sum('neither'),
    },
    away: [[], []],
  };
}

it('reads each line with what both make of it', () => {
  expect(
    linesOf(beside({}), 'gauge').map(({ id, whose, of }) => [id, whose, of.map(({ words }) => words)]),
  ).toEqual([
    ['good', 'one-better', ['covered', 'Makeshift: ']],
    ['open', 'neither', ['No tool: crimp', 'No tool: crimp']],
    ['bad', 'neither', ['The terminal does not take solid wire.', 'The terminal does not take solid wire.']],
    expect.arrayContaining(['splice', 'both']),
  ]);
});

it.each([
  [{ both: 4, neither: 3 }, 'Both make the same'],
  [{ both: 4, 'one-better': 2 }, 'Both make the same, but not equally well'],
  [{ 'other-better': 2 }, 'Both make the same, but not equally well'],
  [{ neither: 3 }, 'Neither makes any of it'],
  [{ one: 5, both: 1 }, 'Bag makes all that Van makes, and 5 terminations more'],
  [{ other: 1 }, 'Van makes all that Bag makes, and 1 termination more'],
  [{ one: 5, other: 2 }, 'Each makes what the other cannot: Bag 5 terminations, Van 2'],
])('says which of them does more: %o', (sums, sentence) => {
  expect(verdictOf(beside(sums))).toBe(sentence);
});

it('tells what one alone makes, what one makes better, what both and what neither; nothing of what is none', () => {
  expect(
    toldOf(beside({ one: 5, other: 1, 'one-better': 2, 'other-better': 3, both: 7, neither: 9 })),
  ).toEqual([
    { key: 'one', text: 'Bag alone makes 5 terminations' },
    { key: 'other', text: 'Van alone makes 1 termination' },
    { key: 'one-better', text: 'Bag makes 2 terminations properly, Van as a makeshift' },
    { key: 'other-better', text: 'Van makes 3 terminations properly, Bag as a makeshift' },
    { key: 'both', text: 'both make 7 terminations alike' },
    { key: 'neither', text: 'neither makes 9 terminations' },
  ]);
  expect(toldOf(beside({ both: 7 })).map(({ key }) => key)).toEqual(['both']);
});
